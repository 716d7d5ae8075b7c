module DustLadder
  module Plan
    # What the slings work in: heat, chemicals, edges, surface.
    class Surroundings < Section
      def initialize(document) = super(document, "rigging", "surroundings")
    end
  end
end
