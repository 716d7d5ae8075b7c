module DustLadder
  module Cranes
    # A chart block by block, as whoever reads it against the paper sees it: what the page says of the machine, hoist,
    # block, limits, deductions and notes, in the page's own units where they are known, and each row of its tables.
    class ChartPaper
      # Names of ChartGrid by the block of the record that they stand in.
      BLOCKS = {
        "Machine" => /\A(machine |(family|source|read between rows)\z)/,
        "Boom and jib" =>
          /\A(foot\ (radius|height)|boom\ depth|jib\ (length|offset|cap)|tower\ jib|trolley\ height|platform\ rating|
            credit\ share)\z/x,
        "Hoist and rope" => /\A(line pull|rope |efficiency |most parts|lead |least wraps|drum |wraps |pulls )/,
        "Block" => /\A(hook block|block to tip|rated load|highest hook|reach)/,
        "Deductions" => /\Adeduct /,
        "How it stands" => ChartGridStand::LINE,
        "Limits" => /\A(wind|level) limit/,
        "Notes and marks" => /\A(note|mark|capacity in)\z/
      }.freeze
      # What the cells of a line above a table are.
      HEADS = {
        "sector" => [ "sector", "from, clockwise", "to", "longest boom over it", "offset of the jib" ],
        "falls" => [ "falls", "most", "needs a second trolley" ],
        "lower boom zone" => [ "zone", "lower boom from", "to" ]
      }.freeze
      # Rows of a table that are read in one go.
      BAND = 4

      # id: stays the same while what it holds does. rows: [what, as written]. table and from, to: of a band, the rows
      # of which table, by index; what it counts over stands in its own block before.
      Block =
        Struct.new(:id, :title, :rows, :table, :from, :to, keyword_init: true) do
          def as_json(*) = to_h.transform_keys(&:to_s)
        end

      # data: a chart's. printed: the CSV grid that it was read from, or nil: then, and where that says anything else
      # than the data, it is shown in m and kg.
      def initialize(data, printed = nil)
        @data = data
        @printed = printed
      end

      # Is it shown as it was written?
      def printed? = !as_printed.nil?

      # What keeps it from being shown whole: faults of a reading. Nobody can have read such a one against its paper.
      def faults
        return reading.faults if reading.data.nil?
        return [] if printed? || same?(reading)

        [ ChartFaults.fault("", "the chart has something that a page cannot show", "a chart as pages have them") ]
      end

      # ChartWarnings::Warnings of what stands on the page.
      def warnings = reading.warnings
      # Tables as they are written: of a ChartFile::Reading.
      def tables = reading.tables

      # In the order of the page.
      def blocks
        @blocks ||= record_blocks + table_blocks
      end

      # Cells of each line.
      def lines
        @lines ||=
          Gear::CsvText
            .new(text)
            .then { |text| CSV.new(text.io, col_sep: text.delimiter, liberal_parsing: true) }
            .map { |cells| cells.map { |cell| Gear::CsvText.as_meant(cell.to_s.gsub(/[[:space:]]+/, " ").strip) } }
      end

      def reading = @reading ||= as_printed || ChartGrid.new(text, "page").read

      private

      def text = @text ||= as_printed ? @printed : ChartGridText.write(@data)

      # The page's own reading, where it says what the chart says.
      def as_printed
        return @as_printed if defined?(@as_printed)

        own = @printed && ChartGrid.new(@printed.b, "page").read
        @as_printed = own if own&.data && same?(own)
      end

      def same?(reading) = ChartDifferences.between(*[ reading.data, @data ].map { |one| one.except("id") }).empty?

      def said(cells) = cells.drop(1).reject(&:empty?).join("; ")

      def record_blocks
        BLOCKS.filter_map do |title, pattern|
          rows = lines.select { |cells| cells.first.to_s.downcase.match?(pattern) }
          next if rows.empty?

          block(
            title,
            rows.map { |cells|
              [ cells.first.sub(/\A(machine|deduct) /i, ""), said(cells) ]
            }
          )
        end
      end

      def table_blocks
        heads = heads_of_tables
        tables.each_with_index.flat_map do |table, at|
          bands = (0...table["rows"].size).each_slice(BAND).map { |rows| [ rows.first, rows.last ] }
          [
            block(
              "#{table["name"]}: what it counts over",
              [ *heads[at], [ table["corner"], table["columns"].join(", ") ] ]
            ),
            *bands.map { |from, to| band(table, at, from, to) }
          ]
        end
      end

      def band(table, at, from, to)
        rows = table["rows"][from..to].map { |row|
          [ row["row"], row["cells"].map { |cell|
            cell["text"]
          }.join(" | ") ]
        }
        block("#{table["name"]}, #{rows.first[0]} to #{rows.last[0]}", rows, table: at, from: from, to: to)
      end

      # The lines of sectors, falls or zones right above each table.
      def heads_of_tables
        found, now = [], []
        lines.each do |cells|
          case cells.first.to_s.downcase
          when *HEADS.keys
            now.concat(HEADS[cells.first.downcase].zip(cells.drop(1)).reject { |_, cell| cell.to_s.empty? })
          when ChartGrid::HEAD, ChartGridPlatform::HEAD
            found << now
            now = []
          end
        end
        found
      end

      def block(title, rows, **where)
        rows = rows.map { |what, said| [ what.to_s, said.to_s ] }
        Block.new(id: PlanFile::Digest.of([ title, rows ]).delete_prefix("sha256:")[0, 12], title:, rows:, **where)
      end
    end
  end
end
