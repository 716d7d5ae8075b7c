module DustLadder
  class Ladder
    # Ways out that change how the load hangs.
    module RiggingWays
      LEVEL_DEG = 0.5
      MOST_LEGS = 2
      RAISES_M = [ 0.1, 0.2, 0.4, 0.8, 1.6, 3.2 ].freeze
      MOST_SLINGS = 3

      private

      # The least raise of the hook that gives a milder verdict, to the centimetre.
      def raise_hook
        return unless @lift.rigging.by_hook_height?

        height = @lift.bridle.hook_set
        enough = RAISES_M.find { |raise| hook_at(height + raise) }
        enough && hook_at(height + refined(enough) { |raise| hook_at(height + raise) })
      rescue NotKnown
        nil
      end

      def hook_at(height)
        metres = (height / WaysOut::STEP_M - 1e-9).ceil * WaysOut::STEP_M
        way =
          try(
            "hook",
            both do |system|
              "Raise the hook to #{Figure.m(metres).shown(system)} above the load's base: longer legs"
            end,
            { @lift.rigging.pointer("hook_height") => written(metres) },
            :hook
          )
        way if way && cures?(way.ladder)
      end

      # Halves the way back to nothing while it still helps.
      def refined(enough)
        low, high = 0.0, enough
        while high - low > WaysOut::STEP_M
          middle = (low + high) / 2
          yield(middle) ? high = middle : low = middle
        end
        (high / WaysOut::STEP_M).ceil * WaysOut::STEP_M
      end

      # Where lengths are given: the least lengthening of all legs that cures, with the angle and the pull that it
      # leads to.
      def longer_legs
        return unless @lift.rigging.by_lengths? && @lift.beam.nil?

        enough = RAISES_M.find { |more| longer_by(more) } or return
        longer_by(refined(enough) { |more| longer_by(more) })
      rescue NotKnown
        nil
      end

      def longer_by(more)
        lengths = @lift.bridle.lengths.map { |length| length + more }
        changes =
          @lift.legs.zip(lengths).to_h { |leg, length| [ leg.pointer("length"), format("%.3f m", length) ] }
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
        return unless @lift.beam && @lift.rigging.by_hook_height?

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
              {
                @lift.beam.pointer("headroom") => written(headroom),
                @lift.rigging.pointer("hook_height") => written(hook)
              },
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
          @lift.legs.select do |leg|
            angle = leg.choke_angle
            leg.choker? && (leg["beaten_down"] || (angle.known? && angle.value < full))
          end
        return if tight.empty?

        changes =
          tight.reduce({}) do |all, leg|
            all.merge(
              leg.pointer("choke_angle") => "#{full.round}°",
              **(leg["beaten_down"] ? { leg.pointer("beaten_down") => false } : {})
            )
          end
        try("choke", both("Loosen the choke to #{full.round}° or more at the eye"), changes, :choke)
      end

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

            WaysOut::Way.new(
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

      # Other pieces of the store on every leg: two-leg slings for two legs, any for one; the lightest first.
      def other_slings
        legs = @lift.legs
        used = legs.map(&:sling)
        fitting =
          @store.select { |piece| piece["data"]["legs"] >= legs.size && !used.include?(piece["data"]["number"]) }
        fitting
          .sort_by { |piece| piece["data"]["mass_kg"] || Float::INFINITY }
          .filter_map { |piece| sling_way(piece) }
          .first(MOST_SLINGS)
      end

      def sling_way(piece)
        number = piece["data"]["number"]
        changes = @lift.legs.to_h { |leg| [ leg.pointer("sling"), number ] }
        try(
          "sling-#{number}",
          both("Sling #{number}, #{piece["data"]["size"]}, from the store"),
          changes.merge(Plan.pointer("snapshots", "slings") => { number => piece }),
          :sling
        )
      end
    end
  end
end
