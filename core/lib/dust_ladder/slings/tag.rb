module DustLadder
  module Slings
    # What a sling's own tag allows for one leg in a hitch, straight and plumb. The tag governs; the rule
    # set fills in only what the tag leaves out (handbook, section 3.2).
    class Tag
      # kg: capacity; source: who says so; contradictory: the tag's figures do not agree, the lowest is used.
      Rating = Struct.new(:kg, :source, :contradictory, keyword_init: true)

      def initialize(sling, rules)
        @sling = sling
        @rules = rules
        @tag = sling.fetch("tag")
      end

      def legible? =
        @tag["legible"] && [ *@tag.values_at("vertical_kg", "choker_kg", "basket_kg"), *@tag["multi_leg"] ].any?

      # hitch: "vertical", "choker", "basket". Raises NotKnown when neither tag nor rule set gives a figure.
      def rating(hitch)
        own = lowest(hitch)
        if own
          return Rating.new(
            kg: own,
            source: "tag #{@sling["number"]}, #{hitch}",
            contradictory: own < @tag["#{hitch}_kg"]
          )
        end

        vertical = @tag["vertical_kg"] or
          raise NotKnown.new(
            "the tag of #{@sling["number"]} gives no figure for " \
              "#{hitch == "vertical" ? "a vertical hitch" : "a #{hitch}, nor for a vertical hitch"}",
            pointer: Plan::Rigging.new(nil).pointer("legs")
          )
        Rating.new(
          kg: vertical * factor(hitch),
          source: "tag #{@sling["number"]} vertical, #{@rules.cite("#{hitch}_factor")}",
          contradictory: false
        )
      end

      def factor(hitch) = hitch == "choker" ? @rules[:choker_factor, @sling["kind"]] : @rules[:basket_factor]
      def vertical_kg = @tag["vertical_kg"]
      def multi_leg = @tag["multi_leg"]

      private

      # The tag's own figure, never above what its other figures can mean: a choker holds no more than a
      # straight leg, a basket no more than two.
      def lowest(hitch)
        own = @tag["#{hitch}_kg"] or return
        vertical, choker, basket = @tag.values_at("vertical_kg", "choker_kg", "basket_kg")
        others =
          case hitch
          when "vertical"
            [ basket ]
          when "choker"
            [ vertical, basket ]
          else
            [ vertical && vertical * 2 ]
          end
        [ own, *others.compact ].min
      end
    end
  end
end
