module DustLadder
  module Cranes
    # Does the hoist line hang plumb? A chart is for a plumb line only (handbook, section 6, radius honestly).
    class SidePullCheck < Ladder::Check
      ID = "side_pull"
      LABEL = "Side pull"
      FLIGHT = "crane"
      PER = "crane"

      private

      def examine
        planned = duty.crane.side_pull.not_negative
        off = planned + duty.plumb_deg
        hoist = duty.crane.family?("fixed_hoist")
        limit = rules[:side_pull_deg, hoist ? :fixed_hoist : :stop]
        if off > rules[:side_pull_deg, :caution]
          caution(
            "side_pull",
            both do |system|
              "#{Figure.deg(off, :up).shown(system)} out of plumb: move the crane or the load until the line " \
                "hangs plumb."
            end
          )
        end
        lean(planned, off)
        line("m", Figure.deg(limit), source: rules.cite(:side_pull_deg))
        note =
          both do |system|
            "#{Figure.deg(off, :up).shown(system)} from plumb, stops at #{Figure.deg(limit).shown(system)}"
          end
        # A crane's line stops at the very limit; a hoist's may reach it.
        return stop(note) if !hoist && off >= limit - Ladder::Verdict::SLACK

        judge(Figure.deg(off, :up), Figure.deg(limit), note: note)
      end

      # Of two cranes either may be late, and pull the other's line.
      def lean(planned, off)
        return line("a", Figure.deg(off, :up), source: "planned pull, from plumb") unless duty.tandem?

        from = { b: Figure.deg(planned, :up), c: Figure.deg(duty.plumb_deg, :up) }
        line("b", from[:b], source: "planned pull, from plumb")
        line("c", from[:c], source: "as far as its line may be off plumb while the load turns")
        line("a", Figure.deg(off, :up), formula: "b + c", from: from, source: "from plumb in all")
      end
    end
  end
end
