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
        off = duty.crane.side_pull.not_negative
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
        line("a", Figure.deg(off, :up), source: "planned pull, from plumb")
        line("m", Figure.deg(limit), source: rules.cite(:side_pull_deg))
        note =
          both do |system|
            "#{Figure.deg(off, :up).shown(system)} from plumb, stops at #{Figure.deg(limit).shown(system)}"
          end
        # A crane's line stops at the very limit; a hoist's may reach it.
        return stop(note) if !hoist && off >= limit - Ladder::Verdict::SLACK

        judge(Figure.deg(off, :up), Figure.deg(limit), note: note)
      end
    end
  end
end
