module DustLadder
  module Site
    # What stands on an outline (as of Plane) and is as wide at every height from bottom to top, m on the site; endless
    # where these are not told.
    class Solid
      # One side of the outline, upright: its two ends, its middle and half its length.
      Wall = Struct.new(:a, :b, :middle, :half)

      attr_reader :name, :outline, :bottom, :top

      def initialize(name:, outline:, bottom: -Float::INFINITY, top: Float::INFINITY)
        @name = name
        @outline = outline
        @bottom = bottom
        @top = top
      end

      # The same, however high anything is.
      def endless = Solid.new(name: name, outline: outline)

      def middle = @middle ||= [ 0, 1 ].map { |side| outline.sum { |place| place[side] } / outline.size }

      # Of the circle about its middle that holds it.
      def radius = @radius ||= outline.map { |place| Plane.apart_from(middle, place) }.max

      # From a straight line between two places [x, y, z], m; 0 where the line goes through.
      def apart(from, to)
        return nearest_wall(from, to) if Plane.beside?(ends, [ from, to ])

        through?(from, to) ? 0.0 : [ *over(from), *over(to), nearest_wall(from, to) ].min
      end

      # Does some of the line that is as high as the solid lie in its outline?
      def through?(from, to)
        return false if Plane.beside?(ends, [ from, to ])

        low, high = Space.at_height(from[2], to[2], bottom, top)
        return false unless low

        one, other = Space.mixed(from, to, low), Space.mixed(from, to, high)
        Plane.inside?(one, outline) || Plane.inside?(other, outline) ||
          walls.any? { |wall| Plane.cross?(one, other, wall.a, wall.b) }
      end

      private

      def ends = @ends ||= Plane.ends(outline)

      def walls
        @walls ||=
          Plane.sides(outline).map do |a, b|
            Wall.new(a, b, [ (a[0] + b[0]) / 2.0, (a[1] + b[1]) / 2.0 ], Plane.apart_from(a, b) / 2)
          end
      end

      # How far a place over or under the outline is from it; nil elsewhere.
      def over(place)
        [ bottom - place[2], place[2] - top, 0.0 ].max if Plane.inside?(place, outline)
      end

      # A wall that is no nearer than another even seen from above need not be looked at.
      def nearest_wall(from, to)
        walls.reduce(Float::INFINITY) do |least, wall|
          next least if Plane.from_side(wall.middle, from, to) - wall.half >= least

          Space.lesser(least, Space.from_wall(from, to, wall.a, wall.b, bottom, top))
        end
      end
    end
  end
end
