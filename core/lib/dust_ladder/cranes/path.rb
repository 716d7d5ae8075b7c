module DustLadder
  module Cranes
    # The way from station to station: radius, slew and boom length change linearly together. The capacity
    # is the least along it. It is looked at in fine steps, and every border of a sector, row and column that is crossed
    # exactly (handbook, section 6).
    class Path
      FINE_RADIUS_M = 0.25
      FINE_SLEW_DEG = 1.0
      HAIR = 1e-6

      # slew nil: on a chart that is the same all round. hook: its height, m, or nil. kg: what hangs there, or nil.
      Station = Struct.new(:radius, :slew, :boom, :hook, :kg, keyword_init: true)
      # kg nil: not allowed there. between: index of the leg of the way. at: the Station of the least.
      Least = Struct.new(:kg, :sector, :between, :at, keyword_init: true)
      # A place of the way: share of its leg, its Station, what the chart says there, and every sector that holds it.
      Place = Struct.new(:between, :share, :at, :kg, :sector, :sectors)

      # stations: in order; slew in degrees, counted on past 360 or below 0 to state the turning direction.
      def initialize(chart, stations)
        @chart = chart
        @stations = stations
      end

      def least = walk.first

      # The sectors that the way touches, in order.
      def sectors = walk.last

      # Of the places that have no more than the least, the farthest out.
      def tightest = @tightest ||= places.select { |place| place.kg == least.kg }.max_by { |place| place.at.radius }

      # Every place looked at, in order, as Place.
      def places = @places ||= look

      # Level length of each leg of the way that the hook goes, m.
      def lengths = @stations.each_cons(2).map { |from, to| Path.length(from, to) }

      # Length of an arc whose radius changes evenly, by its middle radius.
      def self.length(from, to)
        turned = from.slew ? (to.slew - from.slew).abs * Math::PI / 180 : 0.0
        Math.hypot((from.radius + to.radius) / 2 * turned, to.radius - from.radius)
      end

      # The Station at a share of a leg.
      def self.between(from, to, share)
        return from if share.zero?
        return to if share == 1.0

        Station.new(
          radius: mixed(from.radius, to.radius, share),
          slew: from.slew && mixed(from.slew, to.slew, share),
          boom: mixed(from.boom, to.boom, share),
          hook: from.hook && to.hook && mixed(from.hook, to.hook, share),
          kg: from.kg && to.kg && mixed(from.kg, to.kg, share)
        )
      end

      def self.mixed(from, to, share) = from == to ? from : from + (to - from) * share

      private

      # [Least, sectors].
      def walk
        @walk ||=
          begin
            worst, touched = nil, {}.compare_by_identity
            places.each do |place|
              place.sectors.each { |sector| touched[sector] = true }
              worst = place if worst.nil? || (worst.kg && (place.kg.nil? || place.kg < worst.kg))
            end
            [ Least.new(kg: worst.kg, sector: worst.sector&.name, between: worst.between, at: worst.at), touched.keys ]
          end
      end

      def look
        return [ place(0, 0.0, @stations.first) ] if @stations.size == 1

        @stations
          .each_cons(2)
          .with_index
          .flat_map do |(from, to), between|
            times(from, to).map { |share| place(between, share, Path.between(from, to, share)) }
          end
      end

      def place(between, share, station)
        Budget.ask!
        sectors = @chart.sectors_at(station.slew)
        Place.new(between, share, station, *@chart.least_of(sectors, station.radius, station.boom), sectors)
      end

      # Fine steps, whatever is crossed, and the middles between them.
      def times(from, to)
        # On either side of what is crossed too: which side a figure changes on is then seen to a hair.
        marks =
          [ 0.0, 1.0, *@chart.crossings(from, to).flat_map { |share| [ share - HAIR, share, share + HAIR ] } ].uniq
            .select { |share| share.between?(0.0, 1.0) }
            .sort
        (marks + marks.each_cons(2).map { |before, after| (before + after) / 2 } + fine(from, to)).uniq.sort
      end

      def fine(from, to)
        Budget.ask!
        steps = [
          (to.radius - from.radius).abs / FINE_RADIUS_M,
          from.slew ? (to.slew - from.slew).abs / FINE_SLEW_DEG : 0.0
        ].max.ceil
        (1...steps).map { |step| step / steps.to_f }
      end
    end
  end
end
