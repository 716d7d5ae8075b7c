module DustLadder
  class Ladder
    # The lines of one check, in the order they were worked.
    class Working
      def initialize
        @lines = []
        @group = nil
        @later = []
      end

      # All lines, those that were put off too.
      def lines
        @later.shift.call while @later.any?
        @lines
      end

      # Lines of one part of the rung, written by the block when somebody reads them.
      def later(group, &write)
        @later << lambda do
          @group = group
          write.call(self)
          @group = nil
        end
      end

      # Adds `symbol = formula` and gives back the result's number, so that what is shown is what is used.
      def line(symbol, result, formula: nil, from: {}, source: nil, about: nil)
        @lines << Line.new(
          symbol: symbol,
          formula: formula,
          operands: from,
          result: result,
          source: source,
          about: about,
          group: @group
        )
        result.value
      end
    end
  end
end
