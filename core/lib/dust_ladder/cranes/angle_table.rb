module DustLadder
  module Cranes
    # A table whose rows are boom angles, as jib charts have them: between two angles the worse of both holds, and
    # outside the rows nothing (handbook, section 6). It answers as Table does, by radius, through the boom's
    # geometry.
    class AngleTable
      ANGLE_TOLERANCE = 1e-6
      HALVINGS = 40

      attr_reader :booms

      # angles: falling, degrees from horizontal. geometry: boom length, m => Boom.
      def initialize(angles, booms, cells, geometry, tolerance: 0.001, marks: nil)
        @angles = angles.map(&:to_f)
        @booms = booms.map(&:to_f)
        @geometry = geometry
        @by_angle =
          @booms.each_with_index.to_h do |boom, index|
            [
              boom,
              Table.new(
                @angles.map(&:-@),
                [ 1.0 ],
                cells.map { |row| [ row[index] ] },
                tolerance: ANGLE_TOLERANCE,
                marks: marks&.map { |row| [ row[index] ] }
              )
            ]
          end
        @tolerance = tolerance
        @booms_at = {}
      end

      def capacity(radius, boom)
        angle = boom(boom).angle_at(radius) or return
        found = columns(boom).map { |column| column.capacity(-angle, 1.0) }
        found.empty? || found.any?(&:nil?) ? nil : found.min
      end

      def marks(radius, boom)
        angle = boom(boom).angle_at(radius) or return []
        columns(boom).flat_map { |column| column.marks(-angle, 1.0) }.uniq
      end

      # Radii of the rows with this boom, rising, m.
      def rows(boom) = @angles.map { |angle| boom(boom).radius_at(angle) }
      def row(radius, boom) = rows(boom).find { |row| row >= radius - @tolerance }

      def largest_radius(gross_kg, boom)
        rows(boom)
          .drop_while { |radius| capacity(radius, boom).nil? }
          .take_while { |radius| (capacity(radius, boom) || -1) * (1 + Ladder::Verdict::SLACK) >= gross_kg }
          .last
      end

      # Rows are crossed where the angle is theirs: found by halving between fine steps, since boom and radius may
      # both change.
      def crossings(from, to)
        steps = [ ((to.radius - from.radius).abs / 0.25).ceil, 1 ].max
        times = (0..steps).map { |step| step / steps.to_f }
        times
          .each_cons(2)
          .flat_map { |before, after| @angles.filter_map { |angle| crossing(from, to, before, after, angle) } } +
          Table.hits(from.boom, to.boom, @booms)
      end

      private

      def boom(length) = @booms_at[length] ||= @geometry.call(length)

      def columns(boom)
        return [] if boom < @booms.first - @tolerance || boom > @booms.last + @tolerance

        exact = @booms.find { |length| (length - boom).abs <= @tolerance }
        if exact
          [ @by_angle[exact] ]
        else
          @booms.each_cons(2).find { |lower, upper| boom.between?(lower, upper) }.map { |length| @by_angle[length] }
        end
      end

      def crossing(from, to, before, after, angle)
        Budget.ask!
        over = ->(time) { at(from, to, time)&.>(angle) }
        first, last = over.call(before), over.call(after)
        return if first.nil? || last.nil? || first == last

        low, high = before, after
        HALVINGS.times do
          ((low + high) / 2).then { |middle| over.call(middle) == first ? low = middle : high = middle }
        end
        (low + high) / 2
      end

      def at(from, to, time)
        made = from.boom == to.boom ? boom(from.boom) : @geometry.call(from.boom + (to.boom - from.boom) * time)
        made.angle_at(from.radius + (to.radius - from.radius) * time)
      end
    end
  end
end
