module DustLadder
  class CommandLine
    # A folder of chart files, and of the gear store's table as store.csv, to hold a plan's snapshots against.
    class Library
      def initialize(folder)
        @folder = folder
      end

      # What its charts make of a House. Raises BadFile for a file that is no whole chart.
      def house
        raise BadFile, "there is no folder #{@folder}" unless File.directory?(@folder)

        files = Dir[File.join(@folder, "*.{json,csv}")].sort.reject { |path| File.basename(path) == STORE }
        House.new(charts: files.flat_map { |path| charts(path) }, pieces: pieces)
      end
      STORE = "store.csv"

      private

      # Data of the store's pieces by number; nil where the folder has no store.
      def pieces
        path = File.join(@folder, STORE)
        return unless File.exist?(path)

        read = Gear::StoreSheet.new(File.binread(path)).read
        problem = read["rows"].flat_map { |row|
          row["problems"].map { |one|
            "line #{row["line"]}: #{one["message"]}"
          }
        }.first
        fault = read["fault"] || problem
        raise BadFile, "#{path} of the library: #{fault}" if fault

        read["rows"].to_h { |row| [ row["fields"]["number"], Gear::Piece.new(row["fields"]).data ] }
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
