module DustLadder
  module Statics
    # Does a pose hold, or does it turn over? From the second derivative of the energy (handbook, section 3.4).
    class Stability
      NEUTRAL = 1e-7

      # The second derivative with the turning of the whole rig about plumb through the hook taken out: it costs no
      # energy, so it is held by a stiffness of its own, which changes nothing else.
      def self.without_yaw(rig, hessian, pose)
        n = rig.freedoms
        at, yaw = [], []
        rig.bodies.each_index do |body|
          centre = pose.centres[body]
          at.push(6 * body, 6 * body + 1, 6 * body + 5)
          yaw.push(rig.hook[1] - centre[1], centre[0] - rig.hook[0], 1.0)
        end
        # A body may also turn by itself under a single line: held by very little.
        little = rig.weight * 1e-9
        matrix = hessian.dup
        n.times { |row| matrix[row * n + row] += little }
        weight = rig.weight
        at.each_with_index do |row, one|
          share = weight * yaw[one]
          at.each_with_index { |column, other| matrix[row * n + column] += share * yaw[other] }
        end
        matrix
      end

      def initialize(equilibrium)
        @equilibrium = equilibrium
        @rig = equilibrium.rig
        @pose = equilibrium.pose
        @hessian = self.class.without_yaw(@rig, equilibrium.energy.hessian, @pose)
      end

      # Freedoms that cost no energy beside the turning about plumb: a body on one line turns by itself.
      def neutral = eigenvalues.count { |value| value.abs <= NEUTRAL }

      # Eigenvalues over the weight, turnings taken per metre of lever.
      def eigenvalues =
        @eigenvalues ||= Linear.eigen(@hessian, @rig.freedoms).first.map { |value| value / @rig.weight }

      # What the margin of a body says, in words. caution: margin under which it counts as easily tipped, m.
      def words(body, caution)
        height = margin(body)
        return "it turns over: the pose is not stable" if height.negative? || !@equilibrium.stable?

        free = neutral.positive? ? "; free to turn by itself" : ""
        if height < caution
          "it tips easily, like a pendulum of #{Figure.m(height, :down)}#{free}"
        else
          "as steady as a pendulum of #{Figure.m(height, :down)}#{free}"
        end
      end

      # Height of the pendulum that holds a body as firmly, m: the smallest stiffness against small rotations about
      # the level axes through its CG, everything else giving way, over its weight.
      def margin(body)
        n = @rig.freedoms
        kept = [ 6 * body + 3, 6 * body + 4 ]
        rest = (0...n).to_a - kept
        inner = rest.flat_map { |row| rest.map { |column| @hessian[row * n + column] } }
        give = kept.map { |k| Linear.solve(inner.dup, rest.map { |row| @hessian[row * n + k] }) }
        a, b, c =
          [ [ 0, 0 ], [ 0, 1 ], [ 1, 1 ] ].map do |i, j|
            @hessian[kept[i] * n + kept[j]] -
              rest.each_index.sum { |at| @hessian[kept[i] * n + rest[at]] * give[j][at] }
          end
        smallest = (a + c) / 2 - Math.sqrt(((a - c) / 2)**2 + b * b)
        smallest / @rig.bodies[body].mass
      end
    end
  end
end
