module DustLadder
  module Cranes
    # What a screen draws of the crane: from above its sectors, zones and the way of the hook; from the side the boom
    # and the load at each station; and how much of the chart is used along the way. nil as long as the chart is not
    # this machine's. Plain numbers are for pixels only (m, degrees, shares); what is read as a figure is a Figure.
    class CraneView
      MOST_POINTS = 48

      def initialize(lift)
        @lift = lift
        @crane = lift.duty.crane
      end

      def as_json(*)
        if !@crane.chosen? || @crane.family.name == "platform_jib" || !@crane.chart_applies? || !@crane.family.radius?
          return
        end

        {
          "family" => @crane.family.name,
          "sectors" =>
            @crane.chart.sectors.map { |sector| { "name" => sector.name, "from" => sector.from, "to" => sector.to } },
          "farthest_m" => farthest,
          "zones" => known([]) { zones },
          "stations" => @crane.stations.each_index.filter_map { |index| known { station(index) } },
          "load" => known { box },
          "booms" => booms,
          "obstacle_m" => known { @crane.obstacle_height.value },
          "attention" => @lift.rules.attention(:crane),
          **known({ "way" => [], "curve" => [], "governs" => nil, "trip" => nil }) { way }
        }
      rescue NotKnown
        nil
      end

      private

      def known(otherwise = nil, &) = DustLadder.known(otherwise, &)

      def farthest = @crane.chart.sectors.flat_map { |sector| sector.table.rows(@crane.boom_m) }.max
      def booms = @crane.family.name == "mobile" ? @crane.chart.booms : []

      def zones
        @crane.zones.map do |zone|
          {
            "name" => zone.name,
            "slew_from" => zone.slew_from.value,
            "slew_to" => zone.slew_to.value,
            "radius_from" => zone.radius_from.value,
            "radius_to" => zone.radius_to.given? ? zone.radius_to.value : nil
          }
        end
      end

      # Half the load's length as it is drawn beside the boom, its height, and the hook above its base.
      def box =
        {
          "half_m" => @lift.load.size[0] / 2,
          "height_m" => @lift.load.size[2],
          "hook_m" => @lift.bridle.hook_above_base
        }

      def station(index)
        station, radius = @crane.stations[index], @crane.loaded_radius(index)
        {
          "index" => index,
          "name" => station.name,
          "radius_m" => @crane.radius(index),
          "loaded_m" => mm(radius),
          "slew_deg" => station.slew.known? ? station.slew.value : nil,
          "base_m" => known { station.support_height.value },
          "boom" => known([]) { line(radius, index).map { |place| place.map { |metres| mm(metres) } } },
          "tip_m" => known { @crane.tip_height(radius, index) },
          "boom_angle" =>
            known do
              Figure.deg(
                @crane.family.boom(@crane.booms[index]).angle_at(radius) || raise(NotKnown.new("out of reach"))
              ).as_json
            end
        }
      end

      # Foot to tip; of a tower crane its jib.
      def line(radius, index)
        return @crane.family.boom(@crane.booms[index]).line(radius) || [] unless @crane.family.name == "tower"

        [ [ 0.0, @crane.tip_height(radius, index) ], [ @crane.booms[index], @crane.tip_height(radius, index) ] ]
      end

      def way
        path = @crane.path
        lengths = path.lengths
        lengths = lengths.map { 1.0 } if lengths.sum.zero?
        starts = lengths.reduce([ 0.0 ]) { |sums, length| sums << sums.last + length }.map { |sum| sum / lengths.sum }
        along = ->(between, share) { starts[between] + (starts[between + 1] - starts[between]) * share }
        gross = known { @lift.duty.gross.kg }
        least = path.least
        {
          "way" => from_above(path),
          "starts" => starts,
          "curve" => curve(path, along, gross),
          "governs" => governs(least, path, along, gross),
          "trip" =>
            gross &&
              Limiter.new(@lift.duty).trip&.then { |trip|
                trip.as_json.merge("along" => along.(trip.between, trip.share))
              }
        }
      end

      # Radius and slew of the hook along the way, thinned out.
      def from_above(path)
        places = path.places
        step = [ (places.size / MOST_POINTS.to_f).ceil, 1 ].max
        places.each_with_index.filter_map do |place, index|
          [ mm(place.at.radius), (place.at.slew || 0.0).round(2) ] if (index % step).zero? || index == places.size - 1
        end
      end

      # Runs of the way with one capacity: [along from, along to, share used or nil where nothing is allowed].
      def curve(path, along, gross)
        return [] unless gross

        runs =
          path
            .places
            .each_cons(2)
            .reduce([]) do |found, (before, after)|
              # Between two places the worse of them is shown.
              kg = before.kg && after.kg && [ before.kg, after.kg ].min
              from, to = along.(before.between, before.share), along.(after.between, after.share)
              next found unless to > from

              found.last && found.last[2] == kg ? found.last[1] = to : found << [ from, to, kg ]
              found
            end
        runs.map { |from, to, kg| [ from, to, kg&.positive? ? gross / kg : nil ] }
      end

      def governs(least, path, along, gross)
        place = path.tightest
        room = gross && known { @lift.duty.room_m }
        {
          "along" => along.(place.between, place.share),
          "radius_m" => mm(place.at.radius),
          "slew_deg" => place.at.slew,
          "radius" => Figure.m(place.at.radius, :up).as_json,
          "sector" => place.sector&.name,
          "kg" => least.kg && Figure.kg(least.kg, :down).as_json,
          "left" => least.kg && gross && Figure.kg(least.kg - gross, :down).as_json,
          "room" => room && Figure.m(room, :down).as_json
        }
      end

      def mm(metres) = metres.round(3)
    end
  end
end
