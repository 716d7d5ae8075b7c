module DustLadder
  module Finding
    # Where else on its whole site the crane could stand, as the search for the best place has it for the lift as
    # planned with the boom that it has: farther off than the places about it. Looked for once, when asked.
    class FarPlaces
      # Of those, the ones with most margin.
      MOST = 4
      # What lies nearer is among the places about it, m.
      NEAR_M = Advice::SiteChoices::MOVES_M.max * Math.sqrt(2)

      # base: an Advice::Base.
      def initialize(base)
        @base = base
      end

      def looked? = !@changes.nil?

      # Advice::Changes, the best place first; none where the lift is on no site, or something is missing that every
      # place needs. Raises Budget::Spent.
      def changes = @changes ||= look.tap { Budget.ask! }

      private

      def look
        duty = @base.lift.duty
        return [] unless duty.on_site?

        search = Site::PlaceSearch.new(duty, booms: 1)
        search.each_row { Budget.ask! }
        search.best.select { |place| far?(place) }.first(MOST).map { |place| change(search, place) }
      rescue NotKnown => error
        raise if error.is_a?(Budget::Spent)

        []
      end

      def far?(place) = Site::Plane.apart_from(@base.lift.duty.setup.standing.axis, place.at) > NEAR_M

      def change(search, place)
        figures = [ *place.at, place.bearing ].map { |one| format("%.2f", one) }
        Advice::Change.new(
          id: [ "place", *figures ].join("-"),
          knob: "stand",
          words: search.words(place),
          values: search.changes(place)
        )
      end
    end
  end
end
