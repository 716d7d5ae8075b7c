module DustLadder
  class Ladder
    # Ways out that change the crane: nearer, or reeved otherwise.
    module CraneWays
      MORE_PARTS = 4

      private

      # A platform machine's jib, nearer in by the columns of its chart.
      def nearer_jib
        return unless @lift.duty.crane.chosen? && @lift.duty.crane.family?("platform_jib")

        now = @lift.duty.crane.platform[:load_radius].value
        NEARER
          .lazy
          .filter_map do |share|
            radius = now * share
            try(
              "jib",
              both { |system| "The jib's load at #{Figure.m(radius, :down).shown(system)} or nearer" },
              { @lift.duty.crane.pointer("platform", "load_radius") => written(radius) },
              :jib
            )
          end
          .first
      rescue NotKnown
        nil
      end
      NEARER = [ 0.9, 0.8, 0.7, 0.6, 0.5, 0.4, 0.3 ].freeze

      # For each station, the farthest row of the chart nearer than now that makes the ladder better.
      def nearer
        @lift.duty
          .crane
          .stations
          .each_index
          .map do |index|
            next if @lift.duty.crane.placed(index)

            station = @lift.duty.crane.stations[index]
            rows =
              @lift.duty
                .crane
                .chart
                .sectors
                .first
                .table
                .rows(@lift.duty.crane.booms[index])
                .reverse
                .filter_map { |row| unloaded(row) }
                .select { |radius| radius < station.radius.value - WaysOut::STEP_M }
            rows
              .lazy
              .filter_map do |radius|
                try(
                  "nearer-#{index}",
                  both do |system|
                    "#{station.name.capitalize} at #{Figure.m(radius, :down).shown(system)} or nearer"
                  end,
                  { @lift.duty.crane.pointer("stations", index, "radius") => written(radius) },
                  :nearer
                )
              end
              .first
          end
          .compact
      rescue NotKnown
        []
      end

      # The radius that grows to a row under load, rounded down; nil when there is none.
      def unloaded(row)
        return row if @lift.duty.crane.measured_loaded?

        radius = [
          row - @lift.rules[:radius_allowance, :least_m],
          row / (1 + @lift.rules[:radius_allowance, :fraction])
        ].min
        radius.positive? ? (radius / WaysOut::STEP_M + 1e-9).floor * WaysOut::STEP_M : nil
      end

      # The other way round, where the turn is stated for the whole way.
      def other_way
        now = @lift.duty.crane["turn"]
        other = OTHER_WAY[now] or return

        try("turn", both("Turn #{other} instead of #{now}"), { @lift.duty.crane.pointer("turn") => other }, :turn)
      end
      OTHER_WAY = { "clockwise" => "anticlockwise", "anticlockwise" => "clockwise" }.freeze

      def more_parts
        parts = @lift.duty.crane.parts_of_line
        (1..MORE_PARTS)
          .lazy
          .filter_map do |more|
            try(
              "parts",
              both("Reeve #{parts + more} parts of line"),
              { @lift.duty.crane.pointer("parts_of_line") => parts + more },
              :parts
            )
          end
          .first
      rescue NotKnown
        nil
      end
    end
  end
end
