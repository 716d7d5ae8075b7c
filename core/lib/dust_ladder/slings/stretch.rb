module DustLadder
  module Slings
    # How far a sling stretches: its axial stiffness, kg, from the rating of one straight part and the share of its
    # length by which its kind stretches there (handbook, section 3.4), or by which its maker says that it does.
    class Stretch
      # sling: data of a piece, or nil. name and pointer: of the leg that it is planned on. Raises NotKnown.
      def self.of(sling, rules, name:, pointer:)
        unless sling
          raise NotKnown.new(
            "how the load hangs depends on the slings' stretch: none is chosen for the #{name}",
            pointer: pointer
          )
        end

        new(sling, rules, pointer)
      end

      def initialize(sling, rules, pointer)
        @sling = sling
        @rules = rules
        @pointer = pointer
      end

      # kg at a strain of one.
      def stiffness = rating / share

      private

      def rating
        tag = @sling["tag"]
        kg = tag["vertical_kg"] || (tag["basket_kg"] && tag["basket_kg"] / 2.0)
        return kg if kg&.positive?

        raise NotKnown.new(
          "the tag of #{@sling["number"]} gives no figure for one leg: its stretch is not known",
          pointer: @pointer
        )
      end

      def share
        own = @sling["stretch_at_wll"]
        return own if own&.positive?

        @rules[:stretch_at_wll][@sling["kind"]] or
          raise NotKnown.new(
            "how far #{@sling["number"]} stretches is not known: its kind has no figure, and its maker's is not given",
            pointer: @pointer
          )
      end
    end
  end
end
