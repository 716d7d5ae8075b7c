module DustLadder
  module Slings
    # May the slings carry the worst pull on each leg, in their hitch and at their angle? One part for each
    # leg, and one for the together where a school or the tag rates both legs together.
    class SlingsCheck < Ladder::Check
      ID = "slings"
      LABEL = "Slings"
      FLIGHT = "rigging"
      OF_SLINGS = true
      IN_HEADLINE = "%<subject>s"

      private

      def examine
        bridle = lift.bridle
        legs = lift.legs.each_index.map { |index| Leg.of(lift, index) }
        @unknown = nil
        outcomes = legs.filter_map { |leg| known { leg.outcome } }
        if legs.size > 1 && bridle.one_hook? && known { legs.none?(&:no_figure?) }
          together = LegsTogether.new(lift, legs)
          outcomes += known { together.outcomes } || []
          unlike(together)
        end
        settle(legs, outcomes)
      end

      # What can be told; the first that cannot is kept, and outranks all but a stop.
      def known
        yield
      rescue NotKnown => error
        raise if error.is_a?(Rigging::Pending)

        @unknown ||= error
        nil
      end

      def unlike(together)
        by = lift.rigging.unlike_decided_by
        return unless together.void? && !by.empty?

        caution(
          "unlike",
          "The tag's rating for all legs together is void for legs that are not alike; each leg counts by itself, as " \
            "decided by " \
            "#{by}."
        )
      end

      # Shows every outcome and judges the worst.
      def settle(legs, outcomes)
        show(outcomes)
        legs.each { |leg| leg.advice.each { |id, text| caution(id, text, about: "leg:#{leg.index}") } }
        governs = outcomes.max_by(&:share)
        raise @unknown if @unknown && (governs.nil? || governs.share <= 1 + Ladder::Verdict::SLACK)
        return stop(governs.stop, subject: governs.subject) if governs.stop

        judge(
          governs.demand,
          governs.capacity,
          attention: rules[:attention, :slings],
          subject: governs.subject,
          note:
            both do |system|
              "#{governs.subject}: #{governs.demand.bare(system)} of #{governs.capacity.shown(system)}"
            end
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
        outcomes
          .sort_by { |outcome| -outcome.share }
          .each { |outcome| @working.later(outcome.subject, &outcome.work) }
      end
    end
  end
end
