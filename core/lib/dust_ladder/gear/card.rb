module DustLadder
  module Gear
    # What a sling, or a set of slings with its link, carries at the angles that riggers ask for, hitch by hitch, in the
    # school of a rule set (handbook, sections 3.2, 3.6 and 19). Rounded down; past the angle floor there is no figure.
    class Card
      ANGLES = [ 90.0, 60.0, 45.0, 30.0 ].freeze
      HITCHES = %w[vertical choker].freeze
      # deg_from_horizontal; one: kg by hitch of one leg that stands so, with basket; all: kg by hitch of all legs, or
      # nil where there is one; nil for no figure.
      Row = Struct.new(:deg_from_horizontal, :one, :all, keyword_init: true)

      # pieces: slings and fittings of a set, as the plan format has them. rules: a RuleSet. Raises NotKnown where there
      # is no sling, or a tag that cannot be read.
      def initialize(pieces, rules)
        @slings, @others = pieces.partition { |piece| piece.key?("tag") }
        @rules = rules
        raise NotKnown.new("there is no sling in it") if @slings.empty?

        @tags = @slings.map { |sling| Slings::Tag.new(sling, rules) }
        bad = @slings.zip(@tags).find { |_, tag| !tag.legible? }
        raise NotKnown.new("the tag of #{bad[0]["number"]} cannot be read") if bad
      end

      # How many legs it has; more than four are two slings' work.
      def legs = @slings.sum { |sling| sling["legs"].to_i }
      def counting = legs == 4 && @rules[:four_legs] == "three" ? 3 : legs
      def together? = legs.between?(2, 4)
      def rows = @rows ||= ANGLES.map { |deg| row(deg) }

      # Why a figure is what it is, in words.
      def notes
        [
          "angles are those of the flattest leg",
          ("four legs count as three" if together? && counting < legs),
          "chokers bite at 120° or more; sharper takes more away",
          "no edges, heat or chemicals; the tag governs",
          ("no figure below #{floor.round}° from the horizontal" if ANGLES.last <= floor + 1e-9)
        ].compact
      end

      def school = @rules.title
      def as_json(*)
        { "legs" => legs, "school" => school, "rows" => rows.map { |row| row_json(row) }, "notes" => notes }
      end

      private

      def floor = @rules[:angle_floor_deg_from_horizontal]

      def row(deg)
        one = HITCHES.to_h { |hitch| [ hitch, capped(rating(hitch) * sine(deg)) ] }.merge("basket" => basket(deg))
        all = together? ? HITCHES.to_h { |hitch| [ hitch, capped(all_legs(hitch, deg)) ] } : nil
        Row.new(deg_from_horizontal: deg, one: one, all: all)
      end

      def sine(deg) = Math.sin(deg * Math::PI / 180)

      # Of one leg, the weakest of the set; nil where neither tag nor rule set gives a figure.
      def rating(hitch)
        @tags.map { |tag| tag.rating(hitch).kg }.min
      end

      # Both sides of a sling of one leg, each standing at the angle.
      def basket(deg)
        return if @slings.any? { |sling| sling["legs"].to_i > 1 }

        capped(rating("basket") * sine(deg))
      end

      def all_legs(hitch, deg)
        plumb = 90 - deg
        figures = [ *trigonometric(hitch, plumb), *uniform(hitch, plumb), *tagged(hitch, plumb) ]
        figures.include?(:none) || figures.empty? ? nil : figures.min
      end

      def trigonometric(hitch, plumb)
        return [] unless %w[trigonometric both].include?(@rules[:multi_leg_school])

        [ Slings::MultiLeg.trigonometric(counting, rating(hitch), plumb, most_deg_from_plumb: 90 - floor) || :none ]
      end

      def uniform(hitch, plumb)
        return [] unless %w[uniform_load both].include?(@rules[:multi_leg_school])

        choker = @rules[:uniform_load_choker] if hitch == "choker"
        bands = @rules[:uniform_load_bands]
        [ Slings::MultiLeg.uniform_load(legs, rating("vertical"), plumb, bands, choker: choker) || :none ]
      end

      # The tag's own bands, of one sling with all its legs.
      def tagged(hitch, plumb)
        bands = @slings.size == 1 ? @tags[0].multi_leg.sort_by { |band| band["upto_deg_from_plumb"] } : []
        return [] if bands.empty? || hitch != "vertical"

        [ bands.find { |band| plumb <= band["upto_deg_from_plumb"] + 1e-9 }&.fetch("kg") || :none ]
      end

      # Never more than what the set hangs from.
      def capped(kg)
        kg && [ kg, *@others.filter_map { |other| Rating.kg(other) } ].min
      end

      def row_json(row)
        shown = ->(by_hitch) { by_hitch&.transform_values { |kg| kg && Figure.kg(kg, :down).as_json } }
        deg = row.deg_from_horizontal
        {
          "from_horizontal" => deg,
          "from_plumb" => 90 - deg,
          "included" => 2 * (90 - deg),
          "one" => shown.(row.one),
          "all" => shown.(row.all)
        }
      end
    end
  end
end
