module DustLadder
  module Statics
    # The worst of what weight range, CG box and the lines' length tolerance allow: their corners, solved from the
    # nominal pose on (handbook, section 3.5). From four lines on those corners are left out that, by the slopes, bring
    # nothing to its worst.
    class Envelope
      # weight: -1 or 1 (low or high end); cg: signs in x, y, z; lengths: signs by line; hang: the Equilibrium there.
      Corner =
        Struct.new(:signs, :body, :hang) do
          def weight = signs[0]
          def cg = signs[1, 3]
          def lengths = signs.drop(4)
          def tensions = hang.tensions
          def tilt_deg = hang.pose.tilt_deg(body)
          def stable = hang.stable?
        end
      # Some corner would turn over, or hang so far off level that nothing more can be said of it.
      class TurnsOver < NotKnown
      end
      SIGNS = [ -1, 1 ].freeze
      MOST_LINES = 8
      # Of fewer lines all signs of the lengths are looked at: see telling.
      MANY_LINES = 4

      attr_reader :rig, :body

      # rig: nominal. body: index of the body whose weight (masses: [low, high], kg) and CG (half_widths: [x, y, z],
      # m) are open. tolerance: share of every line's length, each way. every: also corners that tell nothing new.
      # read: what else is read from a pose, as figures from an Equilibrium, or nil; read_near: how much of each is
      # nothing; read_greatest: groups of those, by index, of which the greatest of each pose is what counts. halt: is
      # one corner that would turn over enough? Then TurnsOver ends it there. base: the Envelope of the same whose poses
      # these are made of, by what settle, from an Equilibrium to another, makes of each; or nil. Raises ArgumentError
      # for more lines than that every corner can be looked at, Equilibrium::NotFound when a corner's pose is not found.
      def initialize(
        rig,
        body:,
        masses:,
        half_widths:,
        tolerance:,
        every: false,
        halt: false,
        base: nil,
        settle: nil,
        read: nil,
        read_near: [],
        read_greatest: []
      )
        if rig.lines.size > MOST_LINES
          raise ArgumentError, "corners of #{rig.lines.size} lines are too many; #{MOST_LINES} at most"
        end

        @rig = rig
        @body = body
        @masses, @half_widths, @tolerance = masses, half_widths, tolerance
        @every = every
        @halt = halt
        @base = base
        @settle = settle
        @read = read
        @read_near = read_near
        @read_greatest = read_greatest
      end

      def nominal = @nominal ||= @base ? settled(@base.nominal) : steady(Equilibrium.of(rig))

      # How it hangs with these signs: 0 where something is nominal.
      def at(signs)
        (@hangs ||= {})[signs] ||=
          @base ? settled(@base.at(signs)) : hang(signs, signs.one?(&:nonzero?) ? nominal.pose : foreseen(signs))
      end

      def worked? = !@corners.nil? || !@fault.nil?
      # Raises TurnsOver or Equilibrium::NotFound, and the same again when asked again.
      def corners
        raise @fault if @fault

        @corners ||=
          begin
            found = telling&.map { |signs| solved(signs) } unless @every || rig.lines.size < MANY_LINES
            found && found.all? { |corner| corner.tensions.min.positive? } ? found : all.map { |signs| solved(signs) }
          end
      rescue TurnsOver, Equilibrium::NotFound => error
        raise @fault = error
      end

      # By line: the greatest and the least tension, kg, with their Corner.
      def worst = @worst ||= rig.lines.each_index.map { |line| corners.max_by { |corner| corner.tensions[line] } }
      def least = rig.lines.each_index.map { |line| corners.min_by { |corner| corner.tensions[line] } }
      def worst_tensions = worst.each_with_index.map { |corner, line| corner.tensions[line] }
      def least_tensions = least.each_with_index.map { |corner, line| corner.tensions[line] }
      def steepest = corners.max_by(&:tilt_deg)
      def stable? = corners.all?(&:stable)

      private

      def settled(hang) = steady(@settle.(hang))

      # The pose itself, once it is known to hold.
      def steady(hang)
        return hang unless @halt
        raise TurnsOver, "it would turn over at worst: the CG is too high for these points" unless hang.stable?
        far = rig.bodies.each_index.find { |index| hang.pose.tilt_deg(index) > Equilibrium::NEAR_DEG } or return hang

        raise TurnsOver,
          "#{far == body ? "it" : "the beam"} would hang more than #{Equilibrium::NEAR_DEG.round}° off level at " \
            "worst: the CG can come outside the points"
      end

      # Signs of weight, of the box's x, y and z, and of every length. The lengths change last, so that each corner is
      # near the one before.
      def all = @all ||= signs_of(rig.lines.size).flat_map { |lengths| signs_of(4).map { |load| load + lengths } }
      def signs_of(count) = SIGNS.product(*Array.new(count - 1) { SIGNS })

      # The corners that bring any figure to its most or its least, foretold and then solved until none is doubtful; nil
      # when a line goes slack, there or in a corner: then nothing can be foretold, and all are looked at.
      def telling
        singles = self.singles.map { |ends| ends.map { |hang| figures(hang) } }
        pairs = openings.combination(2).to_h { |some| [ some, figures(at(change_of(*some))) ] }
        return if [ figures(nominal), *singles.flatten(1), *pairs.values ].any? { |one| slack?(one) }

        told_by(Telling.new(Foretold.new(figures(nominal), singles, pairs, all), near:, joined:))
      end

      def told_by(telling)
        figures = {}
        wanted = telling.first
        until wanted.empty?
          wanted.each { |index| figures[index] = figures(solved(all[index]).hang) }
          return if wanted.any? { |index| slack?(figures[index]) }

          wanted = telling.doubtful(figures)
        end
        figures.keys.sort.map { |index| all[index] }
      end

      def slack?(figures) = figures.first(rig.lines.size).min <= 0.0
      def openings = (0...(4 + rig.lines.size)).to_a

      # What of a tension, as a share of the weight, and of a line's angle and a body's lean, in radians, is nothing.
      NEAR_TENSION = 5e-7
      NEAR_ANGLE = 1e-3 * Math::PI / 180
      NEAR_LEAN = 1e-5

      # By figure, as a Telling takes them: how much of it is nothing; nil for what is no figure by itself.
      def near
        [ *Array.new(rig.lines.size, NEAR_TENSION * rig.weight), *Array.new(read_from - rig.lines.size), *@read_near ]
      end

      # How far lines stand off plumb, either way, how far bodies lean at most, and what the caller groups.
      def joined
        lines = rig.lines.size
        [ *lines.times.map { |line| Telling.long(lines + 2 * line, NEAR_ANGLE, least: true) },
          *rig.bodies.each_index.map { |body| Telling.long(3 * lines + 2 * body, NEAR_LEAN, least: false) },
          *@read_greatest.map { |some| Telling.greatest(some.map { |at| read_from + at }, @read_near[some.first]) } ]
      end

      # Where what the caller reads begins.
      def read_from = 3 * rig.lines.size + 2 * rig.bodies.size

      # What is read from a pose: tensions, how far each line stands off plumb and each body leans, both as two parts
      # along the level, and whatever the caller reads.
      def figures(hang)
        slants = rig.lines.each_index.flat_map { |line| hang.off_vertical(line) }
        leans = rig.bodies.each_index.flat_map { |body| hang.pose.up(body).first(2) }
        [ *hang.tensions, *slants, *leans, *@read&.call(hang) ]
      end

      # A corner, begun where each of its openings alone would bring it.
      def solved(signs)
        (@solved ||= {})[signs] ||= Corner.new(signs, body, at(signs))
      end

      def foreseen(signs)
        step = Array.new(rig.freedoms, 0.0)
        moves.each_with_index { |move, at| move.each_index { |freedom| step[freedom] += signs[at] * move[freedom] } }
        nominal.pose.moved(step)
      end

      # How each of weight, box and lengths alone moves the bodies from the nominal pose, as a step of Pose#moved.
      def moves
        @moves ||= singles.map { |low, high| step_between(low.pose, high.pose).map { |part| part / 2 } }
      end

      # By opening, how it hangs with that one alone at its low and at its high end.
      def singles
        @singles ||=
          openings.map { |opening| SIGNS.map { |sign| at(change_of(opening).map { |one| one * sign }) } }
      end

      # Signs with some openings at their high end, the others nominal.
      def change_of(*some) = openings.map { |opening| some.include?(opening) ? 1 : 0 }

      # From one pose to another near it: shift of every CG and rotation vector.
      def step_between(from, to)
        rig.bodies.each_index.flat_map do |body|
          r, q = from.turns[body], to.turns[body]
          product = ->(row, column) { (0..2).sum { |at| q[3 * row + at] * r[3 * column + at] } }
          turn = [ [ 2, 1 ], [ 0, 2 ], [ 1, 0 ] ].map { |one, other| (product.(one, other) - product.(other, one)) / 2 }
          [ *to.centres[body].zip(from.centres[body]).map { |is, was| is - was }, *turn ]
        end
      end

      # The rig with these signs, hung; start: a pose near it.
      def hang(signs, start)
        weight, *box = signs.first(4)
        mass = weight.zero? ? rig.bodies[body].mass : @masses[weight.positive? ? 1 : 0].to_f
        changed =
          rig.with(
            rests: rig.lines.zip(signs.drop(4)).map { |line, sign| line.rest * (1 + sign * @tolerance) },
            masses: rig.bodies.each_with_index.map { |one, index| index == body ? mass : one.mass },
            cgs: rig.bodies.each_with_index.map { |one, index| index == body ? cg_at(box) : one.cg }
          )
        steady(Equilibrium.of(changed, start: start))
      end

      def cg_at(box) = rig.bodies[body].cg.each_with_index.map { |at, axis| at + box[axis] * @half_widths[axis] }
    end
  end
end
