module DustLadder
  class CommandLine
    # A folder of chart files, and of the gear store's table as store.csv, to hold a plan's snapshots against.
    class Library
      def initialize(folder)
        @folder = folder
      end

      # What its charts make of a House. Raises BadFile for a file that is no whole chart.
      def house = House.new(charts: all_charts, pieces: pieces)
      STORE = "store.csv"

      # What it has to change a plan with, an Advice::Base::Stock: charts, and of the store what may be used on a day
      # (ISO 8601, or nil). Raises BadFile.
      def stock(day, rules)
        charts = all_charts.map { |data| PlanFile::Digest.snapshot(data) }
        ready = store.to_a.map { |piece| [ piece.sort, piece.data.merge(piece.fields.slice("state")) ] }
          .select { |_, data| Gear::Fitness.new(data, rules).answer(on: day).holds? }
        sorted = ready.group_by(&:first).transform_values { |some| some.map(&:last) }
        Advice::Base::Stock.new(
          slings: sorted.fetch("sling", []),
          beams: sorted.fetch("beam", []),
          pieces: sorted.except("sling", "beam").values.flatten(1),
          charts: charts
        )
      end

      private

      def all_charts
        raise BadFile, "there is no folder #{@folder}" unless File.directory?(@folder)

        files = Dir[File.join(@folder, "*.{json,csv}")].sort.reject { |path| File.basename(path) == STORE }
        files.flat_map { |path| charts(path) }
      end

      # Data of the store's pieces by number; nil where the folder has no store.
      def pieces = store&.to_h { |piece| [ piece.fields["number"], piece.data ] }

      # The store's Gear::Pieces; nil where the folder has none. Raises BadFile.
      def store
        path = File.join(@folder, STORE)
        return unless File.exist?(path)

        read = Gear::StoreSheet.new(File.binread(path), today: Date.today).read
        problem = read["rows"].flat_map { |row|
          row["problems"].map { |one|
            "line #{row["line"]}: #{one["message"]}"
          }
        }.first
        fault = read["fault"] || problem
        raise BadFile, "#{path} of the library: #{fault}" if fault

        read["rows"].map { |row| Gear::Piece.new(row["fields"]) }
      end

      # Charts of one file: a chart file, a CSV grid, or the data of one chart.
      def charts(path)
        readings = read(File.binread(path), path)
        faulty = readings.find { |reading| reading.data.nil? }
        raise BadFile, "#{path} of the library: #{faulty.faults.first["message"]}" if faulty

        readings.map(&:data)
      rescue JSON::ParserError
        raise BadFile, "#{path} of the library is not whole JSON"
      end

      def read(bytes, path)
        text = bytes.dup.force_encoding(Encoding::UTF_8).delete_prefix("\ufeff")
        data = text.lstrip.start_with?("{") ? JSON.parse(text) : {}
        return [ Cranes::ChartFile.judge(data) ] if data.key?("identity")

        [].tap { |found| Cranes::ChartFile.read(bytes, File.basename(path)) { |reading, _| found << reading } }
      end
    end
  end
end
