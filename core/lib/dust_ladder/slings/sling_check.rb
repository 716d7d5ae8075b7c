module DustLadder
  module Slings
    # May the slings carry the worst pull on each leg, in their hitch and at their angle? One part for each
    # leg, and one for the pair where a school or the tag rates both legs together.
    class SlingCheck < Ladder::Check
      ID = "slings"
      LABEL = "Slings"

      private

      def examine
        bridle = lift.bridle
        legs = lift.legs.each_index.map { |index| Leg.of(lift, index) }
        outcomes = legs.map(&:outcome)
        outcomes += Pair.new(lift, legs).outcomes if legs.size > 1 && bridle.one_hook? && legs.none?(&:no_figure?)
        warn_of_spread(bridle)
        settle(legs, outcomes)
      end

      # Shows every outcome and judges the worst.
      def settle(legs, outcomes)
        show(outcomes)
        legs.each { |leg| leg.advice.each { |id, text| caution(id, text, about: "leg:#{leg.index}") } }
        governs = outcomes.max_by(&:share)
        return stop(governs.stop, subject: governs.subject) if governs.stop

        judge(
          governs.demand,
          governs.capacity,
          attention: rules[:attention, :slings],
          subject: governs.subject,
          note: both { |system|
            "#{governs.subject}: #{governs.demand.bare(system)} of #{governs.capacity.shown(system)}"
          }
        )
      end

      # Every part with its verdict, legs first; every part's arithmetic, the worst part first.
      def show(outcomes)
        outcomes.each do |outcome|
          share = outcome.share
          part(
            name: outcome.name,
            verdict: Ladder::Verdict.of(share, rules[:attention, :slings]),
            utilisation: share.finite? ? share : nil,
            demand: outcome.demand,
            capacity: outcome.capacity,
            nominal: outcome.nominal,
            note: outcome.stop
          )
        end
        outcomes.sort_by { |outcome| -outcome.share }.each { |outcome| @working.later(outcome.subject, &outcome.work) }
      end

      def warn_of_spread(bridle)
        spread = bridle.hook_spread_deg
        most = rules[:hook_included_angle_deg]
        caution(
          "hook_spread",
          "The #{lift.beam ? 'slings above the beam' : 'legs'} stand #{Figure.deg(
            spread,
            :up
)} apart in the hook: past " \
            "#{most.round}° use a ring."
        ) if spread > most
      end
    end
  end
end
