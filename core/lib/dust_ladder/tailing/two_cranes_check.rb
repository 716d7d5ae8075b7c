module DustLadder
  module Tailing
    # A rung that a load has on two cranes only.
    class TwoCranesCheck < Ladder::Check
      FLIGHT = "crane"

      def self.applies?(lift) = lift.tandem?

      private

      def turn = lift.turn
      def tandem = lift.tandem
      def names = Plan::TandemEnd::NAMES
      def sides = Turn::SIDES

      # Tilt or step in words.
      def at(step) = turn.words(step)
      def m(value, round = :near) = Figure.m(value, round)
      def deg(value, round = :near) = Figure.deg(value, round)

      # One of several rooms of this rung, m, each against the room wanted there.
      def room_part(name, needed, room, words)
        share = room.positive? ? needed / room : Float::INFINITY
        part(
          name: name,
          verdict: Ladder::Verdict.of(share, rules[:attention, :tandem]),
          utilisation: share.finite? ? share : nil,
          demand: m(needed, :up),
          capacity: m(room, :down),
          note: both(words)
        )
      end
    end
  end
end
