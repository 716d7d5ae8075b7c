module DustLadder
  class Ladder
    # What would make the whole ladder of a plan better: computed alternatives with their figures, least change first
    # (handbook, section 13). Each is tried on the whole plan; what does not help the whole is left out.
    class WaysOut
      # words: a Sentence of what to do. changes: { JSON pointer => new value }. ladder: the Ladder with them made.
      Way =
        Struct.new(:id, :words, :changes, :ladder, keyword_init: true) do
          def as_json(*)
            {
              "id" => id,
              "words" => words.as_json,
              "changes" => changes,
              "verdict" => ladder.verdict,
              "headline" => ladder.headlines
            }
          end
        end
      include Sentences
      include RiggingWays
      include CraneWays
      include SiteWays
      include TandemWays

      STEP_M = 0.01

      # store, charts: slings and charts to choose from, as snapshots ({ "digest", "data" }).
      def initialize(document, store: [], charts: [])
        @document = document
        @store = store
        @charts = charts
        @lift = Lift.new(document)
        @now = Climb.new(@lift).ladder
        @tried = {}
      end

      TRIED = {
        hook: "a higher hook",
        legs: "longer legs",
        level: "one leg shorter or longer",
        nearer: "a nearer radius",
        jib: "a nearer radius of the jib",
        turn: "the other way round",
        parts: "more parts of line",
        headroom: "shorter slings above the beam",
        choke: "a looser choke",
        sling: "another sling of the store",
        mats: "larger mats",
        carried: "the load carried higher",
        stand: "the crane up to 4 m elsewhere",
        weigh: "weighing it first",
        lug: "the tail's lug on the other face",
        trunnion: "trunnions at the tail",
        longer: "longer slings at the tail",
        tail: "the tail crane up to 5 m elsewhere",
        heavier: "another crane of the house at the tail"
      }.freeze

      # The rung in question: the weakest of those that are known; nil where each of them holds.
      def question
        @question ||=
          @now
            .rungs
            .select { |rung| %w[stop tight].include?(rung.verdict) }
            .min_by { |rung| [ Verdict.rank(rung.verdict), -(rung.utilisation || Float::INFINITY) ] }
      end

      # Ways: those that cure it first, in each the least change first; what is not known elsewhere does not hide them.
      def found
        @found ||=
          begin
            ways = question ? (@lift.tandem? ? tandem_ways : ways_of_one) : []
            cures, others = ways.partition { |way| cures?(way.ladder) }
            cures + others
          end
      end

      # Of a lift of one crane.
      def ways_of_one
        [
          raise_hook,
          longer_legs,
          *level_up,
          *nearer,
          nearer_jib,
          other_way,
          more_parts,
          less_headroom,
          loosen,
          *other_slings,
          *site_ways
        ].compact
      end

      # What was really tried, in words.
      def tried = found && TRIED.values_at(*@tried.keys)

      def as_json(*) = { "question" => question&.id, "ways" => found.map(&:as_json), "tried" => tried }

      private

      def try(id, words, changes, kind)
        @tried[kind] = true
        ladder = DustLadder.check(PlanFile::Pointer.with_values(@document, changes))
        Way.new(id: id, words: words, changes: changes, ladder: ladder) if better?(ladder)
      end

      # No rung gets worse, and the rung in question gets better.
      def better?(ladder)
        after = ladder.rung(question.id)
        return false if after.nil? || @now.rungs.any? { |rung| worse?(rung, ladder.rung(rung.id)) }
        return true if Verdict.rank(after.verdict) > Verdict.rank(question.verdict)

        after.verdict == question.verdict && lower?(question, after)
      end

      def worse?(before, after)
        return true if after.nil? || Verdict.rank(after.verdict) < Verdict.rank(before.verdict)

        before.verdict == "stop" && after.verdict == "stop" && lower?(after, before)
      end

      def lower?(before, after) =
        !before.utilisation.nil? && !after.utilisation.nil? && after.utilisation < before.utilisation - LEAST_GAIN
      LEAST_GAIN = 0.005

      def cures?(ladder) = Verdict.rank(ladder.rung(question.id).verdict) > Verdict.rank(question.verdict)

      def written(metres) = format("%.2f m", metres)
    end
  end
end
