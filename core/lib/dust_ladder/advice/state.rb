module DustLadder
  module Advice
    # A plan with some changes made, its rungs worked out one at a time and only when somebody asks.
    class State
      attr_reader :lift

      def initialize(lift)
        @lift = lift
        @climb = Ladder::Climb.new(lift)
      end

      def ids = @climb.ids
      def rung(id) = @climb.rung(id)
      def ladder = @ladder ||= @climb.ladder

      # What a rung says in figures, to tell whether a change moves it at all.
      def mark(id)
        rung = rung(id) or return
        parts = rung.parts.map { |part| [ part.name, part.verdict, part.utilisation ] }
        [ rung.verdict, rung.utilisation, rung.demand&.value, rung.capacity&.value, parts ]
      end
    end
  end
end
