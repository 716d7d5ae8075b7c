module DustLadder
  module Statics
    # The worst of what weight range, CG box and the lines' length tolerance allow: their corners, solved from the
    # nominal pose on (handbook, section 3.5). From four lines on those corners are left out that, by the slopes, bring
    # nothing to its worst.
    class Envelope
      # weight: -1 or 1 (low or high end); cg: signs in x, y, z; lengths: signs by line; hang: the Equilibrium there.
      Corner = Struct.new(:signs, :body, :hang) do
        def weight = signs[0]
        def cg = signs[1, 3]
        def lengths = signs.drop(4)
        def tensions = hang.tensions
        def tilt_deg = hang.pose.tilt_deg(body)
        def stable = hang.stable?
      end
      # Some corner would turn over, or hang so far off level that nothing more can be said of it.
      class TurnsOver < NotKnown; end
      SIGNS = [ -1, 1 ].freeze
      MOST_LINES = 8
      # Of fewer lines all signs of the lengths are looked at: see telling.
      MANY_LINES = 4
      DIRECTIONS = (0...16).map { |part| Math::PI * part / 8 }.map { |turn| [ Math.cos(turn), Math.sin(turn) ] }.freeze

      attr_reader :rig, :body

      # rig: nominal. body: index of the body whose weight (masses: [low, high], kg) and CG (half_widths: [x, y, z], m)
      # are open. tolerance: share of every line's length, each way. every: also corners that tell nothing
      # new. halt: is one corner that would turn over enough? Then TurnsOver ends it there. Raises ArgumentError for more
      # lines than that every corner can be looked at, Equilibrium::NotFound when a corner's pose is not found.
      def initialize(rig, body:, masses:, half_widths:, tolerance:, every: false, halt: false)
        raise ArgumentError,
          "corners of #{rig.lines.size} lines are too many; #{MOST_LINES} at most" if rig.lines.size > MOST_LINES

        @rig = rig
        @body = body
        @masses = masses
        @half_widths = half_widths
        @tolerance = tolerance
        @every = every
        @halt = halt
      end

      def nominal = @nominal ||= Equilibrium.of(rig).tap { |hang| steady(hang) }
      def worked? = !@corners.nil? || !@fault.nil?
      # Raises TurnsOver or Equilibrium::NotFound, and the same again when asked again.
      def corners
        raise @fault if @fault

        @corners ||= begin
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

      def steady(hang)
        return unless @halt
        raise TurnsOver, "it would turn over at worst: the CG is too high for these points" unless hang.stable?
        raise TurnsOver,
          "it would hang more than #{Equilibrium::NEAR_DEG.round}° off level: the CG is outside the points" if hang.pose.tilt_deg(body) > Equilibrium::NEAR_DEG
      end

      # Signs of weight, of the box's x, y and z, and of every length. The lengths change last, so that each corner is
      # near the one before.
      def all = signs_of(rig.lines.size).flat_map { |lengths| signs_of(4).map { |load| load + lengths } }
      def signs_of(count) = SIGNS.product(*Array.new(count - 1) { SIGNS })

      # The signs that by the slopes at the nominal pose bring a line's tension to its most or its least, a line to its
      # flattest, or a body to its steepest any way; with both ends of the box in z, whose slopes are small and may turn.
      # nil when a line goes slack, there or in a corner: then slopes say nothing, and all are looked at.
      def telling
        both = change_of.map { |signs|
          SIGNS.map { |sign|
            figures(
              hang(
                signs.map { |one|
                  one * sign
                },
                nominal.pose,
                NONE
              )
            )
          }
        }
        return if [ figures(nominal), *both.flatten(1) ].any? { |tensions, _, _| tensions.min <= 0.0 }

        count = rig.lines.size
        slopes = both.map { |low, high| high.flatten.zip(low.flatten).map { |one, other| one - other } }.transpose
        tensions, angles, leans = slopes.first(count), slopes[count, count], slopes.drop(2 * count)
        wanted = [ *tensions, *[ *tensions, *angles ].map { |slope|
          slope.map(&:-@)
        }, *leans.each_slice(2).flat_map { |roll, pitch|
             DIRECTIONS.map { |c, s|
               roll.zip(pitch).map { |one, other|
                 c * one + s * other
               }
             }
           } ]
        wanted.map { |slope| slope.map { |one| one.negative? ? -1 : 1 } }.flat_map { |signs|
          SIGNS.map { |up|
            [ *signs.first(UP), up, *signs.drop(UP + 1) ]
          }
        }.uniq.sort_by { |signs| signs.drop(4) + signs.first(4) }
      end
      UP = 3
      NONE = [ 0, 0, 0, 0 ].freeze

      # One of weight, box and lengths changed, the others nominal.
      def change_of
        Array.new(4 + rig.lines.size) { |place| Array.new(4 + rig.lines.size) { |index| index == place ? 1 : 0 } }
      end

      # Tensions, angles of the lines, and roll and pitch of the bodies.
      def figures(hang)
        [ hang.tensions, rig.lines.each_index.map { |line|
          hang.deg_from_horizontal(line)
        }, rig.bodies.each_index.flat_map { |body|
             [ hang.pose.roll_deg(body), hang.pose.pitch_deg(body) ]
           } ]
      end

      # A corner, begun where the nearest of the last ones hung.
      def solved(signs)
        (@solved ||= {})[signs] ||= begin
          near = @solved.values.last(LAST).max_by { |corner|
            corner.signs.zip(signs).count { |one, other|
              one == other
            }
          }
          hang = near ? hang(signs, near.hang.pose, near.signs.first(4)) : hang(signs, nominal.pose, NONE)
          Corner.new(signs, body, hang)
        end
      end
      LAST = 4

      # The rig with these signs, hung; start: a pose with other signs of weight and box.
      def hang(signs, start, before)
        weight, *box = signs.first(4)
        mass = weight.zero? ? rig.bodies[body].mass : @masses[weight.positive? ? 1 : 0].to_f
        changed = rig.with(
          rests: rig.lines.zip(signs.drop(4)).map { |line, sign| line.rest * (1 + sign * @tolerance) },
          masses: rig.bodies.each_with_index.map { |one, index|
            index == body ? mass : one.mass
          },
          cgs: rig.bodies.each_with_index.map { |one, index| index == body ? cg_at(box) : one.cg }
        )
        Equilibrium.of(changed, start: shifted(start, cg_at(box), cg_at(before.drop(1)))).tap { |found| steady(found) }
      end

      def cg_at(box) = rig.bodies[body].cg.each_with_index.map { |at, axis| at + box[axis] * @half_widths[axis] }

      # The same place of the body, told by another CG.
      def shifted(pose, cg, before)
        centres = pose.centres.dup
        centres[body] = pose.place(body, cg.zip(before).map { |is, was| is - was })
        Pose.new(centres, pose.turns)
      end
    end
  end
end
