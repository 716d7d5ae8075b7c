module DustLadder
  module Ground
    # Pressure under the tracks along the way, over front, side and corner, on the weakest ground that each touches
    # (handbook, sections 7 and 16).
    class TracksCheck < FootingCheck
      ID = "tracks"
      LABEL = "Tracks"
      IN_HEADLINE = "%<subject>s"

      def self.applies?(duty) = super && DustLadder.known { duty.setup.machine.tracks? }

      private

      def examine
        setup.standing
        tracks = setup.machine.tracks
        worst = setup.on_ground.worst { |weight| pressures(tracks.stand(weight)) }
        if worst.is_a?(LoadOnGround::Tips)
          over = tracks.stand(setup.on_ground.weight(worst.state, worst.station)).tips
          return tips(worst, "it tips over its #{over}")
        end

        feet =
          setup.feet.zip(worst).map { |(name, outline), one| soils.footing(name, outline, one.value / 1000) }
        looked_after
        judge_feet(feet) { |foot| track_lines(worst[feet.index(foot)], feet.index(foot), foot, tracks) }
      end

      # Greatest pressure under each track, Pa, or nil where it tips.
      def pressures(stand)
        stand.tips ? nil : %w[left right].map { |track| [ stand.front[track], stand.rear[track] ].max }
      end

      def track_lines(worst, index, foot, tracks)
        stand = tracks.stand(worst.weight)
        x = worst.weight.middle[0] - tracks.middle[0]
        kg = stand.shares[%w[left right][index]]
        line("W", Figure.kg(worst.weight.kg, :up), source: "machine, boom and what hangs, #{where(worst)["metric"]}")
        line("V", Figure.kg(kg, :up), source: "of it on the #{foot.name}, by the moment across")
        line("e", Figure.m(x.abs, :up), source: "all of it weighs down this far off the tracks' middle, along them")
        line(
          "p",
          Figure.kpa(foot.kpa, :up),
          formula: formula(stand),
          from: {
            V: Figure.kg(kg, :up),
            b: Figure.m(tracks.width, :down),
            l: Figure.m(tracks.length, :down),
            e: Figure.m(x.abs, :up)
          },
          source: "at its #{x.negative? ? "rear" : "front"} end"
        )
      end

      def formula(stand)
        return "V × 0.00980665 / (b × l) × (1 + 6 × e / l)" unless stand.kern

        "2 × V × 0.00980665 / (3 × b × (l / 2 − e))"
      end
    end
  end
end
