module DustLadder
  module People
    # Who does what: operator, slinger, one signaller at a time, supervisor (handbook, sections 10, 15).
    class CrewCheck < Ladder::ByWordCheck
      ID = "crew"
      LABEL = "Crew"
      FLIGHT = "gear_and_people"
      ASKS = "who does what"
    end
  end
end
