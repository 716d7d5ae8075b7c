module DustLadder
  module Slings
    # How a leg's figures come about, line by line.
    module LegWorking
      private

      # Shows the reductions and gives them as operands by symbol.
      def work_reductions(working)
        reductions.to_h do |step|
          figure = Figure.factor(step.factor, :down)
          working.line(
            LegReductions::SYMBOLS.fetch(step.name).to_s,
            figure,
            source: step.name == "site" ? "site: #{lift.surroundings.site_reason}" : "#{step.name}, #{step.source}",
            about: about
          )
          [ LegReductions::SYMBOLS.fetch(step.name), figure ]
        end
      end

      # The leg's vertical share, by the level distances and heights of the pose that governs.
      def work_share(working, pull)
        weight = Figure.kg(lift.load.planned_kg, :up)
        working.line("W", weight, source: "planned weight", about: "load")
        return work_space_share(working, pull) unless bridle.by_hand?
        return work_single_share(working, pull, weight) if lift.legs.size == 1

        operands = { W: weight, **work_distances(working, pull) }
        mine, other = index + 1, 2 - index
        working.line(
          "V",
          Figure.kg(pull.share, :up),
          formula: "W × d#{other} × H#{mine} / (d#{other} × H#{mine} + d#{mine} × H#{other})",
          from: operands,
          source: "#{name} share",
          about: about
        )
      end

      # Legs that share by their stretch, or hang from a beam: the pose that was found says how.
      def work_space_share(working, pull)
        working.line(
          "V",
          Figure.kg(pull.share, :up),
          source: "#{name} share as it hangs; #{pull.corner}",
          about: about
        )
        working.line(
          "H#{index + 1}",
          Figure.m(pull.leg.height, :down),
          source: "#{lift.beam ? "its top" : "hook"} above it there",
          about: about
        )
      end

      def work_distances(working, pull)
        corner = pull.corner
        legs = bridle.poses.find { |hung| hung.corner.equal?(corner) }.legs
        legs
          .each_with_index
          .reduce({}) do |operands, (leg, place)|
            run, height = Figure.m(leg.run), Figure.m(leg.height, place == index ? :down : :near)
            working.line(
              "d#{place + 1}",
              run,
              source: "#{bridle.names[place]} point from plumb; #{corner}",
              about: "leg:#{place}"
            )
            working.line("H#{place + 1}", height, source: "hook above it", about: "leg:#{place}")
            operands.merge("d#{place + 1}": run, "H#{place + 1}": height)
          end
      end

      def work_single_share(working, pull, weight)
        working.line(
          "V",
          Figure.kg(pull.share, :up),
          formula: "W",
          from: {
            W: weight
          },
          source: "one leg carries all",
          about: about
        )
        working.line("H1", Figure.m(pull.leg.height, :down), source: "hook above the point", about: about)
      end
    end
  end
end
