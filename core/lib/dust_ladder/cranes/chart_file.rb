module DustLadder
  module Cranes
    # Charts as files: the open JSON format (docs/chart-format.md), and whether one is whole. The CSV grid is ChartGrid.
    module ChartFile
      FORMAT = "dust-ladder-chart"
      VERSION = 1
      LARGEST = 20 * 1024 * 1024
      FAMILIES = %w[mobile tower platform_jib fixed_hoist].freeze
      NEEDS = {
        "mobile" => %w[boom_length_m sectors tables],
        "tower" => %w[tower],
        "platform_jib" => %w[platform_jib],
        "fixed_hoist" => %w[fixed_hoist]
      }.freeze

      # One chart as it was read. data nil when anything in it cannot be read. faults: { "pointer", "message",
      # "expected" }; warnings: words; tables: for a preview, what each cell was read as.
      Reading =
        Struct.new(:title, :data, :faults, :warnings, :tables, keyword_init: true) do
          def as_json(*) = to_h.transform_keys(&:to_s)
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
        Reading.new(title: name, data: nil, faults: [ fault("", message, expected) ], warnings: [], tables: [])

      # Looks a chart's data through. pointer: where in the file it stands.
      def judge(data, pointer = "")
        found = errors(data).map { |one| one.merge("pointer" => "#{pointer}#{one["pointer"]}") }
        Reading.new(
          title: data.is_a?(Hash) && data["title"].is_a?(String) ? data["title"] : "chart without a title",
          data: found.empty? ? data : nil,
          faults: found,
          warnings: found.empty? ? warnings(data) : [],
          tables: found.empty? ? preview(data) : []
        )
      end

      # Everything that keeps data from being a chart.
      def errors(data)
        return [ fault("", "this is not an object", "a chart") ] unless data.is_a?(Hash)

        PlanFile::Schema
          .chart_errors(plain_tables?(data) ? data.merge("tables" => {}) : data)
          .then { |found| found.empty? ? faults(data) : found }
      end

      # Are the tables plainly rows of numbers and empty cells? Then a schema need not look at each of thousands.
      def plain_tables?(data)
        data["tables"].is_a?(Hash) && data["tables"].size <= 200 &&
          data["tables"].values.all? do |rows|
            rows.is_a?(Array) && rows.any? &&
              rows.all? do |row|
                row.is_a?(Array) && row.any? &&
                  row.all? { |cell| cell.nil? || cell.is_a?(Numeric) && cell.between?(0, 1e9) }
              end
          end
      end

      def fault(pointer, message, expected) = { "pointer" => pointer, "message" => message, "expected" => expected }

      # What a schema cannot say of a chart: what its family needs, values that rise, tables that are whole.
      def faults(data)
        family = data["family"] || "mobile"
        missing = NEEDS.fetch(family).reject { |name| data.key?(name) }
        if family == "mobile" && [ data["radius_m"], data["boom_angle_deg"] ].compact.size != 1
          missing << "radius_m or boom_angle_deg"
        end
        if missing.any?
          return [
            fault(
              "",
              "a #{family.tr("_", " ")} chart needs #{missing.join(", ")}",
              "each of them, and only one kind of rows"
            )
          ]
        end

        send("#{family}_faults", data)
      end

      def mobile_faults(data)
        rows = data["radius_m"] || data["boom_angle_deg"]
        found =
          rising("/boom_length_m", data["boom_length_m"]) +
            (data["radius_m"] ? rising("/radius_m", rows) : falling("/boom_angle_deg", rows))
        if data["boom_angle_deg"] && !data["boom_foot"]
          found << fault("/boom_foot", "rows by boom angle need the boom's foot", "where its pin is")
        end
        found.concat(too_flat(data))
        data["tables"].each do |name, table|
          found.concat(table_faults("/tables/#{escaped(name)}", table, rows.size, data["boom_length_m"].size))
        end
        (data["marks"] || {}).each do |name, table|
          found.concat(
            (
              if data["tables"].key?(name)
                table_faults("/marks/#{escaped(name)}", table, rows.size, data["boom_length_m"].size)
              else
                [
                  fault(
                    "/marks/#{escaped(name)}",
                    "there is no table #{name.inspect}",
                    "one of #{data["tables"].keys.inspect}"
                  )
                ]
              end
            )
          )
        end
        data["sectors"].each_with_index do |sector, index|
          unless data["tables"].key?(sector["table"])
            found << fault(
              "/sectors/#{index}/table",
              "there is no table #{sector["table"].inspect}",
              "one of #{data["tables"].keys.inspect}"
            )
          end
        end
        found
      end

      # Rows by boom angle are read by radius: where the jib would point below level, a radius has two angles.
      def too_flat(data)
        return [] unless data["boom_angle_deg"] && data["boom_foot"]

        flattest = Boom.of(data, data["boom_length_m"].min).flattest
        data["boom_angle_deg"].each_with_index.filter_map do |angle, index|
          if angle <= flattest + 1e-9 && flattest.positive?
            fault(
              "/boom_angle_deg/#{index}",
              "at #{angle}° the jib's tip lies no higher than the boom's foot",
              "angles above #{flattest.round(1)}°"
            )
          end
        end
      end

      def table_faults(place, table, rows, columns)
        found =
          if table.size == rows
            []
          else
            [ fault(place, "the table has #{table.size} rows", "#{rows}, one for each row of the chart") ]
          end
        found +
          table.each_with_index.filter_map do |row, index|
            unless row.size == columns
              fault("#{place}/#{index}", "this row has #{row.size} cells", "#{columns}, one for each boom length")
            end
          end
      end

      def tower_faults(data)
        data["tower"]["falls"].flat_map do |falls, set|
          place = "/tower/falls/#{escaped(falls)}"
          found = rising("#{place}/radius_m", set["radius_m"])
          unless falls.match?(/\A[1-9]\d?\z/)
            found << fault(place, "#{falls.inspect} is not a number of falls", "a whole number, such as 2")
          end
          if set["capacity_kg"].size != set["radius_m"].size
            found << fault(
              "#{place}/capacity_kg",
              "there are #{set["capacity_kg"].size} capacities",
              "#{set["radius_m"].size}, one for each radius"
            )
          end
          found
        end
      end

      def platform_jib_faults(data)
        machine = data["platform_jib"]
        bands, columns = machine["upper_boom_bands_deg"].size, machine["load_radius_m"].size
        found = rising("/platform_jib/load_radius_m", machine["load_radius_m"])
        if machine["jib_cap_kg"].size != columns
          found << fault(
            "/platform_jib/jib_cap_kg",
            "there are #{machine["jib_cap_kg"].size} caps",
            "#{columns}, one for each load radius"
          )
        end
        machine["upper_boom_bands_deg"].each_with_index do |band, index|
          unless band[1] > band[0]
            found << fault(
              "/platform_jib/upper_boom_bands_deg/#{index}",
              "the band ends before it begins",
              "two angles that rise"
            )
          end
        end
        machine["zones"].each_with_index do |zone, index|
          unless zone["lower_boom_to_deg"] > zone["lower_boom_from_deg"]
            found << fault("/platform_jib/zones/#{index}", "the zone ends before it begins", "two angles that rise")
          end
          table = machine["jib_kg"][zone["name"]]
          found.concat(
            (
              if table
                table_faults("/platform_jib/jib_kg/#{escaped(zone["name"])}", table, bands, columns)
              else
                [ fault("/platform_jib/jib_kg", "there is no table for zone #{zone["name"]}", "one for each zone") ]
              end
            )
          )
        end
        found
      end

      def fixed_hoist_faults(data)
        hoist = data["fixed_hoist"]
        if hoist["reach_to_m"] && (hoist["reach_from_m"] || 0) >= hoist["reach_to_m"]
          [ fault("/fixed_hoist/reach_to_m", "it ends before it begins", "more than reach_from_m") ]
        else
          []
        end
      end

      def rising(pointer, values) =
        values
          .each_cons(2)
          .with_index(1)
          .filter_map do |(before, after), index|
            fault("#{pointer}/#{index}", "#{after} comes after #{before}", "values that rise") unless after > before
          end
      def falling(pointer, values) =
        values
          .each_cons(2)
          .with_index(1)
          .filter_map do |(before, after), index|
            fault("#{pointer}/#{index}", "#{after} comes after #{before}", "angles that fall") unless after < before
          end
      def escaped(key) = key.gsub("~", "~0").gsub("/", "~1")

      # What a reader of the paper should look at again: capacity that rises with radius, holes, rows that say the same.
      def warnings(data)
        doubtful(data) +
          grids(data).flat_map do |name, rows, columns, cells|
            table_warnings(name, rows, cells) +
              columns.each_index.flat_map do |column|
                column_warnings("#{name}, #{columns[column]}", rows, cells.map { |row| row[column] })
              end
          end
      end

      BEYOND_BELIEF_KG = 2_000_000

      # Figures that a slip of a unit or of a column would give.
      def doubtful(data)
        most = grids(data).flat_map { |_, _, _, cells| cells.flatten }.compact.max || 0
        found =
          most > BEYOND_BELIEF_KG ? [ "a capacity of #{(most / 1000.0).round} t: is the unit of capacity right?" ] : []
        foot = data["boom_foot"]
        return found unless foot && data["radius_m"] && data["tables"]

        jib = data.dig("jib", "length_m") || 0
        found +
          data["boom_length_m"].each_with_index.filter_map do |boom, column|
            far =
              data["radius_m"].each_index.reverse_each.find do |row|
                data["tables"].values.any? { |cells| cells[row][column] }
              end or next
            radius = data["radius_m"][far]
            if radius - foot["radius_m"] > boom + jib
              "boom #{boom} m: something is allowed at #{radius} m, where no boom of that length reaches"
            end
          end
      end

      def table_warnings(name, rows, cells)
        cells
          .each_cons(2)
          .with_index(1)
          .filter_map do |(before, after), index|
            if before == after && before.any? && before.size > 1
              "#{name}: rows #{rows[index - 1]} and #{rows[index]} say the same in every cell"
            end
          end
      end

      def column_warnings(name, rows, column)
        filled = column.each_index.select { |index| column[index] }
        return [ "#{name}: nothing in the whole column" ] if filled.empty?

        holes =
          (filled.first..filled.last)
            .reject { |index| column[index] }
            .map { |index| "#{name}: a hole at #{rows[index]}; nothing is allowed next to it either" }
        holes +
          filled
            .each_cons(2)
            .filter_map do |before, after|
              if column[after] > column[before]
                "#{name}: capacity rises from #{column[before]} kg at #{rows[before]} to #{column[after]} kg at " \
                  "#{rows[after]}"
              end
            end
      end

      # Tables of a chart: [name, words for rows, words for columns, cells].
      def grids(data)
        case data["family"] || "mobile"
        when "mobile"
          rows =
            data["radius_m"]&.map { |radius| "#{radius} m" } || data["boom_angle_deg"].map { |angle| "#{angle}°" }
          data["tables"].map do |name, cells|
            [ name, rows, data["boom_length_m"].map { |boom| "boom #{boom} m" }, cells ]
          end
        when "tower"
          data["tower"]["falls"].map do |falls, set|
            [
              "#{falls} falls",
              set["radius_m"].map { |radius| "#{radius} m" },
              [ "jib #{data["tower"]["jib_length_m"]} m" ],
              set["capacity_kg"].map { |kg| [ kg ] }
            ]
          end
        when "platform_jib"
          data["platform_jib"].then do |machine|
            machine["jib_kg"].map do |zone, cells|
              [
                "zone #{zone}",
                machine["upper_boom_bands_deg"].map { |from, to| "#{from} to #{to}°" },
                machine["load_radius_m"].map { |radius| "#{radius} m" },
                cells
              ]
            end
          end
        else
          []
        end
      end

      def preview(data)
        grids(data).map do |name, rows, columns, cells|
          {
            "name" => name,
            "corner" => "",
            "columns" => columns,
            "rows" =>
              rows
                .zip(cells)
                .map do |row, kgs|
                  {
                    "row" => row,
                    "cells" => kgs.map { |kg| { "text" => kg.to_s, "kg" => kg, "mark" => nil, "problem" => nil } }
                  }
                end
          }
        end
      end

      # Charts as a file's text.
      def write(charts) = "#{JSON.pretty_generate("format" => FORMAT, "version" => VERSION, "charts" => charts)}\n"

      private_class_method :read_json,
        :refused,
        :plain_tables?,
        :mobile_faults,
        :too_flat,
        :table_faults,
        :tower_faults,
        :platform_jib_faults,
        :fixed_hoist_faults,
        :rising,
        :falling,
        :escaped,
        :doubtful,
        :table_warnings,
        :column_warnings,
        :grids,
        :preview
    end
  end
end
