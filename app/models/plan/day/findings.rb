class Plan
  class Day
    # What was found of gear on the day goes into the store: a piece that is out until it is looked at is quarantined,
    # and with it whatever lift is planned with it (handbook, section 18).
    class Findings
      def initialize(plan, person)
        @plan = plan
        @person = person
      end

      # events: those that were just kept.
      def follow(events)
        events.each { |event| quarantine(event) if event.kind == "finding" && event.told("out") == "yes" }
      end

      private

      # What the store does not know, or has out already, is left; the finding stands in the day's record.
      def quarantine(event)
        piece = Piece.find_by(number: event.told("piece").strip) or return
        why = "found on the day of #{@plan.title}: #{event.told("word")}"
        PieceAct.take(
          piece,
          "quarantine",
          { "why" => why },
          person: @person,
          lock_version: piece.lock_version,
          plan: @plan
        )
      rescue PieceAct::Refused, ActiveRecord::StaleObjectError => error
        Rails.logger.info("piece #{piece.number} was not quarantined: #{error.message}")
      end
    end
  end
end
