module DustLadder
  module Cranes
    # A crane's chart: tables by sector of slew. Sectors run clockwise from/to in degrees; a border belongs
    # to both its sectors.
    class Chart
      Sector = Struct.new(:name, :from, :to, :table, keyword_init: true) do
        def hold?(slew)
          width = (to - from) % 360
          width = 360.0 if width.zero?
          offset = (slew - from) % 360
          offset <= width + 1e-9 || offset >= 360 - 1e-9
        end
      end

      attr_reader :sectors

      # radii, booms in m; tables: { name => cells }; sectors: as in the plan format.
      def self.of(radii:, booms:, tables:, sectors:, tolerance: 0.001)
        made = tables.transform_values { |cells| Table.new(radii, booms, cells, tolerance: tolerance) }
        new(sectors.map { |sector| Sector.new(name: sector["name"], from: sector["slew_from_deg"].to_f, to: sector["slew_to_deg"].to_f, table: made.fetch(sector["table"])) })
      end

      def initialize(sectors)
        @sectors = sectors
      end

      # Those that hold a slew; nil on a chart that is the same all round.
      def sectors_at(slew) = slew.nil? ? sectors.first(1) : sectors.select { |sector| sector.hold?(slew) }

      # Does the slew matter at all?
      def all_round? = sectors.map(&:table).uniq.size == 1 && sectors.sum { |sector| ((sector.to - sector.from - 1e-9) % 360) } >= 360 - 1e-6

      # Least capacity at a place over every sector that holds it: [kg or nil, Sector or nil].
      def capacity(radius, boom, slew) = least_of(sectors_at(slew), radius, boom)

      def least_of(sectors, radius, boom)
        return [ nil, nil ] if sectors.empty?

        sectors.map { |sector| [ sector.table.capacity(radius, boom), sector ] }.min_by { |kg, _| kg || -1 }
      end
    end
  end
end
