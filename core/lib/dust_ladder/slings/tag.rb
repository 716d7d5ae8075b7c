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
            kg: own * held,
            source: "tag #{@sling["number"]}, #{hitch}#{held_words}",
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
          kg: vertical * factor(hitch) * held,
          source: "tag #{@sling["number"]} vertical#{held_words}, #{@rules.cite("#{hitch}_factor")}",
          contradictory: false
        )
      end

      def factor(hitch) = hitch == "choker" ? @rules[:choker_factor, @sling["kind"]] : @rules[:basket_factor]
      def vertical_kg = @tag["vertical_kg"]&.then { |kg| kg * held }
      def multi_leg = @tag["multi_leg"].map { |band| band.merge("kg" => band["kg"] * held) }

      private

      # The share of its ratings that its keeper lets it carry: what it is held to, against the rating straight, or the
      # highest that the tag gives where that is not known; never more than all of it.
      def held
        own = @sling["own_swl_kg"] or return 1.0

        stamped = @tag["vertical_kg"] || @tag.values_at("choker_kg", "basket_kg").compact.max
        stamped ? [ own / stamped.to_f, 1.0 ].min : 1.0
      end

      def held_words
        own = @sling["own_swl_kg"] or return ""
        why = @sling["own_swl_why"].to_s
        ", held to #{Figure.kg(own, :down)} here: #{why.empty? ? "no reason given" : why}"
      end

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
