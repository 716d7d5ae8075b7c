module DustLadder
  module Cranes
    # Is the gust within what the chart allows, brought down for a load with much sail? (handbook, section 8)
    class WindCheck < Ladder::Check
      ID = "wind"
      LABEL = "Wind"
      FLIGHT = "ground_and_site"
      PER = "crane"

      private

      def examine
        gust = duty.crane.wind.not_negative
        chart =
          duty.crane.limits["wind_m_s"] or
            raise NotKnown.new(
              duty.crane.chosen? ? "the chart gives no limit of wind" : "no chart is chosen",
              pointer: duty.crane.pointer("chart")
            )
        line("c", Figure.speed(chart, :down), source: "#{duty.crane.chart_title}: most wind that its figures allow")
        allowed = [ chart, sail_limit(chart) ].min
        line("v", Figure.speed(gust, :up), source: "gust at the load or the tip")
        pull_line(gust)
        as_high_as_the_tip unless gust > allowed
        caution(
          "wind_reads",
          "Wind is measured at the height of the tip, in gusts. The operator stops sooner whenever the load will not " \
            "stay where it is wanted."
        )
        judge(
          Figure.speed(gust, :up),
          Figure.speed(allowed, :down),
          attention: rules[:attention, :crane],
          note:
            both do |system|
              "#{Figure.speed(gust, :up).shown(system)}, at most #{Figure.speed(allowed, :down).shown(system)}"
            end
        )
      end

      # Is it the gust up there that was measured? Lower down there is less; only where that is too much already need
      # nothing more be known.
      def as_high_as_the_tip
        return unless duty.crane.wind_at.given?

        unless duty.crane.family.respond_to?(:tip_height)
          duty.crane.missing("how high the tip stands is not known of this machine", "wind_at")
        end
        measured, tip = duty.crane.wind_at.positive, duty.highest_tip
        line("a", Figure.m(measured, :down), source: "where that gust was measured, above the crane's ground")
        line("e", Figure.m(tip, :up), source: "the tip at its highest on the way")
        return unless measured < tip - LEVEL_M

        duty.crane.missing("the gust at the tip, which stands higher than where this one was measured", "wind_at")
      end
      # So near it is as high.
      LEVEL_M = 0.5

      # The larger upright face of the load's box, m2; of a load that turns, the largest on the way.
      def sail
        if duty.tandem?
          most = Figure.new(lift.turn.sail_m2, :m2, :up)
          return line("A", most, source: "the largest face to the wind while it turns", about: "load")
        end

        length, width, height = lift.load.size
        line(
          "A",
          Figure.new([ length, width ].max * height, :m2, :up),
          formula: "l × h",
          from: {
            l: Figure.m([ length, width ].max, :up),
            h: Figure.m(height, :up)
          },
          source: "the larger upright face of the load's box",
          about: "load"
        )
      end

      # What such a gust pulls the load with, for those who hold it by tag lines.
      def pull_line(gust)
        length, width, height = lift.load.size
        drag, area = rules[:wind, :drag], duty.tandem? ? lift.turn.sail_m2 : [ length, width ].max * height
        line(
          "T",
          Figure.kg(Site::Wind.force(gust, drag * area) / G, :up),
          formula: "0.613 × v² × k × A / 9.80665",
          from: {
            v: Figure.speed(gust, :up),
            k: Figure.factor(drag),
            A: Figure.new(area, :m2, :up)
          },
          source: "pull of that gust on the load, for the tag lines",
          about: "load"
        )
      end

      # Wind at which this load pulls as much as the chart's own load would at its limit.
      def sail_limit(chart)
        from = {
          c: Figure.speed(chart, :down),
          q: Figure.factor(rules[:wind, :area_per_t]),
          m: Figure.kg(lift.load.least_kg, :down),
          k: Figure.factor(rules[:wind, :drag])
        }
        area = sail
        line("m", from[:m], source: "the low end of its weight, without block and rigging", about: "load")
        line("k", from[:k], source: rules.cite(:wind))
        limit = chart * Math.sqrt(from[:q].value * from[:m].value / 1000 / (from[:k].value * area))
        line(
          "s",
          Figure.speed(limit, :down),
          formula: "c × √(q × m / 1000 / (k × A))",
          from: from.merge(A: Figure.new(area, :m2, :up)),
          source: "chart's limit for a load of this much sail; never more than the chart's own"
        )
      end
    end
  end
end
