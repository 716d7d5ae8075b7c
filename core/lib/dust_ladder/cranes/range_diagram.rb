module DustLadder
  module Cranes
    # A chart seen from the side: where the tip may be, boom by boom, and how much is allowed there, in bands.
    # Radius and height in m, for pixels.
    class RangeDiagram
      SAMPLES = [ 0.0, 0.5, 1.0 ].freeze
      NICE = [ 1.0, 2.0, 5.0 ].freeze
      MOST_BANDS = 7
      UNDER_M = 1.2

      # data: a chart's data.
      def initialize(data, rules = RuleSet.shipped("strict"))
        @data = DustLadder.floats(data)
        @crane = Alone.new(@data, rules)
      end

      # A family needs a crane to ask; a chart alone has none.
      class Alone
        attr_reader :rules
        attr_accessor :parts_of_line

        def initialize(data, rules)
          @data = data
          @rules = rules
        end

        def boom_length
          @boom_length ||= PlanFile::Field.new(
            Plan::Crane.new(nil).pointer("boom_length"),
            nil,
            :length,
            "the boom length"
          )
        end
        def second_trolley = "fitted"
      end

      # One entry for each sector or set of falls.
      def as_json(*)
        {
          "family" => Families.name_of(@data),
          "title" => @data["title"],
          "row" => Families::ROWS.fetch(@data["family"], "boom"),
          "only_row" => Families::ONLY_ROWS[@data["family"]],
          "bands" => bands,
          "hangs" => hangs_kg && Figure.kg(hangs_kg, :up).as_json,
          "tables" =>
            tables.map do |name, sector, family|
              { "name" => name, **sides(sector.table, family), "arcs" => arcs(sector, family) }
            end
        }
      end

      # What hangs before any load does: the block and the chart's own list, kg; rope comes on top. nil where the chart
      # does not say what its block weighs.
      def hangs_kg =
        @data["hook_block"] && @data["hook_block"]["mass_kg"] + (@data["deductions"] || []).sum { |item| item["kg"] }

      # gross: kg. Of each table and boom that can: the nearest and farthest radius for the weight, m; boom nil where
      # the machine has but one.
      def reaches(gross)
        tables.flat_map do |name, sector, _|
          booms = sector.table.booms
          booms.filter_map do |boom|
            to = sector.largest_radius(gross, boom) or next
            from = sector.table.rows(boom).find { |radius| sector.capacity(radius, boom) }
            { name: name, boom: booms.size > 1 ? boom : nil, from: from, to: to }
          end
        end
      end

      # [name, Sector, family] of each table.
      def tables
        @tables ||=
          case @data["family"]
          when "platform_jib"
            []
          when "tower"
            @data["tower"]["falls"]
              .keys
              .sort_by(&:to_i)
              .map do |falls|
                family =
                  Families.of(@data, Alone.new(@data, @crane.rules).tap { |crane| crane.parts_of_line = falls.to_i })
                [ "#{falls} falls", family.chart.sectors.first, family ]
              end
          else
            of_offsets
          end
      end

      private

      # Every sector; where the chart has several offsets of a jib, those of each.
      def of_offsets
        offsets = JibOffsets.of(@data)
        return of_one(@data, nil) if offsets.empty?

        offsets.flat_map { |offset| of_one(JibOffsets.at(@data, offset), JibOffsets.words(offset)) }
      end

      def of_one(data, offset)
        family = Families.of(data, @crane)
        family.chart.sectors.map do |sector|
          [ [ sector.name, offset && "jib at #{offset}" ].compact.join(", "), sector, family ]
        end
      end

      def rows_of(table) = table.booms.to_h { |boom| [ boom, table.rows(boom) ] }

      # Polygons with one capacity each.
      def sides(table, family)
        rows = rows_of(table)
        return { "cells" => [] } unless drawable?(family)
        return { "cells" => under(table, rows.values.first, table.booms.first, family) } if table.booms.size == 1

        cells =
          table
            .booms
            .each_cons(2)
            .flat_map do |lower, upper|
              (1...rows[lower].size).filter_map do |index|
                kg = table.capacity(middle(rows, lower, upper, index), (lower + upper) / 2) or next
                below, above =
                  [ lower, upper ].map { |boom| edge(rows[boom][index - 1], rows[boom][index], boom, family) }
                [ *below, *above.reverse ].then do |outline|
                  { "kg" => kg, "band" => band(kg), "outline" => outline } if below.size > 1 && above.size > 1
                end
              end
            end
        { "cells" => cells }
      end

      def drawable?(family) = family.name == "mobile" ? !@data["boom_foot"].nil? : true
      def middle(rows, lower, upper, index) = [ lower, upper ].flat_map { |boom| rows[boom][index - 1, 2] }.sum / 4

      def edge(from, to, boom, family) =
        SAMPLES.filter_map do |share|
          Path.mixed(from, to, share).then { |radius| tip(radius, boom, family)&.then { |height| [ radius, height ] } }
        end

      # A single boom, trolley or hoist: what is allowed, as a strip below where its tip may be.
      def under(table, rows, boom, family)
        rows
          .each_cons(2)
          .filter_map do |from, to|
            kg = table.capacity((from + to) / 2, boom) or next
            top = edge(from, to, boom, family)
            if top.size > 1
              {
                "kg" => kg,
                "band" => band(kg),
                "outline" =>
                  top +
                    top.reverse.map do |radius, height|
                      [ radius, [ height - (family.name == "mobile" ? UNDER_M : height), 0.0 ].max ]
                    end
              }
            end
          end
      end

      def arcs(sector, family)
        return [] unless drawable?(family)

        sector.table.booms.filter_map do |boom|
          next if sector.too_long?(boom)

          filled = sector.table.rows(boom).select { |radius| sector.capacity(radius, boom) }
          points = filled.each_cons(2).flat_map { |from, to| edge(from, to, boom, family) }.uniq
          { "boom" => Figure.m(boom).as_json, "boom_m" => boom, "points" => points } if points.size > 1
        end
      end

      def tip(radius, boom, family)
        family.tip_height(radius, boom)
      rescue NotKnown
        nil
      end

      # Even steps of capacity, kg, rising.
      def bands
        @bands ||=
          begin
            all =
              tables.flat_map do |_, sector, _|
                sector.table.booms.flat_map do |boom|
                  sector.table.rows(boom).filter_map { |radius| sector.capacity(radius, boom) }
                end
              end
            steps = (0..8).flat_map { |power| NICE.map { |nice| nice * 10**power } }
            all.empty? ? [] : steps.select { |step| step > all.min && step < all.max }.last(MOST_BANDS)
          end
      end

      def band(kg) = bands.count { |step| kg >= step }
    end
  end
end
