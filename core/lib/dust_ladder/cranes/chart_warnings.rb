module DustLadder
  module Cranes
    # Doubts about a chart that is whole (handbook, section 15): what a slip of the hand, of a unit or of a column would
    # look like, and what a reader of the paper should look at again.
    module ChartWarnings
      # text: in words. answer: must whoever enters the chart answer it? cell: the place of the figure in doubt, [table,
      # row, column] by index, or nil.
      Warning =
        Struct.new(:text, :answer, :cell, keyword_init: true) do
          def as_json(*) = { "text" => text, "answer" => answer, "cell" => cell }
        end

      # Neighbours differ by no more than this factor; one sector from the next by no more than that.
      STEP = 2.0
      FAR = 3.0
      BEYOND_BELIEF_KG = 2_000_000
      # A hook block is about this share of what it may carry, or heavier.
      LEAST_BLOCK_SHARE = 0.003
      # One doubt more stands for all beyond these: with those of units, block, 60 booms and 20 of ChartWriting no more
      # than the 130 whose answers a chart's record can keep.
      MOST_SLIPS = 36

      module_function

      # data: a chart's. page: the ChartPage that it was read from, where its own words and units are known; its
      # doubts speak in them, and how its figures are written is looked at too.
      def of(data, page = nil)
        written = page&.of(data)
        tables = written || ChartTables.of(data)
        system = page ? page.system : :metric
        slips = ChartSlips.of(data, tables)
        units(data, tables) + out_of_reach(data, tables) + block(data, tables, system) + slips +
          (written ? ChartWriting.of(written, page.unit, slips.map(&:cell)) : []) +
          tables.flat_map { |table| looks(*table.first(4)) }
      end

      def asked(text, cell = nil) = Warning.new(text: text, answer: true, cell: cell)
      def look(text, cell = nil) = Warning.new(text: text, answer: false, cell: cell)
      def kg(mass, system = :metric) = Quantity::Figure.kg(mass, digits: 1).shown(system).sub(/\.0(?=\D)/, "")
      def most(tables) = tables.flat_map { |_, _, _, cells| cells.flatten }.compact.max || 0

      def units(_data, tables)
        most = most(tables)
        return [] unless most > BEYOND_BELIEF_KG

        [ asked("a capacity of #{(most / 1000.0).round} t: is the unit of capacity right?") ]
      end

      # Where something is allowed that no boom of that length reaches.
      def out_of_reach(data, tables)
        foot = data["boom_foot"]
        return [] unless foot && data["radius_m"] && data["tables"]

        jib = data.dig("jib", "length_m") || 0
        _, rows, columns, = tables.first
        data["boom_length_m"].each_with_index.filter_map do |boom, column|
          far =
            data["radius_m"].each_index.reverse_each.find do |row|
              data["tables"].values.any? { |cells| cells[row][column] }
            end or next
          radius = data["radius_m"][far]
          if radius - foot["radius_m"] > boom + jib
            asked(
              "#{columns[column]}: something is allowed at #{rows[far]}, where no boom of that length reaches"
            )
          end
        end
      end

      # A block or hook lighter than what hangs in it suggests.
      def block(data, tables, system)
        block = data["hook_block"] or return []
        most = most(tables)
        carries = block["wll_kg"]
        light = [ carries, most ].compact.min * LEAST_BLOCK_SHARE
        found = []
        if block["mass_kg"] < light
          found << asked(
            "the hook block weighs #{kg(block["mass_kg"], system)}: light for one that carries " \
              "#{kg([ carries, most ].compact.min, system)}"
          )
        end
        if carries && carries * STEP < most
          own, to = kg(carries, system), kg(most, system)
          found << asked("the hook block carries #{own}, and the chart goes to #{to}: is it this block?")
        end
        found
      end

      # Holes, columns with nothing in them, and rows that say the same.
      def looks(name, rows, columns, cells)
        same =
          cells
            .each_cons(2)
            .with_index(1)
            .filter_map do |(before, after), index|
              if before == after && before.any? && before.size > 1
                look("#{name}: rows #{rows[index - 1]} and #{rows[index]} say the same in every cell")
              end
            end
        same + columns.each_index.flat_map { |column|
          holes(
            "#{name}, #{columns[column]}",
            rows,
            cells.map { |row|
              row[column]
            }
          )
        }
      end

      def holes(name, rows, column)
        filled = column.each_index.select { |index| column[index] }
        return [ look("#{name}: nothing in the whole column") ] if filled.empty?

        (filled.first..filled.last)
          .reject { |index| column[index] }
          .map { |index| look("#{name}: a hole at #{rows[index]}; nothing is allowed next to it either") }
      end

      private_class_method :units, :out_of_reach, :block, :looks, :holes, :most
    end
  end
end
