module DustLadder
  module Life
    # The records of one plan, eldest first, each holding the digest of the one before.
    class Chain
      # What is wrong at a record: its number, and in words.
      Fault = Struct.new(:number, :words)
      # Something that may not follow. The message says why.
      Refused = Class.new(StandardError)
      MOST = 10_000

      attr_reader :records

      # data: records as a plan file has them, sound by their schema.
      def initialize(data = [])
        @records = data.map { |one| one.is_a?(Record) ? one : Record.new(one) }
      end

      # How the plan stands. Raises ArgumentError where a record may not follow the ones before.
      def course = @course ||= Course.of(records)
      def head = records.last&.digest

      # A longer chain. by: { "id", "name" }. at: a Time. document, ladder: digests as Seen makes them; about as of
      # Record. Raises Refused.
      def with(act:, by:, role:, at:, document:, ladder: nil, about: {}, words: "")
        raise Refused, "the records before do not agree" if links.any?

        stamp = at.utc.strftime("%Y-%m-%dT%H:%M:%SZ")
        # A clock that went back does not undo what was done.
        stamp = [ stamp, records.last.at ].max if records.any?
        record =
          Record.made(
            number: records.size + 1,
            at: stamp,
            by: by.slice("id", "name"),
            role: role,
            act: act,
            about: about.transform_values(&:to_s),
            words: words,
            revision: act == "wrote" ? course.next_revision : course.revision,
            document: document,
            ladder: ladder,
            before: head
          )
        refusal = records.size >= MOST ? "it has #{MOST} records" : course.refusal(record)
        raise Refused, refusal if refusal

        Chain.new([ *records, record ])
      end

      # Everything that is wrong with it: what was changed, left out or put between, and what could not have been done.
      # document: what the records should end with, or nil.
      def faults(document = nil)
        broken = [ *links, *order ]
        return broken if broken.any?

        last = records.empty? || document.nil? ? nil : Seen.document(document)
        return [] if last.nil? || last == course.document

        [ Fault.new(records.size, "the plan in the file is not the one that was written as #{course.revision}") ]
      end

      def as_json(*) = records.map(&:as_json)

      private

      def links
        [ nil, *records ].each_cons(2).with_index(1).flat_map do |(before, record), number|
          [
            ("it says that it is number #{record.number}" if record.number != number),
            ("it does not hold the digest of the one before" if record.before != before&.digest),
            ("it was changed: its digest is not of what it says" unless record.whole?),
            ("it is earlier than the one before" if before && record.at < before.at)
          ].compact.map { |words| Fault.new(number, words) }
        end
      end

      # The first that could not have been done as it says; what comes after it is not judged.
      def order
        course = Course.new
        records.each_with_index do |record, index|
          words = course.refusal(record) and return [ Fault.new(index + 1, words) ]
          course.take(record)
        end
        []
      end
    end
  end
end
