module DustLadder
  module Statics
    # Where every body of a rig is: its CG and how it is turned. Never changed once made.
    class Pose
      LEVEL = [ 1.0, 0.0, 0.0, 0.0, 1.0, 0.0, 0.0, 0.0, 1.0 ].freeze

      # centres: the CGs, [[x, y, z], ...]; turns: rotation matrices by rows, nine numbers each.
      attr_reader :centres, :turns

      def initialize(centres, turns)
        @centres = centres
        @turns = turns
      end

      # The pose after a step of six numbers a body: the CG's shift, and a rotation vector about the CG.
      def moved(step, share = 1.0)
        centres =
          @centres.each_with_index.map do |(x, y, z), body|
            [ x + share * step[6 * body], y + share * step[6 * body + 1], z + share * step[6 * body + 2] ]
          end
        turns =
          @turns.each_with_index.map do |turn, body|
            turned(turn, share * step[6 * body + 3], share * step[6 * body + 4], share * step[6 * body + 5])
          end
        Pose.new(centres, turns)
      end

      # A vector of the body's axes, in world axes.
      def place(body, own)
        r, c = turns[body], centres[body]
        x, y, z = own
        [
          c[0] + r[0] * x + r[1] * y + r[2] * z,
          c[1] + r[3] * x + r[4] * y + r[5] * z,
          c[2] + r[6] * x + r[7] * y + r[8] * z
        ]
      end

      # Where the body's x axis points along the level: [x, y] of length one. Only near level.
      def heading(body)
        x, y = turns[body][0], turns[body][3]
        Math.hypot(x, y).then { |long| [ x / long, y / long ] }
      end

      # World up in the body's axes.
      def up(body) = turns[body][6, 3]

      # Degrees: tilt from plumb; roll, its +y side high; pitch, its +x end low (handbook, section 3.4).
      def tilt_deg(body) = deg(Math.atan2(Math.hypot(up(body)[0], up(body)[1]), up(body)[2]))
      def roll_deg(body) = deg(Math.atan2(up(body)[1], up(body)[2]))
      def pitch_deg(body) = deg(-Math.asin([ [ up(body)[0], -1.0 ].max, 1.0 ].min))

      private

      def deg(radians) = radians * 180 / Math::PI

      # The rotation of a rotation vector, before another rotation.
      def turned(r, a, b, c)
        angle = Math.sqrt(a * a + b * b + c * c)
        return r if angle < 1e-300

        s = Math.sin(angle) / angle
        k = (1 - Math.cos(angle)) / (angle * angle)
        e0, e1, e2 = 1 - k * (b * b + c * c), k * a * b - s * c, k * a * c + s * b
        e3, e4, e5 = k * a * b + s * c, 1 - k * (a * a + c * c), k * b * c - s * a
        e6, e7, e8 = k * a * c - s * b, k * b * c + s * a, 1 - k * (a * a + b * b)
        [
          e0 * r[0] + e1 * r[3] + e2 * r[6],
          e0 * r[1] + e1 * r[4] + e2 * r[7],
          e0 * r[2] + e1 * r[5] + e2 * r[8],
          e3 * r[0] + e4 * r[3] + e5 * r[6],
          e3 * r[1] + e4 * r[4] + e5 * r[7],
          e3 * r[2] + e4 * r[5] + e5 * r[8],
          e6 * r[0] + e7 * r[3] + e8 * r[6],
          e6 * r[1] + e7 * r[4] + e8 * r[7],
          e6 * r[2] + e7 * r[5] + e8 * r[8]
        ]
      end
    end
  end
end
