module DustLadder
  module Ladder
    # What a screen needs to draw the load under the hook, in metres and in the load's own axes. nil as long
    # as the load's size, centre of gravity or points are not known.
    class Drawing
      def initialize(lift, sling_rung)
        @lift = lift
        @slings = sling_rung
      end

      def as_json(*)
        load = @lift.load
        {
          "size" => load.size, "cg" => load.cg, "cg_half_width" => load.cg_half_width,
          "points" => load.points.map { |point| { "name" => point.name, "at" => point.at } }, "solids" => solids(load), **hanging
        }
      rescue NotKnown
        nil
      end

      private

      MOST_SOLIDS = 300

      # The load's parts where they say what its size is, unless they are too many to be seen.
      def solids(load)
        return [] unless load.from_take_off?(:size)

        rows = load.take_off.parts
        rows.sum { |row| row.solids.size } > MOST_SOLIDS ? [] : rows.flat_map { |row| row.as_json["solids"] }
      end

      def hanging
        bridle = @lift.bridle
        pose = bridle.pose
        {
          "hook" => pose.hook, "up" => pose.up, "legs" => bridle.names.each_index.map { |index| leg(bridle, index) },
          "hook_height" => Figure.m(bridle.hook_above_base).as_json,
          "cg_plumb" => Figure.m(pose.hook_from_cg.sum { |side| side * side }**0.5).as_json
        }
      rescue NotKnown
        { "hook" => nil, "up" => nil, "legs" => [], "hook_height" => nil, "cg_plumb" => nil }
      end

      def leg(bridle, index)
        leg = bridle.pose.legs[index]
        deg = leg.deg_from_horizontal
        included = bridle.pose.legs.size == 2 ? bridle.pose.legs.sum { |one| 90 - one.deg_from_horizontal } : 2 * (90 - deg)
        part = @slings.parts[index]
        {
          "name" => bridle.names[index], "length" => Figure.m(leg.length).as_json, "run" => Figure.m(leg.run).as_json, "height" => Figure.m(leg.height).as_json,
          "from_horizontal" => Figure.deg(deg).as_json, "from_plumb" => Figure.deg(90 - deg, :up).as_json, "included" => Figure.deg(included, :up).as_json,
          "verdict" => part&.verdict || "not_known", "worst" => (part ? part.demand : tension(bridle, index))&.as_json,
          "nominal" => part&.nominal&.as_json, "utilisation" => part&.utilisation && Figure.percent(part.utilisation).as_json
        }
      end

      def tension(bridle, index)
        Figure.kg(bridle.worst[index].tension, :up)
      rescue NotKnown
        nil
      end
    end
  end
end
