module DustLadder
  module Tailing
    # Do the beams above the ends, or the one in both hooks, carry what hangs below them? Demand: the end's share at its
    # greatest and its slings; of a beam in both hooks twice the more loaded sling's. Capacity: the rating as marked.
    class EndBeamsCheck < TwoCranesCheck
      ID = "end_beams"
      LABEL = "End beams"
      FLIGHT = "rigging"

      def self.applies?(lift) = lift.tandem? && (!lift.tandem.beam.nil? || lift.tandem.ends.any?(&:beam?))

      private

      def examine
        beams.each { |who, _, kg, rated| loaded_part(subject_of(who), kg, rated, rules[:attention, :slings]) }
        caution("end_beam", "A beam hangs level only while its slings are alike and the load lies in their middle.")
        near = turn.below_beam && too_near and return near

        who, name, kg, rated, words = beams.max_by { |_, _, one, limit| one / limit }
        line("Q", Figure.kg(kg, :up), source: "#{words}, with slings and fittings", about: "hook")
        line("R", Figure.kg(rated, :down), source: "rating of #{name}, as marked")
        judge(
          Figure.kg(kg, :up),
          Figure.kg(rated, :down),
          attention: rules[:attention, :slings],
          subject: subject_of(who),
          note:
            both { |system| "#{who}: #{Figure.kg(kg, :up).bare(system)} of #{Figure.kg(rated, :down).shown(system)}" }
        )
      end

      BOTH = "in both hooks".freeze
      def subject_of(who) = who == BOTH ? "beam in both hooks" : "#{who} beam"

      # [which, name, kg below it, rating, what that is] of each.
      def beams
        @beams ||= [ *shared, *lift.duties.select { |duty| duty.planned.beam? }.map { |duty| own(duty) } ]
      end

      def own(duty)
        words = "the #{duty.who}'s share at its greatest"
        [ duty.who, duty.planned.beam_name, below(duty), duty.planned.beam_rated.positive, words ]
      end

      def shared
        beam = turn.below_beam or return []
        words = "twice what its more loaded sling carries at most"
        [ [ BOTH, beam.told.name, beam.below_kg, beam.told.rated.positive, words ] ]
      end

      # Does the load come as near to the beam above it as it may not?
      def too_near
        room, needed = turn.below_beam.room, rules[:tandem, :beam_room_m]
        line("e", m(room, :down), source: "from the beam in both hooks down to the load, at the least")
        line("n", m(needed, :up), source: rules.cite(:tandem))
        return if room >= needed

        stop(
          both do |system|
            "the load comes within #{m([ room, 0.0 ].max, :down).shown(system)} of the beam, " \
              "wants #{m(needed, :up).shown(system)}: longer slings"
          end,
          subject: subject_of(BOTH)
        )
      end

      def below(duty) = duty.hung_items.reject { |one| one.symbol == "t" }.sum(&:kg)
    end
  end
end
