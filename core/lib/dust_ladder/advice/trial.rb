module DustLadder
  module Advice
    # Some changes made to a plan, and how it stands then.
    class Trial
      attr_reader :changes

      def initialize(base, changes, question)
        @base = base
        @changes = changes
        @question = question
      end

      def id = changes.map(&:id).join("+")
      def values = @values ||= changes.map(&:values).reduce(:merge)
      def state = @state ||= @base.state(values)
      def standing = @standing ||= Standing.new(@base.now, state, @question, blank: changes.any?(&:blank?))
      def ladder = state.ladder
      def applied = @base.applied(values)
      def minutes = changes.sum(&:minutes)
      # What to do, a Sentence.
      def words = Ladder::Sentence.new(nil, ->(system) { changes.map { |one| one.words[system] }.join("; and ") })

      # Ids of the rungs in question that it moves at all; and those that it makes worse, where it is worth asking.
      def moves = @moves ||= @question.select { |id| moves?(id) }
      def moves?(id) = (@moved ||= {}).fetch(id) { @moved[id] = state.mark(id) != @base.now.mark(id) }
      def harmed = @harmed ||= moves.any? ? standing.harmed : []

      # How far it is from a way out: by how much the worst rung that is left, or that it makes worse, is over.
      def distance
        @distance ||= over.filter_map(&:utilisation).max.then { |most| most || (over.empty? ? 0.0 : Float::INFINITY) }
      end

      # Does it come nearer in a figure?
      def told? = distance.finite? && (moves.any? || standing.cures?)

      # The rungs that are in its way.
      def over
        @over ||= [ *standing.open, *(standing.cures? ? standing.harmed : []) ].filter_map { |id| state.rung(id) }
      end

      def inspect = "#<#{self.class.name} #{id}>"

      def as_json(*)
        worst = over.max_by { |rung| rung.utilisation || Float::INFINITY }
        {
          "id" => id,
          "changes" => changes.map(&:as_json),
          "left" => worst && {
            "rung" => worst.id,
            "label" => worst.label,
            "verdict" => worst.verdict,
            "utilisation" => worst.percent&.as_json,
            "note" => worst.note&.as_json,
            "worse" => standing.cures?
          }
        }
      end
    end
  end
end
