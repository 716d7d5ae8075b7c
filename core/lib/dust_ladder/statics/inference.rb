module DustLadder
  module Statics
    # From what is read beside the crane to what the load weighs and where its centre of gravity is (handbook,
    # section 10): what follows, how sure it is, and what cannot be told.
    module Inference
      # weight: kg or nil; cg: a place of its plumb line (or the CG), m in the load's axes, or nil; along: the plumb
      # line's direction in the load's axes, when the place along it is open; errors: of weight (kg) and of cg (m, by
      # axis), at worst; cannot_tell: sentences.
      Result = Struct.new(:weight, :cg, :along, :weight_error, :cg_error, :cannot_tell, keyword_init: true)
      HEIGHT = "how high the centre of gravity is: that needs a tilt, or a second pose".freeze
      PLACE = "where the centre of gravity is: an indicator tells the weight alone".freeze
      WEIGHT = "the weight: a tilt tells only where the centre of gravity is".freeze
      TRIES = 25
      PROBE_M = 1e-4

      module_function

      # reading: kg on the hook; rigging: kg of it that is not load; error: share of the reading.
      def from_indicator(reading, rigging:, error:)
        weight = reading - rigging
        raise NotKnown, "the reading is no more than the rigging alone" unless weight.positive?

        Result.new(weight: weight, weight_error: reading * error, cannot_tell: [ PLACE ])
      end

      # points: [[x, y, z], ...] in the load's axes; directions: unit vectors along the legs, upward, in the same axes;
      # tensions: kg; error: share of each reading. Balance of forces and of moments.
      def from_legs(points, directions, tensions, error:)
        forces = directions.zip(tensions).map { |direction, tension| direction.map { |part| part * tension } }
        up, weight, place = balance(points, forces)
        spread =
          tensions.each_index.map do |index|
            more =
              forces.each_with_index.map { |force, at| at == index ? force.map { |part| part * (1 + error) } : force }
            _, other, moved = balance(points, more)
            [ (other - weight).abs, moved.zip(place).map { |is, was| (is - was).abs } ]
          end
        Result.new(
          weight: weight,
          cg: place,
          along: up,
          weight_error: spread.sum(&:first),
          cg_error: spread.map(&:last).transpose.map(&:sum),
          cannot_tell: [ HEIGHT ]
        )
      end

      # The force as a whole, its size, and the place of its line nearest to the middle of the points.
      def balance(points, forces)
        whole = forces.transpose.map(&:sum)
        weight = Math.sqrt(whole.sum { |part| part * part })
        raise NotKnown, "the readings come to no force at all" unless weight.positive?

        middle = points.transpose.map { |places| places.sum / places.size }
        moment =
          points
            .zip(forces)
            .map { |point, force| Vector.cross(point.zip(middle).map { |at, from| at - from }, force) }
            .transpose
            .map(&:sum)
        [
          whole.map { |part| part / weight },
          weight,
          Vector.cross(whole, moment).zip(middle).map { |part, from| from + part / weight**2 }
        ]
      end

      # The CG of a body (x and y; z as the rig has it) with which the rig hangs at these tilts. error_deg: of each.
      # Raises NotKnown when no such place is found.
      def from_tilt(rig, body:, roll_deg:, pitch_deg:, error_deg:)
        place = place_for(rig, body, roll_deg, pitch_deg)
        others =
          [ [ error_deg, 0.0 ], [ 0.0, error_deg ] ].map do |roll, pitch|
            place_for(rig, body, roll_deg + roll, pitch_deg + pitch)
          end
        error = [ 0, 1 ].map { |axis| others.sum { |other| (other[axis] - place[axis]).abs } }
        Result.new(cg: place, cg_error: [ *error, nil ], cannot_tell: [ WEIGHT, HEIGHT ])
      end

      def place_for(rig, body, roll, pitch)
        cg = rig.bodies[body].cg.dup
        start = nil
        TRIES.times do
          hang = Equilibrium.of(with_cg(rig, body, cg), start: start)
          start = hang.pose
          off = [ hang.pose.roll_deg(body) - roll, hang.pose.pitch_deg(body) - pitch ]
          return cg if off.map(&:abs).max < 1e-6

          cg = corrected(rig, body, cg, hang, off)
        end
        raise NotKnown,
          "no centre of gravity hangs at this tilt with these legs: look at the readings and the lengths"
      rescue Equilibrium::NotFound
        raise NotKnown,
          "no centre of gravity hangs at this tilt with these legs: look at the readings and the lengths"
      end

      def corrected(rig, body, cg, hang, off)
        columns =
          [ 0, 1 ].map do |axis|
            probe = cg.each_with_index.map { |at, index| index == axis ? at + PROBE_M : at }
            moved = Equilibrium.of(with_cg(rig, body, probe), start: hang.pose).pose
            [
              (moved.roll_deg(body) - hang.pose.roll_deg(body)) / PROBE_M,
              (moved.pitch_deg(body) - hang.pose.pitch_deg(body)) / PROBE_M
            ]
          end
        step = Linear.solve([ columns[0][0], columns[1][0], columns[0][1], columns[1][1] ], off.map { |one| -one }) or
          raise NotKnown, "this tilt does not tell where the centre of gravity is"
        [ cg[0] + step[0].clamp(-0.5, 0.5), cg[1] + step[1].clamp(-0.5, 0.5), cg[2] ]
      end

      def with_cg(rig, body, cg) =
        rig.with(cgs: rig.bodies.each_with_index.map { |one, index| index == body ? cg : one.cg })
      private_class_method :balance, :place_for, :corrected, :with_cg
    end
  end
end
