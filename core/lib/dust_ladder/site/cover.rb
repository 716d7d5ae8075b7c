module DustLadder
  module Site
    # How much of an outline lies on none of others, which may overlap each other. Between the upright lines through
    # every corner and every crossing no side crosses another, so that each strip is made of trapezoids and its middle
    # tells all of it.
    class Cover
      # outline: what is to be covered. others: what covers it; outlines as of Plane.
      def initialize(outline, others)
        @outline = outline
        @others = others.select { |other| Plane.touch?(outline, other) }
      end

      # Area that is not covered, m2.
      def bare
        return Plane.area(@outline) if @others.empty?

        columns.each_cons(2).sum { |from, to| (to - from) * bare_along((from + to) / 2) }
      end

      private

      def columns
        least, most = @outline.map(&:first).minmax
        all = [ @outline, *@others ].flat_map { |one| Plane.sides(one) }
        corners = all.map { |from, _| from[0] }
        crossings = all.combination(2).filter_map { |one, other| crossing(*one, *other) }
        [ *corners, *crossings ].select { |x| x.between?(least, most) }.uniq.sort
      end

      # East of where two sides cross, or nil.
      def crossing(a, b, c, d)
        return unless Plane.cross?(a, b, c, d)

        one, other = Plane.turn(c, d, a), Plane.turn(c, d, b)
        a[0] + (b[0] - a[0]) * one / (one - other)
      end

      # Of an upright line: what of it lies in the outline and in none of the others, m.
      def bare_along(x)
        cuts = [ @outline, *@others ].map { |one| cuts(one, x) }
        inside, *covered = cuts.map { |heights| heights.each_slice(2).to_a }
        marks = cuts.flatten.sort.uniq
        marks.each_cons(2).sum do |low, high|
          middle = (low + high) / 2
          bare = within?(inside, middle) && covered.none? { |spans| within?(spans, middle) }
          bare ? high - low : 0.0
        end
      end

      def within?(spans, y) = spans.any? { |low, high| y.between?(low, high) }

      def cuts(outline, x)
        Plane
          .sides(outline)
          .filter_map do |a, b|
            a[1] + (b[1] - a[1]) * (x - a[0]) / (b[0] - a[0]) if (a[0] > x) != (b[0] > x)
          end
          .sort
      end
    end
  end
end
