module DustLadder
  class Ladder
    # Where two points could be, while the plan has none: on the top edge, plumb over the middle line of the centre of
    # gravity and mirrored about it, under legs at the angle that the rule set aims at (handbook, sections 1 and 3). A
    # question, never an answer: it fills no rung and names no tension.
    class PointsProposal
      # Of the load's length, between the points.
      SHARE_OF_LENGTH = 2.0 / 3
      # Of the way from the centre of gravity to the nearer end, at most.
      MOST_TO_END = 0.9
      STEP_M = 0.05
      STEEPEST_DEG = 80.0

      # load: a PlannedLoad; rules: a RuleSet.
      def initialize(load, rules)
        @load = load
        @rules = rules
      end

      # Points with their places, m; what would be typed for each place, by system; and the lengths and angle that come
      # of it. nil where a place is given already, or where the points are not two.
      def as_json(*)
        return unless open? && half.positive?

        {
          "points" => places.each_with_index.map { |at, index| { "name" => @load.points[index].name, "at" => at } },
          "typed" => typed,
          "from_end" => places.first.first.then { |along| Figure.m(along).as_json },
          "spread" => Figure.m(2 * half).as_json,
          "angle" => Figure.deg(angle).as_json,
          "leg" => Figure.m(half / Math.cos(radians), :up).as_json,
          "hook_above" => Figure.m(half * Math.tan(radians), :up).as_json
        }
      end

      private

      def open?
        @load.points.size == 2 && @load.points.none? { |point| [ point.x, point.y, point.z ].any?(&:given?) }
      end

      # Half the distance between the points, m.
      def half
        @half ||=
          begin
            length = @load.size.first
            along = @load.cg.first
            wanted = [ length * SHARE_OF_LENGTH / 2, [ along, length - along ].min * MOST_TO_END ].min
            rounded = ((wanted / STEP_M) + 1e-9).floor * STEP_M
            rounded.positive? ? rounded : [ wanted, 0.0 ].max
          end
      end

      def places
        x, y, = @load.cg
        [ x - half, x + half ].map { |along| [ along.round(4), y, @load.size.last ] }
      end

      def angle = @rules[:angle_aim_deg_from_horizontal].clamp(0.0, STEEPEST_DEG)
      def radians = angle * Math::PI / 180

      # { pointer => { "metric", "us" } }
      def typed
        places
          .each_with_index
          .flat_map do |at, index|
            [ @load.points[index].x, @load.points[index].y, @load.points[index].z ].zip(at).map do |field, metres|
              [
                field.pointer,
                { "metric" => "#{metres.round(4)} m", "us" => "#{(metres / Quantity::Figure::M_PER_FT).round(3)} ft" }
              ]
            end
          end
          .to_h
      end
    end
  end
end
