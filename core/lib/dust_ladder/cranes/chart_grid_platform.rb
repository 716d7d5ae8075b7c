module DustLadder
  module Cranes
    # The tables of a platform and jib machine in a CSV grid: a line for each zone of the lower boom, a line of load
    # radii, and the paper's rows as printed, from one angle of the upper boom to another.
    module ChartGridPlatform
      HEAD = /\Aupper boom\b/i
      BAND = /\A(?<from>-?\d+(?:\.\d+)?)\s*°?\s*(?:to|–|-|…|\.\.\.?)\s*(?<to>-?\d+(?:\.\d+)?)\s*(?:°|deg)?\z/i

      private

      # A chart that says nothing of it credits nothing of the platform's rating to the jib.
      def platform
        machine = @data["platform_jib"] ||= {}
        { "credit_share" => 0, "zones" => [], "jib_kg" => {} }.each { |name, blank| machine[name] ||= blank }
        machine
      end

      # lower boom zone, name, from, to in degrees from level: its own table follows.
      def zone(cells, number)
        name = cells[1].to_s
        return fault(number, 2, "the zone has no name", "a short name, such as A") if name.empty?

        from, to = [ 2, 3 ].map { |index| signed_degrees(cells[index], number, index + 1) }
        fault(number, 2, "there are two zones called #{name}", "a name of its own") if zone?(name)
        platform["zones"] << { "name" => name, "lower_boom_from_deg" => from, "lower_boom_to_deg" => to }
        @zone = true
        start("zone #{name}", number) { |rows| platform["jib_kg"][name] = rows }
      end

      def zone?(name) = platform["zones"].any? { |one| one["name"] == name }

      def signed_degrees(text, number, column)
        Float(text.to_s.delete("°").sub(/ ?deg\z/i, "")).tap do |value|
          fault(number, column, "#{text} is no angle of a boom", "-90 to 90") unless value.between?(-90, 90)
        end
      rescue ArgumentError
        fault(number, column, "#{text.inspect} is no angle", "degrees from level, such as -5")
        nil
      end

      # upper boom (deg) / load radius (m), then the load radii.
      def platform_head(cells, number)
        return fault(
          number,
          1,
          "a table begins without its zone",
          "a line before it: lower boom zone, name, from, to"
        ) unless @grid

        cells = cells.reverse.drop_while(&:empty?).reverse
        unit = cells.first[/radius\W*(mm|m|ft|in)\b/i, 1]
        fault(number, 1, "the load radii have no unit", "upper boom (deg) / load radius (m)") unless unit
        @grid[:units].replace([ "deg", unit ])
        radii = cells.drop(1).each_with_index.map { |text, index| length(text, unit, number, index + 2) }
        @grid.merge!(width: radii.size, bands: true)
        @grid[:preview].merge!("corner" => cells.first, "columns" => cells.drop(1))
        if platform["load_radius_m"] && !alike?(platform["load_radius_m"], radii)
          fault(number, nil, "these load radii differ from those of the first table", "the same in every zone")
        end
        platform["load_radius_m"] ||= radii
      end

      # "20 to 40", degrees: a row as it is printed.
      def band(text, number)
        match = BAND.match(text)
        return [ match[:from].to_f, match[:to].to_f ] if match

        fault(number, 1, "#{text.inspect} is no range of the upper boom's angle", "from and to, such as 20 to 40")
        nil
      end

      # jib cap, then a mass for each load radius.
      def jib_cap(cells, number)
        caps = masses(cells, number) and platform["jib_cap_kg"] = caps
      end

      def keep_bands
        if platform["upper_boom_bands_deg"] && platform["upper_boom_bands_deg"].first(@grid[:keys].size) != @grid[:keys]
          fault(@grid[:lines].values.last, 1, "this row is not that of the first table", "the same rows in every zone")
        end
        platform["upper_boom_bands_deg"] ||= @grid[:keys]
      end
    end
  end
end
