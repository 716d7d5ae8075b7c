module DustLadder
  module Site
    # The least of something that changes along a way no faster than is known: what could be less is looked at, what
    # could not is passed over. So nothing is stepped over, however fast it comes and goes (by at most WITHIN).
    module Least
      WITHIN = 5e-3
      # A way is first looked at in steps over which what is looked for changes no more than this, m, and in no more of
      # them than so many.
      STEP_M = 4.0
      STEPS = 8
      # How far about a least it is looked for more nearly, and how near it is brought; shares of the way.
      NEAR = 2e-3
      HAIR = 1e-5
      GOLDEN = (Math.sqrt(5) - 1) / 2

      # A least so far, where it is, what was asked there, and between which shares.
      Found =
        Struct.new(:m, :share, :figure, :span) do
          # The same least, nearer: by golden sections about where it was found.
          def nearer
            low, high = [ share - NEAR, span[0] ].max, [ share + NEAR, span[1] ].min
            asked = ->(at) { figure.(at, Float::INFINITY) }
            middle = Least.golden(low, high, HAIR, &asked)
            [ self, *[ middle, low, high ].map { |at| Found.new(asked.(at), at, figure, span) } ].min_by(&:m)
          end
        end

      module_function

      # Of a distance, never below nothing. slope: most that the answer changes over the whole way, from 0 to 1. under:
      # what has been found elsewhere; only what is less is looked for. span: the shares between which it is looked for.
      # Yields a share and the least so far, takes the figure there: where it is no less than that least, any lower
      # bound of it will do that obeys the same slope. Returns a Found, nil for nothing less.
      def of(slope, under: Float::INFINITY, span: [ 0.0, 1.0 ], &figure)
        best = Found.new(under, nil, figure, span)
        ask =
          lambda do |share|
            found = figure.(share, best.m)
            best = Found.new(found, share, figure, span) if found < best.m
            [ share, found ]
          end
        from, long = span[0], span[1] - span[0]
        steps = (slope * long / STEP_M).ceil.clamp(0, STEPS)
        asked = (0..steps).map { |step| ask.(steps.zero? ? from : from + long * step / steps) }
        asked.each_cons(2).sort_by { |one, other| one[1] + other[1] }
          .each { |one, other| halve(one, other, slope, -> { best.m - WITHIN }, ask) }
        best if best.share
      end

      # The same over several things, each with its own slope. Yields one of them, a share and the least so far.
      def over(things, under: Float::INFINITY)
        things.reduce(nil) do |best, thing|
          of(thing.slope, under: best ? best.m : under) { |share, least| yield(thing, share, least) } || best
        end
      end

      # Looks between two shares as long as something there could be less than it need be.
      def halve(one, other, slope, need, ask)
        Budget.ask!
        open = [ [ one, other ] ]
        until open.empty?
          from, to = open.pop
          least = (from[1] + to[1] - slope * (to[0] - from[0])) / 2
          next if (least.positive? ? least : 0.0) >= need.()

          middle = ask.((from[0] + to[0]) / 2)
          open << [ middle, to ] << [ from, middle ]
        end
      end

      # Where between two shares the least is of what the block answers, to a hair.
      def golden(low, high, hair)
        one, other = high - GOLDEN * (high - low), low + GOLDEN * (high - low)
        here, there = yield(one), yield(other)
        until high - low < hair
          if here < there
            high, other, there = other, one, here
            one = high - GOLDEN * (high - low)
            here = yield(one)
          else
            low, one, here = one, other, there
            other = low + GOLDEN * (high - low)
            there = yield(other)
          end
        end
        (low + high) / 2
      end

      # The least of `gap` over the shares at which what the block answers is nothing, or so near to it that it counts
      # (WITHIN). Yields a share and how much counts as far. gap: two figures, each of [at 0, at 1] and changing evenly
      # between; the greater of them counts. Returns [figure, share], nil where there is no such share, or nothing less
      # than under.
      def where(slope, gap, under: Float::INFINITY)
        best = Found.new(under)
        open = [ [ 0.0, 1.0 ] ]
        until open.empty?
          Budget.ask!
          from, to = open.pop
          next if gap.map { |ends| [ mixed(ends, from), mixed(ends, to) ].min }.max >= best.m

          middle = (from + to) / 2
          need = WITHIN + slope * (to - from) / 2
          apart = yield(middle, need)
          next if apart > need

          found = gap.map { |ends| mixed(ends, middle) }.max
          best = Found.new(found, middle) if apart <= WITHIN && found < best.m
          next if to - from < HAIR

          open << [ from, middle ] << [ middle, to ]
        end
        best if best.share
      end

      def mixed(ends, share) = ends[0] + (ends[1] - ends[0]) * share
    end
  end
end
