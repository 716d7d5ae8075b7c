module DustLadder
  class Ladder
    # One sentence in both systems of units, written only when somebody reads it.
    class Sentence
      def initialize(text, write)
        @text = text
        @write = write
      end

      # system: "metric" or "us".
      def [](system) = @text || @write.call(system.to_sym)
      def as_json(*) = Quantity::Systems.words { |system| self[system] }
    end
  end
end
