module DustLadder
  module Cranes
    # Figures of a chart that do not go with those beside them: more than at a smaller radius, more than with a shorter
    # boom, a step of more than a factor of two, or of one sector to another. Each figure is told once, with what it
    # does not go with.
    class ChartSlips
      # A figure of a chart, by index of table, row and column.
      Cell = Struct.new(:table, :row, :column, :kg) { def place = [ table, row, column ] }

      # tables: as of ChartTables, or of a ChartPage with its texts. ChartWarnings::Warnings, each to be answered.
      def self.of(data, tables) = new(data, tables).warnings

      def initialize(data, tables)
        @family = Families.name_of(data)
        @tables = tables
        @pairs = Hash.new { |all, cell| all[cell] = [] }
      end

      def warnings
        look
        found = blamed.map { |cell, others| ChartWarnings.asked(words(cell, others), cell.place) }
        return found if @pairs.empty?

        found << ChartWarnings.asked("#{@pairs.size} more figures may not go with those beside them")
      end

      private

      def look
        @tables.each_with_index do |(_, rows, columns, cells), table|
          filled =
            cells.each_with_index.map do |row, at|
              row.each_with_index.map { |kg, column| kg && Cell.new(table, at, column, kg) }
            end
          columns.each_index { |column| filled.map { |row| row[column] }.compact.each_cons(2) { |pair| down(*pair) } }
          rows.each_index { |row| filled[row].compact.each_cons(2) { |pair| across(*pair) } }
          beside(table, filled)
        end
      end

      # Farther out, or at an angle nearer to level: less.
      def down(near, far)
        pair(near, far) if step?(near, far) || (far.kg > near.kg && @family != "platform_jib")
      end

      # With a longer boom, or farther along a jib: less.
      def across(short, long)
        pair(short, long) if step?(short, long) || long.kg > short.kg
      end

      # The sectors of one machine.
      def beside(table, filled)
        before, @filled = @filled, filled
        return unless @family == "mobile" && table.positive?

        filled.zip(before).each do |row, other|
          row.zip(other.to_a) { |cell, there|
            pair(there, cell) if cell && there && step?(there, cell, ChartWarnings::FAR)
          }
        end
      end

      def step?(one, other, factor = ChartWarnings::STEP) = [ one.kg, other.kg ].max > [ one.kg, other.kg ].min * factor

      def pair(one, other)
        @pairs[one] << other
        @pairs[other] << one
      end

      # Whichever figure explains most of what does not fit, until nothing or too much is left: [cell, others].
      def blamed
        found = []
        until @pairs.empty? || found.size == ChartWarnings::MOST_SLIPS
          cell, others = @pairs.max_by { |one, all| [ all.size, one.row, one.column ] }
          found << [ cell, others.dup ]
          others.each { |other| @pairs[other].delete(cell) }
          @pairs.delete(cell)
          @pairs.delete_if { |_, all| all.empty? }
        end
        found.sort_by { |cell, _| cell.place }
      end

      def words(cell, others)
        name, rows, columns, = @tables[cell.table]
        "#{name}, #{rows[cell.row]}, #{columns[cell.column]}: #{figure(cell)}, " +
          others.map { |other| against(cell, other) }.join(", ")
      end

      # As the page has it, or in kg.
      def figure(cell) = @tables[cell.table][4]&.dig(cell.row, cell.column) || ChartWarnings.kg(cell.kg)

      def against(cell, other)
        name, rows, columns, = @tables[other.table]
        place =
          if other.table != cell.table
            "in #{name}"
          elsif other.column == cell.column
            "at #{rows[other.row]}"
          else
            "with #{columns[other.column]}"
          end
        "#{relation(cell.kg, other.kg)} #{figure(other)} #{place}"
      end

      def relation(own, other)
        return own > other * ChartWarnings::STEP ? "more than twice the" : "more than the" if own > other

        other > own * ChartWarnings::STEP ? "less than half of the" : "less than the"
      end
    end
  end
end
