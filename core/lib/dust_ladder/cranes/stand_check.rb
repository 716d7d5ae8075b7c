module DustLadder
  module Cranes
    # Does the crane stand as level as its chart assumes?
    class StandCheck < Ladder::Check
      ID = "stand"
      LABEL = "Crane level"
      FLIGHT = "ground_and_site"
      PER = "crane"

      # A hoist hangs from its building.
      def self.applies?(duty) = !duty.crane.family?("fixed_hoist")

      private

      def examine
        crane = duty.crane
        out = crane.level.not_negative
        stated = crane.limits["level_percent"]
        most = (stated || rules[:crane_level_percent]) / 100.0
        line("i", Figure.percent(out, digits: 2), source: "out of level, as measured on the machine")
        line(
          "m",
          Figure.percent(most, :down, digits: 2),
          source: stated ? "#{crane.chart_title}: what its figures assume" : rules.cite(:crane_level_percent)
        )
        judge(
          Figure.percent(out, digits: 2),
          Figure.percent(most, :down, digits: 2),
          note:
            both do |system|
              "#{Figure.percent(out, digits: 2).shown(system)} out of level, at most " \
                "#{Figure.percent(most, :down, digits: 2).shown(system)}"
            end
        )
      end
    end
  end
end
