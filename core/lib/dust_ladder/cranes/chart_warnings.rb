module DustLadder
  module Cranes
    # Doubts about a chart that is whole.
    module ChartWarnings
      module_function

      # What a reader of the paper should look at again: capacity that rises with radius, holes, rows that say the same.
      def of(data)
        doubtful(data) +
          ChartTables.of(data).flat_map do |name, rows, columns, cells|
            table_warnings(name, rows, cells) +
              columns.each_index.flat_map do |column|
                column_warnings("#{name}, #{columns[column]}", rows, cells.map { |row| row[column] })
              end
          end
      end

      BEYOND_BELIEF_KG = 2_000_000

      # Figures that a slip of a unit or of a column would give.
      def doubtful(data)
        most = ChartTables.of(data).flat_map { |_, _, _, cells| cells.flatten }.compact.max || 0
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

      private_class_method :doubtful, :table_warnings, :column_warnings
    end
  end
end
