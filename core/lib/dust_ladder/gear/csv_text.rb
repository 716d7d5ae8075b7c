module DustLadder
  module Gear
    # The text of a CSV file as it came: its encoding, what parts its cells, and cells that a spreadsheet would take for
    # formulas.
    class CsvText
      DELIMITERS = [ ",", ";", "\t", "|" ].freeze
      NAMES = { "," => "commas", ";" => "semicolons", "\t" => "tabs", "|" => "upright bars" }.freeze
      # What a spreadsheet would take for a formula, and what only looks like one.
      RISKY = /\A[=+\-−@\t\r]/
      PLAIN = %r{\A[+\-−]?\d[\d.,\s/]*[a-z°'"²³%/]*[\d²³]?\z}i

      MOST_LINES = 100_000
      LONGEST_LINE = 100_000

      attr_reader :io, :delimiter, :notices

      def self.harmless(text) = text.match?(RISKY) && !text.match?(PLAIN) ? "'#{text}" : text
      def self.as_meant(text) = text.match?(/\A'[=+\-−@]/) ? text.delete_prefix("'") : text

      # What is wrong with a file that is no CSV.
      def self.fault(error)
        what =
          if error.message.match?(/unclosed|size/i)
            "a quote is opened here and not closed"
          else
            "the quotes here do not fit together"
          end
        "line #{error.line_number}: #{what}; expected quotes in pairs"
      end

      def initialize(bytes)
        @notices = []
        @io = decoded(bytes)
        @delimiter = sniffed
      end

      def delimiter_name = NAMES.fetch(delimiter)

      # How many lines there are, blank ones too.
      def lines = @lines ||= io.string.count("\n") + 1

      # What makes it more than anybody reads a table of, counted before its reading is begun; nil where nothing does.
      def beyond
        return "there are #{lines} lines; expected #{MOST_LINES} at most: divide the file" if lines > MOST_LINES

        long = io.string.each_line.with_index(1).find { |line, _| line.length > LONGEST_LINE } or return
        "line #{long.last} has #{long.first.length} letters; expected #{LONGEST_LINE} at most"
      end

      private

      def decoded(bytes)
        text = bytes.dup.force_encoding(Encoding::UTF_8)
        if bytes.byteslice(0, 2)&.b == "\xFF\xFE".b
          text =
            bytes.dup.force_encoding(Encoding::UTF_16LE).encode(Encoding::UTF_8, invalid: :replace, undef: :replace)
        elsif bytes.byteslice(0, 2)&.b == "\xFE\xFF".b
          text =
            bytes.dup.force_encoding(Encoding::UTF_16BE).encode(Encoding::UTF_8, invalid: :replace, undef: :replace)
        elsif !text.valid_encoding?
          @notices << "the file is not UTF-8; it was read as Windows Western"
          text =
            bytes
              .dup
              .force_encoding(Encoding::Windows_1252)
              .encode(Encoding::UTF_8, invalid: :replace, undef: :replace)
        end
        StringIO.new(text.delete_prefix("\ufeff").delete("\u0000").gsub(/\r\n?/, "\n"))
      end

      # The sign that parts the first line into most cells, quoted text left out.
      def sniffed
        first = @io.string[/^.*\S.*$/].to_s.gsub(/"[^"\n]*"/, "")
        DELIMITERS.max_by { |sign| [ first.count(sign), -DELIMITERS.index(sign) ] }
      end
    end
  end
end
