module DustLadder
  module Statics
    # Shares and tensions under one plumb line, by hand (handbook, section 3.1). Masses in kg, lengths
    # in m; tensions as the mass they would hold.
    module Level
      module_function

      # Vertical share of each of `sharing` alike legs.
      def symmetric_share(load, sharing) = load / sharing.to_f

      # Vertical shares of two points under one hook whose plumb line lies `a` from point A and `b` from
      # point B (level distances, positive away from each other), the hook `height_a` and `height_b` above
      # them. A negative share: it cannot hang so. Raises NotKnown when no share is defined.
      def two_point_shares(load, a, b, height_a, height_b)
        sum = b * height_a + a * height_b
        raise NotKnown, "the two points do not span the plumb line: no share can be worked out" if sum.abs < 1e-12

        [ load * b * height_a / sum, load * a * height_b / sum ]
      end

      # Vertical shares when each point hangs on a plumb line of its own: heights do not matter.
      def plumb_line_shares(load, a, b)
        raise NotKnown, "both points are on one plumb line: no share can be worked out" if (a + b).abs < 1e-12

        [ load * b / (a + b), load * a / (a + b) ]
      end

      # Barycentric weights of the plumb line in the triangle of three points: plan positions [x, y] from the plumb
      # line. Raises NotKnown when the points stand in one line.
      def weights(points)
        (xa, ya), (xb, yb), (xc, yc) = points
        twice = (xb - xa) * (yc - ya) - (xc - xa) * (yb - ya)
        size = points.flatten.map(&:abs).max
        if twice.abs <= 1e-9 * [ size * size, 1e-12 ].max
          raise NotKnown, "the three points stand in one line in plan: no shares are defined"
        end

        [ (xb * yc - xc * yb) / twice, (xc * ya - xa * yc) / twice, (xa * yb - xb * ya) / twice ]
      end

      # Vertical shares of three points under one hook: V = W w H / sum(w H). A negative one: it cannot hang level so.
      def three_point_shares(load, points, heights)
        weighted = weights(points).zip(heights).map { |weight, height| weight * height }
        sum = weighted.sum
        raise NotKnown, "these heights leave no shares" if sum.abs < 1e-12

        weighted.map { |one| load * one / sum }
      end

      # Vertical shares of any number of points, least in their squares, of all that balance: only for legs that are
      # equalised; a negative one tells that these legs cannot hold it level. Points [x, y] from the plumb line,
      # heights of the hook above each.
      def least_norm_shares(load, points, heights)
        rows = [
          points.map { 1.0 },
          points.zip(heights).map { |(x, _), height| x / height },
          points.zip(heights).map { |(_, y), height| y / height }
        ]
        gram = rows.flat_map { |one| rows.map { |other| one.zip(other).sum { |a, b| a * b } } }
        factors = Linear.solve(gram, [ load.to_f, 0.0, 0.0 ]) or
          raise NotKnown, "the points stand in one line in plan: no shares are defined"
        points.each_index.map { |index| rows.each_index.sum { |row| rows[row][index] * factors[row] } }
      end

      # The largest share of each of four points over every three of them whose triangle holds the plumb line: what a
      # stiff load on stiff legs may put on it. Raises NotKnown when no three hold it.
      def by_diagonals(load, points, heights)
        threes = (0...points.size).to_a.combination(3).filter_map { |some| shares_of(load, points, heights, some) }
        raise NotKnown, "no three of the points hold the load: it cannot hang level" if threes.empty?

        points.each_index.map { |index| threes.map { |shares| shares[index] || 0.0 }.max }
      end

      def shares_of(load, points, heights, some)
        shares = three_point_shares(load, points.values_at(*some), heights.values_at(*some))
        some.zip(shares).to_h if shares.min >= -1e-9 * load
      rescue NotKnown
        nil
      end
      private_class_method :shares_of

      # T = V x L / H, over the same stretch of leg. Raises NotKnown when the leg does not rise.
      def leg_tension(share, length, height)
        raise NotKnown, "a leg that does not rise carries nothing" unless height.positive?

        share * length / height
      end

      # The level pull at either end of a leg.
      def thrust(share, run, height) = share * run / height
    end
  end
end
