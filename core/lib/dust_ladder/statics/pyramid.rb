module DustLadder
  module Statics
    # A load whose points all lie below its CG stands in a pyramid of its hook and points. How far inside its faces
    # the CG stays, wherever in its box it is, a small tilt does not tell (handbook, section 3.4). m, in one level
    # frame.
    class Pyramid
      # signs: corner of the CG's box; face: indices of its two points; level: distance square to the face's level
      # line, in the corner's level plane; square: square to the face. Below nothing outside.
      Distance = Struct.new(:signs, :face, :level, :square)

      # hook, cg, half_widths: [x, y, z]; points: three or four in order round.
      def initialize(hook, points, cg, half_widths)
        @hook = hook
        @points = points
        @cg = cg
        @half_widths = half_widths
      end

      # Of every corner of the box to every face.
      def distances
        @distances ||=
          [ -1, 1 ].product([ -1, 1 ], [ -1, 1 ]).flat_map do |signs|
            corner = [ 0, 1, 2 ].map { |axis| @cg[axis] + signs[axis] * @half_widths[axis] }
            faces.map { |face, normal| distance(signs, face, normal, corner) }
          end
      end

      def least_level = distances.min_by(&:level)
      def least_square = distances.min_by(&:square)
      def inside? = least_level.level.positive?
      # Is every point lower than the box's highest corner?
      def below? = @points.all? { |point| point[2] < @cg[2] + @half_widths[2] }

      private

      def distance(signs, face, normal, corner)
        off = Vector.dot(normal, Vector.less(corner, @hook))
        long = Vector.length(normal)
        Distance.new(signs, face, off / Math.hypot(normal[0], normal[1]), off / long)
      end

      # [[its two points, normal toward the inside], ...].
      def faces
        middle = [ 0, 1, 2 ].map { |axis| @points.sum { |point| point[axis] } / @points.size }
        @points.each_index.map do |index|
          following = (index + 1) % @points.size
          one, other = [ index, following ].map { |at| Vector.less(@points[at], @hook) }
          normal = Vector.cross(one, other)
          inward = Vector.dot(normal, Vector.less(middle, @hook))
          [ [ index, following ], inward.negative? ? normal.map(&:-@) : normal ]
        end
      end
    end
  end
end
