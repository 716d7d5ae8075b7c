module DustLadder
  module Cranes
    # A chart written as the CSV table that ChartGrid reads.
    module ChartGridText
      module_function

      # A chart's data as such a table, CSV text in m and kg. What has no name here (who stands for it) stays out: the
      # JSON is the whole of it.
      def write(data)
        family = Families.name_of(data)
        CSV.generate do |csv|
          (head_lines(data, family) + send("#{family}_lines", data)).each do |cells|
            csv << cells.map { |cell| cell.is_a?(Numeric) ? plain(cell) : cell && Gear::CsvText.harmless(cell) }
          end
        end
      end

      # A number without an exponent, and without a point where it is whole.
      def plain(number) = BigDecimal(number.to_s).to_s("F").delete_suffix(".0")

      def head_lines(data, family)
        named =
          ChartGrid::NAMES.filter_map do |name, (path, kind)|
            (value = data.dig(*path)) && [ name, "#{plain(value)}#{WRITTEN[kind]}" ]
          end
        [
          [ "chart", data["title"] ],
          [ "id", data["id"] ],
          [ "family", family ],
          [ "source", data.dig("record", "source").to_s ],
          *data["identity"].reject { |_, value|
            value.strip.empty?
          }.map { |name, value| [ "machine #{name.tr("_", " ")}", value ] },
          [ "capacity in", "kg" ],
          *(data["interpolation"] == "radius" ? [ [ "read between rows", "yes" ] ] : []),
          *named,
          *pulls(data),
          *(data["deductions"] || []).map { |item|
            [ "deduct #{item["what"]}", "#{plain(item["kg"])} kg", item["when"] ].compact
          },
          *(data["notes"] || []).map { |text| [ "note", text ] },
          *ChartGridStand.lines(data["stand"])
        ]
      end

      # What the hoist pulls in each layer, from the bare drum out.
      def pulls(data)
        found = data.dig("hoist", "drum", "layer_pulls_kg") or return []
        [ [ "pulls by layer", *found.map { |kg| "#{plain(kg)} kg" } ] ]
      end

      def mobile_lines(data)
        corner = data["boom_angle_deg"] ? "boom angle (deg) / boom (m)" : "radius (m) / boom (m)"
        # Sectors that share a table stand above it together.
        data["sectors"]
          .group_by { |sector| sector["table"] }
          .flat_map do |table, sectors|
            [ [], *sectors.map { |sector|
              sector_line(sector)
            }, [ corner, *data["boom_length_m"] ], *rows_of(data, table) ]
          end
      end

      def sector_line(sector)
        longest = sector["longest_boom_m"] && "#{plain(sector["longest_boom_m"])} m"
        cells = [ "sector", sector["name"], sector["slew_from_deg"], sector["slew_to_deg"], longest ]
        cells += [ sector["jib_offset_deg"] ] if sector["jib_offset_deg"]
        cells.reverse.drop_while(&:nil?).reverse
      end

      def rows_of(data, table)
        keys, marks = data["boom_angle_deg"] || data["radius_m"], data.dig("marks", table)
        data["tables"][table].each_with_index.map do |row, index|
          cells =
            row.each_with_index.map do |kg, column|
              kg && [ plain(kg), ChartGridMarks::MARKS.key(marks&.dig(index, column)) ].compact.join(" ")
            end
          [ keys[index], *cells ]
        end
      end

      def platform_jib_lines(data)
        machine = data["platform_jib"]
        bands = machine["upper_boom_bands_deg"].map { |from, to| "#{plain(from)} to #{plain(to)}" }
        tables =
          machine["zones"].flat_map do |zone|
            [
              [],
              [ "lower boom zone", zone["name"], zone["lower_boom_from_deg"], zone["lower_boom_to_deg"] ],
              [ "upper boom (deg) / load radius (m)", *machine["load_radius_m"] ],
              *bands.zip(machine["jib_kg"][zone["name"]]).map { |band, cells| [ band, *cells ] }
            ]
          end
        [ [ "jib cap", *machine["jib_cap_kg"].map { |kg| "#{plain(kg)} kg" } ], *tables ]
      end

      # All of it stands in the head.
      def fixed_hoist_lines(_data) = []

      def tower_lines(data)
        data["tower"]["falls"].flat_map do |falls, set|
          [
            [],
            [ "falls", falls, "#{plain(set["max_kg"])} kg", set["needs_second_trolley"] ? "yes" : "no" ],
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
      private_class_method :plain,
        :head_lines,
        :mobile_lines,
        :sector_line,
        :rows_of,
        :tower_lines,
        :platform_jib_lines,
        :fixed_hoist_lines,
        :pulls
    end
  end
end
