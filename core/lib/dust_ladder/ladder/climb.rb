module DustLadder
  class Ladder
    # Which rungs there are, and in which order: the foot first, up the load path.
    class Climb
      CHECKS = [
        Load::LoadCheck,
        Tailing::TurnCheck,
        Rigging::LevelCheck,
        Rigging::AngleCheck,
        Rigging::PointsCheck,
        Rigging::ThrustCheck,
        Fittings::FittingsCheck,
        Slings::SurroundingsCheck,
        Slings::LoopCheck,
        Slings::SharingCheck,
        Slings::SlingsCheck,
        Slings::GripCheck,
        Rigging::BeamCheck,
        Slings::UpperCheck,
        Tailing::TrunnionCheck,
        Tailing::EndBeamsCheck,
        Rigging::BlocksCheck,
        Cranes::HookCheck,
        Cranes::HoistCheck,
        Cranes::WrapsCheck,
        Cranes::HeightCheck,
        Cranes::BoomCheck,
        Tailing::BoomRoomCheck,
        Tailing::BoomsCheck,
        Tailing::BeamGapCheck,
        Cranes::SidePullCheck,
        Cranes::ChartCheck,
        Cranes::PlatformCheck,
        Cranes::CraneCheck,
        Cranes::JibCheck,
        Tailing::RadiiCheck,
        Tailing::TailCraneCheck,
        Tailing::HeadCraneCheck,
        Cranes::StandCheck,
        Site::GroundCheck,
        Ground::PadsCheck,
        Ground::TracksCheck,
        Ground::CutCheck,
        Site::PowerLinesCheck,
        Site::ObstaclesCheck,
        Site::ClearanceCheck,
        Site::TailSwingCheck,
        Site::PeopleCheck,
        Site::LandingCheck,
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

      # The checks of a crane that have something to look at and are not left out by the plan's scope.
      def of_crane(duty) = stand.filter_map { |check, of| check if of.any? { |one| one.equal?(duty) } }

      # Ids of the rungs that there are, foot first; and one of them, each worked out once.
      def ids = stand.map { |check, _| check::ID }
      def rung(id) = stand.find { |check, _| check::ID == id }&.then { |ask| once(*ask) }

      def ladder
        left_out = asked.select { |check, _| left_out?(check) }
        rungs = stand.map { |ask| once(*ask) }
        Ladder.new(@lift, rungs, left_out: left_out.map { |check, _| check::LABEL }, cut_short: @cut_short)
      end

      private

      # Every check with the duties that it is asked of; a nil where it is asked of the lift.
      def asked
        @asked ||=
          CHECKS.filter_map do |check|
            of = check::PER == "crane" ? @lift.duties : [ nil ]
            of = of.select { |duty| check.applies?(duty || @lift) }
            [ check, of ] unless of.empty?
          end
      end

      def stand = @stand ||= asked.reject { |check, _| left_out?(check) }
      def once(check, duties) = (@once ||= {})[check] ||= rung_of(check, duties)
      def left_out?(check) = @lift.scope.leaves_out?(check::ID)

      def rung_of(check, duties)
        BothCranes.of(duties.map { |duty| one_rung(check, duty) }, duties.map { |duty| duty&.who })
      end

      # What ends after its time is not known, whatever it found: it may have gone by something that was cut short.
      def one_rung(check, duty)
        found = check.new(@lift, duty)
        return found.newer unless @lift.rules.climbs?(check::ID)

        rung = Budget.spent? ? nil : found.rung
        return rung unless Budget.spent?

        @cut_short = true
        check.new(@lift, duty).too_long
      end
    end
  end
end
