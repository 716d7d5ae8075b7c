module DustLadder
  class Ladder
    # What a screen needs to draw the load under the hook, in metres and in the load's own axes. nil as long
    # as the load's size, centre of gravity or points are not known.
    class Drawing
      def initialize(lift, sling_rung, upper_rung = nil)
        @lift = lift
        @slings = sling_rung
        @uppers = upper_rung
      end

      def as_json(*)
        load = @lift.load
        {
          "size" => load.size,
          "cg" => load.cg,
          "cg_half_width" => load.cg_half_width,
          "points" => load.points.map { |point| { "name" => point.name, "at" => point.at } },
          "rated" => rated(load),
          "solids" => solids(load),
          **hanging
        }
      rescue NotKnown
        nil
      end

      private

      # Rated points whose place is known.
      def rated(load) = load.rated.filter_map { |point| figure { { "name" => point.name, "at" => point.at } } }

      MOST_SOLIDS = 300

      # The load's parts where they say what its size is, unless they are too many to be seen.
      def solids(load)
        return [] unless load.from_take_off?(:size)

        rows = load.take_off.parts
        rows.sum { |row| row.solids.size } > MOST_SOLIDS ? [] : rows.flat_map { |row| row.as_json["solids"] }
      end

      def hanging
        bridle = @lift.bridle
        pose = bridle.pose
        {
          "hook" => pose.hook,
          "up" => pose.up,
          "legs" => bridle.names.each_index.map { |index| leg(bridle, index) },
          "uppers" => uppers(bridle),
          "beam" => beam(bridle),
          "hook_height" => Figure.m(bridle.hook_above_base).as_json,
          "hook_set" => bridle.hook_set&.then { |set| Figure.m(set).as_json },
          "cg_plumb" => Figure.m(pose.hook_from_cg.sum { |side| side * side }**0.5).as_json,
          "tilt" => tilt(pose)
        }
      rescue NotKnown
        {
          "hook" => nil,
          "up" => nil,
          "legs" => [],
          "uppers" => [],
          "beam" => nil,
          "hook_height" => nil,
          "hook_set" => nil,
          "cg_plumb" => nil,
          "tilt" => nil
        }
      end

      # How far off level, and what that is from end to end of the load.
      def tilt(pose) =
        {
          "deg" => Figure.deg(pose.tilt_deg, :up).as_json,
          "end_to_end" => Figure.m(@lift.load.size[0] * Math.sin(pose.tilt_deg * Math::PI / 180), :up).as_json
        }

      def leg(bridle, index)
        leg = bridle.pose.legs[index]
        part = @slings.parts[index]
        strand(leg, bridle.names[index], part, included(bridle, leg)).merge(
          "worst" => (part ? part.demand : tension(bridle, index))&.as_json,
          "rest" => Figure.m(bridle.lengths[index]).as_json,
          "top" => bridle.pose.tops[index],
          "bottom" => bridle.points[index],
          "off" => off(bridle.pose, bridle.points[index]),
          "slack" => bridle.slack_now?(index),
          "nominal" => (part&.nominal || figure { Figure.kg(bridle.nominal[index].tension, :up) })&.as_json,
          "share" => figure { Figure.kg(bridle.nominal[index].share, :up) }&.as_json,
          "thrust" => figure { Figure.kg(bridle.thrust(index), :up) }&.as_json
        )
      end

      def strand(leg, name, part, included)
        deg = leg.deg_from_horizontal
        {
          "name" => name,
          "length" => Figure.m(leg.length).as_json,
          "run" => Figure.m(leg.run).as_json,
          "height" => Figure.m(leg.height).as_json,
          "from_horizontal" => Figure.deg(deg).as_json,
          "from_plumb" => Figure.deg(90 - deg, :up).as_json,
          "included" => Figure.deg(included, :up).as_json,
          "verdict" => part&.verdict || "not_known",
          "worst" => part&.demand&.as_json,
          "nominal" => part&.nominal&.as_json,
          "utilisation" => part&.utilisation&.finite? ? Figure.percent(part.utilisation).as_json : nil,
          "slack" => false,
          "share" => nil,
          "thrust" => nil
        }
      end

      # Level distances of a place from the plumb line, in the two elevations: along the level nearest to the load's
      # x, and to its y.
      def off(pose, place)
        from = place.zip(pose.hook).map { |one, other| one - other }
        [ 0, 1 ].map do |axis|
          lean = Math.sqrt([ 1 - pose.up[axis]**2, 1e-12 ].max)
          level = [ 0, 1, 2 ].map { |part| ((part == axis ? 1.0 : 0.0) - pose.up[axis] * pose.up[part]) / lean }
          Figure.m(from.zip(level).sum { |one, other| one * other }.abs).as_json
        end
      end

      def included(bridle, leg) =
        if bridle.by_hand? && bridle.pose.legs.size == 2
          bridle.pose.legs.sum { |one| 90 - one.deg_from_horizontal }
        else
          2 * (90 - leg.deg_from_horizontal)
        end

      def uppers(bridle)
        bridle
          .pose
          .strands
          .drop(bridle.points.size)
          .each_with_index
          .map do |leg, index|
            pull = bridle.upper_nominal(index)
            strand(
              leg,
              bridle.strand_names[bridle.points.size + index],
              @uppers&.parts&.at(index),
              2 * (90 - leg.deg_from_horizontal)
            ).merge(
              "rest" => Figure.m(bridle.upper_lengths[index]).as_json,
              "top" => bridle.pose.hook,
              "bottom" => bridle.beam_places[1][index],
              "off" => off(bridle.pose, bridle.beam_places[1][index]),
              "nominal" => Figure.kg(pull.tension, :up).as_json,
              "share" => Figure.kg(pull.share, :up).as_json,
              "thrust" => Figure.kg(pull.tension * leg.run / leg.length, :up).as_json,
              "slack" => pull.tension <= 0.0
            )
          end
      end

      def beam(bridle)
        return unless @lift.beam

        holes, eyes = bridle.beam_places
        {
          "number" => @lift.beam.number,
          "kind" => @lift.beam.kind,
          "holes" => holes,
          "eyes" => eyes,
          "used" => @lift.legs.filter_map { |leg| leg["hole"] }.uniq
        }
      end

      def tension(bridle, index) = figure { Figure.kg(bridle.worst[index].tension, :up) }

      def figure(&) = DustLadder.known(&)
    end
  end
end
