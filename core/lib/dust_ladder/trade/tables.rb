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
          *bands(:shackle_angle, "Shackle, pulled off its centre line", "Off the line, to"),
          *bands(:eyebolt_shouldered, "Shouldered eyebolt, pulled off its shank", "Off the shank, to"),
          *bands(:eyebolt_plain, "Eyebolt without shoulder", "Off the shank, to"),
          hooks,
          plates,
          bars,
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

      def known = DustLadder.known { yield }
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

      def chokes
        known do
          rows = @rules[:choke_angle_bands].map { |least, left| [ "#{least.round}° and more", share(left) ] }
          Table.new(
            id: "chokes",
            title: "Choke by its angle at the eye",
            why: @rules.cite(:choke_angle_bands),
            heads: [ "Angle of choke", "Left of the choker rating" ],
            rows: rows
          )
        end
      end

      def bends
        known do
          rows = RATIOS.map do |ratio|
            left = Slings::Derating.bend_factor(@rules, ratio.to_f, Float::INFINITY)
            [ "#{ratio} times its own", left ? share(left) : NONE ]
          end
          Table.new(
            id: "bends",
            title: "Wire rope bent round something",
            why: @rules.cite(:bending),
            heads: [ "Diameter of the bend", "Left of the rope's strength" ],
            rows: rows,
            note: "A basket rating has the loss at its own bend in it already: the plan reckons from that."
          )
        end
      end

      def bands(name, title, head)
        table = known do
          rows = @rules[name].map { |upto, left| [ "#{upto.round}°", share(left) ] }
          last = @rules[name].last.first
          rows << [ "over #{last.round}°", NONE ] if last < 90
          heads = [ head, "Left of the rating" ]
          Table.new(id: name.to_s, title: title, why: @rules.cite(name), heads: heads, rows: rows)
        end
        [ table ].compact
      end

      def hooks
        known do
          rows = @rules[:hook_off_centre].map { |upto, left| [ share(upto), share(left) ] }
          rows << [ "farther", NONE ]
          Table.new(
            id: "hooks",
            title: "Crane hook, the load off its bowl",
            why: @rules.cite(:hook_off_centre),
            heads: [ "Of the way to the tip, to", "Left of the hook's rating" ],
            rows: rows
          )
        end
      end

      def steel = Load::Materials::BY_WORD.fetch("steel")

      def plates
        Table.new(
          id: "plates",
          title: "Steel plate",
          why: "#{steel.high.round} kg/m³",
          heads: [ "Thickness", "A square metre", "A square foot" ],
          rows: PLATES_MM.map do |mm|
            kg = mm / 1000.0 * steel.high
            each = [ kg, kg * Figure::M_PER_FT**2 ].map { |one| Figure.kg(one, :up, digits: 1) }
            [ Figure.small(mm / 1000.0), *each ]
          end
        )
      end

      def bars
        Table.new(
          id: "bars",
          title: "Round steel bar",
          why: "#{steel.high.round} kg/m³",
          heads: [ "Diameter", "A metre", "A foot" ],
          rows: BARS_MM.map do |mm|
            kg = Math::PI / 4 * (mm / 1000.0)**2 * steel.high
            each = [ kg, kg * Figure::M_PER_FT ].map { |one| Figure.kg(one, :up, digits: 2) }
            [ Figure.small(mm / 1000.0), *each ]
          end
        )
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
