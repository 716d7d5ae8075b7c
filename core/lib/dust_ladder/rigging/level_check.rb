module DustLadder
  module Rigging
    # Does the load hang level, at the worst corner, and is it steady there?
    # Demand: tilt, degrees; capacity: the rule set's limit; attention: its aim.
    class LevelCheck < Ladder::Check
      ID = "level"
      LABEL = "Level"
      FLIGHT = "rigging"
      OF_SLINGS = true

      # Two cranes hold the load by plumb lines, and turn it.
      def self.applies?(lift) = !lift.tandem?

      private

      def examine
        bridle = lift.bridle
        bridle.stretch_known!
        basket_alone
        worst = bridle.steepest
        offsets(worst)
        tilt =
          line(
            "t",
            Figure.deg(worst.tilt_deg, :up),
            formula: "atan(√(p² + q²) / r)",
            from: @offsets,
            source: lift.beam ? "as it hangs under the beam" : "plumb runs from hook to CG",
            about: "load"
          )
        if bridle.least_margin.negative?
          return answer(
            "stop",
            note:
              both(
                (
                  if bridle.points.size > 2
                    "it would turn over at worst: the CG is too high for these points"
                  else
                    "the points are below the CG: it turns over"
                  end
                )
              ),
            subject: "points"
          )
        end
        if bridle.slack?
          return answer("stop", note: both("the CG can come outside the points: one leg hangs slack"), subject: "CG")
        end
        if @basket_alone
          return answer("stop", note: both("one basket under the CG: the load slides out of it"), subject: "basket")
        end

        cautions(bridle, tilt)
        limit = rules[:tilt_limit_deg]
        line("limit", Figure.deg(limit), source: rules.cite(:tilt_limit_deg))
        judge(
          Figure.deg(tilt, :up),
          Figure.deg(limit),
          attention: rules[:attention, :level],
          subject: low_end(bridle),
          note:
            both(
              "tilt #{Figure.deg(bridle.pose.tilt_deg, :up)}, at worst #{Figure.deg(tilt, :up)} of #{Figure.deg(limit)}"
            )
        )
      rescue Impossible => error
        @missing << Ladder::Missing.new(what: error.what, pointer: error.pointer)
        answer("stop", note: both(error.what), subject: "geometry")
      end

      # The hook's place from the CG in the load's own axes: across its z both ways, and along it.
      def offsets(pose)
        @offsets = %i[p q r].zip(pose.plumb.map { |side| lift.beam ? Figure.factor(side) : Figure.m(side) }).to_h
        %i[p q r].zip(lift.beam ? PARTS : PLACES) do |symbol, words|
          line(symbol.to_s, @offsets[symbol], source: words, about: "hook")
        end
      end

      PLACES = [
        "hook from the CG along the load, worst corner",
        "hook from the CG across the load",
        "hook above the CG"
      ].freeze
      PARTS = [
        "plumb's part along the load, worst corner, by the pose of load and beam",
        "plumb's part across the load",
        "plumb's part along its height"
      ].freeze

      def basket_alone
        hitches = lift.legs.map(&:hitch)
        @basket_alone = hitches == [ "basket" ]
        if hitches.include?("basket") && hitches.size == 2
          caution("baskets", "Two baskets hold a load only while it cannot slide or roll out of them.")
        end
      end

      # All points below the CG, wherever in its box it is: the load stands in a pyramid of its legs, which a small
      # tilt does not tell. Under a beam there is no pyramid, and the caution stands alone.
      def high_cg(bridle)
        pyramid = Statics::Pyramid.new(bridle.pose.hook, round(bridle.points), bridle.cg, lift.load.cg_half_width)
        return unless pyramid.below?

        inside = pyramid.least_level.level
        said = "Every point may lie below the CG: a critical lift."
        return caution("points_below", said) if lift.beam

        caution(
          "points_below",
          both do |system|
            "#{said} At worst the CG is #{Figure.m(inside, :down).shown(system)} inside the nearest pair of legs."
          end
        )
      end

      # Points in order round the middle.
      def round(points)
        x, y = [ 0, 1 ].map { |axis| points.sum { |point| point[axis] } / points.size }
        points.sort_by { |point| Math.atan2(point[1] - y, point[0] - x) }
      end

      def low_end(bridle)
        return if bridle.pose.tilt_deg < 0.05 || bridle.points.size == 1

        lower =
          bridle
            .points
            .each_with_index
            .min_by { |point, _| point.zip(bridle.pose.up).sum { |place, part| place * part } }
            .last
        "#{bridle.names[lower]} end low"
      end

      # As it comes free, the end that hangs higher leaves first and the CG swings in under the hook: by as much as it
      # may be off where it is taken to be.
      def leaving(bridle)
        x, y = lift.load.cg_half_width.first(2)
        swing = Math.hypot(x, y)
        low = low_end(bridle)
        first = low ? "the end opposite the #{low.delete_suffix(" low")} comes up first, and it" : "it"
        caution(
          "leaving",
          both do |system|
            "With the hook over the planned CG, as it leaves the ground #{first} may swing " \
              "#{Figure.m(swing, :up).shown(system)} any way: keep people off, and lift it a hand's breadth first."
          end
        )
      end

      def cautions(bridle, tilt)
        aim = rules[:tilt_aim_deg]
        if tilt > aim
          caution("tilt_aim", "It may hang up to #{Figure.deg(tilt, :up)} off level; aim for #{Figure.deg(aim)}.")
        end
        if bridle.points.size == 1
          caution(
            "one_point",
            "One sling: as it comes free it moves toward the side where the sling sits higher. Keep people off that " \
              "side."
          )
        end
        leaving(bridle) if bridle.points.size > 1
        high_cg(bridle) if bridle.points.size > 2
        least = bridle.least_margin
        return unless least < rules[:stability_caution_m]

        caution(
          "unsteady",
          both do |system|
            "The CG may lie only #{Figure.m(least, :down).shown(system)} below the points: it tips easily."
          end
        )
      end
    end
  end
end
