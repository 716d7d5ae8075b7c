module DustLadder
  module Tailing
    # Where a lift of two cranes is held, both hooks are read and somebody says that it goes on: at its beginning, and
    # at the tilts or places that the plan has chosen (handbook, sections 6.2 and 10).
    class HoldPoints
      # One of them: its step, and in words.
      Point = Struct.new(:step, :words)

      def initialize(lift)
        @lift = lift
      end

      # In the order of the lift. Raises NotKnown.
      def all
        @all ||=
          begin
            turn = @lift.turn
            chosen = @lift.tandem.holds.map(&:value).select { |step| step.between?(turn.low, turn.until_tilt) }
            first = turn.steps.first
            rest = (chosen - [ first ]).uniq.sort
            [ first, *(@lift.tandem.lay_down? ? rest.reverse : rest) ].map { |step| Point.new(step, turn.words(step)) }
          end
      end

      # readings: as of Reading, sound ones. Those that no reading of theirs lets go on from yet; the last one counts.
      def open(readings)
        all.reject do |point|
          last = readings.select { |one| one.near?(point.step) }.last
          last && %w[holds tight].include?(last.verdict)
        end
      end

      def as_json(*)
        all.map do |point|
          {
            "at" => point.step,
            "words" => point.words,
            **Turn::SIDES.to_h { |side| [ side.to_s, planned(point, side) ] }
          }
        end
      end

      private

      # What either crane's indicator is to show there of what hangs in its hook, slings and beam with it: as planned,
      # and at most; nil where that is not known.
      def planned(point, side)
        turn = @lift.turn
        index = Turn::SIDES.index(side)
        at = turn.hooks.at(turn.whole_kg, turn.tilt_at(point.step))
        {
          "planned" => DustLadder.known { Figure.kg([ at.head, at.tail ][index] + beside(index), :near).as_json },
          "most" => DustLadder.known { Figure.kg(turn.share_at(side, point.step) + beside(index), :up).as_json }
        }
      end

      def beside(index) = @lift.duties[index].gross.shown_beside_share(with_block: false).sum(&:kg)
    end
  end
end
