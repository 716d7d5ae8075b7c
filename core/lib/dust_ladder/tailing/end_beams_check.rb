module DustLadder
  module Tailing
    # Do the beams above the ends carry what hangs below them? Demand: the end's share at its greatest and its slings;
    # capacity: the beam's rating as marked.
    class EndBeamsCheck < TwoCranesCheck
      ID = "end_beams"
      LABEL = "End beams"
      FLIGHT = "rigging"

      def self.applies?(lift) = lift.tandem? && lift.tandem.ends.any?(&:beam?)

      private

      def examine
        found = lift.duties.select { |duty|
          duty.planned.beam?
        }.map { |duty| [ duty, below(duty), duty.planned.beam_rated.positive ] }
        found.each { |duty, kg, rated| loaded_part("#{duty.who} beam", kg, rated, rules[:attention, :slings]) }
        duty, kg, rated = found.max_by { |_, one, limit| one / limit }
        caution("end_beam", "A beam hangs level only while its slings are alike and the load lies in their middle.")
        line(
          "Q",
          Figure.kg(kg, :up),
          source: "the #{duty.who}'s share at its greatest, with slings and fittings",
          about: "hook"
        )
        line("R", Figure.kg(rated, :down), source: "rating of #{duty.planned.beam_name}, as marked")
        judge(
          Figure.kg(kg, :up),
          Figure.kg(rated, :down),
          attention: rules[:attention, :slings],
          subject: "#{duty.who} beam",
          note:
            both do |system|
              "#{duty.who}: #{Figure.kg(kg, :up).bare(system)} of #{Figure.kg(rated, :down).shown(system)}"
            end
        )
      end

      def below(duty) = duty.hung_items.reject { |one| one.symbol == "t" }.sum(&:kg)
    end
  end
end
