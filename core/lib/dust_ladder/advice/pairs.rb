module DustLadder
  module Advice
    # Which pairs of changes are worth a try, least to do first. Left out is only what cannot help: beside a change that
    # moves a rung in question, but not enough, another must move that rung too; beside one that cures and harms,
    # another must move what it harms. And those whose gains, one upon the other, fall far short.
    class Pairs
      # What two changes together may fall short by, and still be tried: they may help each other.
      SLACK = 1.3

      # now: State of the plan as it is. trials: Trials of single changes. question: ids of the rungs to be helped.
      def initialize(now, trials, question)
        @now = now
        @trials = trials
        @question = question
      end

      # [Trial, Trial] each.
      def all
        ranked = @trials.each_with_index.to_a
        found =
          ranked.combination(2).select do |(one, _), (other, _)|
            !one.changes[0].clashes?(other.changes[0]) && (together?(one, other) || together?(other, one))
          end
        found
          .sort_by { |(one, first), (other, second)| [ one.minutes + other.minutes, first + second ] }
          .map { |(one, _), (other, _)| [ one, other ] }
      end

      private

      # May the other do what the one leaves undone?
      def together?(one, other)
        return false if one.moves.empty?

        wanted = one.standing.cures? ? one.harmed : one.standing.open
        wanted.all? { |id| (hidden?(id) || other.moves?(id)) && near?(id, one, other) }
      end

      # A rung that stops without a figure may hide a second reason behind the first.
      def hidden?(id) = @now.rung(id).then { |rung| rung && rung.verdict != "holds" && rung.utilisation.nil? }

      def near?(id, one, other)
        before, first, second = [ @now, one.state, other.state ].map { |state| state.rung(id)&.utilisation }
        return true if [ before, first, second ].any?(&:nil?) || before <= 0

        first * second / before <= limit(id) * SLACK
      end

      # What the rung must come to: from a stop to its capacity, from tight to its attention line.
      def limit(id) = @now.rung(id).then { |rung| rung.verdict == "tight" ? rung.attention || 1.0 : 1.0 }
    end
  end
end
