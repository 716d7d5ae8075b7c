module DustLadder
  module Slings
    # One leg: its sling in its hitch against the worst pull on it.
    class Leg
      include Ladder::Sentences
      include LegReductions
      include LegWorking

      NUMBERS = { 1 => "one leg", 2 => "two legs", 3 => "three legs", 4 => "four legs" }.freeze

      attr_reader :lift, :index

      def self.of(lift, index) = (lift.legs[index].basket? ? BasketLeg : StraightLeg).new(lift, index)

      # Raises NotKnown when no sling is chosen.
      def initialize(lift, index)
        @lift = lift
        @index = index
        raise NotKnown.new("no sling is chosen for the #{subject}", pointer: pointer) unless sling
      end

      # The leg in the plan, as Plan::Leg.
      def planned = lift.legs[index]
      def hitch = planned.hitch
      def sling = lift.sling_of(planned)
      def tag = @tag ||= Tag.new(sling, rules)
      def fit = @fit ||= Fit.new(self)
      def name = lift.load.points[index].name
      def pointer = planned.pointer("sling")
      # The Pull on it at its worst corner, and nominally; and how long it must be, m.
      def worst = bridle.worst[index]
      def nominal = bridle.nominal[index]
      def needed = bridle.lengths[index]
      # Distance between a basket's two sides, m.
      def width = planned.basket_width.not_negative
      # What of the sling goes round the load, m, or nil where it was not measured.
      def round = planned.round.given? ? planned.round.not_negative : nil
      # What of a sling's reach a leg of this length takes, m: a basket has two sides.
      def taken(length)
        return length + round.to_f unless hitch == "basket"

        2 * Math.sqrt(length**2 + width**2 / 4) + [ round.to_f, width ].max
      end

      # How long a leg a sling of this reach makes, m: what #taken takes the other way round.
      def made_by(reach)
        return reach - round.to_f unless hitch == "basket"

        side = (reach - [ round.to_f, width ].max) / 2
        Math.sqrt([ side**2 - width**2 / 4, 0.0 ].max)
      end

      # The Outcome at its worst. Raises NotKnown for what is missing.
      def outcome
        if hitch == "basket" && lift.legs.size > 2
          planned.missing("baskets on three or four points are not worked out here", "hitch")
        end
        if hitch != "vertical" && bridle.reeved?
          planned.missing("a reeved sling is straight: no choke, no basket", "hitch")
        end

        reason = out_of_use || unsuited || beaten_down
        round_given unless reason
        reason ||= once_round
        reason ||= fit.reason || sliding
        bend_given unless reason
        if reason
          return Outcome.new(
            name: name,
            subject: subject,
            stop: reason,
            demand: Figure.kg(worst.tension, :up),
            work: ->(_) { }
          )
        end

        rated
      end

      # What a rigger should read beside it: [[id, Sentence or text], ...].
      def advice
        contradicts = tag.legible? && tag.rating(hitch).contradictory
        found =
          if contradicts
            [
              [
                "tag_contradicts",
                "The tag of #{sling["number"]} contradicts itself: the lowest figure is used. Have it looked at."
              ]
            ]
          else
            []
          end
        found + fit.advice + bend_advice + held_advice
      rescue NotKnown
        []
      end

      # What by whose word keeps it from sliding.
      def prevention = @prevention ||= Prevention.new(planned)

      # What the angle of choke leaves.
      def choke_share = 1.0

      private

      def rules = lift.rules
      def bridle = lift.bridle
      def about = "leg:#{index}"
      def subject = lift.legs.size == 1 ? "the sling" : "#{name} leg"

      def out_of_use
        number = sling["number"]
        return both("#{number} has no legible rating: out of use") unless tag.legible?
        if planned_on > sling["legs"]
          return both(
            "#{number} has #{NUMBERS[sling["legs"].to_i]} and is planned on #{NUMBERS.fetch(planned_on).split.first}"
          )
        end

        if lift.beam && !upper? && planned_on > 1
          return both("#{number}: its legs meet in one ring and cannot hang from two holes")
        end
        return both("#{number} is transport chain: it is never used for lifting") if sling["grade"] == "transport"

        if beside && !alike?(beside)
          return both("#{number} and #{beside["number"]} hang side by side and are not alike")
        end

        if fellows.filter_map { |leg| lift.sling_of(leg)&.fetch("kind") }.uniq.size > 1
          both("the legs are of different kinds")
        end
      end

      # The other of two slings at one end of a load between two cranes, or nil.
      def beside = lift.tandem? && !upper? ? lift.tandem.ends[index].second&.then { |one| lift.sling_of(one) } : nil

      # The same kind, rated and as long alike.
      def alike?(other)
        same = %w[kind grade diameter_m legs].all? { |name| sling[name] == other[name] }
        rated = %w[legible vertical_kg basket_kg].all? { |name| sling["tag"][name] == other["tag"][name] }
        same && rated && (sling["reach_m"] - other["reach_m"]).abs <= rules[:leg_length_tolerance] * sling["reach_m"]
      end

      # A reeved pair is one sling on two points.
      def planned_on
        lift.legs.count do |leg|
          leg.sling == sling["number"] && lift.rigging.pairs.none? { |pair| pair.max == leg.index }
        end
      end

      def upper? = false
      def fellows = lift.legs
      def bend = planned.bend.given? ? planned.bend : nil

      # What the surroundings forbid, and where no figure holds.
      def unsuited
        return unless lift.surroundings || bend

        reason = lift.surroundings&.unsuited(sling) || derating.stop&.reason
        reason && both(reason)
      end

      def held_advice
        return [] if hitch == "vertical" || prevention.along.nil?

        [ [ "held", "#{name} leg: it counts on #{prevention.along}, to keep it from sliding along the load." ] ]
      end

      # How tight a bend is advised at least, by how the rope's ends are spliced; the worse where that is not known.
      def bend_advice
        return [] unless hitch != "vertical" && bend && Derating::ROPES.include?(sling["kind"])

        by_hand = sling["splice"] == "hand"
        least = rules[:bending][by_hand ? "advised_hand_spliced" : "advised_mechanical"]
        return [] if bend_ratio >= least - 1e-9

        words = by_hand ? "a hand splice" : sling["splice"] ? "a mechanical splice" : "a splice that is not known"
        [
          [
            "tight_bend",
            "#{name} leg: bent round #{bend_ratio.round(1)} of its own diameter; #{least.round} at least is advised " \
              "for #{words}."
          ]
        ]
      end

      # A basket or choke that leans further than friction holds slides along the load.
      def sliding
        return if hitch == "vertical" || prevention.along

        lean = 90 - bridle.flattest_deg[index]
        return if Math.tan(lean * Math::PI / 180) <= rules[:friction] + 1e-9

        both(
          "the #{hitch} leans #{
            Figure.deg(lean, :up)
          } from plumb and slides along the load: say by what it is prevented, and who says so"
        )
      end

      # A choke that was beaten down bites: its angle at the eye is tighter than anything that was measured before.
      def beaten_down
        both("the choke was beaten down: loosen it, and measure its angle again") if hitch == "choker" &&
          planned["beaten_down"]
      end

      # Loose pieces are gripped all round by two wraps only (handbook, sections 3.2 and 3.8).
      def once_round
        return if hitch == "vertical" || !lift.load.bundle?

        wraps = planned["wraps"] or
          planned.missing("how often the #{subject}'s sling goes round the bundle is not given", "wraps")
        both("a loose bundle, and the sling goes round it once: double wrap") if wraps < 2
      end

      # A basket or choke is as long as what is left of the sling once it is round the load.
      def round_given
        return if hitch == "vertical" || round

        planned.missing("what of the #{subject}'s sling goes round the load is not given", "round")
      end

      # A wire rope in a basket or choke loses by its bend: unknown, it is not nothing.
      def bend_given
        return if hitch == "vertical" || bend || !Derating::ROPES.include?(sling["kind"])

        planned.missing("what the #{subject} is bent round is not given: a wire rope loses by it", "bend")
      end
    end
  end
end
