module DustLadder
  module Cranes
    # A chart written as the CSV table that ChartGrid reads.
    module ChartGridText
      FAMILIES = %w[mobile tower].freeze

      module_function

      # A chart's data as such a table, CSV text in m and kg; nil for a family that has no grid. What has no name here
      # (other people's marks of record) stays out: the JSON is the whole of it.
      def write(data)
        family = data["family"] || "mobile"
        return unless FAMILIES.include?(family)

        CSV.generate do |csv|
          (head_lines(data, family) + (family == "tower" ? tower_lines(data) : sector_lines(data))).each do |cells|
            csv << cells.map { |cell| cell.is_a?(String) ? Gear::CsvText.harmless(cell) : cell }
          end
        end
      end

      def head_lines(data, family)
        named =
          ChartGrid::NAMES.filter_map do |name, (path, kind)|
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
      def pulls(data)
        found = data.dig("hoist", "drum", "layer_pulls_kg") or return []
        [ [ "pulls by layer", *found.map { |kg| "#{kg} kg" } ] ]
      end

      def sector_lines(data)
        corner = data["boom_angle_deg"] ? "boom angle (deg) / boom (m)" : "radius (m) / boom (m)"
        rows = data["boom_angle_deg"] || data["radius_m"]
        data["sectors"].flat_map do |sector|
          cells, marks = data["tables"][sector["table"]], data.dig("marks", sector["table"])
          table =
            cells.each_with_index.map do |row, index|
              [
                rows[index],
                *row.each_with_index.map do |kg, column|
                  kg && [ kg, ChartGrid::MARKS.key(marks&.dig(index, column)) ].compact.join(" ")
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

      def tower_lines(data)
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
    end
  end
end
