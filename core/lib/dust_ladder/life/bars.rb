module DustLadder
  module Life
    # What keeps a plan from being issued, each with the way to it (handbook, section 17). None is left out because
    # another one stands before it.
    class Bars
      include Ladder::Sentences

      # words: what bars, { "metric", "us" }. way: what lifts it, one of { "rung" => id }, { "act" => name, ... }, {
      # "place" => pointer } and { "lift" => title }. roles: whose it is.
      Bar = Struct.new(:words, :way, :roles, keyword_init: true)

      # course: the plan's Course. ladder: its Ladder now. document: digest of it now, as Seen makes it. overlaps: as of
      # Bookings, of what other lifts want at the same hours.
      def initialize(course:, ladder:, document:, overlaps: ladder.lift.overlaps)
        @course = course
        @ladder = ladder
        @document = document
        @overlaps = overlaps
      end

      def all = @all ||= [ *of_rungs, *of_time, *of_signatures, *of_deviations, *of_rules, *of_bookings ]
      def none? = all.empty?
      # Those that bar the lift itself, whoever signed: what stops, is not known, or has no day.
      def of_ladder = all.reject { |bar| bar.way.key?("act") || bar.way.key?("lift") }

      # What a record of the issue tells, as Course asks for it.
      def about
        lift = @ladder.lift
        {
          "from" => lift.at,
          "until" => lift.document.dig("lift_until").to_s,
          "cranes" => lift.duties.map { |duty| duty.crane["chart"] }.join(", "),
          "critical" => critical.map { |words| words["metric"] }.join("; "),
          "deviations" => deviations.map { |one| "#{one.id}=#{one.value}" }.join("\n")
        }
      end

      private

      # words: a Sentence, or a text that reads the same in either system.
      def bar(words, **more) = Bar.new(words: (words.is_a?(String) ? both(words) : words).as_json, **more)

      # What makes it critical, a Sentence each.
      def critical = @critical ||= @ladder.critical.found.map(&:last)
      def deviations = @deviations ||= Deviations.of(@ladder)

      def of_rungs
        open = @ladder.rungs.reject { |rung| %w[holds tight].include?(rung.verdict) }
        bars =
          open.map do |rung|
            said = "#{rung.label}: #{Ladder::Verdict.words(rung.verdict)}"
            note = rung.note
            words = both { |system| note ? "#{said}, #{note[system.name]}" : said }
            bar(words, way: { "rung" => rung.id }, roles: %w[planner])
          end
        return bars unless @ladder.cut_short? || @ladder.rungs.empty?

        [ bar("not all of it could be worked out", way: { "place" => "" }, roles: %w[planner]), *bars ]
      end

      def of_time
        return [] if @ladder.lift.last_day

        untimed("when the lift is, is not given", Plan.pointer("lift_at"))
      rescue NotKnown => error
        untimed(error.what, error.pointer)
      end

      def untimed(words, place) = [ bar(words, way: { "place" => place }, roles: %w[planner]) ]

      def of_signatures
        return [ unwritten ] if @course.document != @document

        [ *unsigned_flights, second ].compact
      end

      def unwritten
        words =
          @course.revision ? "it was changed since it was written as #{@course.revision}" : "nobody has written it down"
        bar(words, way: { "act" => "wrote" }, roles: Act.named("wrote").roles)
      end

      def unsigned_flights
        @course.unsigned.map do |flight|
          label = Ladder::Climb::FLIGHTS.fetch(flight, flight)
          way = { "act" => "flight", "flight" => flight }
          bar("#{label} is not signed", way: way, roles: Act.named("flight").roles)
        end
      end

      # The engineer's, where the lift is critical.
      def second
        return if critical.empty? || @course.second

        words =
          both do |system|
            because = critical.map { |one| one[system.name] }.join("; ")
            "the engineer has not signed #{@course.revision}: #{because}"
          end
        bar(words, way: { "act" => "second" }, roles: Act.named("second").roles)
      end

      def of_deviations
        deviations.reject { |one| @course.named?(one.id, one.value) }.map do |one|
          way = { "act" => "deviation", "deviation" => one.id }
          bar("no name under a deviation: #{one.words}", way: way, roles: Act.named("deviation").roles)
        end
      end

      # What is looser than what ships wants a name and a reason in the set itself, beside a name in the plan.
      def of_rules
        @ladder.lift.rules.own.nameless.map do |leaf|
          words = "#{leaf.words} loosens a rule without a name and a reason"
          bar(words, way: { "place" => Plan.pointer("rules") }, roles: %w[appointed])
        end
      end

      def of_bookings
        @overlaps.map do |overlap|
          bar(overlap.words, way: { "lift" => overlap.title }, roles: %w[planner appointed])
        end
      end
    end
  end
end
