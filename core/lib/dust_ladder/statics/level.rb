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
