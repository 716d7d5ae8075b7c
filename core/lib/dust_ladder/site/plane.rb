module DustLadder
  module Site
    # Outlines and lines seen from above. A place is [x, y] in m, an outline its corners in order, either way round and
    # not repeated at the end; its sides do not cross. Distances in m, 0 where things touch or lie in each other.
    module Plane
      module_function

      # Does a place lie in an outline? What lies on its edge may be told either way.
      def inside?(place, outline)
        x, y = place
        inside = false
        bx, by = outline.last
        outline.each do |ax, ay|
          inside = !inside if (ay > y) != (by > y) && x < (bx - ax) * (y - ay).fdiv(by - ay) + ax
          bx, by = ax, ay
        end
        inside
      end

      # From a place to another.
      def apart_from(place, other) = Math.hypot(other[0] - place[0], other[1] - place[1])

      # From a place to the straight line between two others.
      def from_side(place, from, to)
        x, y = place[0] - from[0], place[1] - from[1]
        dx, dy = to[0] - from[0], to[1] - from[1]
        long = dx * dx + dy * dy
        along = long > 0 ? (x * dx + y * dy).fdiv(long) : 0.0
        along = along < 0.0 ? 0.0 : 1.0 if along < 0.0 || along > 1.0
        x -= along * dx
        y -= along * dy
        Math.sqrt(x * x + y * y)
      end

      # West, east, south and north end of several places.
      def ends(places) = [ *places.map(&:first).minmax, *places.map { |place| place[1] }.minmax ]

      # Do all of several places lie on the same side of such ends, so that nothing between them touches what is within?
      def beside?(ends, places)
        west, east, south, north = ends
        places.all? { |x, _| x > east } || places.all? { |x, _| x < west } ||
          places.all? { |_, y| y > north } || places.all? { |_, y| y < south }
      end

      # Do two straight lines, each of two ends, cross?
      def cross?(a, b, c, d)
        (turn(a, b, c) * turn(a, b, d)).negative? && (turn(c, d, a) * turn(c, d, b)).negative?
      end

      # Twice the area of the triangle of three places, above 0 where it goes round counterclockwise.
      def turn(a, b, c) = (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0])

      # The sides of an outline, or the parts of a line that does not close.
      def sides(places, closed: true) = closed ? places.zip(places.rotate) : places.each_cons(2).to_a

      # Between an outline and a line, or another outline where the line closes.
      def apart(outline, line, closed: true)
        return 0.0 if overlap?(outline, line, closed: closed)

        # What does not cross is nearest at a corner of one of them.
        to_sides(line, sides(outline), to_sides(outline, sides(line, closed: closed)))
      end

      # Does one outline touch another?
      def touch?(outline, other) = !beside?(ends(outline), other) && apart(outline, other) <= 0

      # Does some of a line, or of what it closes about, lie in an outline? What only touches may be told either way.
      def overlap?(outline, line, closed: true)
        return false if beside?(ends(outline), line)
        return true if line.any? { |place| inside?(place, outline) } || (closed && inside?(outline.first, line))

        others = sides(line, closed: closed)
        sides(outline).any? { |a, b| others.any? { |c, d| cross?(a, b, c, d) } }
      end

      # The least from several places to several sides, or what it is known to be at most. A side that is farther than
      # that even from its middle, less half its length, is passed over.
      def to_sides(places, sides, least = Float::INFINITY)
        sides.each do |from, to|
          x, y, half = (from[0] + to[0]) / 2.0, (from[1] + to[1]) / 2.0, apart_from(from, to) / 2
          places.each do |place|
            next if Math.hypot(place[0] - x, place[1] - y) - half >= least

            distance = from_side(place, from, to)
            least = distance if distance < least
          end
        end
        least
      end

      # From a place to an outline.
      def from_outline(place, outline)
        return 0.0 if inside?(place, outline)

        sides(outline).map { |from, to| from_side(place, from, to) }.min
      end

      # Area of an outline, m2.
      def area(outline) = (sides(outline).sum { |a, b| a[0] * b[1] - b[0] * a[1] } / 2.0).abs

      # A square about its middle, one pair of its sides along a bearing, degrees clockwise from north.
      def square(middle, side, bearing) = rectangle(middle, side, side, bearing)

      # A rectangle about its middle, its length along a bearing, degrees clockwise from north.
      def rectangle(middle, length, width, bearing)
        along, across = bearings(bearing)
        [ [ 1, 1 ], [ 1, -1 ], [ -1, -1 ], [ -1, 1 ] ].map do |one, other|
          a, b = one * length / 2.0, other * width / 2.0
          [ middle[0] + a * along[0] + b * across[0], middle[1] + a * along[1] + b * across[1] ]
        end
      end

      # One metre along a bearing, and one to the right of it.
      def bearings(bearing)
        turned = bearing * Math::PI / 180
        [ [ Math.sin(turned), Math.cos(turned) ], [ Math.cos(turned), -Math.sin(turned) ] ]
      end

      # Is it an outline at all: three corners or more, some area, and no side that crosses another?
      def outline?(places)
        return false if places.size < 3 || area(places) < 1e-6

        all = sides(places)
        all.each_with_index.none? do |(a, b), index|
          all.drop(index + 1).any? { |c, d| cross?(a, b, c, d) }
        end
      end
    end
  end
end
