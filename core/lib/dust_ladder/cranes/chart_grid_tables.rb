module DustLadder
  module Cranes
    # The tables of a CSV grid: each begins with its sector or set of falls, then its boom lengths, then a row a radius.
    module ChartGridTables
      private

      # sector, name, from, to, longest boom, offset of the jib: its own table follows.
      def sector(cells, number)
        from, to = [ 2, 3 ].map { |index| degrees(cells[index], number, index + 1) }
        name = cells[1].to_s.empty? ? "all round" : cells[1]
        offset = degrees(cells[5], number, 6)
        entry = { "name" => name, "slew_from_deg" => from || 0.0, "slew_to_deg" => to || 360.0 }
        entry["jib_offset_deg"] = offset if offset
        own = JibOffsets.name(entry)
        if @data["sectors"]&.any? { |one| JibOffsets.name(one) == own }
          fault(number, 2, "there are two sectors called #{own}", "a name of its own")
        end
        # Sectors right below one another share the table that follows them.
        shared = @grid[:name] if @grid && @grid[:width].nil? && !@falls && !@zone
        entry["table"] = shared || own
        quantity([ "longest boom", cells[4] ], number, :length) do |metres|
          entry["longest_boom_m"] = metres
        end unless cells[4].to_s.empty?
        (@data["sectors"] ||= []) << entry
        start(own, number) { |rows| (@data["tables"] ||= {})[own] = rows } unless shared
      end

      def table_line(cells, number)
        return platform_head(cells, number) if ChartGridPlatform::HEAD.match?(cells.first)

        ChartGrid::HEAD.match?(cells.first) ? head(cells, number) : row(cells, number)
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
            "a line before it: capacity in, then #{ChartGrid::UNITS.keys.join(", ")}"
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
        @units << (@grid[:units] = [])
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

        match = ChartGrid::HEAD.match(cells.first)
        @grid[:angle] = match[:rows].downcase == "boom angle"
        @grid[:unit] = match[:unit] ||
          (@grid[:angle] ? "deg" : fault(number, 1, "the rows have no unit", ChartGrid::EXAMPLE) && nil)
        @grid[:units].replace([ @grid[:unit], match[:columns] || @grid[:unit] ])
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

        key = @grid[:bands] ? band(cells.first, number) : length(cells.first, @grid[:unit] || "m", number, 1)
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
        return keep_bands if @grid[:bands]

        keep_keys
        keep_marks
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

      # The same figures to the millimetre, however their units were written.
      def alike?(some, others) =
        some.size == others.size && some.zip(others).all? { |one, other| one && other && (one - other).abs <= 0.001 }
    end
  end
end
