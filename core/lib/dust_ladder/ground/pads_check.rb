module DustLadder
  module Ground
    # Pressure under the pads, or under their mats, along the way, each on the weakest ground that it touches (handbook,
    # sections 7 and 16).
    class PadsCheck < FootingCheck
      ID = "pads"
      LABEL = "Pads"
      IN_HEADLINE = "pad %<subject>s"

      def self.applies?(duty) = super && !DustLadder.known { duty.setup.machine.tracks? }

      private

      def examine
        setup.standing
        return by_estimate unless setup.machine.masses?

        worst = setup.on_ground.worst { |weight| setup.machine.outriggers.reactions(weight) }
        return tips(worst, "it tips") if worst.is_a?(LoadOnGround::Tips)

        mats_hold(worst.map(&:value)) do
          feet = setup.mats.zip(worst).map { |mat, one| footing(mat, one.value) }
          heaviest = feet.zip(worst).max_by { |_, one| one.value }
          looked_after
          judge_feet(feet) do |foot|
            of = worst[feet.index(foot)]
            reaction_lines(of, feet.index(foot))
            pressure_lines(foot, feet.index(foot), of.value)
            heavier(*heaviest, foot)
          end
        end
      end

      def footing(mat, kg) = soils.footing(mat.name, mat.outline, mat.pressure(kg))

      # What the mats may carry themselves comes before what is under them.
      def mats_hold(kg)
        return yield unless setup.stand.mats?

        rated = setup.stand.mat_rated
        if rated.given?
          worst = kg.each_index.max_by { |pad| kg[pad] }
          if kg[worst] > rated.positive * (1 + Ladder::Verdict::SLACK)
            return stop(
              both do |system|
                "the mat under #{setup.mats[worst].name} carries #{Figure.kg(kg[worst], :up).shown(system)}, may " \
                  "#{Figure.kg(rated.value, :down).shown(system)}"
              end,
              subject: setup.mats[worst].name
            )
          end
        else
          bent = setup.mats.zip(setup.machine.sides).find { |mat, side| (mat.side / side)**2 > rules[:mat_ratio] }
          bends(*bent) if bent
        end
        yield
      end

      def bends(mat, side)
        times = Figure.factor((mat.side / side)**2, :up).bare
        raise NotKnown.new(
          "the mat has #{times} times the pad's area and may bend: what it may carry is not given",
          pointer: setup.stand.mat_rated.pointer
        )
      end

      def reaction_lines(worst, pad)
        a, b, c, middle = setup.machine.outriggers.plane_of(worst.weight)
        at = setup.machine.outriggers.places[pad]
        line("V", Figure.kg(worst.weight.kg, :up), source: "machine, boom and what hangs, #{where(worst)["metric"]}")
        line("A", Figure.kg(a, :up), source: "of it on each pad that carries, were it all in their middle")
        line("B", Figure.new(b, :kg_per_m), source: "more for each metre forward, by the first moments")
        line("C", Figure.new(c, :kg_per_m), source: "more for each metre to the right, by the first moments")
        line(
          "R",
          Figure.kg(worst.value, :up),
          formula: "A + B × x + C × y",
          from: {
            A: Figure.kg(a, :up),
            B: Figure.new(b, :kg_per_m),
            C: Figure.new(c, :kg_per_m),
            x: Figure.m(at[0] - middle[0]),
            y: Figure.m(at[1] - middle[1])
          },
          source: "pad #{setup.mats[pad].name}: a stiff deck on equal springs that only push"
        )
      end

      def pressure_lines(foot, pad, kg)
        mat = setup.mats[pad]
        line(
          "m",
          Figure.kg(mat.kg, :up),
          source: setup.stand.mats? ? "mass of the mat" : "no mat: on the machine's pads"
        )
        line(
          "p",
          Figure.kpa(foot.kpa, :up),
          formula: "(R + m) × 0.00980665 / s²",
          from: {
            R: Figure.kg(kg, :up),
            m: Figure.kg(mat.kg, :up),
            s: Figure.m(mat.side, :down)
          },
          source: "under #{foot.name}, a square of #{Figure.m(mat.side, :down)}"
        )
        return unless foot.weakest && foot.share > attention

        needed = mat.side_needed(kg, foot.weakest.kpa)
        line("w", Figure.m(needed, :up), source: "side of a mat of the same mass that the same ground bears")
      end

      # The heaviest pad need not be the one that governs.
      def heavier(foot, worst, governs)
        return if foot.name == governs.name

        caution(
          "heaviest_pad",
          both do |system|
            "#{foot.name} is heavier, #{Figure.kg(worst.value, :up).shown(system)}, yet " \
              "#{foot.weakest ? "on #{foot.weakest.name}" : "on ground that nobody tells of"}."
          end
        )
      end

      # Without the machine's masses one pad is taken to carry most of all of it.
      def by_estimate
        quick = rules[:quick_pad]
        setup.machine.outriggers
        total, gross = setup.machine.total_kg, duty.gross.kg
        kg =
          line(
            "R",
            Figure.kg(quick["share"] * (total + gross), :up),
            formula: "q × (M + G)",
            from: {
              q: Figure.factor(quick["share"]),
              M: Figure.kg(total, :up),
              G: Figure.kg(gross, :up)
            },
            source: rules.cite(:quick_pad)
          )
        unless quick["counts"]
          duty.crane.missing(
            "the chart does not say where the machine's masses are; an estimate does not count",
            "chart"
          )
        end
        caution("estimate", "An estimate, to be confirmed: the machine's own masses are not in the chart.")
        mats_hold(setup.mats.map { kg }) do
          feet = setup.mats.map { |mat| footing(mat, kg) }
          judge_feet(feet, at_least: "tight") { |foot| pressure_lines(foot, feet.index(foot), kg) }
        end
      end
    end
  end
end
