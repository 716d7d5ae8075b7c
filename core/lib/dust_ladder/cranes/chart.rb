module DustLadder
  module Cranes
    # A crane's chart: tables by sector of slew. Sectors run clockwise from/to in degrees; a border belongs
    # to both its sectors.
    class Chart
      # longest_boom: longest boom that may be raised over this side, m, or nil.
      Sector =
        Struct.new(:name, :from, :to, :table, :longest_boom, keyword_init: true) do
          def hold?(slew)
            width = (to - from) % 360
            width = 360.0 if width.zero?
            offset = (slew - from) % 360
            offset <= width + 1e-9 || offset >= 360 - 1e-9
          end

          # Is this more boom than may be raised over this side?
          def too_long?(boom) = !longest_boom.nil? && boom > longest_boom + 1e-9
          def capacity(radius, boom) = too_long?(boom) ? nil : table.capacity(radius, boom)
          def largest_radius(gross, boom) = too_long?(boom) ? nil : table.largest_radius(gross, boom)
        end

      attr_reader :sectors

      # One table all the way round.
      def self.all_round(table, name: "all round") = new([ Sector.new(name: name, from: 0.0, to: 360.0, table: table) ])

      # radii, booms in m; tables: { name => cells }; sectors: as in the plan format.
      def self.of(radii:, booms:, tables:, sectors:, tolerance: 0.001)
        made = tables.transform_values { |cells| Table.new(radii, booms, cells, tolerance: tolerance) }
        new(sectors.map { |sector| sector(sector, made) })
      end

      def self.sector(data, tables)
        Sector.new(
          name: data["name"],
          from: data["slew_from_deg"].to_f,
          to: data["slew_to_deg"].to_f,
          table: tables.fetch(data["table"]),
          longest_boom: data["longest_boom_m"]
        )
      end

      def initialize(sectors)
        @sectors = sectors
        @tables = sectors.map(&:table).uniq
        @angles = sectors.flat_map { |sector| [ sector.from, sector.to ] }.uniq
      end

      # Those that hold a slew; the first where the slew does not matter.
      def sectors_at(slew) = slew.nil? ? sectors.first(1) : sectors.select { |sector| sector.hold?(slew) }

      # Does the slew matter at all?
      def all_round? = @tables.size == 1 && sectors.map(&:longest_boom).uniq.size == 1 && no_gap?

      # Do the sectors leave no slew out? Overlaps do not make up for a gap.
      def no_gap?
        borders = sectors.flat_map { |sector| [ sector.from % 360, sector.to % 360 ] }.uniq.sort
        borders
          .each_cons(2)
          .map { |from, to| (from + to) / 2 }
          .push((borders.last + borders.first + 360) / 2 % 360)
          .all? { |slew| sectors_at(slew).any? }
      end

      # Least capacity at a place over every sector that holds it: [kg or nil, Sector or nil].
      def capacity(radius, boom, slew) = least_of(sectors_at(slew), radius, boom)

      def least_of(sectors, radius, boom)
        worst, where = nil
        sectors.each do |sector|
          kg = sector.capacity(radius, boom)
          return nil, sector if kg.nil?

          worst, where = kg, sector if worst.nil? || kg < worst
        end
        [ worst, where ]
      end

      # Shares of a straight way at which a row, a column or a border of a sector is crossed.
      def crossings(from, to) =
        @tables.flat_map { |table| table.crossings(from, to) } +
          (from.slew ? Chart.borders(from.slew, to.slew, @angles) : [])

      # Shares of a turn, counted on past 360 or below 0, at which it meets these angles.
      def self.borders(from, to, angles)
        low, high = [ from, to ].minmax
        met =
          angles.flat_map do |angle|
            first = angle + 360 * ((low - angle) / 360.0).ceil
            (0..((high - first) / 360.0).floor).map { |turn| first + 360 * turn }
          end
        Table.hits(from, to, met)
      end

      # Boom lengths of the columns, m.
      def booms = @tables.flat_map(&:booms).uniq.sort

      # The boom length that holds the gross load at every station with the least of it used, shorter first where two
      # are alike: { boom:, least_kg: }; nil when none does. stations: Path::Station, their own boom left out of
      # account.
      def best_boom(stations, gross_kg)
        booms
          .filter_map do |boom|
            least = Path.new(self, stations.map { |station| station.dup.tap { |one| one.boom = boom } }).least.kg
            { boom: boom, least_kg: least } if least && gross_kg <= least * (1 + Ladder::Verdict::SLACK)
          end
          .min_by { |found| [ -found[:least_kg], found[:boom] ] }
      end
    end
  end
end
