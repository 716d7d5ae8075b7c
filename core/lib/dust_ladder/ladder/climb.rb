module DustLadder
  module Ladder
    # Which rungs there are, and in which order: the foot first, up the load path.
    class Climb
      CHECKS = [
        Load::LoadCheck,
        Rigging::LevelCheck,
        Rigging::AngleCheck,
        Rigging::PointsCheck,
        Rigging::ThrustCheck,
        Fittings::FittingsCheck,
        Slings::SurroundingsCheck,
        Slings::InnerLoopCheck,
        Slings::SharingCheck,
        Slings::SlingCheck,
        Slings::GripCheck,
        Rigging::BeamCheck,
        Slings::UpperSlingsCheck,
        Rigging::BlocksCheck,
        Cranes::HookCheck,
        Cranes::HoistCheck,
        Cranes::DrumCheck,
        Cranes::HeightCheck,
        Cranes::ClearanceCheck,
        Cranes::SidePullCheck,
        Cranes::IdentityCheck,
        Cranes::PlatformCheck,
        Cranes::CapacityCheck,
        Cranes::JibCheck,
        Cranes::StandCheck,
        Site::GroundCheck,
        Site::PowerLinesCheck,
        Site::ObstaclesCheck,
        Cranes::WindCheck,
        Cranes::ZonesCheck,
        Gear::GearCheck,
        People::CrewCheck
      ].freeze

      # The flights that the rungs stand in, foot first.
      FLIGHTS = {
        "load" => "Load",
        "rigging" => "Rigging",
        "crane" => "Crane",
        "ground_and_site" => "Ground and site",
        "gear_and_people" => "Gear and people"
      }.freeze

      def initialize(lift)
        @lift = lift
      end

      # The checks that have something to look at and are not left out by the plan's scope.
      def stand = parted.last

      def ladder =
        Answer.new(@lift, stand.map { |check| rung_of(check) }, left_out: parted.first.map { |check| check::LABEL })

      private

      def parted
        @parted ||=
          CHECKS
            .select { |check| check.applies?(@lift) }
            .partition { |check| @lift.scope.leaves_out?(check::ID) }
      end

      def rung_of(check)
        @lift.rules.climbs?(check::ID) ? check.new(@lift).rung : check.new(@lift).newer
      end
    end
  end
end
