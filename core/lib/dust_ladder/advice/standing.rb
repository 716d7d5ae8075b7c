module DustLadder
  module Advice
    # How a changed plan stands against the plan as it is: does it help the rungs in question, and what does it harm?
    # Judged by the rungs that are known (handbook, section 15).
    class Standing
      LEAST_GAIN = 0.005

      # now, state: States. question: ids of the rungs that are to be helped. blank: does the change itself leave
      # something open that nobody knows yet?
      def initialize(now, state, question, blank: false)
        @now = now
        @state = state
        @question = question
        @blank = blank
      end

      # Each rung in question is known, and stands a step better than now.
      def cures?
        return @cures if defined?(@cures)

        @cures = open.empty?
      end

      # None of them stands worse, and one of them better, by its verdict or by its figure.
      def helps?
        return @helps if defined?(@helps)

        @helps =
          cures? || (@question.none? { |id| worse?(id) } && @question.any? { |id| better?(id) })
      end

      # Ids of rungs that stand worse than now. first: those that are looked at first.
      def harmed = @harmed ||= ids.select { |id| worse?(id) }
      def harms?(first = []) = @harmed ? @harmed.any? : [ *first, *(ids - first) ].any? { |id| worse?(id) }

      # Ids of the rungs in question that stand no better by their verdict. What is no longer known is not cured.
      def open = @open ||= @question.reject { |id| rank(after(id)) > rank(before(id)) && !unknown?(id) }

      # Rungs that differ by verdict or by figure as it is shown, ids.
      def differing
        ids.select do |id|
          one, other = before(id), after(id)
          one&.verdict != other&.verdict || one&.percent.to_s != other&.percent.to_s
        end
      end

      private

      def ids = @ids ||= (@now.ids + @state.ids).uniq
      def before(id) = @now.rung(id)
      def after(id) = @state.rung(id)

      # A rung that the changed plan does not have cannot arise there; one that the plan had not counts as held before.
      def rank(rung) = rung ? Ladder::Verdict.rank(rung.verdict) : Ladder::Verdict.rank("holds")

      def worse?(id)
        one, other = before(id), after(id)
        return true if rank(other) < rank(one)
        return true if one && other.nil? && one.verdict != "holds"

        one&.verdict == "stop" && other&.verdict == "stop" && more?(one, other)
      end

      def unknown?(id) = after(id)&.verdict == "not_known"

      # What stopped and is not known then, for what was not given before either, is better: it no longer stops.
      def better?(id)
        return false if unknown?(id) && @blank

        one, other = before(id), after(id)
        rank(other) > rank(one) || (one&.verdict == other&.verdict && !one.nil? && more?(other, one))
      end

      # Is the second used more than the first?
      def more?(one, other) =
        !one.utilisation.nil? && !other.utilisation.nil? && other.utilisation > one.utilisation + LEAST_GAIN
    end
  end
end
