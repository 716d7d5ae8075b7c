module DustLadder
  module Cranes
    # May the crane's hook carry all that hangs in it, as it hangs there: off its bowl's middle, its latch closed, its
    # legs no farther apart than a hook bears, or gathered by a ring that carries them too (handbook, sections 5 and
    # 15). Demand: what hangs in the hook; capacity: its rating, less for a load off its middle.
    class HookCheck < Ladder::Check
      ID = "hook"
      LABEL = "Crane hook"
      FLIGHT = "rigging"
      PER = "crane"

      private

      def examine
        spread = lift.bridle.hook_spread_deg
        legs_apart(spread)
        return stop(spread_words(spread), subject: "legs") if too_far?(spread) && ring.nil?

        kg = duty.in_hook.kg
        wll, source = rating
        factor = off_centre
        if factor.nil?
          return stop(
            both("the load sits past the last share of the way to the tip that the hook is rated at"),
            subject: "hook"
          )
        end

        latch = latched
        return stop(both("the hook has no latch that closes"), subject: "latch") if latch == :stop

        show(kg, wll, factor, source)
        line("Cr", Figure.kg(ring_wll, :down), source: "ring #{ring["what"]}, as marked") if ring
        name, demand, capacity = outcomes(kg, wll * factor).max_by { |_, one, limit| one / limit }
        judge(
          Figure.kg(demand, :up),
          Figure.kg(capacity, :down),
          attention: rules.attention(:hook),
          subject: name,
          note:
            both do |system|
              "#{name}: #{Figure.kg(demand, :up).bare(system)} of #{Figure.kg(capacity, :down).shown(system)}"
            end
        )
      end

      def data = duty.crane.hook
      def ring = data["ring"]
      def most = rules[:hook_included_angle_deg]
      def too_far?(spread) = spread > most + Ladder::Verdict::SLACK

      def spread_words(spread)
        both(
          "legs #{
            Figure.deg(spread, :up)
          } apart in the hook, at most #{most.round}°: gather them in a ring, and name it"
        )
      end

      def legs_apart(spread)
        line("a", Figure.deg(spread, :up), source: "included angle of the outermost legs, at worst", about: "hook")
        line("most", Figure.deg(most), source: rules.cite(:hook_included_angle_deg))
      end

      def outcomes(kg, capacity)
        found = [ [ "hook", kg, capacity ] ]
        found << [ "ring", kg, ring_wll ] if ring
        found.each { |name, demand, limit| loaded_part(name, demand, limit, rules.attention(:hook)) }
      end

      # The hook's rating: a fixed hoist's own, what its block is marked with, or as the plan has it where the chart
      # gives none.
      def rating
        crane = duty.crane
        if crane.chosen? && crane.family?("fixed_hoist")
          return crane.chart_data.dig("fixed_hoist", "wll_kg"), "the hoist's rating"
        end

        kg = crane.chart_data.dig("hook_block", "wll_kg")
        return kg.to_f, "hook block, as marked" if kg

        field = @wll_field ||= duty.crane.field(:mass, "the rating of the crane's hook", "hook", "wll", above: 0)
        [ field.positive, "as marked, by the plan" ]
      end

      # What a load off the bowl's middle leaves of the rating; nil past the last share.
      def off_centre
        field =
          duty.crane.field(
            :share,
            "how far off its bowl the load sits in the crane's hook",
            "hook",
            "off_centre",
            at_least: 0,
            at_most: 1
          )
        Fittings::Bands.factor(rules[:hook_off_centre], field.value)
      end

      def latched
        case data["latch"]
        when "closes"
          :holds
        when "made_without"
          caution(
            "latch",
            "A hook made without a latch: only kinds and duties that a rule set allows, and nothing may go slack in " \
              "it."
          )
        when "missing"
          :stop
        else
          raise NotKnown.new("whether the hook's latch closes is not given", pointer: duty.crane.pointer("hook/latch"))
        end
      end

      def ring_wll
        if ring["what"].to_s.strip.empty?
          raise NotKnown.new("which ring gathers the legs is not given", pointer: duty.crane.pointer("hook/ring/what"))
        end

        (@ring_field ||= duty.crane.field(:mass, "the rating of the ring", "hook", "ring", "wll", above: 0)).positive
      end

      def show(kg, wll, factor, source)
        hung = duty.in_hook.items
        operands = hung.to_h { |item| [ item.symbol.to_sym, Figure.kg(item.kg, :up, digits: 1) ] }
        hung.each { |item| line(item.symbol, operands[item.symbol.to_sym], source: item.name, about: "hook") }
        line(
          "D",
          Figure.kg(kg, :up),
          formula: operands.keys.join(" + "),
          from: operands,
          source: "all that hangs in the hook",
          about: "hook"
        )
        rated, left = Figure.kg(wll, :down), Figure.factor(factor, :down)
        line("R", rated, source: source)
        line("k", left, source: rules.cite(:hook_off_centre))
        line(
          "C",
          Figure.kg(wll * factor, :down),
          formula: "R × k",
          from: {
            R: rated,
            k: left
          },
          source: "where the load sits"
        )
      end
    end
  end
end
