module DustLadder
  module Load
    # A take-off as a CSV table, written and read. Reading finds the delimiter and the headings, takes units from
    # headings such as "x (mm)", and says of every row what it comes to and what is wrong with it.
    class CsvSheet
      FIELDS = (Row::FIELDS + %w[group]).freeze
      HEADINGS =
        {
          "name" => %w[part name item description what mark],
          "shape" => %w[shape kind type form profile],
          "size" => %w[size dimensions dims section],
          "lies" => [ "lies", "lies along", "orientation", "direction" ],
          "material" => %w[material grade],
          "quantity" => %w[quantity qty no no. number count pcs off],
          "x" => [ "x", "x along" ],
          "y" => [ "y", "y across" ],
          "z" => [ "z", "z up" ],
          "to" => [ "to", "measured to" ],
          "basis" => [ "basis", "known by" ],
          "fluid" => %w[fluid],
          "note" => %w[note notes remark remarks comment],
          "group" => %w[group assembly]
        }.flat_map { |field, words| words.map { |word| [ word, field ] } }.to_h.freeze
      MASS = [ "mass", "weight", "mass each", "weight each", "kg each", "unit mass", "unit weight" ].freeze
      MEASURES =
        Shape::ALL
          .values
          .flat_map { |shape| shape.variants.flat_map { |variant| variant.measures.map(&:name) } }
          .uniq
          .freeze
      UNIT_NAMES = %r{mm|cm|m|ft|in|kg|t|lb|lbs|kg/m|kg/m2|kg/m²|lb/ft|m2|m²|m3|m³|l|deg|%}i
      UNIT = /\A(?<name>.*?)[\s_]*[(\[,\s_](?<unit>#{UNIT_NAMES})[)\]]?\z/i
      BARE = /\A[+-−]?\d[\d,]*(?:\.\d+)?\z/
      LONGEST_CELL = 200
      LONGEST_FIELD = 5000
      SHOWN_ROWS = TakeOff::MOST_ROWS
      BATCH = 500
      Heading = Struct.new(:text, :field, :unit)
      Line = Struct.new(:number, :cells, :row)

      # take_off: a plan's, { "parts", "groups" }. Returns the CSV text, UTF-8 with its mark; groups' rows first.
      def self.write(take_off)
        rows =
          take_off["groups"].flat_map { |group| group["parts"].map { |row| row.merge("group" => group["title"]) } } +
            take_off["parts"]
        text =
          CSV.generate do |csv|
            csv << FIELDS.map { |field| field == "name" ? "part" : field }
            rows.each { |row| csv << FIELDS.map { |field| Gear::CsvText.harmless(row[field].to_s) } }
          end
        "\ufeff#{text}"
      end

      # bytes: the file as it came. decimal_comma: are decimals written with a comma? groups: titles of groups that
      # a row may name as its shape.
      def initialize(bytes, decimal_comma: false, groups: [])
        @text = Gear::CsvText.new(bytes)
        @notices = @text.notices
        @decimal_comma = decimal_comma
        @commas = 0
        @groups = groups.map(&:downcase)
        @materials = Materials.new
      end

      # Yields Hashes as they come: first { "head" }, then { "rows", "read", "share" } in batches, at last { "done" }
      # with the number of rows, of those with a fault, of cells with a comma between digits, and what makes the file
      # one that cannot be taken, or nil.
      def read
        return enum_for(:read) unless block_given?
        return yield({ "done" => done(0, 0, @text.beyond) }) if @text.beyond

        table = CSV.new(@text.io, col_sep: @text.delimiter, liberal_parsing: true, field_size_limit: LONGEST_FIELD)
        count = faulty = 0
        batch = []
        start(table) { |head| yield({ "head" => head }) }
        each_row(table) do |cells|
          line = line(cells, table.lineno)
          count += 1
          faulty += 1 if line.row.nil? || line.row.problems.any?
          batch << shown(line, count)
          next unless batch.size == BATCH

          yield({ "rows" => batch.compact, "read" => count, "share" => [ table.lineno.fdiv(@text.lines), 1.0 ].min })
          batch = []
        end
        yield({ "rows" => batch.compact, "read" => count, "share" => 1.0 })
        yield({ "done" => done(count, faulty, nil) })
      rescue CSV::MalformedCSVError => error
        yield({ "rows" => batch.compact, "read" => count, "share" => 1.0 })
        yield({ "done" => done(count, faulty, Gear::CsvText.fault(error)) })
      end

      private

      def done(count, faulty, fault)
        fault ||= "there are no rows in this file; expected a line of headings and a row for each part" if count.zero?
        fault ||=
          "there are #{count} rows, and a take-off holds #{TakeOff::MOST_ROWS} at most: divide the file" if count >
          TakeOff::MOST_ROWS
        { "rows" => count, "faulty" => faulty, "fault" => fault, "commas" => @commas }
      end

      # Reads the headings; where the first line has none, it is a row, and the columns go by their order.
      def start(table)
        first = table.shift
        first = table.shift while first && first.all? { |cell| cell.to_s.strip.empty? }
        @headings = (first || []).map { |cell| heading(cell.to_s.strip) }
        if first && @headings.count(&:field) < 2
          @headings = FIELDS.map { |field| Heading.new(field, field, nil) }
          @unheaded = first
          @notices << "there is no line of headings: the columns are taken as #{FIELDS.first(9).join(", ")}"
        end
        @notices << "the cells are parted by #{@text.delimiter_name}"
        yield(
          {
            "columns" => @headings.map { |head| { "text" => head.text, "field" => head.field, "unit" => head.unit } },
            "notices" => @notices
          }
        )
      end

      def heading(text)
        word = text.downcase.delete_prefix("'").strip
        return Heading.new(text, field_of(word), nil) if field_of(word)

        match = UNIT.match(word)
        if match && field_of(match[:name].strip)
          Heading.new(text, field_of(match[:name].strip), match[:unit])
        else
          Heading.new(text, nil, nil)
        end
      end

      def field_of(word)
        word = word.tr("_", " ")
        HEADINGS[word] || (MASS.include?(word) ? "mass" : nil) || (MEASURES.include?(word) ? word : nil)
      end

      def each_row(table)
        yield @unheaded if @unheaded
        while (cells = table.shift)
          yield cells unless cells.all? { |cell| cell.to_s.strip.empty? }
        end
      end

      def line(cells, number)
        given = {}
        @headings.zip(cells) { |head, cell| given[head.field] = cell_text(cell, head) if head.field }
        given["name"] ||= ""
        assemble(given)
        texts = FIELDS.to_h { |field| [ field, given[field].to_s ] }
        row = texts.values.all? { |text| text.length <= LONGEST_CELL } ? read_row(texts) : nil
        Line.new(number, texts, row)
      end

      def read_row(texts)
        if @groups.include?(texts["shape"].strip.downcase)
          return Row.new(texts.merge("shape" => "known item", "size" => "1 kg", "material" => ""), @materials)
        end

        unless texts["group"].strip.empty? || @groups.include?(texts["group"].strip.downcase)
          @groups << texts["group"].strip.downcase
        end
        Row.new(texts, @materials)
      end

      def cell_text(cell, heading)
        text = Gear::CsvText.as_meant(cell.to_s.gsub(/[[:cntrl:][:space:]]+/, " ").strip)
        @commas += 1 if text.match?(/\A[+-]?\d+(?:\.\d{3})*,\d/)
        text = text.delete(".").tr(",", ".") if @decimal_comma &&
          text.match?(/\A[+-]?\d{1,3}(?:\.\d{3})*,\d+|\A[+-]?\d+,\d+/)
        heading.unit && text.match?(BARE) ? "#{text} #{heading.unit}" : text
      end

      # A size out of columns of their own, and a known mass as an item.
      def assemble(given)
        if given["shape"].to_s.empty? && !given["mass"].to_s.empty?
          given["shape"], given["size"] = "known item", given["mass"]
        elsif given["size"].to_s.empty? && (shape = Shape.named(given["shape"].to_s))
          variant =
            shape
              .variants
              .sort_by { |one| -one.measures.size }
              .find do |one|
                one.measures.all? do |measure|
                  !given[measure.name].to_s.empty? || (measure.name == "mass of one" && !given["mass"].to_s.empty?)
                end
              end
          given["size"] = variant
            .measures
            .map { |measure| given[measure.name] || given["mass"] }
            .join(" x ") if variant
        end
      end

      def shown(line, count)
        return if count > SHOWN_ROWS

        group = line.row && @groups.include?(line.cells["shape"].strip.downcase)
        problems =
          if line.row
            line.row.problems.map(&:as_json)
          else
            [
              {
                "field" => "size",
                "typed" => "",
                "message" => "a cell has more than #{LONGEST_CELL} letters",
                "expected" => "#{LONGEST_CELL} at most"
              }
            ]
          end
        {
          "line" => line.number,
          "cells" => line.cells.transform_values { |text| text[0, LONGEST_CELL] },
          "mass" => !group && line.row&.kg ? Figure.kg(line.row.kg, digits: 1).as_json : nil,
          "problems" => problems
        }
      end
    end
  end
end
