module DustLadder
  module Slings
    # May the slings above a beam carry the worst pull on them?
    class UpperCheck < SlingsCheck
      ID = "upper"
      LABEL = "Upper slings"
      FLIGHT = "rigging"
      OF_SLINGS = true
      IN_HEADLINE = "%<label>s"

      def self.applies?(lift) = !lift.beam.nil? && lift.beam.uppers.any?

      private

      def examine
        lift.bridle
        legs = UpperLeg.all(lift)
        @unknown = nil
        settle(legs, legs.filter_map { |leg| known { leg.outcome } })
      end
    end
  end
end
