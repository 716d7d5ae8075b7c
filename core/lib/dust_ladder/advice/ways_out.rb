module DustLadder
  module Advice
    # What would make a plan's ladder better: single changes first, and pairs of them where no single one cures
    # (handbook, sections 13 and 15). Each is tried on the whole plan; what makes another rung worse is not offered.
    class WaysOut
      # How many of one knob are offered, and how many pairs.
      MOST_OF_ONE = 3
      MOST_PAIRS = 4
      # How many are offered that help and are not enough.
      MOST_HELPS = 3
      # How many pairs are tried; of two cranes, whose checks take long.
      MOST_TRIED = 2000
      MOST_TRIED_OF_TWO = 40
      # Misses that are told.
      MOST_MISSES = 6

      # base: a Base. rung: id of the rung in question; nil for the weakest of those that are known. whole: is it all
      # that stop, together?
      def initialize(base, rung: nil, whole: false)
        @base = base
        @rung = rung
        @whole = whole
      end

      # The rung in question; nil where each of those that are known holds.
      def rung
        @asked ||= @rung ? weak.find { |one| one.id == @rung } : weak.min_by { |one| weakness(one) }
      end

      # Ids of the rungs that are to be helped.
      def question
        @question ||= @whole ? weak.select { |one| one.verdict == "stop" }.map(&:id) : [ rung&.id ].compact
      end

      # Yields each Way as it is found, and nil: single changes that cure; then pairs, and what takes long to work out,
      # each only where nothing cures before; last what helps and is not enough. In between nil and how far it is:
      # { stage:, done:, of: }. Raises Budget::Spent where it came to no end.
      def each
        found = []
        unless question.empty?
          search do |way, far|
            found << way if way
            yield way, far
            nil
          end
        end
        Budget.ask!
        @found = found
      end

      # All of them at once.
      def found = @found || each { nil }

      # Of what was tried and is not offered: the nearest of each knob, the nearest first.
      def misses
        @misses ||=
          begin
            found
            vain = tried_of_each.reject { |knob, _| found.any? { |way| way.of?(knob) } }
            own = vain.values.filter_map { |tried| tried.min_by(&:distance) }
            [ *own, *@pair_misses ].select(&:told?).sort_by(&:distance).first(MOST_MISSES)
          end
      end

      # What was really tried, in words; and how many pairs.
      def tried = found && tried_of_each.filter_map { |knob, tried| Efforts.of(knob)["tried"] if tried.any? }
      # How many pairs there were, of which so many were not tried any more.
      attr_reader :pairs_tried, :pairs_left

      private

      def now = @base.now
      def weak = @weak ||= now.ladder.rungs.select { |one| %w[stop tight].include?(one.verdict) }
      def weakness(one) = [ Ladder::Verdict.rank(one.verdict), -(one.utilisation || Float::INFINITY) ]
      def choices = @choices ||= Choices.new(@base, question)

      def quick = choices.knobs - Choices::SLOW
      def slow = choices.knobs & Choices::SLOW

      # Trials of a knob's changes, least first.
      def trials(knob) = tried_of_each[knob] ||= choices.of(knob).map { |change| trial([ change ]) }
      def tried_of_each = @tried_of_each ||= {}

      def trial(changes)
        Budget.ask!
        Trial.new(@base, changes, question)
      end

      def search(&take)
        cured = singles(quick, &take) || pairs(&take)
        cured || (yield(nil, { stage: "slow", done: 0, of: slow.size }) || singles(slow, &take))
        helps = tried_of_each.each_value.filter_map { |tried| helping(tried) }
        helps.min_by(MOST_HELPS) { |way| way.trial.distance }.each { |way| yield way, nil }
      end

      # Yields what cures of some knobs; does any?
      def singles(knobs)
        cures = knobs.map do |knob|
          found = unlike(trials(knob).lazy.select { |one| cure?(one) })
          found.each { |one| yield Way.new(least(one), cures: true), nil }.any?
        end
        cures.any?
      end

      def cure?(one) = one.standing.cures? && !one.standing.harms?

      # Of one knob of which nothing cures: the best that helps.
      def helping(tried)
        return if tried.any? { |one| cure?(one) }

        helps = tried.select { |one| one.standing.helps? && !one.standing.harms? }
        helps.min_by(&:distance)&.then { |one| Way.new(one, cures: false) }
      end

      # Changes of one id are steps of one and the same: the first of them; of a choice some.
      def unlike(lazily)
        seen = []
        lazily.select { |one| !seen.include?(one.id) && seen.push(one.id) }.first(MOST_OF_ONE)
      end

      # The same with each figure of it as little changed as still cures and harms nothing.
      def least(found)
        found.changes.each_with_index do |change, index|
          finer = change.axis&.least { |other| cured?(found, index, other) } or next
          found = trial(found.changes.dup.tap { |all| all[index] = finer })
        end
        found
      end

      def cured?(found, index, other)
        cure?(trial(found.changes.dup.tap { |all| all[index] = other }))
      end

      def pairs
        @pair_misses, @pairs_tried, seen = [], 0, []
        list = Pairs.new(now, quick.flat_map { |knob| trials(knob) }, question).all
        @pairs_left = list.size - [ list.size, most ].min
        list = list.first(most)
        list.each_with_index do |(one, other), index|
          yield nil, { stage: "pairs", done: index, of: list.size } if (index % 20).zero?
          key = [ one, other ].map { |trial| trial.changes[0].slot }
          next if seen.include?(key)

          both = trial([ *one.changes, *other.changes ])
          @pairs_tried += 1
          next missed(both) unless both.standing.cures? && !both.standing.harms?(one.harmed | other.harmed)

          seen << key
          yield Way.new(least(both), cures: true), nil
          break if seen.size == MOST_PAIRS
        end
        seen.any?
      end

      def most = @base.lift.tandem? ? MOST_TRIED_OF_TWO : MOST_TRIED

      def missed(pair)
        @pair_misses = [ *@pair_misses, pair ].min_by(2, &:distance)
      end
    end
  end
end
