module DustLadder
  module Slings
    # What a school makes of three or four legs by hand, beside how they really hang (handbook, section 3.1). Four legs
    # of a stiff load are never taken as four: by the school as three, and by its diagonals as two. Demand: the
    # school's tension on the leg that is used farthest; capacity: that leg's rating.
    class SharingCheck < Ladder::Check
      ID = "sharing"
      LABEL = "Leg count"
      FLIGHT = "rigging"
      OF_SLINGS = true

      def self.applies?(lift) =
        lift.beam.nil? && (lift.legs.size > 2 || lift.rigging.pairs.any?)

      private

      def examine
        bridle = lift.bridle
        decided if bridle.reeved?
        shares = counted(bridle)
        if shares.min.negative?
          return stop(both("a leg would have to push: it cannot hang level like this"), subject: "geometry")
        end

        figures = shares.each_index.map { |index| [ index, tension(bridle, index, shares[index]), rating(index) ] }
        figures.each do |index, pull, kg|
          loaded_part(bridle.names[index], pull, kg, rules[:attention, :slings])
        end
        index, pull, kg = figures.max_by { |_, one, rated| one / rated }
        work(bridle, index, shares[index], pull, kg)
        disagreement(bridle, figures)
        judge(
          Figure.kg(pull, :up),
          Figure.kg(kg, :down),
          attention: rules[:attention, :slings],
          subject: "#{bridle.names[index]} leg",
          note:
            both do |system|
              "#{bridle.names[index]} leg #{counting}: #{Figure.kg(pull, :up).bare(system)} of " \
                "#{Figure.kg(kg, :down).shown(system)}"
            end
        )
      end

      # Equalised only on a competent person's recorded choice.
      def decided
        reeved = lift.rigging.reeved
        who = reeved["decided_by"].strip
        reeved.missing("who decided that a reeved sling shares the load is not given", "decided_by") if who.empty?

        caution(
          "reeved",
          "Shared over a sheave, as decided by #{who}: the sheave or block must be rated for both parts, turn " \
            "freely, and be no tighter than the sling's D/d allows."
        )
      end

      def reeved? = lift.bridle.reeved?
      def four? = lift.legs.size == 4 && !reeved?
      def counting =
        reeved? ?
          "shared over the sheave" :
          if four?
            "counted #{rules[:four_legs] == "diagonals" ? "by diagonals" : "as three of four"}"
          else
            "by three points"
          end

      # Vertical shares as the school counts them, kg.
      def counted(bridle)
        return bridle.nominal.map(&:share) if reeved?
        return bridle.equalised unless four?
        return diagonals(bridle) if rules[:four_legs] == "diagonals"

        bridle.equalised.map { |share| share * rules[:four_legs_as_three] }
      end

      def diagonals(bridle) = Statics::Level.by_diagonals(lift.load.planned_kg, bridle.plan, bridle.heights)

      def tension(bridle, index, share)
        height = bridle.heights[index]
        Statics::Level.leg_tension(share, Math.hypot(Math.hypot(*bridle.plan[index]), height), height)
      end

      # What the leg may carry in its hitch, here, kg.
      def rating(index)
        leg = Leg.of(lift, index)
        if leg.hitch == "basket"
          leg.planned.missing("baskets on three or four points are not worked out here", "hitch")
        end

        leg.tag.rating(leg.hitch).kg * leg.choke_share * leg.left
      end

      def work(bridle, index, share, pull, kg)
        about = "leg:#{index}"
        run, height = Math.hypot(*bridle.plan[index]), bridle.heights[index]
        line("W", Figure.kg(lift.load.planned_kg, :up), source: "planned weight", about: "load")
        if four? && rules[:four_legs] != "diagonals"
          equal = share / rules[:four_legs_as_three]
          line("V4", Figure.kg(equal, :up), source: "share as four, equalised", about: about)
          line(
            "V",
            Figure.kg(share, :up),
            formula: "V4 × k",
            from: {
              V4: Figure.kg(equal, :up),
              k: Figure.factor(rules[:four_legs_as_three])
            },
            source: rules.cite(:four_legs_as_three),
            about: about
          )
        else
          line(
            "V",
            Figure.kg(share, :up),
            source:
              reeved? ?
                "share as it hangs over the sheave" :
                four? ? rules.cite(:four_legs) : "share by the triangle of the points",
            about: about
          )
        end
        line("d", Figure.m(run, :up), source: "point from the plumb line, level", about: about)
        line("H", Figure.m(height, :down), source: "hook above it", about: about)
        line(
          "T",
          Figure.kg(pull, :up),
          formula: "V × √(d² + H²) / H",
          from: {
            V: Figure.kg(share, :up),
            d: Figure.m(run, :up),
            H: Figure.m(height, :down)
          },
          source: "leg tension",
          about: about
        )
        line(
          "C",
          Figure.kg(kg, :down),
          source:
            "#{Leg.of(lift, index).tag.rating(lift.legs[index].hitch).source}, and what choke, bend, heat " \
            "and site leave"
        )
      end

      # Where the count by hand and the way it hangs come apart, and why.
      def disagreement(bridle, figures)
        worst = bridle.worst.map(&:tension)
        index = worst.each_index.max_by { |leg| worst[leg] / figures[leg][1] }
        if worst[index] > figures[index][1] * (1 + rules[:sharing_difference])
          why =
            if bridle.idle.any?
              "a leg may hang slack and leave its share to the others"
            else
              "the legs' lengths and stretch decide who carries"
            end
          caution(
            "sharing",
            both do |system|
              "As it hangs the #{bridle.names[index]} leg may pull " \
                "#{Figure.kg(worst[index], :up).shown(system)}, more than counted: #{why}. The worse governs."
            end,
            about: "leg:#{index}"
          )
        end
        if four? && bridle.idle.any?
          caution(
            "slack",
            "#{bridle.idle.map { |leg|
              bridle.names[leg]
            }.join(", ")} may hang slack at worst: two legs could carry nearly all."
          )
        end
      end
    end
  end
end
