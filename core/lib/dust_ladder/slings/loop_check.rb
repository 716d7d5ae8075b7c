module DustLadder
  module Slings
    # Where a choke or a wrap closes round the load its two parts stand at an angle to the level line between them: a
    # flat loop multiplies the force before the leg even starts (handbook, section 3.3). Demand: tension of one part of
    # the loop; capacity: the sling's straight rating.
    class LoopCheck < Ladder::Check
      ID = "loop"
      LABEL = "Inner loop"
      FLIGHT = "rigging"
      OF_SLINGS = true

      def self.applies?(lift) = lift.legs.any? { |leg| loop?(leg) }
      def self.loop?(leg) = leg.choker? && leg.key?("loop_angle")

      private

      def examine
        loops =
          lift.legs.select { |leg| self.class.loop?(leg) }.map { |leg| figures(leg.index) }
        loops.each do |index, pull, kg|
          loaded_part(lift.bridle.names[index], pull, kg, rules[:attention, :slings])
        end
        index, pull, kg, angle = loops.max_by { |_, one, rated| one / rated }
        line(
          "F",
          Figure.kg(lift.bridle.worst[index].tension, :up),
          source: "leg tension, at worst",
          about: "leg:#{index}"
        )
        line("g", Figure.deg(angle), source: "inner angle where it closes, as given", about: "leg:#{index}")
        line(
          "T",
          Figure.kg(pull, :up),
          formula: "F / (2 × sin(g))",
          from: {
            F: Figure.kg(lift.bridle.worst[index].tension, :up),
            g: Figure.deg(angle)
          },
          source: "each part of the loop",
          about: "leg:#{index}"
        )
        line("C", Figure.kg(kg, :down), source: Leg.of(lift, index).tag.rating("vertical").source)
        judge(
          Figure.kg(pull, :up),
          Figure.kg(kg, :down),
          attention: rules[:attention, :slings],
          subject: "#{lift.bridle.names[index]} leg",
          note:
            both do |system|
              "#{lift.bridle.names[index]} leg: #{Figure.kg(pull, :up).bare(system)} in each part, of " \
                "#{Figure.kg(kg, :down).shown(system)}"
            end
        )
      end

      def figures(index)
        angle = lift.legs[index].loop_angle.value
        [
          index,
          Statics::InnerLoop.tension(lift.bridle.worst[index].tension, angle),
          Leg.of(lift, index).then { |leg| leg.tag.rating("vertical").kg * leg.left },
          angle
        ]
      end
    end
  end
end
