module DustLadder
  class Ladder
    # What a rung says, worst first: stop, not known, tight, holds (handbook, section 12).
    module Verdict
      WORST_FIRST = %w[stop not_known tight holds].freeze
      SLACK = 1e-9

      module_function

      # utilisation and attention are fractions, unrounded. Exactly 1 holds; exactly the attention
      # line is not yet tight; what is not a number is not known.
      def of(utilisation, attention)
        return "not_known" if utilisation.nil? || utilisation.respond_to?(:nan?) && utilisation.nan?
        return "stop" if utilisation > 1 + SLACK

        attention && utilisation > attention + SLACK ? "tight" : "holds"
      end

      # The weakest of several; of none at all, nothing is known.
      def weakest(verdicts) = verdicts.min_by { |verdict| rank(verdict) } || "not_known"

      def rank(verdict) = WORST_FIRST.index(verdict) || raise(ArgumentError, "#{verdict} is not a verdict")

      def words(verdict) = verdict.tr("_", " ")
    end
  end
end
