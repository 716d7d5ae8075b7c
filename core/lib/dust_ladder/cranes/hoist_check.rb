module DustLadder
  module Cranes
    # Can the hoist rope, in its parts, and the hook block carry what hangs on them? Shows the whole stack
    # of the gross load on its way.
    class HoistCheck < Ladder::Check
      ID = "hoist"
      LABEL = "Gross load"
      FLIGHT = "crane"
      PER = "crane"

      def self.applies?(duty) = !duty.crane.chosen? || duty.crane.family.hoists?

      private

      def examine
        gross = duty.gross
        stack(gross)
        hoist, block = duty.crane.part("hoist"), duty.crane.part("hook_block")
        over = too_many(hoist) and return over

        drum = Drum.of(duty)
        pull = [ drum&.least_pull || hoist["line_pull_kg"], hoist["rope_wll_kg"] ].min
        parts = duty.crane.parts_of_line
        rope = Reeving.capacity(pull, parts, hoist["lead_sheaves"], hoist["efficiency_per_sheave"])
        outcomes = [
          [ "rope", gross.on_rope_kg, rope ],
          [
            "hook block",
            gross.in_hook_kg,
            block["wll_kg"].to_f
          ]
        ]
        outcomes.each { |name, demand, capacity| loaded_part(name, demand, capacity, rules[:attention, :hoist]) }
        subject, demand, capacity = outcomes.max_by { |_, load, limit| load / limit }
        subject == "rope" ? rope_lines(demand, capacity, pull, parts, hoist, drum) : block_lines(demand, capacity)
        judge(
          Figure.kg(demand, :up),
          Figure.kg(capacity, :down),
          attention: rules[:attention, :hoist],
          subject: subject,
          note:
            both do |system|
              "#{Figure.kg(gross.kg, :up).shown(system)} gross; #{parts} part#{"s" if parts > 1} of line"
            end
        )
      end

      # More parts than the block is made for?
      def too_many(hoist)
        parts, most = duty.crane.parts_of_line, hoist["most_parts"]
        if most.nil?
          caution("most_parts", "How many parts of line its block is made for the chart does not say.") if parts > 1
          return
        end
        line("n", Figure.count(parts), source: "parts of line")
        line("most", Figure.count(most), source: "parts that the chart gives at most")
        stop(both("#{parts} parts of line, the chart gives #{most.to_i} at most")) if parts > most
      end

      def stack(gross)
        operands = gross.items.to_h { |item| [ item.symbol.to_sym, Figure.kg(item.kg, :up) ] }
        gross.items.each do |item|
          line(
            item.symbol,
            Figure.kg(item.kg, :up),
            source: "#{item.name}: #{item.source}",
            about: item.name == "the load" ? "load" : "hook"
          )
        end
        line(
          "G",
          Figure.kg(gross.kg, :up),
          formula: operands.keys.join(" + "),
          from: operands,
          source: "gross load, all that hangs from the tip",
          about: "hook"
        )
      end

      def rope_lines(demand, capacity, pull, parts, hoist, drum)
        line("Q", Figure.kg(demand, :up), source: "of it on the hoist rope", about: "hook")
        operands = {
          P: Figure.kg(pull, :down),
          n: Figure.count(parts),
          m: Figure.count(hoist["lead_sheaves"]),
          η: Figure.factor(hoist["efficiency_per_sheave"], :down)
        }
        line(
          "P",
          operands[:P],
          source:
            (
              if drum
                "line pull, the lesser of the rope and of layer #{drum.top_layer} of the drum, where the hook is " \
                  "highest"
              else
                "line pull, the lesser of drum and rope"
              end
            )
        )
        formula = hoist["efficiency_per_sheave"] == 1 ? "P × n" : "P × η^m × (1 − η^n) / (1 − η)"
        line(
          "C",
          Figure.kg(capacity, :down),
          formula: formula,
          from: operands,
          source: "#{parts} part#{"s" if parts > 1} of line, #{hoist["lead_sheaves"].to_i} lead sheave"
        )
        enough = Reeving.least_parts(pull, demand, hoist["lead_sheaves"], hoist["efficiency_per_sheave"], MOST_PARTS)
        line("least", Figure.count(enough), source: "fewest parts of line that hold it, by the rope alone") if enough
      end
      MOST_PARTS = 16

      def block_lines(demand, capacity)
        line("Q", Figure.kg(demand, :up), source: "load and rigging on the hook", about: "hook")
        line("C", Figure.kg(capacity, :down), source: "hook block, as marked")
      end
    end
  end
end
