module DustLadder
  module Rigging
    # May the load take what its legs press into it along the level? Asked where it is marked thin, long or flexible,
    # or hangs by eyebolts (handbook, section 15). Demand: the greatest level part of a leg's pull; capacity: what it
    # may take.
    class ThrustCheck < Ladder::Check
      ID = "thrust"
      LABEL = "Level thrust"
      FLIGHT = "rigging"

      def self.applies?(lift) = lift.load.thrust_marks.any? || eyebolts?(lift)

      def self.eyebolts?(lift)
        lift.legs.any? do |leg|
          leg.fittings.any? do |fitting|
            fitting["end"] == "load" && Fittings::Fitting::OF_AN_EYE.include?(fitting["kind"])
          end
        end
      end

      private

      def examine
        bridle = lift.bridle
        pulls = bridle.names.each_index.map { |index| bridle.worst_thrust(index) }
        index = pulls.each_index.max_by { |one| pulls[one] }
        line(
          "N",
          Figure.kg(pulls[index], :up),
          source: "level part of the #{bridle.names[index]} leg's pull, at worst",
          about: "leg:#{index}"
        )
        limit = lift.load.thrust_limit.positive
        pulls.each_with_index { |kg, leg| loaded_part(bridle.names[leg], kg, limit, rules[:attention, :slings]) }
        line("C", Figure.kg(limit, :down), source: "what the load may take along the level, as given")
        judge(
          Figure.kg(pulls[index], :up),
          Figure.kg(limit, :down),
          attention: rules[:attention, :slings],
          subject: "#{bridle.names[index]} leg",
          note: both { |system|
            "#{bridle.names[index]} leg presses #{Figure.kg(pulls[index], :up).bare(system)} of " \
              "#{Figure.kg(limit, :down).shown(system)}"
          }
        )
      end
    end
  end
end
