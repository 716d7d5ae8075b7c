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

      LEVEL_DEG = 0.5
      MOST_LEGS = 2
      RAISES_M = [ 0.1, 0.2, 0.4, 0.8, 1.6, 3.2 ].freeze
      STEP_M = 0.01
      MORE_PARTS = 4
      MOST_SLINGS = 3

      # store: slings to choose from, as snapshots ({ "digest", "data" }).
      def initialize(document, store: [])
        @document = document
        @store = store
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
        parts: "more parts of line",
        headroom: "shorter slings above the beam",
        choke: "a looser choke",
        sling: "another sling of the store"
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
            ways =
              if question
                [
                  raise_hook,
                  longer_legs,
                  *level_up,
                  *nearer,
                  nearer_jib,
                  more_parts,
                  less_headroom,
                  loosen,
                  *other_slings
                ].compact
              else
                []
              end
            cures, others = ways.partition { |way| cures?(way.ladder) }
            cures + others
          end
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

      # The least raise of the hook that gives a milder verdict, to the centimetre.
      def raise_hook
        return unless @document.dig("rigging", "set_by") == "hook_height"

        height = @lift.bridle.hook_set
        enough = RAISES_M.find { |raise| hook_at(height + raise) }
        enough && hook_at(height + refined(enough) { |raise| hook_at(height + raise) })
      rescue NotKnown
        nil
      end

      def hook_at(height)
        metres = (height / STEP_M - 1e-9).ceil * STEP_M
        way =
          try(
            "hook",
            both do |system|
              "Raise the hook to #{Figure.m(metres).shown(system)} above the load's base: longer legs"
            end,
            { "/rigging/hook_height" => written(metres) },
            :hook
          )
        way if way && cures?(way.ladder)
      end

      # Halves the way back to nothing while it still helps.
      def refined(enough)
        low, high = 0.0, enough
        while high - low > STEP_M
          middle = (low + high) / 2
          yield(middle) ? high = middle : low = middle
        end
        (high / STEP_M).ceil * STEP_M
      end

      # Where lengths are given: the least lengthening of all legs that cures, with the angle and the pull that it
      # leads to.
      def longer_legs
        return unless @document.dig("rigging", "set_by") == "leg_lengths" && @lift.beam.nil?

        enough = RAISES_M.find { |more| longer_by(more) } or return
        longer_by(refined(enough) { |more| longer_by(more) })
      rescue NotKnown
        nil
      end

      def longer_by(more)
        lengths = @lift.bridle.lengths.map { |length| length + more }
        changes =
          lengths.each_with_index.to_h { |length, index| [ "/rigging/legs/#{index}/length", format("%.3f m", length) ] }
        way = try("legs", both("Longer legs"), changes, :legs)
        return unless way && cures?(way.ladder)

        bridle = way.ladder.lift.bridle
        way.words =
          both do |system|
            "Legs longer by #{Figure.m(more, :up).shown(system)}, the longest " \
              "#{Figure.m(lengths.max, :up).shown(system)}: " \
              "#{Figure.deg(bridle.flattest_deg.min)} from horizontal, " \
              "#{Figure.kg(bridle.worst.map(&:tension).max, :up).shown(system)} at most"
          end
        way
      end

      # Less height between hook and beam: the slings above it stand flatter, and headroom is won.
      def less_headroom
        return unless @lift.beam && @document.dig("rigging", "set_by") == "hook_height"

        LESS
          .lazy
          .filter_map do |share|
            headroom = @lift.beam.headroom * share
            hook = @lift.bridle.hook_set - @lift.beam.headroom * (1 - share)
            try(
              "headroom",
              both do |system|
                "Shorter slings above the beam: the hook #{Figure.m(headroom, :down).shown(system)} above it"
              end,
              { "/rigging/beam/headroom" => written(headroom), "/rigging/hook_height" => written(hook) },
              :headroom
            )
          end
          .first
      rescue NotKnown
        nil
      end
      LESS = [ 0.9, 0.8, 0.7, 0.6, 0.5 ].freeze

      # A choke that is not pulled tight keeps all of the choker rating.
      def loosen
        full = @lift.rules[:choke_angle_bands].first.first
        tight =
          @lift.legs.each_index.select do |index|
            leg, angle = @lift.legs[index], @lift.choke_angles[index]
            leg["hitch"] == "choker" && (leg["beaten_down"] || (angle.known? && angle.value < full))
          end
        return if tight.empty?

        changes =
          tight.reduce({}) do |all, index|
            leg = "/rigging/legs/#{index}"
            all.merge(
              "#{leg}/choke_angle" => "#{full.round}°",
              **(@lift.legs[index]["beaten_down"] ? { "#{leg}/beaten_down" => false } : {})
            )
          end
        try("choke", both("Loosen the choke to #{full.round}° or more at the eye"), changes, :choke)
      end

      # A platform machine's jib, nearer in by the columns of its chart.
      def nearer_jib
        return unless @lift.duty.crane.chosen? && @lift.duty.crane.family?("platform_jib")

        now = @lift.duty.crane.platform[:load_radius].value
        NEARER
          .lazy
          .filter_map do |share|
            radius = now * share
            try(
              "jib",
              both { |system| "The jib's load at #{Figure.m(radius, :down).shown(system)} or nearer" },
              { "/cranes/0/platform/load_radius" => written(radius) },
              :jib
            )
          end
          .first
      rescue NotKnown
        nil
      end
      NEARER = [ 0.9, 0.8, 0.7, 0.6, 0.5, 0.4, 0.3 ].freeze

      # One leg shorter or longer, in whole links where it is chain, so that the load hangs level.
      def level_up
        return [] unless @lift.bridle.pose.tilt_deg > LEVEL_DEG

        @tried[:level] = true

        Rigging::LevelAdvice
          .new(@document)
          .options
          .first(MOST_LEGS)
          .filter_map do |advice|
            next unless better?(advice.ladder)

            Way.new(
              id: "level-#{advice.id}",
              words:
                both { |system| "#{advice.words[system]}: it hangs #{Figure.deg(advice.tilt_deg, :up)} off level" },
              changes: advice.changes,
              ladder: advice.ladder
            )
          end
      rescue NotKnown
        []
      end

      # For each station, the farthest row of the chart nearer than now that makes the ladder better.
      def nearer
        @lift.duty
          .crane
          .stations
          .each_index
          .map do |index|
            station = @lift.duty.crane.stations[index]
            rows =
              @lift.duty
                .crane
                .chart
                .sectors
                .first
                .table
                .rows(@lift.duty.crane.booms[index])
                .reverse
                .filter_map { |row| unloaded(row) }
                .select { |radius| radius < station.radius.value - STEP_M }
            rows
              .lazy
              .filter_map do |radius|
                try(
                  "nearer-#{index}",
                  both do |system|
                    "#{station.name.capitalize} at #{Figure.m(radius, :down).shown(system)} or nearer"
                  end,
                  { "/cranes/0/stations/#{index}/radius" => written(radius) },
                  :nearer
                )
              end
              .first
          end
          .compact
      rescue NotKnown
        []
      end

      # The radius that grows to a row under load, rounded down; nil when there is none.
      def unloaded(row)
        return row if @lift.duty.crane.measured_loaded?

        radius = [
          row - @lift.rules[:radius_allowance, :least_m],
          row / (1 + @lift.rules[:radius_allowance, :fraction])
        ].min
        radius.positive? ? (radius / STEP_M + 1e-9).floor * STEP_M : nil
      end

      def more_parts
        parts = @lift.duty.crane.parts_of_line
        (1..MORE_PARTS)
          .lazy
          .filter_map do |more|
            try(
              "parts",
              both("Reeve #{parts + more} parts of line"),
              { "/cranes/0/parts_of_line" => parts + more },
              :parts
            )
          end
          .first
      rescue NotKnown
        nil
      end

      # Other pieces of the store on every leg: two-leg slings for two legs, any for one; the lightest first.
      def other_slings
        legs = @document.dig("rigging", "legs")
        used = legs.map { |leg| leg["sling"] }
        fitting =
          @store.select { |piece| piece["data"]["legs"] >= legs.size && !used.include?(piece["data"]["number"]) }
        fitting
          .sort_by { |piece| piece["data"]["mass_kg"] || Float::INFINITY }
          .filter_map { |piece| sling_way(piece, legs.size) }
          .first(MOST_SLINGS)
      end

      def sling_way(piece, legs)
        number = piece["data"]["number"]
        changes = (0...legs).to_h { |leg| [ "/rigging/legs/#{leg}/sling", number ] }
        try(
          "sling-#{number}",
          both("Sling #{number}, #{piece["data"]["size"]}, from the store"),
          changes.merge("/snapshots/slings" => { number => piece }),
          :sling
        )
      end
    end
  end
end
