module DustLadder
  module Site
    # How near boom, rope, rigging and load come to a wire, over all legs of a way, in true space (handbook, section 8).
    class Approach
      # m: how near. leg: of the way. share: of that leg.
      Near = Struct.new(:m, :leg, :share, :station, keyword_init: true)
      # A ball that holds the load however it hangs: its middle below the hook, and its radius, m.
      Ball = Struct.new(:below, :radius)
      PARTS = %w[boom rope load].freeze
      # In how many steps the rigging is looked at from the hook down to the load's middle.
      STEPS = 5

      # sweeps: the legs as Sweeps. wire: places [x, y, z] along it.
      def initialize(sweeps, ball, wire, parts: PARTS)
        @sweeps = sweeps
        @ball = ball
        @spans = nearby(wire.each_cons(2).to_a)
      end

      # { part => Near }, foremost the nearest.
      def parts = @parts ||= PARTS.to_h { |part| [ part, near(part) ] }.sort_by { |_, near| near.m }.to_h

      # The Near of one part, or of the "rigging"; nil where it comes no nearer than `under`.
      def near(part, under = Float::INFINITY)
        @sweeps.each_with_index.reduce(nil) do |best, (sweep, leg)|
          found = send(part, sweep, best ? best.m : under)
          found ? Near.new(m: found[0], leg: leg, share: found[1], station: sweep.at(found[1])) : best
        end
      end

      private

      # Those of the wire's spans that could be the nearest: no farther from what the crane reaches all round than the
      # nearest of them is from the hook where the way begins.
      def nearby(spans)
        return spans if spans.size < 3

        axis, hook = @sweeps[0].standing.axis.first(2), @sweeps[0].pose(0.0).hook
        reach = @sweeps.flat_map { |sweep| [ sweep.from.radius, sweep.to.radius ] }.max + @ball.radius
        nearest = spans.map { |from, to| Space.sides_apart(hook, hook, from, to) }.min
        spans.select { |from, to| Plane.from_side(axis, from, to) - reach <= nearest }
      end

      def boom(sweep, under)
        Least.over(sweep.pieces, under: under) { |piece, share| to_wire(*sweep.pose(share).of(piece)) }
      end

      def rope(sweep, under)
        Least.of(sweep.rope_slope, under: under) { |share|
          sweep.pose(share).then { |pose|
            to_wire(pose.tip, pose.hook)
          }
        }
      end

      def load(sweep, under)
        Least.of(sweep.hook_slope, under: under) do |share|
          x, y, z = sweep.pose(share).hook
          ball = [ x, y, z - @ball.below ]
          [ to_wire(ball, ball) - @ball.radius, 0.0 ].max
        end
      end

      # All between the hook and the ball, which lies within a cone from the one to the other. Cut in steps, each taken
      # as wide as it is at its lower end.
      def rigging(sweep, under)
        Least.of(sweep.hook_slope, under: under) do |share, need|
          x, y, z = sweep.pose(share).hook
          axis = to_wire([ x, y, z ], [ x, y, z - @ball.below ])
          next axis - @ball.radius if axis - @ball.radius >= need

          [ (0...STEPS).map { |step| slice(x, y, z, step) }.min, 0.0 ].max
        end
      end

      def slice(x, y, z, step)
        high, low = [ step, step + 1 ].map { |at| z - @ball.below * at / STEPS }
        to_wire([ x, y, high ], [ x, y, low ]) - @ball.radius * (step + 1) / STEPS
      end

      def to_wire(from, to) = @spans.map { |a, b| Space.sides_apart(from, to, a, b) }.min
    end
  end
end
