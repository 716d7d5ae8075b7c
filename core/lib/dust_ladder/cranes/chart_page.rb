module DustLadder
  module Cranes
    # The tables of a chart as the page has them: its own units, and every figure as it is written there.
    class ChartPage
      # Words for units of capacity, and those in which a page's other masses are told in lb.
      WORDS = { "kip" => "thousand lb", "short tons" => "short tons" }.freeze
      POUNDS = [ "kip", "lb", "short tons" ].freeze

      attr_reader :unit

      # previews: tables of a ChartFile::Reading. units: [unit of the rows, unit of the columns] of each. unit: of
      # capacity, as it is read.
      def initialize(previews, units, unit)
        @previews = previews
        @units = units
        @unit = unit
      end

      def system = POUNDS.include?(unit) ? :us : :metric

      # Tables as of ChartTables, with the texts of their cells (nil where nothing is allowed) as a fifth; nil where
      # they are not those of the data.
      def of(data)
        plain = ChartTables.of(data)
        return unless plain.map { |table| shape(table[3]) } == @previews.map { |one|
          shape(
            one["rows"].map {
              _1["cells"]
            }
          )
        }

        plain.each_index.map { |index| table(plain[index], @previews[index], *@units[index]) }
      end

      private

      def shape(cells) = cells.map(&:size)

      def table((name, rows, columns, cells), preview, row_unit, column_unit)
        own = preview["rows"].map { |row| with_unit(row["row"], row_unit) }
        heads = preview["columns"].map { |text| with_unit(text, column_unit) }
        # A boom or a load radius is called what it is; a tower's one jib as it was.
        heads = columns[0][/\Aboom /] ? heads.map { |head| "boom #{head}" } : heads if heads.size == columns.size
        texts = preview["rows"].map { |row| row["cells"].map { |cell| cell["kg"] && figure(cell["text"]) } }
        [ name, own.size == rows.size ? own : rows, heads.size == columns.size ? heads : columns, cells, texts ]
      end

      def with_unit(text, unit)
        return text if unit.nil?
        return text.match?(/°|deg/i) ? text : "#{text}°" if unit.match?(/deg|°/)

        text.match?(/[a-z'"]/i) ? text : "#{text} #{unit}"
      end

      def figure(text) = "#{text[ChartGridMarks::CELL, :number] || text} #{WORDS.fetch(unit, unit)}"
    end
  end
end
