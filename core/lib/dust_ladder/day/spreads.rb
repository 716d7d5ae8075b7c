module DustLadder
  module Day
    # How far apart the points of a load are, as a tape tells it: along their line where they lie on one, else along and
    # across the load. A tape tells how far, not which point is off, so that both ends are judged.
    class Spreads
      # A distance that can be measured: label in words, the level direction it runs in, and how far it is planned, m.
      Way = Struct.new(:label, :along, :planned, :ends, keyword_init: true)

      # Nearer than this nobody tells points apart by it, m.
      LEAST_M = 0.05
      # So far off a line points still lie on it, m.
      STRAIGHT_M = 0.01

      # names, points: of the load; points as [x, y, z], m.
      def initialize(names, points)
        @names = names
        @points = points
      end

      def ways
        @ways ||= directions.map { |label, along| way(label, along) }.select { |one| one.planned > LEAST_M }
      end

      # The points as they are where other distances were measured: { index => [x, y, z] }, m. measured: m or nil, one a
      # way; sides: one a way, -1 and 1 with all of the difference at the first or the last of its points, 0 shared.
      def moved(measured, sides)
        places = @points.map(&:dup)
        ways.each_with_index do |way, at|
          stretch(places, way, measured[at] / way.planned, sides[at]) if measured[at]
        end
        places.each_with_index.filter_map { |place, index| [ index, place ] if place != @points[index] }.to_h
      end

      private

      def directions
        return [] if @points.size < 2

        line = on_one_line
        line ? [ [ nil, line ] ] : [ [ "along the load", [ 1.0, 0.0 ] ], [ "across the load", [ 0.0, 1.0 ] ] ]
      end

      # The level direction in which all points lie; nil where they do not lie on a line.
      def on_one_line
        first, last = @points.combination(2).max_by { |one, other| apart(one, other) }
        long = apart(first, last)
        return if long < LEAST_M

        along = [ 0, 1 ].map { |axis| (last[axis] - first[axis]) / long }
        along = along.map(&:-@) if along.find { |part| part.abs > 1e-9 }.negative?
        off = @points.map { |at| ((at[0] - first[0]) * along[1] - (at[1] - first[1]) * along[0]).abs }
        along if off.max <= STRAIGHT_M
      end

      def way(label, along)
        places = @points.map { |at| at[0] * along[0] + at[1] * along[1] }
        low, high = places.minmax
        ends = [ places.index(low), places.index(high) ].map { |index| @names[index] }
        Way.new(label: label || "from #{ends.join(" to ")}", along: along, planned: high - low, ends: [ low, high ])
      end

      # side: which end the difference is at; what lies between moves in proportion.
      def stretch(places, way, by, side)
        low, high = way.ends
        still = side.zero? ? (low + high) / 2 : side.positive? ? low : high
        places.each_with_index do |place, index|
          at = @points[index][0] * way.along[0] + @points[index][1] * way.along[1]
          [ 0, 1 ].each { |axis| place[axis] += way.along[axis] * (at - still) * (by - 1) }
        end
      end

      def apart(one, other) = Math.hypot(one[0] - other[0], one[1] - other[1])
    end
  end
end
