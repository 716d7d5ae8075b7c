module DustLadder
  module Tailing
    # Can the sling take a trunnion: is it thick enough for a rope that lies half round it, thin enough for an eye that
    # goes over it, and kept from coming off? (handbook, sections 3.3, 3.7 and 6.2)
    class TrunnionCheck < TwoCranesCheck
      ID = "trunnion"
      LABEL = "Trunnion"
      FLIGHT = "rigging"
      ROPES = Slings::Derating::ROPES

      # Where nobody says what an end is held by it may be one.
      def self.applies?(lift) = lift.tandem? && lift.tandem.ends.any? { |one| one["hold"] != "lug" }

      private

      def examine
        tandem.ends.each(&:hold)
        caution("trunnion", "A trunnion turns in its sling: clean, smooth, greased, and somebody watches that it does.")
        found = turn.hangs.select { |one| one.planned.trunnion? }.map { |one| [ one, *of(one) ] }
        loose = found.find { |one, *| !one.planned.keeper }
        if loose
          return stop(
            both("nothing keeps the sling on the #{loose[0].name} trunnion"),
            subject: "#{loose[0].name} trunnion"
          )
        end

        one, words, demand, capacity = found.max_by { |_, _, wanted, given| wanted.value / given.value }
        judge(
          demand,
          capacity,
          attention: rules.attention(:fittings),
          subject: "#{one.name} trunnion",
          note: both { |system| "#{one.name}: #{words} #{demand.bare(system)} of #{capacity.shown(system)}" }
        )
      end

      # [words, demand, capacity] of what governs there.
      def of(one)
        one.planned.keeper
        own = one.half_wrap? ? wrapped(one) : in_eye(one)
        own.each do |words, demand, capacity|
          share = demand.value / capacity.value
          part(
            name: "#{one.name}: #{words}",
            verdict: Ladder::Verdict.of(share, rules.attention(:fittings)),
            utilisation: share,
            demand: demand,
            capacity: capacity
          )
        end
        own.max_by { |_, demand, capacity| demand.value / capacity.value }
      end

      def wrapped(one)
        unless one.leg.basket?
          one.leg.missing("a sling half round a trunnion is a basket: say so of the #{one.leg.name} leg", "hitch")
        end
        bend, thick = one.leg.bend.positive, one.thick
        across = one.planned.diameter.positive
        if (bend - across).abs > SAME_M
          one.leg.missing("the #{one.name} sling is bent round #{m(bend)}, its trunnion is #{m(across)}", "bend")
        end

        ratio = across / thick
        lines(one, across, thick)
        line(
          "D/d",
          Figure.factor(ratio, :down),
          formula: "D / d",
          from: { D: m(across, :down), d: m(thick, :up) },
          source: "bend"
        )
        [ [ "bend, in rope diameters", Figure.factor(least_ratio(one), :up), Figure.factor(ratio, :down) ] ]
      end
      SAME_M = 0.005

      def least_ratio(one)
        kind = one.slings[0][0]["kind"]
        return rules[:bending, :least_ratio] if ROPES.include?(kind)
        return rules[:chain_bend_least_ratio] if kind == "alloy_chain"

        raise NotKnown.new(
          "what a sling of this kind may be bent round its maker says",
          pointer: one.leg.pointer("sling")
        )
      end

      # An eye wants a pin between its rope's diameter and a third of its own length.
      def in_eye(one)
        sling = one.slings[0][0]
        unless ROPES.include?(sling["kind"])
          raise NotKnown.new("over what an end of this kind goes its maker says", pointer: one.leg.pointer("sling"))
        end

        long = sling["eye_m"] ||
          raise(NotKnown.new("how long the eye of #{sling["number"]} is", pointer: one.leg.pointer("sling")))
        across, thick = one.planned.diameter.positive, one.thick
        share = rules[:pin_in_eye, :most_share_of_eye_length]
        lines(one, across, thick)
        line("E", m(long, :down), source: "length of its eye", about: "leg:#{one.index}")
        line("p", Figure.percent(share, :down, digits: 1), source: rules.cite(:pin_in_eye))
        [
          [ "trunnion in the eye", m(across, :up), m(long * share, :down) ],
          [ "rope against the trunnion", m(thick * rules[:pin_in_eye, :least_rope_diameters], :up), m(across, :down) ]
        ]
      end

      def lines(one, across, thick)
        line("D", m(across), source: "diameter of the #{one.name} trunnion", about: "points")
        line("d", m(thick), source: "thickness of the sling, by the store", about: "leg:#{one.index}")
      end
    end
  end
end
