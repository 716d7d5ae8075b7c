module DustLadder
  module Site
    # Is the way free of what could be struck, and of people? By word of who walked it (handbook, sections 8, 15).
    class ObstaclesCheck < Ladder::ByWordCheck
      ID = "obstacles"
      LABEL = "Obstacles, people"
      FLIGHT = "ground_and_site"
      ASKS = "what and who is in the way"

      # Where the cranes stand on a site it is worked out: ClearanceCheck, TailSwingCheck, PeopleCheck.
      def self.applies?(lift) = lift.duties.none?(&:on_site?)
    end
  end
end
