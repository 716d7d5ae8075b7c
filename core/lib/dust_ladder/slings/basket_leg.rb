module DustLadder
  module Slings
    # A basket: the leg's share of the load against both its sides together, at their true angle.
    class BasketLeg < Leg
      # Length of one side, hook to where it leaves the load, m. width: level distance between the two sides.
      def self.side(leg, width) = Math.sqrt(leg.run**2 + leg.height**2 + width**2 / 4)

      private

      MOST_OVER = 1.1
      NEAR_M = 0.05

      # Width, bend and what goes round must be of one thing. Raises NotKnown where they are not.
      def agree
        around = bend ? bend.positive : across
        what = bend ? "what it is bent round" : "the load is across there"
        if width > around * MOST_OVER + NEAR_M
          planned.missing(
            "#{subject}: its sides are #{Figure.m(width)} apart, and #{what} #{Figure.m(around)}: one of them is wrong",
            "basket_width"
          )
        elsif width < around / 2
          planned.missing(
            "#{subject}: its sides are only #{Figure.m(width)} apart, and #{what} #{Figure.m(around)}: say what the " \
              "basket goes round",
            "basket_width"
          )
        elsif round < width - NEAR_M
          planned.missing(
            "#{subject}: #{Figure.m(round)} of sling cannot go round between sides #{Figure.m(width)} apart",
            "round"
          )
        end
      end

      # The load's extent square to the line of the points, where a basket's sides leave it.
      def across
        length, width = lift.load.size
        a, b = bridle.points.first, bridle.points.last
        run = Math.hypot(b[0] - a[0], b[1] - a[1])
        return [ length, width ].min if run < 1e-6

        ((b[1] - a[1]).abs * length + (b[0] - a[0]).abs * width) / run
      end

      def sine(leg) = leg.height / self.class.side(leg, width)

      def rated
        agree
        rating = tag.rating("basket")
        pull = bridle.pulls_of(index).max_by { |one| one.share / sine(one.leg) }
        capacity = rating.kg * (full?(pull.leg) ? 1.0 : sine(pull.leg)) * left
        Outcome.new(
          name: name,
          subject: subject,
          demand: Figure.kg(pull.share, :up),
          capacity: Figure.kg(capacity, :down),
          nominal: Figure.kg(nominal.share, :up),
          work: ->(working) { work(working, pull, rating) }
        )
      end

      # Does the school count a full double this near to plumb?
      def full?(leg)
        lean = Math.acos(sine(leg).clamp(-1.0, 1.0)) * 180 / Math::PI
        rules[:basket_full_within_that_limit] && lean <= rules[:basket_true_double_within_deg_from_plumb] + 1e-9
      end

      def work(working, pull, rating)
        leg = pull.leg
        work_share(working, pull)
        height, side, tagged =
          Figure.m(leg.height),
          Figure.m(self.class.side(leg, width)),
          Figure.kg(rating.kg, :down)
        working.line(
          "S",
          side,
          formula: "√(d² + H² + w² / 4)",
          from: {
            d: Figure.m(leg.run.abs),
            H: height,
            w: Figure.m(width)
          },
          source: "one side of the basket",
          about: about
        )
        working.line("R", tagged, source: rating.source)
        less = work_reductions(working)
        tail = less.keys.map { |symbol| " × #{symbol}" }.join
        if full?(leg)
          working.line(
            "C",
            Figure.kg(rating.kg * left, :down),
            formula: "R#{tail}",
            from: {
              R: tagged,
              **less
            },
            source: rules.cite(:basket_true_double_within_deg_from_plumb)
          )
        else
          working.line(
            "C",
            Figure.kg(rating.kg * sine(leg) * left, :down),
            formula: "R × H / S#{tail}",
            from: {
              R: tagged,
              H: height,
              S: side,
              **less
            },
            source: "both sides at their true angle",
            about: about
          )
        end
      end
    end
  end
end
