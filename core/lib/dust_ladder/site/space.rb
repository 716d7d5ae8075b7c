module DustLadder
  module Site
    # Distances in space between straight lines, and to upright solids. A place is [x, y, z] in m.
    module Space
      module_function

      # Least distance between two straight lines, each of two ends. Written out, since a way asks it thousands of
      # times.
      def sides_apart(a, b, c, d)
        ux, uy, uz = b[0] - a[0], b[1] - a[1], b[2] - a[2]
        vx, vy, vz = d[0] - c[0], d[1] - c[1], d[2] - c[2]
        wx, wy, wz = a[0] - c[0], a[1] - c[1], a[2] - c[2]
        uu, uv, vv = ux * ux + uy * uy + uz * uz, ux * vx + uy * vy + uz * vz, vx * vx + vy * vy + vz * vz
        uw, vw = ux * wx + uy * wy + uz * wz, vx * wx + vy * wy + vz * wz
        s = first(uu, uv, vv, uw, vw)
        t = vv > 0 ? clamped((uv * s + vw) / vv) : 0.0
        s = uu > 0 ? clamped((uv * t - uw) / uu) : 0.0
        x, y, z = wx + s * ux - t * vx, wy + s * uy - t * vy, wz + s * uz - t * vz
        Math.sqrt(x * x + y * y + z * z)
      end

      # The same to the nearest of several, [from, to] each.
      def spans_apart(a, b, spans) = spans.map { |from, to| sides_apart(a, b, from, to) }.min

      # How far along the first of two lines its nearest place lies, were the other endless.
      def first(uu, uv, vv, uw, vw)
        across = uu * vv - uv * uv
        across > 1e-12 * uu * vv ? clamped((uv * vw - vv * uw) / across) : 0.0
      end

      def clamped(share)
        return 0.0 if share < 0.0

        share > 1.0 ? 1.0 : share
      end

      def apart(a, b) = Math.sqrt((a[0] - b[0])**2 + (a[1] - b[1])**2 + (a[2] - b[2])**2)

      # From a straight line to what stands on an outline from bottom to top, m; 0 where the line goes through it.
      def from_solid(from, to, outline, bottom, top)
        return 0.0 if through?(from, to, outline, bottom, top)

        ends =
          [ from, to ].filter_map do |place|
            [ bottom - place[2], place[2] - top, 0.0 ].max if Plane.inside?(place, outline)
          end
        [ *ends, Plane.sides(outline).map { |a, b| from_wall(from, to, a, b, bottom, top) }.min ].min
      end

      # Does some of the line that is as high as the solid lie in its outline?
      def through?(from, to, outline, bottom, top)
        low, high = at_height(from[2], to[2], bottom, top)
        return false unless low

        one, other = mixed(from, to, low), mixed(from, to, high)
        Plane.inside?(one, outline) || Plane.inside?(other, outline) ||
          Plane.sides(outline).any? { |a, b| Plane.cross?(one, other, a, b) }
      end

      # The shares of a line between which it is no lower than bottom and no higher than top; nil where it never is.
      def at_height(from, to, bottom, top)
        return from.between?(bottom, top) ? [ 0.0, 1.0 ] : nil if from == to

        low, high = [ (bottom - from) / (to - from), (top - from) / (to - from) ].minmax
        low, high = [ low, 0.0 ].max, [ high, 1.0 ].min
        low <= high ? [ low, high ] : nil
      end

      def mixed(from, to, share) = from.zip(to).map { |one, other| one + (other - one) * share }

      # From a straight line to an upright wall over one side of an outline: its lower and upper edge and the one at its
      # first end, or its face where an end of the line stands before it. A line that goes through the wall goes through
      # the solid.
      def from_wall(from, to, a, b, bottom, top)
        ax, ay = a
        bx, by = b
        low, high = [ ax, ay, bottom ], [ ax, ay, top ]
        least = sides_apart(from, to, low, [ bx, by, bottom ])
        other = sides_apart(from, to, high, [ bx, by, top ])
        least = other if other < least
        other = sides_apart(from, to, low, high)
        least = other if other < least
        [ before(from, a, b, bottom, top), before(to, a, b, bottom, top) ].compact.push(least).min
      end

      # How far a place stands before a wall; nil where it does not stand before it.
      def before(place, a, b, bottom, top)
        return unless place[2].between?(bottom, top)

        dx, dy = b[0] - a[0], b[1] - a[1]
        long = dx * dx + dy * dy
        return if long.zero?

        along = ((place[0] - a[0]) * dx + (place[1] - a[1]) * dy) / long
        (((place[0] - a[0]) * dy - (place[1] - a[1]) * dx) / Math.sqrt(long)).abs if along.between?(0.0, 1.0)
      end
    end
  end
end
