module DustLadder
  module Cranes
    # One capacity table: kg by radius (rows) and boom length (columns), nil where not allowed.
    # Read between rows at the next larger radius, between columns at the lower of both, and never past
    # either end of a column (handbook, section 6).
    class Table
      attr_reader :radii, :booms

      # radii, booms: rising, m. cells: a row for each radius. marks: as cells, a mark or nil each. interpolate: whether
      # the chart permits reading between its rows. Raises ArgumentError on a ragged table.
      def initialize(radii, booms, cells, tolerance: 0.001, interpolate: false, marks: nil)
        @radii = radii.map(&:to_f)
        @booms = booms.map(&:to_f)
        @tolerance = tolerance
        raise ArgumentError, "#{cells.size} rows for #{radii.size} radii" unless cells.size == radii.size

        cells.each_with_index do |row, index|
          unless row.size == booms.size
            raise ArgumentError, "row #{index} has #{row.size} cells for #{booms.size} boom lengths"
          end
        end
        @columns =
          @booms.each_index.map do |index|
            Column.new(
              @radii,
              cells.map { |row| row[index] },
              tolerance,
              interpolate,
              marks&.map { |row| row[index] }
            )
          end
        @columns_at = {}
      end

      # kg, or nil where the chart allows nothing.
      def capacity(radius, boom) = least(columns_at(boom), radius)

      # Marks of the cells that a reading rests on: "strength", "stability", "rearward".
      def marks(radius, boom) = columns_at(boom).flat_map { |column| column.marks(radius) }.compact.uniq

      # The row a radius is read at, m, or nil past the last.
      def row(radius, _boom = nil) = @radii.bsearch { |row| row >= radius - @tolerance }

      # Radii of the rows with this boom, rising, m.
      def rows(_boom) = @radii

      # The largest row of the unbroken run, counted from the first filled row, that holds a gross load; or nil.
      def largest_radius(gross_kg, boom)
        columns = columns_at(boom)
        first = columns.map(&:first)
        return if columns.empty? || first.any?(&:nil?)

        run =
          @radii
            .drop_while { |radius| radius < first.max }
            .take_while { |radius| (least(columns, radius) || -1) * (1 + Ladder::Verdict::SLACK) >= gross_kg }
        run.last
      end

      # Shares of a straight way between two places at which a row or column is crossed.
      def crossings(from, to) = Table.hits(from.radius, to.radius, @radii) + Table.hits(from.boom, to.boom, @booms)

      # Where a value that changes evenly from one to the other meets others, as shares of the way.
      def self.hits(from, to, values)
        return [] if from == to

        values.filter_map do |value|
          ((value - from) / (to - from)).then { |share| share if share.between?(0.0, 1.0) }
        end
      end

      private

      def least(columns, key)
        return columns.first.capacity(key) if columns.size == 1

        capacities = columns.map { |column| column.capacity(key) }
        capacities.empty? || capacities.any?(&:nil?) ? nil : capacities.min
      end

      # The one or two columns that a boom length is read in; none outside the table.
      def columns_at(boom)
        @columns_at.clear if @columns_at.size > 50
        @columns_at[boom] ||= neighbours(boom).map { |index| @columns[index] }
      end

      def neighbours(boom)
        return [] if boom < @booms.first - @tolerance || boom > @booms.last + @tolerance

        exact = @booms.index { |length| (length - boom).abs <= @tolerance }
        return [ exact ] if exact

        upper = @booms.index { |length| length > boom }
        [ upper - 1, upper ]
      end

      # One boom length's cells. keys: what its rows are read by, rising.
      class Column
        def initialize(keys, cells, tolerance, interpolate, marks)
          @keys = keys
          @cells = cells
          @tolerance = tolerance
          @interpolate = interpolate
          @marks = marks
          @from = cells.index { |cell| !cell.nil? }
          @to = cells.rindex { |cell| !cell.nil? }
        end

        # The key of the first filled row, or nil.
        def first = @from && @keys[@from]

        def capacity(key)
          index, on_row = place(key)
          return if index.nil?
          return @cells[index] if on_row

          smaller, larger = @cells[index - 1], @cells[index]
          return if smaller.nil? || larger.nil?
          return [ smaller, larger ].min unless @interpolate

          smaller +
            (larger - smaller) * ((key - @keys[index - 1]) / (@keys[index] - @keys[index - 1])).clamp(0.0, 1.0)
        end

        def marks(key)
          return [] unless @marks

          index, on_row = place(key)
          index ? (on_row ? [ @marks[index] ] : @marks[index - 1, 2]) : []
        end

        private

        # The row at or above a key, and whether the key is that row's; nil outside the filled rows.
        def place(key)
          return if @from.nil? || key < @keys[@from] - @tolerance || key > @keys[@to] + @tolerance

          index = @keys.bsearch_index { |row| row >= key - @tolerance }
          [ index, @keys[index] <= key + @tolerance ]
        end
      end
      private_constant :Column
    end
  end
end
