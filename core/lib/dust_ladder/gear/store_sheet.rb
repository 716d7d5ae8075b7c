module DustLadder
  module Gear
    # The gear store as a CSV table, written and read: one piece a line, every cell as its keeper writes it.
    class StoreSheet
      HEADINGS =
        {
          "number" => %w[number no no. id tag mark piece],
          "kind" => %w[kind type material],
          "size" => %w[size description],
          "legs" => %w[legs],
          "reach" => [ "reach", "length", "effective length" ],
          "mass" => %w[mass weight],
          "vertical" => %w[vertical wll rating straight],
          "choker" => %w[choker choke],
          "basket" => %w[basket],
          "legible" => [ "legible", "tag legible" ],
          "link_pitch" => [ "link pitch", "pitch" ],
          "diameter" => [ "diameter", "rope diameter" ],
          "examined" => [ "examined", "last examined", "last examination" ],
          "due" => [ "due", "due date", "next examination" ],
          "place" => %w[place location rack where],
          "state" => %w[state status],
          "note" => %w[note notes remarks],
          "ends" => [ "ends", "end fittings" ]
        }.flat_map { |field, words| words.map { |word| [ word, field ] } }
          .to_h
          .merge(Piece::FIELDS.to_h { |field| [ field.tr("_", " "), field ] })
          .freeze
      UNIT = /\A(?<name>.*?)[\s_]*[(\[,][\s_]*(?<unit>mm|cm|m|ft|in|kg|t|lb)[)\]]?\z/i
      BARE = /\A[+-]?\d[\d,]*(?:\.\d+)?\z/
      MOST = 5000

      # pieces: fields of each, { name => text }. Returns CSV text, UTF-8 with its mark.
      def self.write(pieces)
        text =
          CSV.generate do |csv|
            csv << Piece::FIELDS
            pieces.each { |fields| csv << Piece::FIELDS.map { |field| CsvText.harmless(fields[field].to_s) } }
          end
        "\ufeff#{text}"
      end

      # bytes: the file as it came. known: fields of the pieces that the store has already, by number; what a file
      # does not tell of them stays as it is. match: a SheetMatch, what a foreign file's columns and words mean.
      # by: what else a Piece is read by, its rules and today.
      def initialize(bytes, known: {}, match: SheetMatch.new({}), **by)
        @text = CsvText.new(bytes)
        @known = known
        @match = match
        @by = by
      end

      # { "notices", "columns", "rows": [{ "line", "fields", "problems", "known", "changes" }], "fault" }. Nothing is
      # taken here.
      def read
        return answer([], @text.beyond) if @text.beyond

        table = CSV.new(@text.io, col_sep: @text.delimiter, liberal_parsing: true, field_size_limit: 5000)
        @columns = headings_of(table.shift || [])
        return answer([], lacking) if lacking

        rows = []
        while (cells = table.shift)
          rows << row(cells, table.lineno) unless cells.all? { |cell| cell.to_s.strip.empty? }
          if rows.size > MOST
            return answer(rows, "there are more than #{MOST} rows; expected #{MOST} at most: divide the file")
          end
        end
        answer(
          twice(rows),
          rows.empty? ? "there are no rows in this file; expected a line of headings and a line for each piece" : nil
        )
      rescue CSV::MalformedCSVError => error
        answer(rows || [], CsvText.fault(error))
      end

      private

      # Without a number no piece is told from another. What kind it is, the store knows of those that it has.
      def lacking
        told = [ *@columns.filter_map(&:first), *@match.all.keys ]
        return if told.size > 1 && told.include?("number")
        return "nothing says which column is the number" if told.size > 1

        "the first line has no headings that are known here; expected at least number and kind, such as " \
          "#{Piece::FIELDS.first(6).join(", ")}"
      end

      def answer(rows, fault)
        {
          "notices" => [ *@text.notices, "the cells are parted by #{@text.delimiter_name}" ],
          "columns" =>
            (@columns || []).map { |field, unit, text| { "text" => text, "field" => field, "unit" => unit } },
          "rows" => rows,
          "faulty" => rows.count { |row| row["problems"].any? },
          "fault" => fault
        }
      end

      def headings_of(cells)
        matched = @match.columns(cells.size)
        cells.each_with_index.map do |cell, index|
          text = cell.to_s.strip
          word = text.downcase.tr("_", " ").delete_prefix("'").strip
          match = HEADINGS.key?(word) ? nil : UNIT.match(word)
          known = HEADINGS[match ? match[:name].strip : word]
          [ matched ? matched[index] : known, match && match[:unit], text ]
        end
      end

      def row(cells, line)
        fields = {}
        @columns.zip(cells) do |(field, unit, _), cell|
          text = CsvText.as_meant(cell.to_s.strip)
          fields[field] = unit && text.match?(BARE) ? "#{text} #{unit}" : text if field
        end
        fields = @match.meant(fields)
        rated(fields)
        before = @known[fields["number"]]
        piece = Piece.new(before ? before.merge(fields) : fields, **@by)
        {
          "line" => line,
          "fields" => piece.fields,
          # As it stands in the file, so that it can be matched.
          "problems" => piece.problems.map { |one| one.as_json.merge("typed" => fields[one.field] || one.typed.to_s) },
          "known" => !before.nil?,
          "changes" => before ? Piece.changes(before, piece.fields) : []
        }
      end

      # One column of ratings serves slings, where it is of one leg straight, and fittings.
      def rated(fields)
        kind = Kinds.of(Kinds.named(fields["kind"].to_s)) or return
        from, to = kind.sort == "sling" ? %w[wll vertical] : %w[vertical wll]
        return unless kind.fields.include?(to) && fields[from].to_s != "" && fields[to].to_s.empty?

        fields[to] = fields.delete(from)
      end

      # The same number twice in one file: neither can be told from the other.
      def twice(rows)
        rows
          .group_by { |row| row["fields"]["number"] }
          .each_value do |some|
            next if some.size < 2 || some.first["fields"]["number"].empty?

            lines = some.map { |row| row["line"] }
            some.each do |row|
              row["problems"] << {
                "field" => "number",
                "typed" => row["fields"]["number"],
                "message" => "this number stands on lines #{lines.join(" and ")}",
                "expected" => "each piece once"
              }
            end
          end
        rows
      end
    end
  end
end
