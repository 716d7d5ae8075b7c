module DustLadder
  module Practice
    # Read a leg's angle in one of the three ways that people say it (handbook, sections 0 and 3).
    class ReadAngle < Drill
      KIND = "read_angle".freeze
      TOPIC = "angles".freeze
      WAYS = {
        "from_horizontal" => "from horizontal",
        "from_plumb" => "from the plumb line",
        "included" => "between the legs, were both alike"
      }.freeze

      def words
        both { |system|
          "#{leg.name} leg: #{Figure.m(rise).shown(system)} up over #{Figure.m(run).shown(system)} " \
            "along. What is its angle #{WAYS.fetch(way)}?"
        }
      end

      def right = "right"
      def views = { "drawing" => ladder.drawing }

      private

      def document = @document ||= MadeUp.new(chance("lift")).lift(off: 0.0)
      def ladder = @ladder ||= DustLadder.check(document)
      def bridle = ladder.lift.bridle
      def way = @way ||= WAYS.keys.sample(random: chance("way"))
      def leg = ladder.lift.load.points[0]
      def run = (ladder.lift.load.cg[0] - leg.at[0]).abs
      def rise = bridle.hook_set - leg.at[2]
      def angle = Math.atan2(rise, run) * 180 / Math::PI
      def ways = { "from_horizontal" => angle, "from_plumb" => 90 - angle, "included" => 180 - 2 * angle }

      def made_choices
        others = ways.except(way).transform_values { |deg| Figure.deg(deg, :near) }
        slope = { "slope" => Figure.deg(100.0 * run / rise, :near) }
        figures(Figure.deg(ways.fetch(way), :near), others.merge(slope))
      end

      def working
        [
          both do |system|
            "tan a = rise / run = #{Figure.m(rise).shown(system)} / #{Figure.m(run).shown(system)}, " \
              "so a = #{Figure.deg(angle, :near).shown(system)} from horizontal"
          end,
          both { |system| "from the plumb line 90° − a = #{Figure.deg(90 - angle, :near).shown(system)}" },
          both { |system| "between two legs alike 180° − 2 a = #{Figure.deg(180 - 2 * angle, :near).shown(system)}" },
          both("Say which way it is measured, always: the same leg has three numbers.")
        ]
      end
    end
  end
end
