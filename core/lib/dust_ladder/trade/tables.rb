module DustLadder
  module Trade
    # The tables that riggers carry in their heads or on a card, made from a rule set and the figures that loads are
    # taken off by; nothing in them is written down twice (handbook, sections 2, 3 and 5). What a sling may carry is
    # rounded down, what it is pulled by and what a part weighs is rounded up. They are for planning: the tag governs.
    class Tables
      # why: where its figures come from. heads: of the columns. rows: of cells, each a Figure or a text.
      Table =
        Struct.new(:id, :title, :why, :heads, :rows, :note, keyword_init: true) do
          def as_json(*)
            cells = rows.map { |row| row.map { |cell| told(cell) } }
            { "id" => id, "title" => title, "why" => why, "heads" => heads, "rows" => cells, "note" => note }
          end

          private

          def told(cell)
            cell.is_a?(String) ? { "metric" => cell, "us" => cell } : cell.as_json.slice("metric", "us")
          end
        end
      ANGLES = [ 90, 85, 80, 75, 70, 65, 60, 55, 50, 45, 40, 35, 30 ].freeze
      RATIOS = [ 5, 6, 8, 10, 12, 15, 20, 25, 30, 40 ].freeze
      # Sizes that are met every day, in mm.
      PLATES_MM = [ 5, 6, 8, 10, 12, 15, 20, 25, 30, 40, 50 ].freeze
      BARS_MM = [ 10, 16, 20, 25, 32, 40, 50, 60, 80, 100 ].freeze
      PLANNING =
        "For planning only: the tag on the piece governs, and where there is no tag, nobody lifts with it.".freeze
      NONE = "none".freeze

      # rules: a RuleSet.
      def initialize(rules)
        @rules = rules
      end

      # Those that the rule set has figures for.
      def all
        [
          angles,
          chokes,
          bends,
          bands(:shackle_angle, "Shackle, pulled off its centre line", "Off the line, to"),
          bands(:eyebolt_shouldered, "Shouldered eyebolt, pulled off its shank", "Off the shank, to"),
          bands(:eyebolt_plain, "Eyebolt without shoulder", "Off the shank, to"),
          hooks,
          steel("plates", "Steel plate", [ "Thickness", "A square metre", "A square foot" ], PLATES_MM, 2) { |m| m },
          steel("bars", "Round steel bar", [ "Diameter", "A metre", "A foot" ], BARS_MM, 1) { |m| Math::PI / 4 * m**2 },
          materials
        ].compact
      end

      def as_json(*)
        {
          "rules" => { "id" => @rules.id, "title" => @rules.title, "version" => @rules.version },
          "planning" => PLANNING,
          "tables" => all.map(&:as_json)
        }
      end

      private

      def share(value) = Figure.percent(value, :down)

      def angles
        floor, attention = @rules[:angle_floor_deg_from_horizontal], @rules[:angle_attention_deg_from_horizontal]
        rows = ANGLES.map do |deg|
          sine = Math.sin(deg * Math::PI / 180)
          [
            Figure.deg(deg.to_f),
            Figure.deg(90.0 - deg),
            Figure.deg(180.0 - 2 * deg),
            format("%.3f", (1 / sine * 1000 - 1e-6).ceil / 1000.0),
            share(sine),
            mark(deg, floor, attention)
          ]
        end
        Table.new(
          id: "angles",
          title: "Pull in a leg by its angle",
          why: "one over the sine of the angle from the horizontal",
          heads: [ "From horizontal", "From plumb", "Between two legs", "Pull for each kg", "Left of a rating", "" ],
          rows: rows,
          note: "Of legs that share alike. A leg that carries more pulls more."
        )
      end

      def mark(deg, floor, attention)
        return "no less" if (deg - floor).abs < 1e-9
        return "never" if deg < floor

        deg < attention ? "caution" : ""
      end

      # A table of what a rule leaves; nil where the rule set has no such rule.
      def of_rule(id, name, title, heads, note: nil)
        DustLadder.known do
          Table.new(id: id, title: title, why: @rules.cite(name), heads: heads, rows: yield(@rules[name]), note: note)
        end
      end

      def chokes
        heads = [ "Angle of choke", "Left of the choker rating" ]
        of_rule("chokes", :choke_angle_bands, "Choke by its angle at the eye", heads) do |all|
          all.map { |least, left| [ "#{least.round}° and more", share(left) ] }
        end
      end

      def bends
        heads = [ "Diameter of the bend", "Left of the rope's strength" ]
        note = "A basket rating has the loss at its own bend in it already: the plan reckons from that."
        of_rule("bends", :bending, "Wire rope bent round something", heads, note: note) do
          RATIOS.map do |ratio|
            left = Slings::Derating.bend_factor(@rules, ratio.to_f, Float::INFINITY)
            [ "#{ratio} times its own", left ? share(left) : NONE ]
          end
        end
      end

      def bands(name, title, head)
        of_rule(name.to_s, name, title, [ head, "Left of the rating" ]) do |all|
          rows = all.map { |upto, left| [ "#{upto.round}°", share(left) ] }
          last = all.last.first
          last < 90 ? [ *rows, [ "over #{last.round}°", NONE ] ] : rows
        end
      end

      def hooks
        heads = [ "Of the way to the tip, to", "Left of the hook's rating" ]
        of_rule("hooks", :hook_off_centre, "Crane hook, the load off its bowl", heads) do |all|
          [ *all.map { |upto, left| [ share(upto), share(left) ] }, [ "farther", NONE ] ]
        end
      end

      # By the size in mm, what one metre or one foot of it weighs, along so many directions; the block makes of a size
      # in m what is left to multiply, m or m2.
      def steel(id, title, heads, sizes, directions)
        density = Load::Materials::BY_WORD.fetch("steel").high
        digits = 3 - directions
        rows = sizes.map do |mm|
          kg = yield(mm / 1000.0) * density
          each = [ kg, kg * Figure::M_PER_FT**directions ].map { |one| Figure.kg(one, :up, digits: digits) }
          [ Figure.small(mm / 1000.0), *each ]
        end
        Table.new(id: id, title: title, why: "#{density.round} kg/m³", heads: heads, rows: rows)
      end

      def materials
        Table.new(
          id: "materials",
          title: "What a cubic metre weighs",
          why: "as loads are taken off here; the high end is planned with",
          heads: [ "Of", "Mostly", "At most" ],
          rows: Load::Materials::SHIPPED.map do |one|
            [ one.name, Figure.kg(one.density, :up), Figure.kg(one.high, :up) ]
          end
        )
      end
    end
  end
end
