module DustLadder
  module Cranes
    # The tables of a chart of any family, for a look at them.
    module ChartTables
      module_function

      # A length of a page in feet is no longer number for that.
      def metres(length) = "#{length.round(3)} m"

      # Tables of a chart: [name, words for rows, words for columns, cells].
      def of(data)
        case Families.name_of(data)
        when "mobile"
          rows =
            data["radius_m"]&.map { |radius| metres(radius) } || data["boom_angle_deg"].map { |angle| "#{angle}°" }
          data["tables"].map do |name, cells|
            [ name, rows, data["boom_length_m"].map { |boom| "boom #{metres(boom)}" }, cells ]
          end
        when "tower"
          data["tower"]["falls"].map do |falls, set|
            [
              "#{falls} falls",
              set["radius_m"].map { |radius| metres(radius) },
              [ "jib #{metres(data["tower"]["jib_length_m"])}" ],
              set["capacity_kg"].map { |kg| [ kg ] }
            ]
          end
        when "platform_jib"
          data["platform_jib"].then do |machine|
            machine["jib_kg"].map do |zone, cells|
              [
                "zone #{zone}",
                machine["upper_boom_bands_deg"].map { |from, to| "#{from} to #{to}°" },
                machine["load_radius_m"].map { |radius| metres(radius) },
                cells
              ]
            end
          end
        else
          []
        end
      end

      def preview(data)
        of(data).map do |name, rows, columns, cells|
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
    end
  end
end
