module DustLadder
  module Finding
    # Which lifts of those that were found are shown beside each other, unlike ones, and why each: the one that takes
    # least; of each way to hold it and each machine one; and those that leave more for more to do.
    class Few
      MOST = 7
      WHY = {
        "bridle" => "straight from the hook",
        "spreader" => "plumb legs, little presses it together",
        "baskets" => "leaves its points alone",
        "beam" => "under its beam",
        "planned" => "held as planned"
      }.freeze

      # kept: Kepts.
      def initialize(kept)
        @kept = kept.sort_by.with_index { |one, at| [ one.minutes, -one.kg, at ] }
      end

      # Those that leave more than all that take no more to do, least to do first.
      def front
        @front ||= @kept.each_with_object([]) { |one, some| some << one if some.empty? || one.kg > some.last.kg }
      end

      # The few, least to do first.
      def all
        @all ||= [ *@kept.first(1), *first_of(:hold), *front.last(1), *first_of(:machine), *by_gain, *first_of(:kind) ]
          .uniq.first(MOST).sort_by { |one| @kept.index(one) }
      end

      # [{ "id", "why", "front" }, ...] of the few: why, a Sentence each.
      def as_json(*)
        all.map { |one| { "id" => one.id, "why" => why(one).as_json, "front" => front.include?(one) } }
      end

      private

      # The first of each that the others are not.
      def first_of(what) = @kept.uniq(&what)

      def by_gain = front.each_cons(2).sort_by { |one, other| one.kg - other.kg }.map(&:last)

      def why(one)
        told = [ leaves(one), unlike(one) ].compact
        Ladder::Sentence.new(nil, ->(system) { told.map { |words| words.(system) }.join("; ") })
      end

      def leaves(one)
        return ->(_) { "least to do of all that hold" } if one == @kept.first
        return ->(_) { "less than one that takes no more: shown for its kind" } unless front.include?(one)

        more = one.kg - front[front.index(one) - 1].kg
        ->(system) { "#{Figure.kg(more, :down).shown(system)} more than any that takes less" }
      end

      # What it is that those before it are not.
      def unlike(one)
        before = all.take(all.index(one))
        return ->(_) { WHY.fetch(one.hold, one.hold) } if before.none? { |other| other.hold == one.hold }

        ->(_) { "by #{one.machine}" } if one.machine && before.none? { |other| other.machine == one.machine }
      end
    end
  end
end
