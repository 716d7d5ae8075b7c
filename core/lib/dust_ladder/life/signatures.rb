module DustLadder
  module Life
    # Who has signed a plan and who has not yet, as a rung at the top of its ladder (handbook, section 17). It says
    # nothing of how the lift stands, so the ladder's verdict is without it; nothing is issued without it.
    class Signatures
      ID = "signatures"
      LABEL = "Signatures"
      FLIGHT = "gear_and_people"

      # course: the plan's Course; nil where its records do not agree. ladder: its Ladder as it stands now. document:
      # digest of what it stands as, as Seen makes it.
      def initialize(course:, ladder:, document:)
        @course = course
        @ladder = ladder
        @document = document
      end

      # What is wanted of whom, in words; empty where all have signed.
      def wanted
        return [ "records that agree" ] if @course.nil?
        return [ "somebody to write it down" ] if @course.revision.nil?
        return [ "somebody to write down what was changed" ] if @course.document != @document

        [ flights, second, *names ].compact
      end

      def rung
        Ladder::Rung.new(
          id: ID,
          label: LABEL,
          flight: FLIGHT,
          in_headline: "%<label>s",
          of_slings: false,
          verdict: wanted.empty? ? "holds" : "not_known",
          note: Ladder::Sentence.new(wanted.empty? ? signed : "needs #{wanted.join(", ")}", nil),
          parts: [],
          arithmetic: Ladder::Working.new,
          cautions: [],
          missing: [],
          pending: false
        )
      end

      # In the line after the verdict; nil where all have signed.
      def line = wanted.empty? ? nil : "Not signed: #{wanted.join(", ")}"

      private

      def signed
        all = [ *@course.signed.values, *@course.second ].map { |record| record.by["name"] }.uniq
        "rev #{@course.revision} signed by #{all.join(", ")}"
      end

      def flights
        open = @course.unsigned
        return if open.empty?

        named = open.map { |id| Ladder::Climb::FLIGHTS.fetch(id, id) }
        open.size == @course.flights.size ? "a second person for every flight" : "a signature for #{named.join(", ")}"
      end

      def second = ("the engineer" if @course.second.nil? && @ladder.critical.found.any?)

      def names
        Deviations.of(@ladder).reject { |one| @course.named?(one.id, one.value) }.map { |one|
          "a name under #{one.id}"
        }
      end
    end
  end
end
