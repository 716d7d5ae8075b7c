module DustLadder
  class CommandLine
    # A folder of chart files, to hold a plan's charts against.
    class Library
      def initialize(folder)
        @folder = folder
      end

      # What its charts make of a House. Raises BadFile for a file that is no whole chart.
      def house
        raise BadFile, "there is no folder #{@folder}" unless File.directory?(@folder)

        House.new(charts: Dir[File.join(@folder, "*.{json,csv}")].sort.flat_map { |path| charts(path) })
      end

      private

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
