module DustLadder
  module Slings
    # Which temperature bands a piece may go by: its kind's, and within it its grade's or core's. Where grade or core
    # is not known every row that it could be is looked at (handbook, sections 3.3 and 15).
    module Heat
      ROWS = {
        "alloy_chain" => [ "grade",
          { "80" => "alloy_chain_grade_80", "100" => "alloy_chain_grade_100", "120" => "alloy_chain_grade_100" } ],
        "wire_rope" => [ "core", { "steel" => "wire_rope_steel_core_swaged", "fibre" => "wire_rope_fibre_core" } ],
        "polyester_web" => "polyester",
        "polyester_round" => "polyester",
        "nylon_web" => "nylon",
        "mesh" => "wire_mesh",
        "fibre_rope" => [ "material",
          { "polyester" => "polyester", "nylon" => "nylon", "polypropylene" => "polypropylene" } ]
      }.freeze

      module_function

      # Rows of the rule set's bands that a piece could go by; none where only its maker knows.
      def rows(sling)
        return [ sling["temperature_row"] ] if sling["temperature_row"]

        field, rows = ROWS[sling["kind"]]
        return [ field ].compact unless rows

        own = sling[field] && rows[sling[field]]
        own ? [ own ] : rows.values.uniq
      end

      # What the rows leave of a rating: a factor; nil where none holds. Raises NotKnown where they differ, or none is
      # known.
      def factor(sling, rules, celsius)
        all = rows(sling).map { |row| of_row(rules, row, celsius) }.uniq
        return all.first if all.size == 1

        number = sling["number"] || "this sling"
        raise NotKnown, "only the maker of #{number} knows what it stands at #{celsius.round} °C" if all.empty?

        what = ROWS.fetch(sling["kind"]).first
        raise NotKnown,
          "the #{what} of #{number} is not known, and at #{celsius.round} °C it decides what is left of it"
      end

      def of_row(rules, row, celsius)
        bands = rules[:temperature_bands][row] or raise NotKnown,
          "the rule set has no temperature bands for #{row.tr("_", " ")}"
        return if celsius < bands["least"] - 1e-9

        table = bands["bands"].map { |upto, factor| [ upto - bands["least"], factor ] }
        Fittings::Bands.factor(table, [ celsius - bands["least"], 0.0 ].max)
      end
    end
  end
end
