module DustLadder
  module Cranes
    # Does the chart hold the gross load at pick, at set and everywhere between?
    class CapacityCheck < Ladder::Check
      ID = "crane"
      LABEL = "Crane"

      private

      def examine
        crane = lift.crane
        raise NotKnown.new("the chart does not match the machine as rigged: see Chart", pointer: "/crane/as_rigged") unless crane.chart_applies?

        gross = lift.gross.kg
        stations = crane.path_stations
        capacities = stations.map { |station| crane.chart.capacity(station.radius, station.boom, station.slew) }
        stations.each_with_index { |station, index| show(crane.stations[index].name, station, gross, *capacities[index]) }
        least = crane.path.least
        # The station that has the least of the whole way; none when it lies between them.
        index = capacities.index { |kg, _| kg == least.kg }
        place = index ? stations[index] : least.at
        where = index ? crane.stations[index].name : "on the way between"
        radius_lines(index, place) if index
        capacity_lines(place, least, gross)
        return stop(both { |system| "#{where}: nothing allowed at #{Figure.m(place.radius, :up).shown(system)}, #{least.sector || 'in no sector of the chart'}" }, subject: where) if least.kg.nil?

        row = crane.chart.sectors.first.table.row(place.radius)
        judge(Figure.kg(gross, :up), Figure.kg(least.kg, :down), attention: rules[:attention, :crane], subject: where,
              note: both { |system| "#{where}: #{Figure.kg(gross, :up).bare(system)} of #{Figure.kg(least.kg, :down).shown(system)}, row #{Figure.m(row).shown(system)}" })
      end

      def show(name, station, gross, kg, sector)
        share = kg&.positive? ? gross / kg : Float::INFINITY
        part(name: name, verdict: Ladder::Verdict.of(share, rules[:attention, :crane]), utilisation: share.finite? ? share : nil,
             demand: Figure.kg(gross, :up), capacity: kg && Figure.kg(kg, :down),
             note: both { |system| "#{sector ? sector.name : 'outside every sector'}, at #{Figure.m(station.radius, :up).shown(system)}" })
      end

      def radius_lines(index, place)
        station = lift.crane.stations[index]
        measured = lift.crane.measured_loaded?
        from = { R: Figure.m(station.radius.value, :up), g: Figure.m(place.radius - station.radius.value, :up) }
        line("R", from[:R], source: "radius at #{station.name}, #{measured ? 'measured under load' : 'unloaded'}", about: "station:#{index}")
        line("g", from[:g], source: measured ? "measured under load: nothing is added" : rules.cite(:radius_allowance))
        line("r", Figure.m(place.radius, :up), formula: "R + g", from: from, source: "loaded radius", about: "station:#{index}")
      end

      def capacity_lines(place, least, gross)
        crane = lift.crane
        row = crane.chart.sectors.first.table.row(place.radius)
        line("row", Figure.m(row, :up), source: "next larger row of the chart") if row
        return unless least.kg&.positive?

        line("C", Figure.kg(least.kg, :down), source: "#{crane.chart_title}, #{least.sector}, boom #{crane.boom_length.typed}")
        line("G", Figure.kg(gross, :up), source: "gross load", about: "hook")
        line("U", Figure.percent(gross / least.kg), formula: "G / C × 100", from: { G: Figure.kg(gross, :up), C: Figure.kg(least.kg, :down) }, source: "least along the whole way")
        line("f", Figure.factor(least.kg / gross, :down), formula: "C / G", from: { C: Figure.kg(least.kg, :down), G: Figure.kg(gross, :up) }, source: "the same as a factor")
        line("most", Figure.m(lift.largest_radius, :down), source: "largest row for this gross load at boom #{crane.boom_length.typed}") if lift.largest_radius
      end
    end
  end
end
