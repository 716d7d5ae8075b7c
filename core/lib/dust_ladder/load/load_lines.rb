module DustLadder
  module Load
    # How the planned weight and the box of the CG come about, line by line.
    module LoadLines
      private

      def work_out_weight(load)
        return take_off(load.take_off) if load.from_take_off?(:weight)

        bare = line("B", Figure.kg(load.bare_kg, :up), source: "#{load.basis} weight", about: "load")
        mark_up(bare, load.allowance, load.basis)
      end

      def mark_up(bare, allowance, basis)
        share = line("k", Figure.factor(allowance), source: rules.cite(:allowance))
        line(
          "W",
          Figure.kg(bare * (1 + share), :up),
          formula: "B × (1 + k)",
          from: {
            B: Figure.kg(bare, :up),
            k: Figure.factor(share)
          },
          source: "#{basis}, marked up",
          about: "load"
        )
        estimated if basis == "estimated"
      end

      def estimated =
        caution(
          "estimated",
          "An estimated weight is a bounded guess: weigh it, or have it certified, before a lift near any limit."
        )

      # The heaviest rows by name, the rest in one, and their sum.
      def take_off(sheet)
        bare = sheet.bare_kg
        shown = sheet.largest(MOST_ROWS).select { |index| sheet.rows[index].kg.positive? }
        terms = shown.each_with_index.to_h { |index, at| [ "m#{at + 1}", sheet.rows[index] ] }
        figures = terms.to_h { |symbol, row| [ symbol.to_sym, Figure.kg(row.kg, digits: 1) ] }
        terms.each do |symbol, row|
          line(
            symbol,
            figures[symbol.to_sym],
            source: "#{row.name}#{", #{row.count} of it" unless row.count == 1}",
            about: "load"
          )
        end
        rest = bare - terms.each_value.sum(&:kg)
        unless sheet.parts.size == terms.size
          figures[:r] = Figure.kg(rest, digits: 1)
          line(
            "r",
            figures[:r],
            source:
              sheet.parts.size - terms.size == 1 ? "the other row" : "the other #{sheet.parts.size - terms.size} rows"
          )
        end
        line(
          "B",
          Figure.kg(bare, :up),
          formula: figures.keys.join(" + "),
          from: figures,
          source: "take-off",
          about: "load"
        )
        return mark_up(bare, sheet.allowance_of(sheet.parts.first.basis), sheet.parts.first.basis) if sheet.plain?

        added = Figure.kg(sheet.planned_kg - bare, :up, digits: 1)
        line("a", added, source: "allowances and heavy ends of materials, row by row; #{rules.cite(:allowance)}")
        line(
          "W",
          Figure.kg(sheet.planned_kg, :up),
          formula: "B + a",
          from: {
            B: Figure.kg(bare, :up, digits: 1),
            a: added
          },
          source: "marked up",
          about: "load"
        )
        estimated if sheet.parts.any? { |row| row.leaves.any? { |leaf| leaf.basis == "estimated" } }
      end
      MOST_ROWS = 5

      # Half-widths of the CG's box along and across the load.
      def box_lines(load)
        load
          .cg_spread
          .first(2)
          .zip(%w[x y]) do |spread, axis|
            width = Figure.m(spread.half_width, :up)
            reach = Figure.m(spread.reach, :up)
            if spread.typed
              line(
                "e#{axis}",
                width,
                formula: "g + f",
                from: {
                  g: Figure.m(spread.typed, :up),
                  f: reach
                },
                source: "half-width as typed; f, #{OPEN}",
                about: "cg"
              )
            elsif spread.reach.positive?
              line(
                "e#{axis}",
                width,
                formula: "L × s + f",
                from: {
                  L: Figure.m(spread.side),
                  s: Figure.factor(spread.share),
                  f: reach
                },
                source: "#{rules.cite(:cg_half_width)}; f, #{OPEN}",
                about: "cg"
              )
            else
              line(
                "e#{axis}",
                width,
                formula: "L × s",
                from: {
                  L: Figure.m(spread.side),
                  s: Figure.factor(spread.share)
                },
                source: rules.cite(:cg_half_width),
                about: "cg"
              )
            end
          end
      end
      OPEN = "what the take-off leaves open: ranges of material, poorly known rows, fluids that move".freeze
    end
  end
end
