module DustLadder
  module Tailing
    # One of two cranes: its stations follow from where its hook is while the load turns or goes its way.
    class Crane < Cranes::Crane
      # turn: a Turn, by a call, once it is asked for.
      def initialize(document, rules, index, turn)
        @turn = turn
        super(document, rules, index)
      end

      def side = Turn::SIDES[@index]
      def stations = @told ||= turn.steps.each_with_index.map { |step, at| told(step, at) }
      # Every station follows from the turn.
      def placed(number) = stations[number]
      def turn = @turn.call
      def walks? = turn.ends[@index].walks?

      # Raises NotKnown where it walks: what is told of one place is not so of the next.
      def stays!
        return true unless walks?

        what = "what the #{turn.ends[@index].name} crane meets as it walks is not worked out"
        turn.ends[@index].missing(what, "moves")
      end

      # From the slewing axis to its hook at a step, and the slew, before the boom bends.
      def hook_at(step) = stand.standing.seen(turn.place(side, walks? ? turn.steps.first : step))

      private

      def typed_stations = []

      def told(step, at)
        words = turn.words(step)
        Station.new(
          name: words,
          radius: Plan::Reckoned.new("the radius #{words}", stand.east.pointer) { hook_at(step)[0] },
          slew: Plan::Reckoned.new("the slew #{words}", stand.east.pointer) { slews[at] },
          support_height:
            Plan::Reckoned.new("the load's underside #{words}", turn.tandem.under.pointer) { under },
          boom_length: boom_length,
          turn: nil
        )
      end

      # The load's lowest corner above the crane's ground, m.
      def under
        height = turn.tandem.under.value - stand.ground.value
        return height unless height.negative?

        turn.tandem.missing("the load is kept below the ground of a crane", "under")
      end

      # Each the nearest way round from the one before.
      def slews
        @slews ||=
          turn.steps.map { |step| hook_at(step)[1] }.each_with_object([]) do |slew, counted|
            counted << (counted.empty? ? slew : counted.last + (slew - counted.last + 180) % 360 - 180)
          end
      end

      def unwound_slews = slews
    end
  end
end
