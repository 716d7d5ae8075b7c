module DustLadder
  module Ladder
    # Which rungs there are, and in which order: the foot first, up the load path.
    class Climb
      CHECKS = [
        Load::LoadCheck,
        Rigging::LevelCheck,
        Rigging::AngleCheck,
        Rigging::PointsCheck,
        Fittings::FittingsCheck,
        Slings::InnerLoopCheck,
        Slings::SharingCheck,
        Slings::SlingCheck,
        Slings::GripCheck,
        Rigging::BeamCheck,
        Slings::UpperSlingsCheck,
        Cranes::HoistCheck,
        Cranes::HeightCheck,
        Cranes::IdentityCheck,
        Cranes::CapacityCheck
      ].freeze

      # What a lift needs looked at that no rung here does yet. Shown with every verdict.
      NOT_CHECKED = [
        "lifting points", "fittings", "edges", "heat", "ground", "wind", "power lines", "gear dates", "crew"
      ].freeze

      def initialize(lift)
        @lift = lift
      end

      # What no rung looks at in this plan.
      def self.not_checked(lift)
        NOT_CHECKED - (lift.load.rated.any? ? [ "lifting points" ] : []) - (Fittings::FittingsCheck.applies?(lift) ? [ "fittings" ] : []) - (lift.surroundings ? %w[edges heat] : [])
      end

      def ladder = Answer.new(@lift, CHECKS.select { |check| check.applies?(@lift) }.map { |check| check.new(@lift).rung })
    end
  end
end
