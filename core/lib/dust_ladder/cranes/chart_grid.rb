module DustLadder
  module Cranes
    # A chart as a CSV table that a person can type from a binder page: lines of a name and what it is, then for each
    # sector (or set of falls) its line, a line of boom lengths and a line for each radius (docs/chart-format.md).
    class ChartGrid
      MARKS = { "s" => "strength", "b" => "stability", "r" => "rearward" }.freeze
      EMPTY = [ "", "-", "–", "—" ].freeze
      CELL = /\A(?<number>[\d][\d,. ]*?)\s*(?<mark>[sbr])?\z/i
      HEAD_COLUMNS = /(?:(?:boom|capacity)\W*(?<columns>mm|m|ft|in)?\W*)?/i
      HEAD = /\A(?<rows>radius|boom angle)\W*(?<unit>mm|m|ft|in|deg|°)?\W*#{HEAD_COLUMNS}\z/i
      # A name, where it goes in the chart, and what kind of quantity it is.
      NAMES = {
        "foot radius" => [ %w[boom_foot radius_m], :length ],
        "foot height" => [ %w[boom_foot height_m], :length ],
        "line pull" => [ %w[hoist line_pull_kg], :mass ],
        "rope wll" => [ %w[hoist rope_wll_kg], :mass ],
        "rope mass" => [ %w[hoist rope_kg_per_m], :mass_per_length ],
        "efficiency per sheave" => [ %w[hoist efficiency_per_sheave], :number ],
        "lead sheaves" => [ %w[hoist lead_sheaves], :whole ],
        "rope on drum" => [ %w[hoist rope_m], :length ],
        "least wraps" => [ %w[hoist least_wraps], :number ],
        "drum diameter" => [ %w[hoist drum diameter_m], :length ],
        "drum rope" => [ %w[hoist drum rope_mm], :millimetres ],
        "wraps per layer" => [ %w[hoist drum wraps_per_layer], :number ],
        "hook block mass" => [ %w[hook_block mass_kg], :mass ],
        "hook block length" => [ %w[hook_block length_m], :length ],
        "hook block wll" => [ %w[hook_block wll_kg], :mass ],
        "block to tip" => [ %w[least_block_to_tip_m], :length ],
        "boom depth" => [ %w[boom_depth_m], :length ],
        "jib length" => [ %w[jib length_m], :length ],
        "jib offset" => [ %w[jib offset_deg], :angle ],
        "wind limit" => [ %w[limits wind_m_s], :speed ],
        "level limit" => [ %w[limits level_percent], :percent ],
        "trolley height" => [ %w[tower trolley_height_m], :length ],
        "tower jib" => [ %w[tower jib_length_m], :length ]
      }.freeze
      UNITS = %w[kg t lb].freeze
      EXAMPLE = "first cell such as radius (m), then the boom lengths"

      # A chart's data as such a table, CSV text in m and kg; nil for a family that has no grid. What has no name here
      # (other people's marks of record) stays out: the JSON is the whole of it.
      def self.write(data)
        family = data["family"] || "mobile"
        return unless %w[mobile tower].include?(family)

        CSV.generate do |csv|
          (head_lines(data, family) + (family == "tower" ? tower_lines(data) : sector_lines(data))).each do |cells|
            csv << cells.map { |cell| cell.is_a?(String) ? Gear::CsvText.harmless(cell) : cell }
          end
        end
      end

      def self.head_lines(data, family)
        named =
          NAMES.filter_map do |name, (path, kind)|
            (value = data.dig(*path)) && [ name, WRITTEN[kind] ? "#{value}#{WRITTEN[kind]}" : value ]
          end
        [
          [ "chart", data["title"] ],
          [ "id", data["id"] ],
          [ "family", family ],
          [ "source", data.dig("record", "source").to_s ],
          *data["identity"].map { |name, value| [ "machine #{name.tr("_", " ")}", value ] },
          [ "capacity in", "kg" ],
          *(data["interpolation"] == "radius" ? [ [ "read between rows", "yes" ] ] : []),
          *named,
          *pulls(data),
          *(data["deductions"] || []).map { |item| [ "deduct #{item["what"]}", "#{item["kg"]} kg" ] }
        ]
      end

      # What the hoist pulls in each layer, from the bare drum out.
      def self.pulls(data)
        found = data.dig("hoist", "drum", "layer_pulls_kg") or return []
        [ [ "pulls by layer", *found.map { |kg| "#{kg} kg" } ] ]
      end

      def self.sector_lines(data)
        corner = data["boom_angle_deg"] ? "boom angle (deg) / boom (m)" : "radius (m) / boom (m)"
        rows = data["boom_angle_deg"] || data["radius_m"]
        data["sectors"].flat_map do |sector|
          cells, marks = data["tables"][sector["table"]], data.dig("marks", sector["table"])
          table =
            cells.each_with_index.map do |row, index|
              [
                rows[index],
                *row.each_with_index.map do |kg, column|
                  kg && [ kg, MARKS.key(marks&.dig(index, column)) ].compact.join(" ")
                end
              ]
            end
          [
            [],
            [
              "sector",
              sector["name"],
              sector["slew_from_deg"],
              sector["slew_to_deg"],
              sector["longest_boom_m"] && "#{sector["longest_boom_m"]} m"
            ].compact,
            [ corner, *data["boom_length_m"] ],
            *table
          ]
        end
      end

      def self.tower_lines(data)
        data["tower"]["falls"].flat_map do |falls, set|
          [
            [],
            [ "falls", falls, "#{set["max_kg"]} kg", set["needs_second_trolley"] ? "yes" : "no" ],
            [ "radius (m)", "capacity" ],
            *set["radius_m"].zip(set["capacity_kg"])
          ]
        end
      end
      WRITTEN = {
        length: " m",
        mass: " kg",
        mass_per_length: " kg/m",
        angle: " deg",
        speed: " m/s",
        percent: " %",
        millimetres: " mm"
      }.freeze
      private_class_method :head_lines, :sector_lines, :tower_lines, :pulls

      # bytes: the file as it came. name: of the file.
      def initialize(bytes, name)
        @name = name
        @text = Gear::CsvText.new(bytes)
        @data = { "id" => nil, "title" => nil, "identity" => {} }
        @faults, @warnings, @tables = [], [], []
      end

      # A ChartFile::Reading; every cell that cannot be read is told by its line and column, and then nothing is taken.
      def read
        CSV
          .new(@text.io, col_sep: @text.delimiter, liberal_parsing: true, field_size_limit: 5000)
          .tap do |csv|
            while (cells = csv.shift)
              line(cells.map { |cell| Gear::CsvText.as_meant(cell.to_s.gsub(/[[:space:]]+/, " ").strip) }, csv.lineno)
            end
          end
        finish
      rescue CSV::MalformedCSVError => error
        @faults << ChartFile.fault("", Gear::CsvText.fault(error), "a CSV table")
        reading(nil)
      end

      private

      def fault(line, column, message, expected) =
        @faults << ChartFile.fault("line #{line}#{", column #{column}" if column}", message, expected)

      def line(cells, number)
        return @grid = nil if cells.all?(&:empty?)

        name = cells.first.downcase.tr("_", " ")
        case name
        when "chart"
          @data["title"] = wanted(cells, number, "the chart's title")
        when "id"
          @data["id"] = wanted(cells, number, "a short name")
        when "family"
          @data["family"] = wanted(cells, number, "mobile or tower").to_s.downcase
        when "source"
          @source = cells[1]
        when "capacity in"
          @unit =
            cells[1].to_s.downcase.then do |unit|
              if UNITS.include?(unit)
                unit
              else
                (
                  fault(number, 2, "#{cells[1].inspect} is no unit of capacity", UNITS.join(", "))
                  nil
                )
              end
            end
        when "read between rows"
          @data["interpolation"] = cells[1].to_s.match?(/\Ayes\z/i) ? "radius" : "none"
        when "sector"
          sector(cells, number)
        when "falls"
          falls(cells, number)
        when /\Amachine (?<field>.+)/
          @data["identity"][Regexp.last_match[:field].tr(" ", "_")] = wanted(cells, number, "what it must be")
        when /\Adeduct (?<what>.+)/
          quantity(cells, number, :mass) do |kg|
            (@data["deductions"] ||= []) << { "what" => cells.first.sub(/\Adeduct /i, ""), "kg" => kg }
          end
        when "pulls by layer"
          pulls(cells, number)
        when *NAMES.keys
          NAMES[name].then { |path, kind| quantity(cells, number, kind) { |value| put(path, value) } }
        else
          HEAD.match?(cells.first) ? head(cells, number) : row(cells, number)
        end
      end

      def wanted(cells, number, expected)
        return cells[1] unless cells[1].to_s.empty?

        fault(number, 2, "nothing is written after #{cells.first}", expected)
        nil
      end

      def pulls(cells, number)
        wanted(cells, number, "the pull in the first layer") or return
        pulls =
          cells.drop(1).reject(&:empty?).each_with_index.map do |text, index|
            Quantity::Reader.read(text, :mass)
          rescue Quantity::Unreadable => error
            fault(number, index + 2, error.message, error.expected)
            nil
          end
        put(%w[hoist drum layer_pulls_kg], pulls) if pulls.all?
      end

      def put(path, value)
        *places, last = path
        places.reduce(@data) { |place, key| place[key] ||= {} }[last] = value
      end

      def quantity(cells, number, kind)
        text = wanted(cells, number, "a figure with its unit") or return
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
            Quantity::Reader.read(text, :share) * 100
          else
            Quantity::Reader.read(text, kind)
          end
        )
      rescue Quantity::Unreadable => error
        fault(number, 2, error.message, error.expected)
      rescue ArgumentError
        fault(number, 2, "#{text.inspect} is not a whole number", "a whole number")
      end

      # sector, name, from, to, longest boom: its own table follows.
      def sector(cells, number)
        from, to = [ 2, 3 ].map { |index| degrees(cells[index], number, index + 1) }
        name = cells[1].to_s.empty? ? "all round" : cells[1]
        fault(number, 2, "there are two sectors called #{name}", "a name of its own") if @data["tables"]&.key?(name)
        entry = { "name" => name, "slew_from_deg" => from || 0.0, "slew_to_deg" => to || 360.0, "table" => name }
        quantity([ "longest boom", cells[4] ], number, :length) do |metres|
          entry["longest_boom_m"] = metres
        end unless cells[4].to_s.empty?
        (@data["sectors"] ||= []) << entry
        start(name, number) { |rows| (@data["tables"] ||= {})[name] = rows }
      end

      def degrees(text, number, column)
        return if text.to_s.empty?

        Float(text.delete("°").sub(/ ?deg\z/i, "")).tap do |value|
          fault(number, column, "#{text} is no slew", "0 to 360") unless value.between?(0, 360)
        end
      rescue ArgumentError
        fault(number, column, "#{text.inspect} is no angle", "degrees clockwise, such as 150")
        nil
      end

      # falls, number, most, second trolley yes or no: its own rows follow.
      def falls(cells, number)
        set = {
          "max_kg" => 0.0,
          "radius_m" => [],
          "capacity_kg" => [],
          "needs_second_trolley" => cells[3].to_s.match?(/\Ayes\z/i)
        }
        quantity([ "most", cells[2] ], number, :mass) { |kg| set["max_kg"] = kg }
        unless cells[3].to_s.match?(/\A(yes|no)\z/i)
          fault(number, 4, "whether these falls need a second trolley is not said", "yes or no")
        end
        put([ "tower", "falls", cells[1].to_s ], set)
        @falls = set
        start("#{cells[1]} falls", number) { |rows| set["capacity_kg"] = rows.map(&:first) }
      end

      def start(name, number, &keep)
        unless @unit
          fault(
            number,
            nil,
            "the table #{name} has no unit of capacity",
            "a line before it: capacity in, then #{UNITS.join(", ")}"
          )
        end
        @grid = {
          name: name,
          keep: keep,
          rows: [],
          keys: [],
          marks: [],
          lines: {},
          preview: {
            "name" => name,
            "corner" => "",
            "columns" => [],
            "rows" => []
          }
        }
        @tables << @grid[:preview]
      end

      def head(cells, number)
        unless @grid
          return fault(
            number,
            1,
            "a table begins without its sector or falls",
            "a line before it: sector, its name, from and to"
          )
        end

        match = HEAD.match(cells.first)
        @grid[:angle] = match[:rows].downcase == "boom angle"
        @grid[:unit] = match[:unit] ||
          (@grid[:angle] ? "deg" : fault(number, 1, "the rows have no unit", EXAMPLE) && nil)
        @grid[:width] = @falls ? 1 : cells.size - 1
        @grid[:preview]["corner"] = cells.first
        return if @falls

        cells = cells.reverse.drop_while(&:empty?).reverse
        booms =
          cells
            .drop(1)
            .each_with_index
            .map { |text, index| length(text, match[:columns] || @grid[:unit], number, index + 2) }
        @grid.merge!(width: booms.size)
        @grid[:preview]["columns"] = cells.drop(1)
        if @data["boom_length_m"] && !alike?(@data["boom_length_m"], booms)
          fault(number, nil, "these boom lengths differ from those of the first table", "the same in every sector")
        end
        @data["boom_length_m"] ||= booms
      end

      def length(text, unit, number, column)
        return if unit.nil? # told already

        Quantity::Reader.read(
          text.match?(/[a-z°'"]/i) ? text : "#{text} #{unit}",
          unit.match?(/deg|°/) ? :angle : :length
        )
      rescue Quantity::Unreadable => error
        fault(number, column, error.message, error.expected)
        nil
      end

      def row(cells, number)
        unless @grid && @grid[:width]
          return fault(
            number,
            1,
            "#{cells.first.inspect} is not known here",
            "a name of docs/chart-format.md, or a row of a table"
          )
        end

        key = length(cells.first, @grid[:unit] || "m", number, 1)
        twice = key && @grid[:lines][key]
        fault(number, 1, "#{cells.first} stands in line #{twice} already", "each row once") if twice
        @grid[:lines][key] ||= number
        if cells.drop(1 + @grid[:width]).any? { |cell| !cell.empty? }
          fault(number, nil, "this row has #{cells.size - 1} cells", "#{@grid[:width]} at most")
        end
        read = (1..@grid[:width]).map { |column| cell(cells[column].to_s, number, column + 1) }
        @grid[:keys] << key
        @grid[:rows] << read.map { |one| one["kg"] }
        @grid[:marks] << read.map { |one| one["mark"] }
        @grid[:preview]["rows"] << { "row" => cells.first, "line" => number, "cells" => read }
        @grid[:keep].call(@grid[:rows])
        keep_keys
        keep_marks
      end

      def cell(text, number, column)
        return { "text" => text, "kg" => nil, "mark" => nil, "problem" => nil } if EMPTY.include?(text)

        match = CELL.match(text) or
          raise Quantity::Unreadable.new(
            "#{text.inspect} cannot be read as a capacity",
            typed: text,
            expected:
              "a number, with s, b or r after it where the paper marks it; empty where nothing is allowed"
          )
        {
          "text" => text,
          "kg" => Quantity::Reader.read("#{match[:number].strip} #{@unit || "kg"}", :mass),
          "mark" => MARKS[match[:mark]&.downcase],
          "problem" => nil
        }
      rescue Quantity::Unreadable => error
        fault(number, column, error.message, error.expected)
        { "text" => text, "kg" => nil, "mark" => nil, "problem" => error.message }
      end

      def keep_keys
        return @falls["radius_m"] = @grid[:keys] if @falls

        name = @grid[:angle] ? "boom_angle_deg" : "radius_m"
        @rows_of ||= {}
        @rows_of[@grid[:name]] = [ name, @grid[:keys] ]
        @data[name] = @rows_of.values.first.last if @rows_of.values.first.first == name
      end

      def keep_marks
        (@data["marks"] ||= {})[@grid[:name]] = @grid[:marks] if @grid[:marks].flatten.any? && !@falls
      end

      def finish
        if @data["title"].to_s.empty?
          @faults << ChartFile.fault(
            "",
            "the file has no line that says chart and its title",
            "a line: chart, then the title"
          )
        end
        if @data["identity"].compact.empty?
          @faults << ChartFile.fault(
            "",
            "no line says what the machine must be",
            "lines such as machine model, then the model"
          )
        end
        first = @rows_of&.values&.first
        (@rows_of || {}).each do |name, rows|
          unless rows[0] == first[0] && alike?(rows[1], first[1])
            @faults << ChartFile.fault(
              "table #{name}",
              "its rows differ from those of the first table",
              "the same rows in every sector; leave cells empty where nothing is allowed"
            )
          end
        end
        @data["id"] ||= @data["title"].to_s.downcase.gsub(/[^a-z0-9]+/, "-").gsub(/\A-|-\z/, "")[0, 80]
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
          .judge(@data)
          .tap { |judged| @faults, @warnings = judged.faults, judged.warnings }
          .then { |judged| reading(judged.data) }
      end

      # The same figures to the millimetre, however their units were written.
      def alike?(some, others) =
        some.size == others.size && some.zip(others).all? { |one, other| one && other && (one - other).abs <= 0.001 }

      def reading(data) =
        ChartFile::Reading.new(
          title: @data["title"] || @name,
          data: data,
          faults: @faults,
          warnings: @warnings,
          tables: @tables
        )
    end
  end
end
