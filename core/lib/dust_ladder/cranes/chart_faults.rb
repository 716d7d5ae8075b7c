module DustLadder
  module Cranes
    # What keeps data that the schema accepts from being a chart.
    module ChartFaults
      # A sector is at least as wide as this.
      NARROWEST_DEG = 0.1

      module_function

      def fault(pointer, message, expected) = { "pointer" => pointer, "message" => message, "expected" => expected }

      # What a schema cannot say of a chart: what its family needs, values that rise, tables that are whole.
      def of(data)
        family = Families.name_of(data)
        missing = ChartFile::NEEDS.fetch(family).reject { |name| data.key?(name) }
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

        send("#{family}_faults", data) + Ground::StandFaults.of(data).map { |one|
          fault("/stand#{one[0]}", *one.drop(1))
        }
      end

      def mobile_faults(data)
        rows = data["radius_m"] || data["boom_angle_deg"]
        found =
          rising("/boom_length_m", data["boom_length_m"]) +
            (data["radius_m"] ? rising("/radius_m", rows) : falling("/boom_angle_deg", rows))
        if data["boom_angle_deg"] && !data["boom_foot"]
          found << fault("/boom_foot", "rows by boom angle need the boom's foot", "where its pin is")
        end
        found.concat(offsets(data))
        found.concat(too_flat(data)) if found.empty?
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
          if (sector["slew_to_deg"] - sector["slew_from_deg"]).abs < NARROWEST_DEG
            found << fault(
              "/sectors/#{index}/slew_to_deg",
              "the sector is as good as nothing wide",
              "0 to 360 where it is all round"
            )
          end
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

        low = JibOffsets.of(data).last
        of = low ? JibOffsets.at(data, low) : data
        flattest = Boom.of(of, data["boom_length_m"].min).flattest
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

      # A jib stands at one offset, or each sector says which it is for.
      def offsets(data)
        jib, said = data["jib"], data["sectors"].map { |sector| sector["jib_offset_deg"] }
        if said.none?
          return [] if jib.nil? || jib["offset_deg"]

          return [ fault("/jib", "the jib has no offset", "offset_deg, or jib_offset_deg in each sector") ]
        end
        return [ fault(
          "/jib",
          "sectors are for offsets of a jib, and there is none",
          "a jib with its length"
        ) ] unless jib
        if jib["offset_deg"]
          return [ fault("/jib/offset_deg", "the jib has one offset, and sectors say others", "one or the other") ]
        end

        said.each_index.reject { |index| said[index] }.map do |index|
          fault(
            "/sectors/#{index}/jib_offset_deg",
            "this sector is for no offset of the jib",
            "degrees, as the others say"
          )
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
      def escaped(key) = PlanFile::Pointer.escaped(key)

      private_class_method :mobile_faults,
        :offsets,
        :too_flat,
        :table_faults,
        :tower_faults,
        :platform_jib_faults,
        :fixed_hoist_faults,
        :rising,
        :falling,
        :escaped
    end
  end
end
