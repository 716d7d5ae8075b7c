module DustLadder
  module Slings
    # A vertical hitch or a choker: the leg's own tension against the tag, less for a tight angle of choke.
    class StraightLeg < Leg
      def advice =
        super +
          (hitch == "choker" ? [ [ "choke", "Loose stacks and bundles: double wrap. Never beat a choke down." ] ] : [])
      def choke_share = hitch == "choker" ? choke_factor : 1.0

      private

      def rated
        pull = worst
        rating = tag.rating(hitch)
        choke = choke_factor if hitch == "choker"
        Outcome.new(
          name: name,
          subject: subject,
          demand: Figure.kg(pull.tension, :up),
          capacity: Figure.kg(rating.kg * (choke || 1.0) * left, :down),
          nominal: Figure.kg(nominal.tension, :up),
          work: ->(working) { work(working, pull, rating, choke) }
        )
      end

      def choke_factor
        field = planned.choke_angle
        unless field.value.between?(0, 180)
          raise NotKnown.new("an angle of choke lies between 0 and 180°", pointer: field.pointer)
        end

        Derating.choke_factor(rules, field.value)
      end

      def work(working, pull, rating, choke)
        work_share(working, pull)
        length = Figure.m(pull.leg.length, :up)
        working.line(
          "L",
          length,
          source: pull.corner == "nominal" ? "leg length" : "leg length with its tolerance",
          about: about
        )
        working.line(
          "T",
          Figure.kg(pull.tension, :up),
          formula: "V × L / H#{index + 1}",
          source: "leg tension",
          about: about,
          from: {
            V: Figure.kg(pull.share, :up),
            L: length,
            "H#{index + 1}": Figure.m(pull.leg.height, :down)
          }
        )
        work_capacity(working, rating, choke)
      end

      def work_capacity(working, rating, choke)
        tagged = Figure.kg(rating.kg, :down)
        return working.line("C", tagged, source: rating.source) unless choke || reductions.any?

        operands = { R: tagged }
        working.line("R", tagged, source: rating.source)
        if choke
          operands[:k] = Figure.factor(choke)
          working.line("k", operands[:k], source: rules.cite(:choke_angle_bands), about: about)
        end
        operands.merge!(work_reductions(working))
        working.line(
          "C",
          Figure.kg(rating.kg * (choke || 1.0) * left, :down),
          formula: operands.keys.join(" × "),
          from: operands,
          source: choke ? "choker at this angle of choke" : "here"
        )
      end
    end
  end
end
