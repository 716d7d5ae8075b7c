module DustLadder
  module Ladder
    # One line of arithmetic: symbol = formula, with its operands as figures, its result and who says so.
    # A line without a formula states a figure that was given or read. `about` names the thing in the
    # drawing that it speaks of, such as leg:0; `group` the part of the rung that it belongs to, if it has parts.
    Line = Struct.new(:symbol, :formula, :operands, :result, :source, :about, :group, keyword_init: true) do
      NAME = /[A-Za-zα-ω][A-Za-z0-9_α-ω]*/

      # The formula with its numbers put in, in one system of units.
      def substituted(system)
        return unless formula

        Formula.pieces(formula).map { |piece|
          next piece unless piece.is_a?(Symbol) && operands.key?(piece)

          shown = operands[piece].bare(system)
          shown.start_with?("−") ? "(#{shown})" : shown
        }.join
      end

      def as_json(*)
        {
          "symbol" => symbol,
          "formula" => formula,
          "metric" => substituted(:metric),
          "us" => substituted(:us),
          "operands" => operands.to_h { |name, figure| [ name.to_s, figure.value ] },
          "result" => result.as_json,
          "source" => source,
          "about" => about,
          "group" => group
        }
      end
    end

    # A formula cut into what is shown as it stands (text) and what a number is put in for (symbols).
    module Formula
      MOST = 500
      @pieces = {}

      def self.pieces(formula)
        @pieces.clear if @pieces.size > MOST
        @pieces[formula] ||= formula.split(/(#{NAME})/).each_with_index.map { |piece, index|
          index.odd? ? piece.to_sym : piece
        }.freeze
      end
    end

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
