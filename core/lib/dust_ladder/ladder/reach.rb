module DustLadder
  class Ladder
    # The reach strip: usable capacity by radius on this plan's way, the gross load, and the stations.
    # nil as long as the chart is missing or is not this machine's.
    class Reach
      def initialize(lift, crane_rung)
        @lift = lift
        @crane = lift.duty.crane
        @rung = crane_rung
      end

      def as_json(*)
        return unless @crane.chart_applies?

        sectors = way_sectors
        {
          "title" => [ @crane.chart_title, @crane.family.boom_words ].join(", "),
          "sectors" => sectors.map(&:name),
          "steps" => steps(sectors),
          "gross" => gross&.as_json,
          "end" => largest_radius,
          "stations" => @crane.stations.each_index.filter_map { |index| station(index) }
        }
      rescue NotKnown
        nil
      end

      private

      # Sectors on the way; all of the chart's while the way is not known.
      def way_sectors
        @crane.path.sectors
      rescue NotKnown
        @crane.chart.sectors
      end

      # One step for each row: from the row before it (nothing is allowed short of the first) to its own radius.
      def steps(sectors)
        boom = @crane.boom_m
        # On a way that no sector holds nothing is allowed anywhere.
        radii = (sectors.first || @crane.chart.sectors.first).table.rows(boom)
        radii
          .each_cons(2)
          .map do |from, to|
            capacities = sectors.map { |sector| sector.capacity((from + to) / 2, boom) }
            { "from_m" => from, "to_m" => to, "kg" => capacities.any?(&:nil?) ? nil : capacities.min }
          end
      end

      def gross
        Figure.kg(@lift.duty.gross.kg, :up)
      rescue NotKnown
        nil
      end

      def largest_radius
        @lift.duty.largest_radius&.then { |radius| Figure.m(radius, :down).as_json }
      rescue NotKnown
        nil
      end

      def station(index)
        loaded = @crane.loaded_radius(index)
        part = @rung.parts[index]
        row = @crane.chart.sectors.first.table.row(loaded, @crane.booms[index])
        left = part&.capacity && Figure.kg(part.capacity.value - part.demand.value, :down)
        {
          "name" => @crane.stations[index].name,
          "radius" => Figure.m(@crane.radius(index), :up).as_json,
          "loaded_radius" => Figure.m(loaded, :up).as_json,
          "row" => row && Figure.m(row).as_json,
          "capacity" => part&.capacity&.as_json,
          "left" => left&.as_json,
          "utilisation" => part&.utilisation && Figure.percent(part.utilisation).as_json,
          "verdict" => part&.verdict || "not_known"
        }
      rescue NotKnown
        nil
      end
    end
  end
end
