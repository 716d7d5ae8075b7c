module DustLadder
  module Cranes
    # A chart as a CSV table that a person can type from a binder page: lines of a name and what it is, then for each
    # sector (or set of falls) its line, a line of boom lengths and a line for each radius (docs/chart-format.md).
    class ChartGrid
      include ChartGridTables
      include ChartGridPlatform
      include ChartGridMarks
      include ChartGridNames

      HEAD_COLUMNS = /(?:(?:boom|capacity)\W*(?<columns>mm|m|ft|in)?\W*)?/i
      HEAD = /\A(?<rows>radius|boom angle)\W*(?<unit>mm|m|ft|in|deg|°)?\W*#{HEAD_COLUMNS}\z/i
      EXAMPLE = "first cell such as radius (m), then the boom lengths"

      # bytes: the file as it came. name: of the file.
      def initialize(bytes, name)
        @name = name
        @text = Gear::CsvText.new(bytes)
        @data = { "id" => nil, "title" => nil, "identity" => {} }
        @faults, @warnings, @tables, @units = [], [], [], []
      end

      # A ChartFile::Reading; every cell that cannot be read is told by its line and column, and then nothing is taken.
      def read
        if @text.beyond
          @faults << ChartFaults.fault("", @text.beyond, "a table of one chart")
          return reading(nil)
        end
        CSV
          .new(@text.io, col_sep: @text.delimiter, liberal_parsing: true, field_size_limit: 5000)
          .tap do |csv|
            while (cells = csv.shift)
              line(cells.map { |cell| Gear::CsvText.as_meant(cell.to_s.gsub(/[[:space:]]+/, " ").strip) }, csv.lineno)
            end
          end
        finish
      rescue CSV::MalformedCSVError => error
        @faults << ChartFaults.fault("", Gear::CsvText.fault(error), "a CSV table")
        reading(nil)
      end

      private

      def fault(line, column, message, expected) =
        @faults << ChartFaults.fault("line #{line}#{", column #{column}" if column}", message, expected)

      def line(cells, number)
        return @grid = nil if cells.all?(&:empty?)

        name = cells.first.downcase.tr("_", " ")
        case name
        when "chart"
          @data["title"] = wanted(cells, number, "the chart's title")
        when "id"
          @data["id"] = wanted(cells, number, "a short name")
        when "family"
          @data["family"] = wanted(cells, number, ChartFile::FAMILIES.join(", ")).to_s.downcase.tr(" ", "_")
        when "source"
          @source = cells[1]
        when "capacity in"
          @unit =
            UNITS.fetch(cells[1].to_s.downcase) do
              fault(number, 2, "#{cells[1].inspect} is no unit of capacity", UNITS.keys.join(", "))
              nil
            end
        when "read between rows"
          between_rows(cells, number)
        when "sector"
          sector(cells, number)
        when "falls"
          falls(cells, number)
        when "lower boom zone"
          zone(cells, number)
        when "jib cap"
          jib_cap(cells, number)
        when "mark"
          legend(cells, number)
        when /\Amachine (?<field>.+)/
          field = Regexp.last_match[:field].tr(" ", "_")
          @data["identity"][field] = wanted(cells, number, "what it must be") unless none?(cells)
        when /\Adeduct (?<what>.+)/
          deduction(cells, number)
        when "note"
          text = wanted(cells, number, "what the page says") and (@data["notes"] ||= []) << text
        when "pulls by layer"
          pulls(cells, number)
        when ChartGridStand::LINE
          stand(cells, number, *Regexp.last_match.values_at(:what, :name))
        when *NAMES.keys
          named(name, cells, number) unless none?(cells)
        else
          table_line(cells, number)
        end
      end

      def named(name, cells, number)
        path, kind = NAMES[name]
        quantity(cells, number, kind) { |value| put(path, value) }
      end

      # How the machine stands, a line each; what turns with the boom has one place where the rest has two.
      def stand(cells, number, what, _)
        name = cells.first[ChartGridStand::LINE, :name].to_s
        texts = cells.drop(1)
        texts.pop while texts.last&.empty?
        trouble = ChartGridStand.trouble(what, cells.first, texts, @data["stand"].to_h)
        return fault(number, *trouble) if trouble

        figures = texts.zip(ChartGridStand::LINES.fetch(what)).map { |text, kind| Quantity::Reader.read(text, kind) }
        ChartGridStand.take(@data["stand"] ||= {}, what, name, figures)
      rescue Quantity::Unreadable => error
        fault(number, 2, error.message, error.expected)
      end

      # Only where the page itself says yes.
      def between_rows(cells, number)
        said = cells[1].to_s.downcase
        fault(number, 2, "#{cells[1].inspect} is neither yes nor no", "yes, or no") unless %w[yes no -].include?(said)
        @data["interpolation"] = said == "yes" ? "radius" : "none"
      end

      # Does the page say nothing of it? A dash tells that somebody looked.
      def none?(cells) = ChartGridMarks::DASHES.include?(cells[1].to_s)

      # deduct what, mass, and the case that it is deducted in.
      def deduction(cells, number)
        quantity(cells, number, :mass) do |kg|
          item = { "what" => cells.first.sub(/\Adeduct /i, ""), "kg" => kg }
          item["when"] = cells[2] unless cells[2].to_s.empty?
          (@data["deductions"] ||= []) << item
        end
      end

      def wanted(cells, number, expected)
        return cells[1] unless cells[1].to_s.empty?

        fault(number, 2, "nothing is written after #{cells.first}", expected)
        nil
      end

      def pulls(cells, number)
        pulls = masses(cells, number) and put(%w[hoist drum layer_pulls_kg], pulls)
      end

      # The masses of a line; nil where one of them cannot be read.
      def masses(cells, number)
        wanted(cells, number, "masses, each with its unit") or return
        found =
          cells.drop(1).reject(&:empty?).each_with_index.map do |text, index|
            Quantity::Reader.read(text, :mass)
          rescue Quantity::Unreadable => error
            fault(number, index + 2, error.message, error.expected)
            nil
          end
        found if found.all?
      end

      def put(path, value)
        *places, last = path
        places.reduce(@data) { |place, key| place[key] ||= {} }[last] = value
      end

      def quantity(cells, number, kind)
        text = wanted(cells, number, "a figure with its unit, or - where the page says nothing") or return
        yield(
          case kind
          when :number, :whole
            if text.match?(/\A\d+(\.\d+)?\z/)
              (kind == :whole ? Integer(text, 10) : Float(text))
            else
              raise(
                Quantity::Unreadable.new(
                  "#{text.inspect} is not a number",
                  typed: text,
                  expected: kind == :whole ? "a whole number" : "a number"
                )
              )
            end
          when :millimetres
            (Quantity::Reader.read(text, :length) * 1000).round(6)
          when :percent
            (Quantity::Reader.read(text, :share) * 100).round(9)
          else
            Quantity::Reader.read(text, kind)
          end
        )
      rescue Quantity::Unreadable => error
        fault(number, 2, error.message, error.expected)
      rescue ArgumentError
        fault(number, 2, "#{text.inspect} is not a whole number", "a whole number")
      end

      def finish
        if @data["title"].to_s.empty?
          @faults << ChartFaults.fault(
            "",
            "the file has no line that says chart and its title",
            "a line: chart, then the title"
          )
        end
        if @data["identity"].compact.empty?
          @faults << ChartFaults.fault(
            "",
            "no line says what the machine must be",
            "lines such as machine model, then the model"
          )
        end
        first = @rows_of&.values&.first
        (@rows_of || {}).each do |name, rows|
          unless rows[0] == first[0] && alike?(rows[1], first[1])
            @faults << ChartFaults.fault(
              "table #{name}",
              "its rows differ from those of the first table",
              "the same rows in every sector; leave cells empty where nothing is allowed"
            )
          end
        end
        @data["id"] ||= Identity.of(@data.merge("identity" => @data["identity"].compact)).handle(@data["title"])
        @data["record"] = {
          "version" => 1,
          "entered_by" => "",
          "entered_on" => nil,
          "checked_by" => nil,
          "checked_on" => nil,
          "source" => @source.to_s
        }
        return reading(nil) if @faults.any?

        ChartFile
          .judge(@data, page: ChartPage.new(@tables, @units, @unit))
          .tap { |judged| @faults, @warnings = judged.faults, judged.warnings }
          .then { |judged| reading(judged.data) }
      end

      def reading(data) =
        ChartFile::Reading.new(
          title: @data["title"] || @name,
          data: data,
          faults: @faults,
          warnings: @warnings,
          tables: @tables,
          printed: data && @text.io.string
        )
    end
  end
end
