module DustLadder
  module Cranes
    # Does the chart hold the gross load at pick, at set and everywhere between?
    class CraneCheck < Ladder::Check
      include PlaceLines

      ID = "crane"
      LABEL = "Crane"
      FLIGHT = "crane"
      PER = "crane"
      IN_HEADLINE = "crane at %<subject>s"
      MARKS = {
        "strength" => "This figure of the chart is limited by strength: past it nothing tips first, it breaks.",
        "rearward" => "The chart warns that the unloaded machine may be less stable to the rear here."
      }.freeze

      def self.applies?(duty) = !duty.tandem? && !duty.crane.family?("platform_jib")

      private

      def examine
        crane = duty.crane
        crane.applies!
        unavailable = crane.family.unavailable
        return stop(both(unavailable)) if unavailable

        gross = duty.gross.kg
        stations = crane.path_stations
        capacities = stations.map { |station| crane.chart.capacity(station.radius, station.boom, station.slew) }
        stations.each_with_index do |station, index|
          show(crane.stations[index].name, station, gross, *capacities[index])
        end
        least = crane.path.least
        # The station that has the least of the whole way; none when it lies between them.
        index = capacities.index { |kg, _| kg == least.kg }
        place = index ? stations[index] : least.at
        where = index ? crane.stations[index].name : between(least)
        radius_lines(index, place) if index
        capacity_lines(place, least, gross)
        marks(place)
        return stop(nothing_at(where, place, least.sector), subject: where) if least.kg.nil?
        outside = before_load
        if outside
          return stop(
            both do |system|
              "#{where}: nothing allowed at #{Figure.m(outside.radius, :up).shown(system)}, before the load is on"
            end,
            subject: where
          )
        end

        row = crane.row(place)
        judge(
          Figure.kg(gross, :up),
          Figure.kg(least.kg, :down),
          attention: rules[:attention, :crane],
          subject: where,
          note:
            both do |system|
              "#{where}: #{Figure.kg(gross, :up).bare(system)} of #{Figure.kg(least.kg, :down).shown(system)}" \
                "#{row && crane.family.radius? ? ", row #{Figure.m(row).shown(system)}" : ""}"
            end
        )
      end

      def between(least) =
        if duty.crane.stations.size > 2
          "between #{duty.crane.stations[least.between].name} and #{duty.crane.stations[least.between + 1].name}"
        else
          "on the way"
        end

      def nothing_at(where, place, sector)
        longest = duty.crane.chart.sectors_at(place.slew).find { |one| one.too_long?(place.boom) }
        if longest
          return both do |system|
            "#{where}: at most #{Figure.m(longest.longest_boom, :down).shown(system)} of boom may be raised " \
              "#{longest.name}"
          end
        end

        both do |system|
          "#{where}: nothing allowed at #{Figure.m(place.radius, :up).shown(system)}, " \
            "#{sector || "in no sector of the chart"}"
        end
      end

      # A place of the chart where nothing is allowed although the load is not yet on: short of its first row.
      def before_load
        return if duty.crane.measured_loaded? || !duty.crane.family.radius?

        duty.crane.unloaded_stations.find do |station|
          duty.crane.chart.capacity(station.radius, station.boom, station.slew).first.nil?
        end
      end

      def marks(place)
        duty
          .crane
          .chart
          .sectors_at(place.slew)
          .flat_map { |sector| sector.table.marks(place.radius, place.boom) }
          .uniq
          .each { |mark| caution(mark, MARKS[mark]) if MARKS.key?(mark) }
      end

      def show(name, station, gross, kg, sector)
        share = kg&.positive? ? gross / kg : Float::INFINITY
        part(
          name: name,
          verdict: Ladder::Verdict.of(share, rules[:attention, :crane]),
          utilisation: share.finite? ? share : nil,
          demand: Figure.kg(gross, :up),
          capacity: kg && Figure.kg(kg, :down),
          note:
            both do |system|
              "#{sector ? sector.name : "outside every sector"}" \
                "#{", at #{Figure.m(station.radius, :up).shown(system)}" if duty.crane.family.radius?}"
            end
        )
      end

      def radius_lines(index, place)
        return unless duty.crane.family.radius?

        station = duty.crane.stations[index]
        measured = duty.crane.measured_loaded?
        place_lines(index) if duty.crane.placed(index)
        from = { R: Figure.m(station.radius.value, :up), g: Figure.m(place.radius - station.radius.value, :up) }
        line(
          "R",
          from[:R],
          source: "radius at #{station.name}, #{measured ? "measured under load" : "unloaded"}",
          about: "station:#{index}"
        )
        line(
          "g",
          from[:g],
          source: measured ? "measured under load: nothing is added" : rules.cite(:radius_allowance)
        )
        line(
          "r",
          Figure.m(place.radius, :up),
          formula: "R + g",
          from: from,
          source: "loaded radius",
          about: "station:#{index}"
        )
        degree(place)
      end

      # What a gauge that is one degree off would miss.
      def degree(place)
        unless duty.crane.family.name == "mobile" &&
                 (metres = duty.crane.family.boom(place.boom).radius_per_degree(place.radius))
          return
        end

        line(
          "1°",
          Figure.m(metres, :up),
          source: "of radius for one degree of boom angle: a taped radius beats the gauge"
        )
      rescue NotKnown
        nil
      end

      def row_source(data)
        return "radius at the next flatter row of boom angle; of both rows the worse counts" if data["boom_angle_deg"]

        if data["interpolation"] == "radius"
          "next larger row; the chart permits reading between its rows"
        else
          "next larger row of the chart"
        end
      end

      def capacity_lines(place, least, gross)
        crane = duty.crane
        row = crane.family.radius? && crane.row(place)
        line("row", Figure.m(row, :up), source: row_source(crane.chart_data)) if row
        return unless least.kg&.positive?

        line(
          "C",
          Figure.kg(least.kg, :down),
          source: "#{crane.chart_title}, #{least.sector}, #{crane.family.boom_words}"
        )
        line("G", Figure.kg(gross, :up), source: "gross load", about: "hook")
        line(
          "U",
          Figure.percent(gross / least.kg),
          formula: "G / C × 100",
          from: {
            G: Figure.kg(gross, :up),
            C: Figure.kg(least.kg, :down)
          },
          source: "least along the whole way"
        )
        line(
          "f",
          Figure.factor(least.kg / gross, :down),
          formula: "C / G",
          from: {
            C: Figure.kg(least.kg, :down),
            G: Figure.kg(gross, :up)
          },
          source: "the same as a factor"
        )
        line(
          "left",
          Figure.kg(least.kg - gross, :down),
          formula: "C − G",
          from: {
            C: Figure.kg(least.kg, :down),
            G: Figure.kg(gross, :up)
          },
          source: "margin there"
        )
        return unless crane.family.radius? && duty.largest_radius

        line(
          "most",
          Figure.m(duty.largest_radius, :down),
          source: "largest row for this gross load, #{crane.family.boom_words}"
        )
        if duty.room_m
          line(
            "room",
            Figure.m(duty.room_m, :down),
            source:
              "least margin in radius along the way, each place against its own sectors; below nothing it " \
              "stands too far out"
          )
        end
      end
    end
  end
end
