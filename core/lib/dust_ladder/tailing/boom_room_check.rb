module DustLadder
  module Tailing
    # Does the load keep clear of both booms while it turns? Demand: room wanted; capacity: the least there is.
    class BoomRoomCheck < TwoCranesCheck
      ID = "boom_room"
      LABEL = "Boom to load"

      private

      def examine
        tandem.does
        found = lift.duties.each_index.map { |index|
          [ index, *turn.steps.map { |step|
            [ apart(index, step), step ]
          }.min ]
        }
        found.each { |index, room, step| room_part("#{names[index]} boom", needed, room, at(step)) }
        index, room, step = found.min_by { |one| one[1] }
        name = names[index]
        line("h", m(lift.duties[index].half_boom, :up), source: "half the depth of the #{name} boom, by its chart")
        line("r", m(room, :down), source: "from its underside to the load, #{at(step)}", about: "load")
        line("n", m(needed, :up), source: rules.cite(:boom_clearance_m))
        return stop(both("the #{name} boom meets the load #{at(step)}"), subject: "#{name} boom") unless room.positive?

        judge(
          m(needed, :up),
          m(room, :down),
          attention: rules[:attention, :tandem],
          subject: "#{name} boom",
          note:
            both { |system|
              "#{name} #{m(room, :down).shown(system)} #{at(step)}, wants #{m(needed, :up).shown(system)}"
            }
        )
      end

      def needed = rules[:boom_clearance_m]

      def apart(index, step)
        Budget.ask!
        InSpace.new(lift, step).boom_to_load(index) - lift.duties[index].half_boom
      end
    end
  end
end
