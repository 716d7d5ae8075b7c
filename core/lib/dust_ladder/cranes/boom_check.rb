module DustLadder
  module Cranes
    # Does the load keep clear of the boom that it hangs beside, turned as badly as may be, all along the way?
    class BoomCheck < Ladder::Check
      ID = "boom"
      LABEL = "Boom clearance"
      FLIGHT = "crane"
      PER = "crane"
      STEP_M = 0.25
      # A corner that might meet the boom: what it is of, how far it reaches from the plumb line, how high above the
      # base.
      Corner = Struct.new(:what, :reach, :height)
      Place = Struct.new(:name, :corner, :radius, :support, :boom, :room)

      def self.applies?(duty) = !duty.tandem? && duty.crane.family?("mobile")

      private

      def examine
        if duty.crane.chart_data["boom_depth_m"].nil?
          raise NotKnown.new("how deep the boom is is not in the chart", pointer: duty.crane.pointer("chart"))
        end

        needed = rules[:boom_clearance_m]
        places = stations.map { |name, radii, support, boom| worst(name, radii, support, boom) } + over
        places.each do |place|
          part(
            name: place.name,
            verdict: verdict(place.room, needed),
            utilisation: place.room.positive? ? needed / place.room : nil,
            demand: Figure.m(needed, :up),
            capacity: place.room.positive? ? Figure.m(place.room, :down) : nil
          )
        end
        least = places.min_by(&:room)
        show(least, needed)
        note =
          both do |system|
            if least.room.positive?
              "#{Figure.m(least.room, :down).shown(system)} between #{least.corner.what} and boom, #{least.name}"
            else
              "#{least.corner.what} meets the boom, #{least.name}"
            end
          end
        return stop(note, subject: least.name) unless least.room.positive?

        judge(Figure.m(needed, :up), Figure.m(least.room, :down), subject: least.name, note: note)
      end

      def verdict(room, needed) = room.positive? ? Ladder::Verdict.of(needed / room, nil) : "stop"

      def stations
        crane = duty.crane
        crane.stations.each_index.map do |index|
          [
            crane.stations[index].name,
            [ crane.radius(index), crane.loaded_radius(index) ],
            crane.stations[index].support_height.value,
            crane.booms[index]
          ]
        end
      end

      # On the way the load is held over the highest thing in it, wherever that may be.
      def over
        crane = duty.crane
        obstacle = crane.obstacle_height.value
        return [] unless obstacle.positive?

        raised = obstacle + rules[:obstacle_clearance_m]
        stations
          .each_cons(2)
          .map do |(_, from, _, boom), (_, to, _, other)|
            steps = [ ((to[0] - from[0]).abs / STEP_M).ceil, 1 ].max
            (0..steps)
              .flat_map do |step|
                [ 0, 1 ].map do |loaded|
                  worst(
                    "over the obstacle",
                    [ Path.mixed(from[loaded], to[loaded], step / steps.to_f) ],
                    raised,
                    Path.mixed(boom, other, step / steps.to_f)
                  )
                end
              end
              .min_by(&:room)
          end
          .min_by(&:room)
          .then { |place| [ place ] }
      end

      def worst(name, radii, support, boom)
        radii
          .uniq
          .flat_map do |radius|
            corners.map do |corner|
              Place.new(name, corner, radius, support, boom, room(radius, boom, support, corner))
            end
          end
          .min_by(&:room)
      end

      def room(radius, boom, support, corner)
        # Above the tip nothing is clear of it, however far to the side.
        over = support + corner.height - duty.crane.family.tip_height(radius, boom)
        return -over if over.positive?

        duty.crane.family.boom(boom).clearance(radius, [ radius - corner.reach, support + corner.height ]) ||
          raise(
            OutOfReach.new(
              "a boom of #{Figure.m(boom)} does not reach #{Figure.m(radius)}",
              pointer: duty.crane.pointer("boom_length")
            )
          )
      end

      # The load's top edge and, where there is one, the beam's ends, whichever way they are turned under the hook.
      def corners
        @corners ||= [ Corner.new("the load", lift.load.reach, lift.load.size[2]), *beam_ends ]
      end

      def beam_ends
        return [] unless lift.beam

        hook = lift.bridle.pose.hook
        lift
          .bridle
          .beam_places
          .flatten(1)
          .map { |place| Corner.new("the beam", Math.hypot(place[0] - hook[0], place[1] - hook[1]), place[2]) }
      end

      def show(place, needed)
        crane = duty.crane
        from = {
          r: Figure.m(place.radius),
          e: Figure.m(place.corner.reach, :up),
          z: Figure.m(place.support + place.corner.height, :up),
          d: Figure.m(crane.chart_data["boom_depth_m"], :up)
        }
        line(
          "e",
          from[:e],
          source: "#{place.corner.what}: farthest from the plumb line, however it is turned",
          about: "load"
        )
        line("z", from[:z], source: "its top above the crane's ground, #{place.name}")
        line("r", from[:r], source: "radius, #{place.name}")
        line("d", from[:d], source: "depth of the boom, by the chart; half of it lies below its middle line")
        square(place, from)
        line("need", Figure.m(needed, :up), source: rules.cite(:boom_clearance_m))
      end

      # Square to the boom's middle line, where the corner lies beside it; past its ends and beside a jib the distance
      # alone.
      def square(place, from)
        foot, angle = duty.crane.chart_data["boom_foot"], duty.crane.family.boom(place.boom).angle_at(place.radius)
        formula = "(r − e − f) × sin(a) − (z − h) × cos(a) − d / 2"
        from = from.merge(f: Figure.m(foot["radius_m"]), h: Figure.m(foot["height_m"]), a: Figure.deg(angle, :near))
        sine, cosine = Math.sin(angle * Math::PI / 180), Math.cos(angle * Math::PI / 180)
        beside =
          (from[:r].value - from[:e].value - from[:f].value) * sine - (from[:z].value - from[:h].value) * cosine -
            from[:d].value / 2
        if (beside - place.room).abs > 1e-9
          return line("C", Figure.m(place.room, :down), source: "from there to the nearest of the boom's underside")
        end

        line("f", from[:f], source: "boom foot from the slewing axis, by the chart")
        line("h", from[:h], source: "boom foot above the ground, by the chart")
        line("a", from[:a], source: "boom angle from horizontal at this radius")
        line(
          "C",
          Figure.m(place.room, :down),
          formula: formula,
          from: from,
          source: "from there to the boom's underside, square to it"
        )
      end
    end
  end
end
