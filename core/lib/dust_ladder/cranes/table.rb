module DustLadder
  module Cranes
    # One capacity table: kg by radius (rows) and boom length (columns), nil where not allowed.
    # Read between rows at the next larger radius, between columns at the lower of both, and never past
    # either end of a column (handbook, section 6).
    class Table
      attr_reader :radii, :booms

      # radii, booms: rising, m. cells: a row for each radius. Raises ArgumentError on a ragged table.
      def initialize(radii, booms, cells, tolerance: 0.001)
        @radii = radii.map(&:to_f)
        @booms = booms.map(&:to_f)
        @cells = cells
        @tolerance = tolerance
        raise ArgumentError, "#{cells.size} rows for #{radii.size} radii" unless cells.size == radii.size

        cells.each_with_index { |row, index| raise ArgumentError, "row #{index} has #{row.size} cells for #{booms.size} boom lengths" unless row.size == booms.size }
        @columns_at = {}
      end

      # kg, or nil where the chart allows nothing.
      def capacity(radius, boom)
        columns = columns_at(boom)
        return columns.first.capacity(radius) if columns.size == 1

        capacities = columns.map { |column| column.capacity(radius) }
        capacities.empty? || capacities.any?(&:nil?) ? nil : capacities.min
      end

      # The row a radius is read at, m, or nil past the last.
      def row(radius) = @radii.find { |row| row >= radius - @tolerance }

      # The largest row of the unbroken run, counted from the first filled row, that holds a gross load; or nil.
      def largest_radius(gross_kg, boom)
        columns = columns_at(boom)
        return if columns.empty?

        first = columns.map(&:first).compact.max
        best = nil
        @radii.each do |radius|
          next if first.nil? || radius < first

          capacity = capacity(radius, boom)
          break if capacity.nil? || gross_kg > capacity + 1e-9 * capacity
          best = radius
        end
        best
      end

      private

      # The one or two columns that a boom length is read in; none outside the table.
      def columns_at(boom) = @columns_at[boom] ||= neighbours(boom).map { |index| Column.new(@radii, @cells.map { |row| row[index] }, @tolerance) }

      def neighbours(boom)
        return [] if boom < @booms.first - @tolerance || boom > @booms.last + @tolerance

        exact = @booms.index { |length| (length - boom).abs <= @tolerance }
        return [ exact ] if exact

        upper = @booms.index { |length| length > boom }
        [ upper - 1, upper ]
      end

      # One boom length's cells.
      class Column
        def initialize(radii, cells, tolerance)
          @radii = radii
          @cells = cells
          @tolerance = tolerance
          @from = cells.index { |cell| !cell.nil? }
          @to = cells.rindex { |cell| !cell.nil? }
        end

        # The radius of the first filled row, or nil.
        def first = @from && @radii[@from]

        def capacity(radius)
          return if @from.nil? || radius < @radii[@from] - @tolerance || radius > @radii[@to] + @tolerance

          index = @radii.index { |row| row >= radius - @tolerance }
          return @cells[index] if @radii[index] <= radius + @tolerance

          smaller, larger = @cells[index - 1], @cells[index]
          smaller.nil? || larger.nil? ? nil : [ smaller, larger ].min
        end
      end
      private_constant :Column
    end
  end
end
