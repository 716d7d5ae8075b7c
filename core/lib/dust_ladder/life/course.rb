module DustLadder
  module Life
    # How a plan stands by its records: nothing of it is kept beside them. An edit of what somebody signed lapses the
    # signatures of its flights, not the names under its deviations (handbook, section 17).
    class Course
      # state: one of Act::STATES, nil before the first record. revision: its letter. document: digest of what was
      # written last. writer: the Record of that. flights: ids of those that ask for a signature. signed: the Record by
      # flight. second: the engineer's Record or nil. names: the Record by deviation. issue: the Record that issued it.
      # reason: why it was withdrawn or closed, the last time.
      attr_reader :state, :revision, :document, :writer, :flights, :signed, :second, :names, :issue, :lapsed, :reason

      # records: Records in their order, each of which may follow.
      def self.of(records) = records.each_with_object(new) { |record, course| course.take(record) }

      def initialize
        @flights, @signed, @names, @lapsed = [], {}, {}, []
      end

      def archived? = @archived || false
      def unsigned = flights - signed.keys
      # Ids of everybody who wrote what was written last: who wrote it down, and whom that record names beside.
      def writers = writer ? [ writer.by["id"], *writer.about["writers"].to_s.split ].uniq : []
      # Does a name stand under a deviation as it is now? It lapses with the value.
      def named?(deviation, value) = names[deviation]&.about&.fetch("value") == value.to_s
      # Letter of the revision that would be written next: A to Z, then AA.
      def next_revision = revision ? revision.succ : "A"

      # Why a record may not follow, in words; nil where it may.
      def refusal(record)
        act = record.kind or return "nobody knows the act #{record.act}"
        return "it is archived" if archived?
        return "it is #{state || "not written"}: #{act.name} is for #{from_words(act)}" unless act.from.include?(state)
        return "#{act.name} is for #{act.by_words}, not for #{record.role}" unless act.roles.include?(record.role)

        missing = act.wants.find { |name| record.about[name].nil? }
        return "it does not tell #{missing}" if missing

        unseen(record) || own_refusal(record)
      end

      # Takes a record that may follow. Raises ArgumentError where it may not.
      def take(record)
        refusal(record)&.then { |words| raise ArgumentError, "record #{record.number}: #{words}" }
        keep(record)
        @state = record.kind.to || @state
        @state = "checked" if @state == "draft" && flights.any? && unsigned.empty?
      end

      private

      def from_words(act) = act.from.compact.then { |states| states.empty? ? "a new plan" : states.join(", ") }

      # A signature is for what the signer saw.
      def unseen(record)
        return written_twice(record) if record.act == "wrote"

        "it was written anew meanwhile" if record.document != document || record.revision != revision
      end

      # What was issued may begin again as it is.
      def written_twice(record)
        same = %w[draft checked].include?(state) && record.document == document
        return "the plan is as it was written as #{revision}" if same

        "the next revision is #{next_revision}" unless record.revision == next_revision
      end

      # What the act itself asks.
      def own_refusal(record)
        case record.act
        when "wrote"
          "it names no flight" if record.about["flights"].split.empty?
        when "flight"
          not_flight(record)
        when "second"
          second ? signed_by(second) : not_by_writer(record)
        when "deviation", "withdrawn"
          "it tells no reason" if nothing?(record.about["reason"])
        when "issued"
          not_issued(record)
        when "closed"
          not_closed(record)
        end
      end

      def nothing?(text) = text.to_s.strip.empty?
      def signed_by(record) = "#{record.by["name"]} has signed it"
      def not_by_writer(record) = writers.include?(record.by["id"]) ? "nobody checks what they wrote last" : nil

      def not_flight(record)
        flight = record.about["flight"]
        return "it has no flight #{flight}" unless flights.include?(flight)

        signed.key?(flight) ? signed_by(signed[flight]) : not_by_writer(record)
      end

      def not_issued(record)
        return "the engineer has not signed #{revision}" if record.about["critical"] != "" && second.nil?
        return "it is for no time" if nothing?(record.about["from"])

        bare = record.about["deviations"].lines(chomp: true).find { |one| !named?(*one.split("=", 2)) }
        "nobody has named the deviation #{bare}" if bare
      end

      def not_closed(record)
        lifted = record.about["lifted"]
        return "it tells neither yes nor no" unless %w[yes no].include?(lifted)
        return "it was not begun" if lifted == "yes" && state == "issued"

        "it does not tell why it was not lifted" if lifted == "no" && nothing?(record.about["reason"])
      end

      def keep(record)
        case record.act
        when "wrote"
          begin_anew(record)
        when "flight"
          signed[record.about["flight"]] = record
        when "second"
          @second = record
        when "deviation"
          names[record.about["deviation"]] = record
        when "issued"
          @issue = record
        when "withdrawn", "closed"
          @reason = record.about["reason"]
        when "archived"
          @archived = true
        end
      end

      def begin_anew(record)
        @lapsed += [ *signed.values, *second, *issue ].map(&:number)
        @revision, @document, @writer = record.revision, record.document, record
        @flights, @signed, @second, @issue = record.about["flights"].split.uniq, {}, nil, nil
      end
    end
  end
end
