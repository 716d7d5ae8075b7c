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
    end
  end
end
