module DustLadder
  module Ladder
    # Which rungs there are, and in which order: the foot first, up the load path.
    class Climb
      CHECKS = [
        Load::LoadCheck,
        Rigging::LevelCheck,
        Rigging::AngleCheck,
        Slings::SharingCheck,
        Slings::SlingCheck,
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

      def ladder = Answer.new(@lift, CHECKS.select { |check| check.applies?(@lift) }.map { |check| check.new(@lift).rung })
    end
  end
end
