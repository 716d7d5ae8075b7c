module DustLadder
  module Ladder
    # One line of arithmetic: symbol = formula, with its operands as figures, its result and who says so.
    # A line without a formula states a figure that was given or read. `about` names the thing in the
    # drawing that it speaks of, such as leg:0; `group` the part of the rung that it belongs to, if it has parts.
    Line =
      Struct.new(:symbol, :formula, :operands, :result, :source, :about, :group, keyword_init: true) do
        NAME = /[A-Za-zα-ω][A-Za-z0-9_α-ω]*/

        # The formula with its numbers put in, in one system of units: with as many digits as a pocket calculator
        # needs to
        # come to the result that is shown.
        def substituted(system)
          return unless formula

          more = digits_needed
          Formula
            .pieces(formula)
            .map do |piece|
              next piece unless piece.is_a?(Symbol) && operands.key?(piece)

              shown = operands[piece].bare(system, more)
              shown.start_with?("−") ? "(#{shown})" : shown
            end
            .join
        end

        # Does the result stand rounded, against the user, from what the formula gives?
        def rounded_words
          unless formula && %i[up down].include?(result.round) && result.value.is_a?(Numeric) && result.value.finite?
            return
          end

          shown = Formula.number(result.bare)
          if (shown - result.value.to_f * (result.unit == :percent ? 100 : 1)).abs > 1e-9 * [ 1.0, shown.abs ].max
            "rounded #{result.round}"
          else
            nil
          end
        end

        # Decimals beside the usual ones that every operand is shown with.
        def digits_needed = @digits_needed ||= MORE.find { |more| adds_up?(more) } || MORE.last
        MORE = [ 0, 1, 2, 3, 4 ].freeze

        def adds_up?(more)
          numbers = operands.transform_values { |figure| Formula.number(figure.bare(:metric, more)) }
          value = Formula.value(formula, numbers)
          return true if value.nil? || !value.finite?

          value /= 100 if result.unit == :percent
          Figure.new(value, result.unit, result.round, result.digits).bare == result.bare
        end

        def as_json(*)
          {
            "symbol" => symbol,
            "formula" => formula,
            "metric" => substituted(:metric),
            "us" => substituted(:us),
            "operands" => operands.to_h { |name, figure| [ name.to_s, figure.value ] },
            "result" => result.as_json,
            "source" => [ source, rounded_words ].compact.join("; ").then { |words| words.empty? ? nil : words },
            "about" => about,
            "group" => group
          }
        end
      end

    # A formula cut into what is shown as it stands (text) and what a number is put in for (symbols).
    module Formula
      MOST = 500
      SIGNS = { "×" => "*", "−" => "-", "²" => "**2", "³" => "**3", "^" => "**", "√" => "Math.sqrt" }.freeze
      CALLS = %w[sin cos tan atan].freeze
      # All that may stand between symbols in what is reckoned; nothing else is ever evaluated.
      ARITHMETIC = %r{\A[\s\d.+\-*/()×−²³^√]*\z}
      @pieces = {}
      @compiled = {}

      def self.pieces(formula)
        @pieces.clear if @pieces.size > MOST
        @pieces[formula] ||= formula
          .split(/(#{NAME})/)
          .each_with_index
          .map { |piece, index| index.odd? ? piece.to_sym : piece }
          .freeze
      end

      # What a shown formula comes to with numbers by symbol; angles in degrees. nil for one that is not arithmetic.
      def self.value(formula, numbers)
        compiled(formula)&.call(numbers)
      rescue Math::DomainError, ZeroDivisionError
        nil
      end

      # A shown number, read back.
      def self.number(text) = text.delete("\u202f\u00a0 ,").tr("−", "-").to_f

      def self.compiled(formula)
        @compiled.clear if @compiled.size > MOST
        return unless pieces(formula).all? { |piece| piece.is_a?(Symbol) || ARITHMETIC.match?(piece) }

        @compiled[formula] ||= begin
          source =
            pieces(formula)
              .map do |piece|
                if piece.is_a?(Symbol)
                  name(piece)
                else
                  piece.gsub(/[×−²³^√]/, SIGNS).gsub(/(?<![\d.])(\d+)(?![\d.])/, '\1.0')
                end
              end
              .join
          eval("lambda { |numbers| #{source} }", binding, __FILE__, __LINE__) # only names, numbers and signs are left
        rescue SyntaxError
          ->(_numbers) { }
        end
      end

      def self.name(symbol)
        return "Math::PI" if symbol == :π
        return "Formula.#{symbol}" if CALLS.include?(symbol.to_s)

        "numbers.fetch(:#{symbol})"
      end

      def self.sin(deg) = Math.sin(deg * Math::PI / 180)
      def self.cos(deg) = Math.cos(deg * Math::PI / 180)
      def self.tan(deg) = Math.tan(deg * Math::PI / 180)
      def self.atan(value) = Math.atan(value) * 180 / Math::PI
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
