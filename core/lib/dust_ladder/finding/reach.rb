module DustLadder
  module Finding
    # What a chart can allow at most where a crane would stand, read off without working anything out: never less than
    # its rung will say, so that nothing is passed over that could hold. kg.
    class Reach
      ANYTHING = Float::INFINITY
      NEAR_M = 0.01

      # base: an Advice::Base.
      def initialize(base)
        @base = base
        @at = {}
      end

      # Of a rack's chart in a spot.
      def kg(rack, spot)
        @at[[ rack.reads, spot.id ]] ||= DustLadder.known(ANYTHING) { least(crane(rack), radii(spot)) }
      end

      # What the rung of a crane said that its chart allows there: whatever hangs in the hook, that is the same.
      def said(rack, spot, kg) = @at[[ rack.reads, spot.id ]] = kg

      private

      def crane(rack) = (@cranes ||= {})[rack.reads] ||= @base.state(rack.values).lift.duty.crane

      # Of each station before the load is on: it only grows from there.
      def radii(spot)
        (@radii ||= {})[spot.id] ||=
          begin
            crane = @base.state(spot.values).lift.duty.crane
            crane.stations.each_index.map { |index| crane.radius(index) }
          end
      end

      def least(crane, radii)
        return ANYTHING unless crane.family?("mobile") && tables(crane).all?(Cranes::Table)

        radii.each_with_index.map { |radius, index| most(crane, radius - NEAR_M, crane.booms[index]) }.min
      end

      def tables(crane) = crane.chart.sectors.map(&:table)

      # The most of any sector from the row before a radius on outward.
      def most(crane, radius, boom)
        tables(crane).flat_map { |table|
          rows = table.radii
          from = rows.rindex { |row| row <= radius } || 0
          near(table, boom).product(rows.drop(from)).filter_map { |length, row| table.capacity(row, length) }
        }.max || 0.0
      end

      # Its own column, or those on either side.
      def near(table, boom)
        lengths = table.booms
        exact = lengths.select { |length| (length - boom).abs <= NEAR_M }
        return exact if exact.any?

        [ lengths.rindex { |length| length < boom }, lengths.index { |length| length > boom } ].compact
          .map { |at| lengths[at] }
      end
    end
  end
end
