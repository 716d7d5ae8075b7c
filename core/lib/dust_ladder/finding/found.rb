module DustLadder
  module Finding
    # A lift that holds on what is known: how it hangs, how the crane is used, how much heavier the load may be and what
    # ends it.
    class Found
      # What some Changes come to, a Sentence.
      def self.words_of(changes)
        Ladder::Sentence.new(
          nil,
          ->(system) { changes.empty? ? "As planned" : changes.map { |one| one.words[system] }.join("; ") }
        )
      end

      attr_reader :hold, :setting, :margin

      # base: an Advice::Base; margin: a Margin.
      def initialize(base, hold, setting, margin)
        @base = base
        @hold = hold
        @setting = setting
        @margin = margin
      end

      def id = changes.empty? ? "planned" : changes.map(&:id).join("+")
      def minutes = hold.minutes + setting.minutes
      # What tells it from others in kind: the arrangement and the machine.
      def kind = [ hold.kind, setting.rack.name ]
      def changes = [ *hold.changes, *setting.changes ]
      def values = { **hold.values, **setting.values }
      # { JSON pointer => value } as an editor applies them.
      def applied = @applied ||= @base.applied(values)
      def document = @base.document_with(values)
      def ladder_state = @ladder_state ||= @base.state(values)
      def ladder = ladder_state.ladder
      # Labels of the rungs that are not known, whatever is chosen.
      def unknown = ladder.rungs.select { |rung| rung.verdict == "not_known" }.map(&:label)

      # Does a rung of the whole ladder stop after all?
      def stops? = ladder.verdict == "stop"

      def kept
        Kept.new(id: id, minutes: minutes, kg: margin.kg, hold: hold.kind, machine: setting.rack.name)
      end

      def inspect = "#<#{self.class.name} #{id} +#{margin.kg} kg>"

      def as_json(*)
        {
          "id" => id,
          "kind" => hold.kind,
          "machine" => setting.rack.name,
          "words" => words.as_json,
          "needs" => needs,
          "minutes" => minutes,
          "margin" => { "kg" => margin.kg, "figure" => Figure.kg(margin.kg, :down).as_json, "ends" => ends },
          "verdict" => ladder.verdict,
          "headline" => ladder.headlines,
          "governs" => ladder.governing.first.then { |rung| rung && governs(rung) },
          "unknown" => unknown,
          "rungs" => ladder.rungs.map { |rung| rung_json(rung) },
          "changes" => applied,
          "weight" => Advice::Input.weight(ladder.lift)&.as_json,
          "views" => views
        }
      end

      # All that is to be done, a Sentence.
      def words = self.class.words_of(changes)

      private

      def needs = changes.map(&:as_json)
      def ends = margin.ends&.then { |fall| { "rung" => fall.id, "label" => fall.label } }

      def governs(rung)
        {
          "rung" => rung.id,
          "label" => rung.label,
          "subject" => rung.subject,
          "verdict" => rung.verdict,
          "utilisation" => rung.percent&.as_json
        }
      end

      def rung_json(rung)
        {
          "id" => rung.id,
          "label" => rung.label,
          "flight" => rung.flight,
          "verdict" => rung.verdict,
          "utilisation" => rung.percent&.as_json
        }
      end

      # What a screen draws of it.
      def views = { "drawing" => ladder.drawing, "crane" => ladder.crane_view }
    end
  end
end
