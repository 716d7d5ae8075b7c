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

      # The shares of a line between which it is no lower than bottom and no higher than top; nil where it never is.
      def at_height(from, to, bottom, top)
        return from.between?(bottom, top) ? [ 0.0, 1.0 ] : nil if from == to

        low, high = [ (bottom - from) / (to - from), (top - from) / (to - from) ].minmax
        low, high = [ low, 0.0 ].max, [ high, 1.0 ].min
        low <= high ? [ low, high ] : nil
      end

      def mixed(from, to, share) = from.zip(to).map { |one, other| one + (other - one) * share }

      # From a straight line to an upright wall over one side of an outline: its edges, or its face where an end of the
      # line stands before it. A solid is as wide at every height, so that of what is over it only its upper edge is
      # near, and its lower edge only to what is lower. A line that goes through the wall goes through the solid.
      def from_wall(from, to, a, b, bottom, top)
        low, high = from[2] < to[2] ? [ from[2], to[2] ] : [ to[2], from[2] ]
        return from_edge(from, to, a, b, top) if low >= top
        return from_edge(from, to, a, b, bottom) if high <= bottom

        least = sides_apart(from, to, [ a[0], a[1], bottom ], [ a[0], a[1], top ])
        least = lesser(least, from_edge(from, to, a, b, bottom)) if low < bottom
        least = lesser(least, from_edge(from, to, a, b, top)) if high > top
        [ from, to ].reduce(least) { |nearest, place| lesser(nearest, before(place, a, b, bottom, top) || nearest) }
      end

      def from_edge(from, to, a, b, height) = sides_apart(from, to, [ a[0], a[1], height ], [ b[0], b[1], height ])
      def lesser(one, other) = one < other ? one : other

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
