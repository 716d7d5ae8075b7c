module DustLadder
  module Practice
    # What somebody is asked next: what went wrong comes back, after some others, until it was right twice since; else
    # the kind that goes wrong most, or was asked least (handbook, section 20).
    class Course
      # An answer that was given before. kind, seed: of the drill; right: was it?
      Given = Struct.new(:kind, :seed, :right, keyword_init: true)
      # Answers to others before what went wrong comes back; and how often it must be right since.
      APART = 3
      TWICE = 2

      # given: Givens of one person, the eldest first.
      def initialize(given)
        @given = given.select { |one| Practice.kinds.key?(one.kind) }
      end

      # [kind, seed]. kinds: those that are wanted, all where none are told; begin: seeds of new ones are from here on.
      def next(kinds: [], begin_at: 1)
        wanted = kinds.empty? ? Practice.kinds.keys : kinds
        back(wanted) || fresh(wanted, begin_at)
      end

      # By kind: { "kind", "topic", "asked", "right", "comes_back" }.
      def as_json(*)
        Practice.kinds.map do |kind, drill|
          own = @given.select { |one| one.kind == kind }
          {
            "kind" => kind,
            "topic" => drill::TOPIC,
            "asked" => own.size,
            "right" => own.count(&:right),
            "comes_back" => open.count { |(wrong, _), _| wrong == kind }
          }
        end
      end

      private

      # { [kind, seed] => index of its last answer } of what went wrong and was not right twice since.
      def open
        @open ||=
          by_drill.filter_map { |drill, rows|
            last = rows.rindex { |_, one| !one.right }
            [ drill, rows.last[0] ] if last && rows.size - 1 - last < TWICE
          }.to_h
      end

      def by_drill = @given.each_with_index.map { |one, at| [ at, one ] }.group_by { |_, one| [ one.kind, one.seed ] }

      def back(wanted)
        due = open.select { |(kind, _), at| wanted.include?(kind) && @given.size - 1 - at >= APART }
        due.min_by(&:last)&.first
      end

      def fresh(wanted, begin_at)
        kind = wanted.min_by { |one| [ share(one), asked(one), wanted.index(one) ] }
        used = @given.select { |one| one.kind == kind }.map(&:seed)
        [ kind, begin_at.step.find { |seed| !used.include?(seed) } ]
      end

      def asked(kind) = @given.count { |one| one.kind == kind }

      # How well a kind goes, as a share of tenths; what was never asked, first.
      def share(kind)
        own = @given.select { |one| one.kind == kind }.last(10)
        own.empty? ? -1 : (10.0 * own.count(&:right) / own.size).floor
      end
    end
  end
end
