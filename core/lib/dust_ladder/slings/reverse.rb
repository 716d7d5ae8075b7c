module DustLadder
  module Slings
    # The questions the other way round.
    module Reverse
      module_function

      # Flattest angle that a rating allows, degrees from the horizontal, for a vertical share in kg; never under the
      # rule set's floor. nil when it does not even carry the share plumb.
      def flattest_deg(rating, share, rules)
        return if share > rating * (1 + Ladder::Verdict::SLACK)

        [ Math.asin([ share / rating.to_f, 1.0 ].min) * 180 / Math::PI, rules[:angle_floor_deg_from_horizontal] ].max
      end

      # Shortest leg, m, for a run from plumb and the flattest angle it may stand at.
      def shortest_length(run, deg_from_horizontal) = run / Math.cos(deg_from_horizontal * Math::PI / 180)

      # Longest leg, m, that the headroom from point to hook allows over a run.
      def longest_length(run, headroom) = Math.hypot(run, headroom)

      # Of sizes [[name, rating in kg], ...] the smallest that carries a share at an angle; nil when none does.
      def smallest_size(sizes, share, deg_from_horizontal)
        tension = share / Math.sin(deg_from_horizontal * Math::PI / 180)
        sizes.select { |_, rating| rating * (1 + Ladder::Verdict::SLACK) >= tension }.min_by(&:last)
      end
    end
  end
end
