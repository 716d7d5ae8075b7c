module DustLadder
  module Site
    # How near boom, rope, rigging and load come to a wire, over all legs of a way, in true space (handbook, section 8).
    class Approach
      # m: how near. leg: of the way. share: of that leg.
      Near = Struct.new(:m, :leg, :share, :station, keyword_init: true)
      # A ball that holds the load however it hangs: its middle below the hook, and its radius, m.
      Ball =
        Struct.new(:below, :radius) do
          # From the ball below a hook to the nearest of spans, [from, to] each; below nothing inside.
          def apart(hook, spans) = hang(hook, below).then { |middle| Space.spans_apart(middle, middle, spans) } - radius

          # The same of all between hook and ball, which lies within a cone from the one to the other: cut in slices,
          # each taken as wide as it is at its lower end. Where that is no less than need, at least so much.
          def rigging_apart(hook, spans, need)
            middle = hang(hook, below)
            off = spans.map { |from, to| Space.sides_apart(hook, middle, from, to) }
            axis = off.min
            return axis - radius if axis - radius >= need

            spans = spans.zip(off).filter_map { |span, metres| span if metres - radius < axis } if spans.size > 1

            # From the widest slice up: one that is too narrow to be nearer need not be looked at.
            SLICES.downto(1).reduce(Float::INFINITY) do |least, slice|
              wide = radius * slice / SLICES
              break least if axis - wide >= least

              high, low = [ slice - 1, slice ].map { |at| hang(hook, below * at / SLICES) }
              [ Space.spans_apart(high, low, spans) - wide, least ].min
            end
          end

          private def hang(hook, metres) = [ hook[0], hook[1], hook[2] - metres ]
        end
      PARTS = %w[boom rope load].freeze
      # In how many slices the rigging is looked at from the hook down to the load's middle.
      SLICES = 5

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
        found, leg =
          @sweeps.each_with_index.reduce(nil) do |best, (sweep, leg)|
            found = send(part, sweep, best ? best[0].m : under)
            found ? [ found, leg ] : best
          end
        return unless found

        nearer = found.nearer
        Near.new(m: nearer.m, leg: leg, share: nearer.share, station: @sweeps[leg].at(nearer.share))
      end

      # Of what hangs, is it the load itself that is as near as that?
      def load?(near) = to_ball(@sweeps[near.leg].hook(near.share)) <= near.m + Least::WITHIN

      private

      # Those of the wire's spans that could be the nearest: no farther from what the crane reaches all round than the
      # nearest of them is from the hook where the way begins.
      def nearby(spans)
        return spans if spans.size < 3

        axis, hook = @sweeps[0].standing.axis.first(2), @sweeps[0].hook(0.0)
        reach = @sweeps.flat_map { |sweep| [ sweep.from.radius, sweep.to.radius ] }.max + @ball.radius
        nearest = spans.map { |from, to| Space.sides_apart(hook, hook, from, to) }.min
        spans.select { |from, to| Plane.from_side(axis, from, to) - reach <= nearest }
      end

      def boom(sweep, under)
        Least.over(sweep.pieces, under: under) { |piece, share| to_wire(*sweep.ends(piece, share)) }
      end

      # The tip alone, about which the boom's head lies.
      def head(sweep, under)
        Least.of(sweep.boom_slope, under: under) { |share| sweep.tip(share).then { |tip| to_wire(tip, tip) } }
      end

      def rope(sweep, under)
        Least.of(sweep.rope_slope, under: under) { |share| to_wire(sweep.tip(share), sweep.hook(share)) }
      end

      def load(sweep, under)
        Least.of(sweep.hook_slope, under: under) { |share| to_ball(sweep.hook(share)) }
      end

      # From the ball of the load under a hook.
      def to_ball(hook) = [ @ball.apart(hook, @spans), 0.0 ].max

      def rigging(sweep, under)
        Least.of(sweep.hook_slope, under: under) do |share, need|
          [ @ball.rigging_apart(sweep.hook(share), @spans, need), 0.0 ].max
        end
      end

      def to_wire(from, to) = Space.spans_apart(from, to, @spans)
    end
  end
end
