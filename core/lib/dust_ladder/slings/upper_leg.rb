module DustLadder
  module Slings
    # A sling between hook and beam: straight, against the worst pull on it.
    class UpperLeg < StraightLeg
      def self.all(lift) = lift.beam.uppers.each_index.map { |index| new(lift, index) }

      def planned = lift.beam.uppers[index]
      def hitch = "vertical"
      def name = planned.name
      def worst = bridle.upper_worst(index)
      def nominal = bridle.upper_nominal(index)
      def needed = bridle.upper_lengths[index]
      def round = nil

      private

      def about = "upper:#{index}"
      def subject = name
      def bend = nil
      def upper? = true
      def planned_on = lift.beam.uppers.count { |one| one.sling == sling["number"] }
      def fellows = lift.beam.uppers

      def work_share(working, pull)
        working.line("V", Figure.kg(pull.share, :up), source: "upward part as it hangs; #{pull.corner}", about: about)
        working.line(
          "H#{index + 1}",
          Figure.m(pull.leg.height, :down),
          source: "hook above the beam's eye there",
          about: about
        )
      end
    end
  end
end
