module DustLadder
  module Tailing
    # Do both booms keep clear of each other, and of each other's line, over the whole turn? Demand: room wanted;
    # capacity: the least there is.
    class BoomsCheck < TwoCranesCheck
      ID = "booms"
      LABEL = "Boom to boom"

      private

      def examine
        tandem.does
        room, step, what = turn.steps.flat_map { |one| apart(one) }.min_by(&:first)
        line("h", m(depths.sum, :up), source: "half the depth of either boom, by their charts")
        line("r", m(room, :down), source: "#{what}, #{at(step)}")
        needed = rules[:tandem, :boom_to_boom_m]
        line("n", m(needed, :up), source: rules.cite(:tandem))
        return stop(both("the booms meet #{at(step)}"), subject: at(step)) unless room.positive?

        judge(
          m(needed, :up),
          m(room, :down),
          attention: rules[:attention, :tandem],
          subject: at(step),
          note: both { |system| "#{m(room, :down).shown(system)} #{at(step)}, wants #{m(needed, :up).shown(system)}" }
        )
      end

      # [room, step, what] of both booms, and of either and the other's line.
      def apart(step)
        Budget.ask!
        space = InSpace.new(lift, step)
        [
          [ space.boom_to_boom - depths.sum, step, "from boom to boom" ],
          *[ 0, 1 ].map do |index|
            [ space.boom_to_line(index) - depths[index], step, "from the #{names[index]} boom to the other's line" ]
          end
        ]
      end

      def depths = @depths ||= lift.duties.map(&:half_boom)
    end
  end
end
