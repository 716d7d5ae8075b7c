module DustLadder
  module Statics
    # Where the search for an equilibrium begins when nothing better is known: every body level, below what holds it.
    module LevelStart
      private

      # All bodies level, raised or lowered and shifted until the forces balance as far as shifting can.
      def level
        pose = Pose.new(start_centres, Array.new(rig.bodies.size) { Pose::LEVEL })
        30.times do
          step = shift_only(Energy.new(rig, pose), rig.bodies.size)
          pose = pose.moved(step)
          break if step.map(&:abs).max < 1e-6
        end
        pose
      end

      # Bodies below what they hang from, as far as their lines are long.
      def start_centres
        height = rig.bodies.map { nil }
        rig.bodies.size.times do
          rig.lines.each do |line|
            line
              .nodes
              .each_cons(2) do |(above, at), (below, own)|
                from = above ? height[above] && height[above] + at[2] : at[2]
                height[below] = [
                  height[below],
                  from - line.rest / (line.nodes.size - 1) - own[2]
                ].compact.min if from && below && below != above
              end
          end
        end
        height.map { |z| [ rig.hook[0], rig.hook[1], z || rig.hook[2] - 1.0 ] }
      end

      # Newton's step among the shifts alone; directions in which nothing is taut are held by a little stiffness.
      def shift_only(energy, count)
        soft = rig.weight * 1e-3
        pick = (0...3 * count).map { |index| 6 * (index / 3) + index % 3 }
        matrix =
          pick.flat_map do |row|
            pick.map { |column| energy.hessian[row * rig.freedoms + column] + (row == column ? soft : 0.0) }
          end
        short = Linear.solve(matrix, pick.map { |row| -energy.gradient[row] })
        step = Array.new(rig.freedoms, 0.0)
        short.each_with_index { |value, index| step[pick[index]] = value.clamp(-1.0, 1.0) }
        step
      end
    end
  end
end
