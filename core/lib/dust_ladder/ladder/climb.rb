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
        Cranes::LevelCheck,
        Cranes::WindCheck,
        Cranes::ZonesCheck,
        Gear::GearCheck
      ].freeze

      # The flights that the rungs stand in, foot first.
      FLIGHTS = {
        "load" => "Load",
        "rigging" => "Rigging",
        "crane" => "Crane",
        "ground_and_site" => "Ground and site",
        "gear_and_people" => "Gear and people"
      }.freeze

      # What a lift needs looked at that no rung here does yet. Shown with every verdict.
      NOT_CHECKED = [
        "lifting points",
        "fittings",
        "edges",
        "heat",
        "crane level",
        "side pull",
        "ground",
        "wind",
        "power lines",
        "crew"
      ].freeze
      def initialize(lift)
        @lift = lift
      end

      # What no rung looks at in this plan.
      def self.not_checked(lift)
        NOT_CHECKED - CHECKS.select { |check| check.applies?(lift) }.flat_map { |check| check.covers(lift) }
      end

      def ladder =
        Answer.new(@lift, CHECKS.select { |check| check.applies?(@lift) }.map { |check| check.new(@lift).rung })
    end
  end
end
