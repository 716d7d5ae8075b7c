module DustLadder
  module Cranes
    # Charts as files: the open JSON format (docs/chart-format.md), and whether one is whole. The CSV grid is ChartGrid.
    module ChartFile
      FORMAT = "dust-ladder-chart"
      VERSION = 1
      LARGEST = 20 * 1024 * 1024
      # As the schema has it.
      MOST_KG = 2e7
      FAMILIES = %w[mobile tower platform_jib fixed_hoist].freeze
      NEEDS = {
        "mobile" => %w[boom_length_m sectors tables],
        "tower" => %w[tower],
        "platform_jib" => %w[platform_jib],
        "fixed_hoist" => %w[fixed_hoist]
      }.freeze

      # One chart as it was read. data nil when anything in it cannot be read. faults: { "pointer", "message",
      # "expected" }; warnings: of ChartWarnings; tables: for a preview, what each cell was read as;
      # printed: the text of a CSV grid.
      Reading =
        Struct.new(:title, :data, :faults, :warnings, :tables, :printed, keyword_init: true) do
          def as_json(*) = to_h.except(:printed).transform_keys(&:to_s).merge("warnings" => warnings.map(&:as_json))
        end

      module_function

      # bytes of a file of either kind, and its name. Yields a Reading for each chart in it, and how many there are.
      def read(bytes, name)
        if bytes.bytesize > LARGEST
          return yield(refused(name, "the file has #{bytes.bytesize} bytes", "at most #{LARGEST} bytes (20 MB)"), 1)
        end

        text = bytes.dup.force_encoding(Encoding::UTF_8).delete_prefix("\ufeff")
        return yield(ChartGrid.new(bytes, name).read, 1) unless text.valid_encoding? && text.lstrip.start_with?("{")

        read_json(text, name) { |reading, count| yield reading, count }
      end

      def read_json(text, name)
        file = JSON.parse(text)
        unless file["format"] == FORMAT && file["version"] == VERSION
          return yield(
            refused(
              name,
              "its format is #{file["format"].inspect}, version #{file["version"].inspect}",
              "#{FORMAT.inspect}, version #{VERSION}"
            ),
            1
          )
        end
        unless file["charts"].is_a?(Array) && file["charts"].any?
          return yield(refused(name, "it has no list of charts", "a list under charts"), 1)
        end

        file["charts"].each_with_index { |data, index| yield(judge(data, "/charts/#{index}"), file["charts"].size) }
      rescue JSON::ParserError, JSON::NestingError
        yield refused(name, "the file is not whole JSON", "a chart file in JSON, not cut off, or a CSV grid"), 1
      end

      def refused(name, message, expected) =
        Reading.new(
          title: name,
          data: nil,
          faults: [ ChartFaults.fault("", message, expected) ],
          warnings: [],
          tables: []
        )

      # Looks a chart's data through. pointer: where in the file it stands. page: the ChartPage that it was read from.
      def judge(data, pointer = "", page: nil)
        found = errors(data).map { |one| one.merge("pointer" => "#{pointer}#{one["pointer"]}") }
        Reading.new(
          title: data.is_a?(Hash) && data["title"].is_a?(String) ? data["title"] : "chart without a title",
          data: found.empty? ? data : nil,
          faults: found,
          warnings: found.empty? ? ChartWarnings.of(data, page) : [],
          tables: found.empty? ? ChartTables.preview(data) : []
        )
      end

      # Everything that keeps data from being a chart.
      def errors(data)
        return [ ChartFaults.fault("", "this is not an object", "a chart") ] unless data.is_a?(Hash)

        PlanFile::Schema
          .chart_errors(plain_tables?(data) ? data.merge("tables" => {}) : data)
          .then { |found| found.empty? ? ChartFaults.of(data) : found }
      end

      # Are the tables plainly rows of numbers and empty cells? Then a schema need not look at each of thousands.
      def plain_tables?(data)
        data["tables"].is_a?(Hash) && data["tables"].size <= 200 &&
          data["tables"].values.all? do |rows|
            rows.is_a?(Array) && rows.any? &&
              rows.all? do |row|
                row.is_a?(Array) && row.any? &&
                  row.all? { |cell| cell.nil? || cell.is_a?(Numeric) && cell.between?(0, MOST_KG) }
              end
          end
      end

      # Charts as a file's text.
      def write(charts) = "#{JSON.pretty_generate("format" => FORMAT, "version" => VERSION, "charts" => charts)}\n"

      private_class_method :read_json, :refused, :plain_tables?
    end
  end
end
