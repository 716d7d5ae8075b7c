module DustLadder
  module Statics
    # From how a load hangs to where its centre of gravity is (handbook, section 10): what follows, how sure it is, and
    # what cannot be told. What several tries together teach is of Trial::Learnt.
    module Inference
      # cg: a place of the CG, m in the load's axes; cg_error: of it by axis, m, at worst, nil where it is not told;
      # cannot_tell: sentences.
      Result = Struct.new(:cg, :cg_error, :cannot_tell, keyword_init: true)
      HEIGHT = "how high the centre of gravity is: that needs a second pose".freeze
      WEIGHT = "the weight: a tilt tells only where the centre of gravity is".freeze
      TRIES = 25
      PROBE_M = 1e-4

      module_function

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
      private_class_method :place_for, :corrected, :with_cg
    end
  end
end
