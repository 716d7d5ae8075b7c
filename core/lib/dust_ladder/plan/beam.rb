module DustLadder
  module Plan
    # A beam between hook and legs, where there is one, and what is above it.
    class Beam < Section
      # A sling between hook and beam.
      class Upper < Section
        attr_reader :index

        def initialize(beam, index)
          super(beam.document, *beam.place, "legs", index)
          @index = index
        end

        def name = "upper sling #{index + 1}"
        def sling = self["sling"]
        def long = @long ||= length("the length of #{name}", "length")
      end

      BLANK_UPPER = { "sling" => nil, "length" => nil }.freeze

      def initialize(document) = super(document, "rigging", "beam")

      def legs = @legs ||= self["legs"].to_a.each_index.map { |index| Upper.new(self, index) }
    end
  end
end
