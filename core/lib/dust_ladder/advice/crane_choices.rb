module DustLadder
  module Advice
    # How the crane is used as it stands: radius, way round, reeving, boom length, wind.
    module CraneChoices
      MORE_PARTS = 4
      NEARER = [ 0.9, 0.8, 0.7, 0.6, 0.5, 0.4, 0.3 ].freeze
      MOST_ROWS = 8
      MOST_BOOMS = 4
      WINDS_M_S = [ 9.0, 8.0, 7.0, 6.0, 5.0, 4.0, 3.0, 2.0 ].freeze
      OTHER_WAY = { "clockwise" => "anticlockwise", "anticlockwise" => "clockwise" }.freeze

      private

      # For each station the rows of the chart that are nearer than now.
      def nearer
        crane.stations.each_index.flat_map do |index|
          now = crane.radius(index)
          table = crane.chart.sectors.first.table
          rows = table.rows(crane.booms[index]).reverse.filter_map { |row| unloaded(row) }
          inside = rows.select { |radius| radius < now - Choices::STEP_M }.first(MOST_ROWS)
          inside.map { |metres| at(index, metres, now) }
        end
      end

      def at(index, metres, now)
        station = crane.stations[index]
        words = both do |system|
          "#{station.name.capitalize} at #{Figure.m(metres, :down).shown(system)} or nearer"
        end
        change(:nearer, "nearer-#{index}", words, brought(index, metres, metres / now))
      end

      # A station nearer to the slewing axis: by its radius, or by its place where it has one.
      def brought(index, metres, share)
        return { crane.pointer("stations", index, "radius") => written(metres) } unless crane.placed(index)

        axis, off = crane.stand.standing.axis, crane.placed(index).off
        %w[east north].each_with_index.to_h do |way, side|
          [ crane.pointer("stations", index, "place", way), written(axis[side] + off[side] * share) ]
        end
      end

      # The radius that grows to a row under load, rounded down; nil when there is none.
      def unloaded(row)
        return row if crane.measured_loaded?

        least, fraction = %i[least_m fraction].map { |key| @lift.rules[:radius_allowance, key] }
        radius = [ row - least, row / (1 + fraction) ].min
        radius.positive? ? down(radius) : nil
      end

      # A platform machine's jib, nearer in by the columns of its chart.
      def jib
        return unless crane.chosen? && crane.family?("platform_jib")

        now = crane.platform[:load_radius].value
        NEARER.map do |share|
          metres = down(now * share)
          words = both { |system| "The jib's load at #{Figure.m(metres, :down).shown(system)} or nearer" }
          change(:jib, "jib", words, { crane.pointer("platform", "load_radius") => written(metres) })
        end
      end

      # The other way round, where the turn is stated for the whole way.
      def turn
        now = crane["turn"]
        other = OTHER_WAY[now] or return

        change(:turn, "turn", both("Turn #{other} instead of #{now}"), { crane.pointer("turn") => other })
      end

      def parts = reeved("parts", (1..MORE_PARTS).map { |more| crane.parts_of_line + more })
      def fewer = reeved("fewer", (1...crane.parts_of_line).to_a.reverse.first(MORE_PARTS))

      def reeved(knob, counts)
        return unless crane.chosen? && !crane.family?("tower")

        counts.map do |count|
          words = both("Reeve #{count} part#{"s" if count > 1} of line")
          change(knob, knob, words, { crane.pointer("parts_of_line") => count })
        end
      end

      # Other lengths of the boom that the chart has, the nearest to it first; for the whole way.
      def boom
        return unless crane.chosen? && crane.family?("mobile")

        now = crane.booms.max
        lengths = crane.chart.booms.reject { |length| (length - now).abs < Choices::STEP_M }
        lengths.sort_by { |length| (length - now).abs }.first(MOST_BOOMS).map { |length| boomed(length) }
      end

      def boomed(length)
        change(:boom, "boom", both { |system| "Boom of #{Figure.m(length).shown(system)}" }, whole_way(length))
      end

      # One boom length for the whole way: no station keeps its own.
      def whole_way(length)
        own = crane["stations"].each_index.select { |at| crane["stations"][at]["boom_length"] }
        stations = own.to_h { |at| [ crane.pointer("stations", at, "boom_length"), nil ] }
        length ? { crane.pointer("boom_length") => "#{length} m", **stations } : stations
      end

      # Only where somebody measured more.
      def wind
        return unless asks?("wind", "power_lines", "clearance", "obstacles")

        now = crane.wind.value
        WINDS_M_S.select { |speed| speed < now }.map do |speed|
          gust = Figure.new(speed, :m_per_s, :down)
          words = both { |system| "Wait until no gust is over #{gust.shown(system)}" }
          change(:wind, "wind", words, { crane.pointer("wind") => "#{speed.round} m/s" })
        end
      end
    end
  end
end
