module DustLadder
  module Ladder
    # What would make the whole ladder of a plan better: computed alternatives with their figures, least change first
    # (handbook, section 13). Each is tried on the whole plan; what does not help the whole is left out.
    class WaysOut
      # words: a Sentence of what to do. changes: { JSON pointer => new value }. ladder: the Answer with them made.
      Way = Struct.new(:id, :words, :changes, :ladder, keyword_init: true) do
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
      end

      # Ways, least change first; none when everything holds, or when something must be given first.
      def found
        return [] if %w[holds not_known].include?(@now.verdict)

        [ raise_hook, *level_up, *nearer, more_parts, *other_slings ].compact
      end

      def as_json(*) = found.map(&:as_json)

      private

      def try(id, words, changes)
        ladder = DustLadder.check(PlanFile.with_values(@document, changes))
        Way.new(id: id, words: words, changes: changes, ladder: ladder) if better?(ladder)
      end

      # Of a milder verdict; or of the same one, with the worst figure brought down and nothing new in its way.
      def better?(ladder)
        return false if ladder.verdict == "not_known"

        rank, now = [ ladder, @now ].map { |one| Verdict.rank(one.verdict) }
        return rank > now unless rank == now
        return false if ladder.rungs.count { |rung| rung.verdict == ladder.verdict } > @now.rungs.count { |rung|
          rung.verdict == @now.verdict
        }

        after, before = [ ladder, @now ].map { |one| one.governing.first.utilisation }
        !after.nil? && !before.nil? && after < before - 0.005
      end

      def written(metres) = format("%.2f m", metres)

      # The least raise of the hook that gives a milder verdict, to the centimetre.
      def raise_hook
        return unless @document.dig("rigging", "set_by") == "hook_height"

        height = @lift.bridle.hook_above_base
        enough = RAISES_M.find { |raise| hook_at(height + raise) }
        enough && hook_at(height + refined(enough) { |raise| hook_at(height + raise) })
      rescue NotKnown
        nil
      end

      def hook_at(height)
        metres = (height / STEP_M - 1e-9).ceil * STEP_M
        way = try(
          "hook",
          both { |system|
            "Raise the hook to #{Figure.m(metres).shown(system)} above the load's base: longer legs"
          },
          "/rigging/hook_height" => written(metres)
        )
        way if way && way.ladder.verdict != @now.verdict
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

      # One leg shorter or longer, in whole links where it is chain, so that the load hangs level.
      def level_up
        return [] unless @lift.bridle.pose.tilt_deg > LEVEL_DEG

        Rigging::LevelAdvice.new(@document).options.first(MOST_LEGS).filter_map do |advice|
          next unless better?(advice.ladder)

          Way.new(
            id: "level-#{advice.id}",
            words: both { |system|
              "#{advice.words[system]}: it hangs #{Figure.deg(advice.tilt_deg, :up)} off level"
            },
            changes: advice.changes,
            ladder: advice.ladder
          )
        end
      rescue NotKnown
        []
      end

      # For each station, the farthest row of the chart nearer than now that makes the ladder better.
      def nearer
        @lift.crane.stations.each_index.map do |index|
          station = @lift.crane.stations[index]
          rows = @lift.crane.chart.sectors.first.table.rows(@lift.crane.booms[index]).reverse.filter_map { |row|
            unloaded(row)
          }.select { |radius| radius < station.radius.value - STEP_M }
          rows.lazy.filter_map { |radius|
            try(
              "nearer-#{index}",
              both { |system|
                "#{station.name.capitalize} at #{Figure.m(radius, :down).shown(system)} or nearer"
              },
              "/crane/stations/#{index}/radius" => written(radius)
            )
          }.first
        end.compact
      rescue NotKnown
        []
      end

      # The radius that grows to a row under load, rounded down; nil when there is none.
      def unloaded(row)
        return row if @lift.crane.measured_loaded?

        radius = [ row - @lift.rules[:radius_allowance, :least_m],
          row / (1 + @lift.rules[:radius_allowance, :fraction]) ].min
        radius.positive? ? (radius / STEP_M + 1e-9).floor * STEP_M : nil
      end

      def more_parts
        parts = @lift.crane.parts_of_line
        (1..MORE_PARTS).lazy.filter_map { |more|
          try("parts", both("Reeve #{parts + more} parts of line"), "/crane/parts_of_line" => parts + more)
        }.first
      rescue NotKnown
        nil
      end

      # Other pieces of the store on every leg: two-leg slings for two legs, any for one; the lightest first.
      def other_slings
        legs = @document.dig("rigging", "legs")
        used = legs.map { |leg| leg["sling"] }
        fitting = @store.select { |piece|
          piece["data"]["legs"] >= legs.size && !used.include?(piece["data"]["number"])
        }
        fitting.sort_by { |piece|
          piece["data"]["mass_kg"] || Float::INFINITY
        }.filter_map { |piece| sling_way(piece, legs.size) }.first(MOST_SLINGS)
      end

      def sling_way(piece, legs)
        number = piece["data"]["number"]
        changes = (0...legs).to_h { |leg| [ "/rigging/legs/#{leg}/sling", number ] }
        try(
          "sling-#{number}",
          both("Sling #{number}, #{piece['data']['size']}, from the store"),
          changes.merge("/snapshots/slings" => { number => piece })
        )
      end
    end
  end
end
