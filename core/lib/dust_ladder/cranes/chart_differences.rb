module DustLadder
  module Cranes
    # What differs between two charts, cell by cell: of one version and the next, or of two readings of one page.
    module ChartDifferences
      # The record is not the page's, and what tables hold is told by their cells.
      LEFT_OUT = %w[record tables marks radius_m boom_length_m boom_angle_deg capacity_kg jib_kg load_radius_m
        upper_boom_bands_deg table].freeze

      # What a chart means that does not say it.
      UNSAID = { "family" => "mobile", "interpolation" => "none" }.freeze

      module_function

      # before, after: data of charts. [{ "block", "where", "from", "to" }], the tables last; from and to in words, nil
      # where one of them has nothing there (an empty cell is "not allowed").
      def between(before, after)
        rest(before, after) + cells(before, after)
      end

      def cells(before, after)
        here, there = [ before, after ].map { |data| by_place(data) }
        (here.keys | there.keys).filter_map do |place|
          from, to = [ here, there ].map { |all| all.key?(place) ? all[place] : nil }
          next if from == to

          block, row, column = place
          { "block" => block, "where" => "#{row}, #{column}", "from" => from, "to" => to }
        end
      end

      # { [table, row, column] => words of the cell }
      def by_place(data)
        # 78 and 78.0 are one row.
        ChartTables
          .of(DustLadder.floats(data))
          .flat_map do |name, rows, columns, cells|
            rows.each_index.flat_map do |row|
              columns.each_index.map do |column|
                kg = cells.dig(row, column)
                mark = data.dig("marks", name, row, column)
                [ [ sectors(data, name), rows[row], columns[column] ], cell_words(kg, mark) ]
              end
            end
          end
          .to_h
      end

      # A table by the sectors that it counts over: what it is called is nobody's figure.
      def sectors(data, name)
        over = (data["sectors"] || []).select { |sector|
          sector["table"] == name
        }.map { |sector| JibOffsets.name(sector) }
        over.empty? ? name : over.join(", ")
      end

      def cell_words(kg, mark)
        return "not allowed" if kg.nil?

        figure = Quantity::Figure.kg(kg, digits: 1).shown.sub(/\.0(?=\D)/, "")
        [ figure, mark ].compact.join(", ")
      end

      def rest(before, after)
        here, there = [ before, after ].map { |data| flat(UNSAID.merge(data)) }
        (here.keys | there.keys).filter_map do |place|
          next if here[place] == there[place]

          block, *where = place.map { |one| one.to_s.tr("_", " ") }
          {
            "block" => block,
            "where" => where.join(", "),
            "from" => here[place]&.to_s,
            "to" => there[place]&.to_s
          }
        end
      end

      # { [key, key ...] => value } of all that is no table of figures.
      def flat(value, place = [])
        case value
        when Hash
          value.except(*LEFT_OUT).flat_map { |key, inner| flat(inner, place + [ key ]).to_a }.to_h
        when Array
          value.each_with_index.flat_map { |inner, index| flat(inner, place + [ index + 1 ]).to_a }.to_h
        else
          # An empty word says no more than none.
          value.to_s.strip.empty? ? {} : { place => value }
        end
      end

      private_class_method :cells, :by_place, :sectors, :cell_words, :rest, :flat
    end
  end
end
