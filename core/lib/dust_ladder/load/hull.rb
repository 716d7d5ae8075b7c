module DustLadder
  module Load
    # The area that points in plan hold, [x, y] in m, in whatever order they are given; and how far towards its edge a
    # place in it lies, seen from its middle.
    class Hull
      THIN = 1e-9

      def initialize(points)
        @points = around(points)
        @middle = [ 0, 1 ].map { |axis| @points.sum { |point| point[axis] } / @points.size }
      end

      def flat? = @points.size < 3

      # 0 in the middle, 1 on the edge, more outside.
      def share(place)
        edges.map { |nx, ny, far| (nx * (place[0] - @middle[0]) + ny * (place[1] - @middle[1])) / far }.max
      end

      # Distance of a place from the middle, and from the middle to the edge the same way, m.
      def reach(place)
        off = Math.hypot(place[0] - @middle[0], place[1] - @middle[1])
        return [ 0.0, edges.map(&:last).min ] if off < THIN

        [ off, off / share(place) ]
      end

      private

      # Outward normals of the edges and how far each is from the middle.
      def edges
        @edges ||=
          @points.zip(@points.rotate).map do |(ax, ay), (bx, by)|
            long = Math.hypot(bx - ax, by - ay)
            nx, ny = (by - ay) / long, (ax - bx) / long
            [ nx, ny, nx * (ax - @middle[0]) + ny * (ay - @middle[1]) ]
          end
      end

      # The points on the outside, counterclockwise (a chain below, a chain above).
      def around(points)
        sorted = points.uniq.sort
        return sorted if sorted.size < 3

        lower, upper = [ sorted, sorted.reverse ].map { |some| chain(some) }
        lower[0..-2] + upper[0..-2]
      end

      def chain(points)
        points.each_with_object([]) do |point, kept|
          kept.pop while kept.size > 1 && turn(kept[-2], kept[-1], point) <= THIN
          kept << point
        end
      end

      def turn((ax, ay), (bx, by), (cx, cy)) = (bx - ax) * (cy - ay) - (by - ay) * (cx - ax)
    end
  end
end
