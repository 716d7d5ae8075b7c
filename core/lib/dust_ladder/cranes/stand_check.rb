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
        looked_at unless out > most
        judge(
          Figure.percent(out, digits: 2),
          Figure.percent(most, :down, digits: 2),
          attention: (rules[:attention, :ground] if rules.climbs?("pads")),
          note:
            both do |system|
              "#{Figure.percent(out, digits: 2).shown(system)} out of level, at most " \
                "#{Figure.percent(most, :down, digits: 2).shown(system)}"
            end
        )
      end

      # A level counts for the day on which it was measured: a night, rain, thaw and the first lift change it (handbook,
      # sections 7 and 15).
      def looked_at
        seen = duty.crane["level_seen"]
        return (duty.on_site? ? caution("look_again", AGAIN) : nil) if seen.nil?

        by = seen["by"].strip
        duty.crane.missing("who measured the level", "level_seen/by") unless by.match?(/[[:alpha:]]/)
        day = measured(seen["at"])
        lift_day = lift.day or raise NotKnown.new("the day of the lift", pointer: Plan.pointer("lift_at"))
        unless day == lift_day
          duty.crane.missing(
            "the level on the day of the lift: it was measured on #{day}, and a night lies between",
            "level_seen/at"
          )
        end
        caution(
          "look_again",
          "Measured by #{by} at #{seen["at"].slice(11, 5)}. Due again after the first lift, after rain or thaw, and " \
            "before any work after #{day}."
        )
      end
      AGAIN =
        "Look at level and ground again after the first lift, after rain, thaw or a night, and at the crew's interval."

      def measured(at)
        DateTime.iso8601(at.to_s).to_date
      rescue Date::Error
        duty.crane.missing("when the level was measured", "level_seen/at")
      end
    end
  end
end
