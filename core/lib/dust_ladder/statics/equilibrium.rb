module DustLadder
  module Statics
    # Finds how a rig hangs: the equilibrium that continues from the level pose (handbook, section 3.4). Newton's
    # method on the forces out of balance first, which also finds an unstable pose near level, so that it is told and
    # not fled from; then downhill in energy, and through softer lines.
    class Equilibrium
      include LevelStart

      # Cannot be found: no pose was reached in which all forces balance.
      class NotFound < NotKnown
      end

      # A pose, the energy's derivatives in it, and whether it holds.
      Found = Struct.new(:pose, :energy, :stable)
      MOST_STEPS = 40
      # From a pose near it; where that does not do, a line goes slack or taut on the way, over and over.
      NEAR_STEPS = 8
      MOST_DOWNHILL = 300
      MOST_TURN = 0.35
      BALANCE = 1e-8
      # What counts as near level: further over the load is lost anyway.
      NEAR_DEG = 40.0
      # Share of the weight under which a line counts as only just taut.
      JUST_TAUT = 1e-7
      SOFTER = [ 0.01, 0.1, 1.0 ].freeze

      attr_reader :rig, :steps

      # start: a Pose to begin from (of a rig much like this one), or nil for all bodies level. Raises NotFound.
      def self.of(rig, start: nil) = new(rig).tap { |one| one.find(start) }

      def initialize(rig)
        @rig = rig
        @steps = 0
      end

      # Raises NotFound with the reason.
      def find(start)
        @found = start && from(start)
        @found ||= from_level
        @found or
          raise NotFound,
            "how the load hangs was not found in #{@steps} steps: no pose near level in which the forces balance"
        self
      end

      def pose = @found.pose
      # With its second derivative.
      def energy = @energy ||= @found.energy.hessian ? @found.energy : Energy.new(rig, pose)
      def tensions = @found.energy.tensions
      def slack = rig.lines.each_index.select { |index| tensions[index] <= 0.0 }
      # Does it hold, or would it turn over?
      def stable? = @found.stable
      # Greatest force out of balance, as a share of the weight.
      def residual = @found.energy.gradient.map(&:abs).max / rig.weight

      # Angle of a line's first part from the horizontal, degrees.
      def deg_from_horizontal(line)
        x, y, z = run(line)
        Math.atan2(z.abs, Math.hypot(x, y)) * 180 / Math::PI
      end

      # The same from the vertical, radians, in two parts that have no kink where it is plumb: along and across the body
      # that the line holds, however all of it has turned about plumb.
      def off_vertical(line)
        x, y, z = run(line)
        off = Math.hypot(x, y)
        share = off < 1e-12 ? 0.0 : Math.atan2(off, z.abs) / off
        a, b = pose.heading(rig.lines[line].nodes.filter_map(&:first).last)
        [ share * (x * a + y * b), share * (y * a - x * b) ]
      end

      # Level distance from the plumb line of the hook: of a body's CG, or of everything that hangs (nil), m.
      def off_plumb(body = nil)
        centre =
          if body
            pose.centres[body]
          else
            [ 0, 1 ].map do |axis|
              rig.bodies.each_index.sum { |index| rig.bodies[index].mass * pose.centres[index][axis] } / rig.weight
            end
          end
        Math.hypot(centre[0] - rig.hook[0], centre[1] - rig.hook[1])
      end

      # The force that each line puts on each of its points on bodies, kg: [[line, body, [x, y, z]], ...].
      def pulls
        rig.lines.each_with_index.flat_map do |line, index|
          places = line.nodes.map { |body, own| body ? pose.place(body, own) : own }
          line.nodes.each_with_index.filter_map do |(body, _), at|
            [ index, body, pull_at(places, at, tensions[index]) ] if body
          end
        end
      end

      # What each line presses into a body along the level, kg: the level part of its pull there. [[line, body, kg],
      # ...].
      def thrusts = pulls.map { |line, body, force| [ line, body, Math.hypot(force[0], force[1]) ] }

      private

      # From the first node of a line to its second.
      def run(line)
        from, to = rig.lines[line].nodes.first(2).map { |body, own| body ? pose.place(body, own) : own }
        from.zip(to).map { |here, there| there - here }
      end

      def pull_at(places, at, tension)
        [ at.positive? ? at - 1 : nil, at < places.size - 1 ? at + 1 : nil ].compact
          .map do |other|
            run = places[other].zip(places[at]).map { |to, from| to - from }
            long = Math.sqrt(run.sum { |part| part * part })
            run.map { |part| tension * part / long }
          end
          .transpose
          .map(&:sum)
      end

      # From a pose near it; where a line that goes slack or taut on the way throws Newton off, downhill. Nil when that
      # does not end near level in a pose that holds.
      def from(start)
        found = newton(rig, start, NEAR_STEPS)
        found = downhill(start) unless found && sound?(found)
        found if found && sound?(found)
      end

      # Newton's pose when it is near level and holds. Else the pose where the load comes to rest by itself, if that is
      # near level; else Newton's when it is near: then nothing near level holds, and that is told. At last wherever
      # the load comes to rest.
      def from_level
        found = newton(rig, level)
        return found if found && sound?(found)

        rest = downhill(level) || softly
        return rest if rest && near?(rest)

        found && near?(found) ? found : rest || found
      end

      def near?(found) = rig.bodies.each_index.all? { |body| found.pose.tilt_deg(body) < NEAR_DEG }
      def sound?(found) = found.stable && near?(found)

      def newton(rig, pose, most = MOST_STEPS)
        Budget.ask!
        energy = Energy.new(rig, pose)
        most.times do
          @steps += 1
          step, firm = newton_step(rig, energy, pose)
          return unless step

          largest = step.map(&:abs).max
          pose = pose.moved(step, largest > MOST_TURN ? share_of(step) : 1.0)
          energy = Energy.new(rig, pose, second: false)
          if energy.gradient.map(&:abs).max < BALANCE * rig.weight
            # So near, what was firm one small step before still is; a larger step is looked at anew.
            return largest < SMALL_STEP && firm ? found_firm(
              rig,
              pose,
              energy
            ) : found(rig, pose, Energy.new(rig, pose))
          end

          energy = Energy.new(rig, pose)
        end
        nil
      end
      SMALL_STEP = 1e-3

      # Newton's step, and whether the second derivative is positive there; nil where it has none.
      def newton_step(rig, energy, pose)
        held = Stability.without_yaw(rig, energy.hessian, pose)
        down = energy.gradient.map(&:-@)
        step, firm = Linear.solve_symmetric(held.dup, down.dup)
        return step, firm if step && (firm || step.all?(&:finite?))

        [ Linear.solve(held, down), false ]
      end

      def found_firm(rig, pose, energy)
        just_taut(rig, energy).any? ? found(rig, pose, Energy.new(rig, pose)) : Found.new(pose, energy, true)
      end

      def just_taut(rig, energy)
        rig.lines.each_index.select { |line| energy.tensions[line].between?(Float::MIN, JUST_TAUT * rig.weight) }
      end

      # A pose holds when it does so with every line that is only just taut, and without those.
      def found(rig, pose, energy)
        holds = Linear.positive?(Stability.without_yaw(rig, energy.hessian, pose), rig.freedoms)
        just = just_taut(rig, energy)
        holds &&= Linear.positive?(
          Stability.without_yaw(rig, Energy.new(rig.without(just), pose).hessian, pose),
          rig.freedoms
        ) if just.any?
        Found.new(pose, energy, holds)
      end

      # A full step, or as much of it as turns no body by more than a little.
      def share_of(step)
        turn = (3...step.size).step(6).map { |at| Math.sqrt(step[at]**2 + step[at + 1]**2 + step[at + 2]**2) }.max
        turn > MOST_TURN ? MOST_TURN / turn : 1.0
      end

      # Always to less energy, in steps that shorten when they do not help: slower, and it ends only
      # where the load would come to rest by itself.
      def downhill(pose)
        Budget.ask!
        energy = Energy.new(rig, pose)
        hold = 1.0
        MOST_DOWNHILL.times do
          @steps += 1
          return newton(rig, pose) if energy.gradient.map(&:abs).max < rig.weight * 1e-5

          step =
            Linear.solve(
              held(Stability.without_yaw(rig, energy.hessian, pose), hold * rig.weight),
              energy.gradient.map { |value| -value }
            ) or return
          tried = pose.moved(step, share_of(step))
          after = Energy.new(rig, tried)
          if after.value < energy.value
            pose, energy = tried, after
            hold = [ hold / 3, 1e-9 ].max
          else
            hold *= 4
            return if hold > 1e12
          end
        end
        nil
      end

      def held(matrix, stiffness)
        n = rig.freedoms
        n.times { |row| matrix[row * n + row] += stiffness }
        matrix
      end

      # Through softer lines to the real ones: each pose is the start of the next.
      def softly
        SOFTER.reduce(Found.new(level)) do |found, share|
          newton(rig.with(stiffness: share), found.pose) || (return nil)
        end
      end
    end
  end
end
