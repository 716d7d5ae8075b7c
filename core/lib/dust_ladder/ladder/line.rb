module DustLadder
  class Ladder
    # One line of arithmetic: symbol = formula, with its operands as figures, its result and who says so.
    # A line without a formula states a figure that was given or read. `about` names the thing in the
    # drawing that it speaks of, such as leg:0; `group` the part of the rung that it belongs to, if it has parts.
    Line =
      Struct.new(:symbol, :formula, :operands, :result, :source, :about, :group, keyword_init: true) do
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

        # As one writes it down, without its source.
        def words(system = :metric)
          sum = formula ? "#{formula} = #{substituted(system)} = " : ""
          "#{symbol} = #{sum}#{result.shown(system)}"
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
            **Quantity::Systems.words { |system| substituted(system) },
            "operands" => operands.to_h { |name, figure| [ name.to_s, figure.value ] },
            "result" => result.as_json,
            "source" => [ source, rounded_words ].compact.join("; ").then { |words| words.empty? ? nil : words },
            "about" => about,
            "group" => group
          }
        end
      end
  end
end
