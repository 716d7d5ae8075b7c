module DustLadder
  module Cranes
    # The way from station to station: radius, slew and boom length change linearly together. The capacity
    # is the least along it; every border of a sector, row and column that is crossed is looked at exactly.
    class Path
      Station = Struct.new(:radius, :slew, :boom, keyword_init: true)
      # kg nil: not allowed there. between: index of the leg of the way. at: the Station of the least.
      Least = Struct.new(:kg, :sector, :between, :at, keyword_init: true)

      # stations: in order; slew in degrees, counted on past 360 or below 0 to state the turning direction.
      def initialize(chart, stations)
        @chart = chart
        @stations = stations
      end

      def least = walk.first

      # The sectors that the way touches, in order.
      def sectors = walk.last

      private

      # Once along the way: [Least, sectors].
      def walk
        @walk ||= begin
          worst, touched = nil, []
          each_place do |station, between|
            found = @chart.sectors_at(station.slew)
            touched |= found
            kg, sector = @chart.least_of(found, station.radius, station.boom)
            next if worst && (worst.kg.nil? || (kg && kg >= worst.kg))

            worst = Least.new(kg: kg, sector: sector&.name, between: between, at: station)
          end
          [ worst, touched ]
        end
      end

      def each_place
        return yield(@stations.first, 0) if @stations.size == 1

        @stations.each_cons(2).with_index do |(from, to), between|
          times = crossings(from, to)
          middles = times.each_cons(2).map { |before, after| (before + after) / 2 }
          (times + middles).sort.each { |time| yield(place(from, to, time), between) }
        end
      end

      # Shares of the way, 0 to 1, at which something of the chart is crossed.
      def crossings(from, to)
        tables = @chart.sectors.map(&:table).uniq
        marks = tables.flat_map { |table| hits(from.radius, to.radius, table.radii) + hits(from.boom, to.boom, table.booms) }
        marks += borders(from.slew, to.slew) if from.slew
        ([ 0.0, 1.0 ] + marks).uniq.sort
      end

      def hits(from, to, values)
        return [] if from == to

        values.map { |value| (value - from) / (to - from) }.select { |time| time.between?(0.0, 1.0) }
      end

      def borders(from, to)
        low, high = [ from, to ].minmax
        angles = @chart.sectors.flat_map { |sector| [ sector.from, sector.to ] }.uniq.flat_map do |angle|
          first = angle + 360 * ((low - angle) / 360.0).ceil
          (0..((high - first) / 360.0).floor).map { |turn| first + 360 * turn }
        end
        hits(from, to, angles)
      end

      def place(from, to, time)
        return from if time.zero?
        return to if time == 1.0

        slew = from.slew && from.slew + (to.slew - from.slew) * time
        Station.new(radius: from.radius + (to.radius - from.radius) * time, slew: slew, boom: from.boom + (to.boom - from.boom) * time)
      end
    end
  end
end
