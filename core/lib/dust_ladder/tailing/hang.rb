module DustLadder
  module Tailing
    # How a load hangs from two hooks, each line plumb or nearly: its slings' lengths, and the most that each of them
    # carries over the whole turn. Beside Rigging::Bridle and its siblings; what only one hook has is not known here.
    class Hang < Rigging::Arrangement
      # What hangs at one tilt: which way the world's up points in the load's axes, in words.
      Pose = Struct.new(:tilt, :up, :corner)
      ONE_HOOK = "a load on two cranes has no pose under one hook".freeze

      def initialize(lift)
        @lift = lift
        super(lift.rigging, lift.load, lift.rules, ->(index) { lift.sling_of(lift.legs[index]) })
      end

      # Raises NotKnown.
      def measure
        wrong = @rigging.legs.find(&:choker?)
        wrong&.missing("a choke is not worked out between two cranes: straight, or half round a trunnion", "hitch")
        raise NotKnown.new("two cranes want two points", pointer: @load.pointer("points")) if @load.points.size != 2

        twice
        @points = @load.points.map(&:at)
        @cg = @load.cg
        turn.points
        self
      end

      def one_hook? = false
      def reeved? = false
      def lengths = @lengths ||= turn.hangs.map(&:length)
      def hook_set = nil
      def slack? = false
      def idle = []
      def slack_now?(_index) = false
      def hook_spread_deg = 0.0
      def flattest_deg = turn.leans.map { |lean| 90 - lean }

      # At every degree of the turn.
      def poses
        @poses ||= turn.hang_tilts.map { |tilt| Pose.new(tilt, up(tilt), turn.words(tilt)) }
      end

      def as_made = poses.first
      def direction(pose, _index) = pose.up

      # Of one of the slings side by side, plumb and as far as both are told: the first tilt, and the worst.
      def nominal
        @nominal ||= points.each_index.map { |index| pull(index, nominal_kg(index), 0.0, poses.first.corner) }
      end
      def worst = @worst ||= points.each_index.map { |index| worst_pull(index) }
      # A lug has all that hangs there; of two trunnions each has its sling's.
      def at_point(index)
        pull = worst[index]
        turn.ends[index].trunnion? ? pull.tension : pull.tension / turn.hangs[index].greatest_part
      end

      def pulls_of(index) = [ nominal[index], worst[index] ]
      def thrust(index) = level_part(nominal[index])
      def worst_thrust(index) = level_part(worst[index])

      %i[all pose rig steepest least_margin equalised hook_above_base hook_range].each do |asked|
        define_method(asked) { |*| raise NotKnown.new(ONE_HOOK, pointer: @lift.tandem.pointer("does")) }
      end

      private

      # One sling hangs in one place.
      def twice
        named = @lift.strands.select(&:sling)
        again = named.find { |one| named.count { |other| other.sling == one.sling } > 1 } or return
        raise NotKnown.new(
          "sling #{again.sling} is planned in two places",
          pointer: named.reverse.find { |one|
            one.sling == again.sling
          }.pointer("sling")
        )
      end

      def turn = @lift.turn
      def side(index) = Turn::SIDES[index]

      def up(tilt)
        turned = tilt * Math::PI / 180
        [ turn.way * Math.sin(turned), 0.0, Math.cos(turned) ]
      end

      def nominal_kg(index)
        at = turn.own_hooks.at(@load.planned_kg, poses.first.tilt)
        [ at.head, at.tail ][index] || raise(NotKnown.new("what either line carries: see Turn"))
      end

      def worst_pull(index)
        kg = turn.own_most_kg(side(index))
        step = turn.own_shares[index].then { |most| most.kg >= kg ? most.tilt_deg : turn.until_tilt }
        pull(
          index,
          kg,
          turn.leans[index],
          "#{turn.share_words(step)}, lines #{Figure.deg(turn.leans[index], :up)} off plumb"
        )
      end

      # kg: what the whole end carries, upright.
      def pull(index, kg, lean, words)
        part = kg * turn.hangs[index].greatest_part
        turned = lean * Math::PI / 180
        length = lengths[index]
        leg = Rigging::Leg.new(length * Math.sin(turned), length * Math.cos(turned), length)
        Rigging::Pull.new(part, part / Math.cos(turned), leg, words)
      end
    end
  end
end
