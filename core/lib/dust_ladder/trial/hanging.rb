module DustLadder
  module Trial
    # How a load would hang with another weight, centre of gravity, lengths and stretch than planned: what is compared
    # with what was read at a trial lift. Lengths in m, in the load's axes; tensions in kg; angles in degrees, as of
    # Statics::Pose.
    class Hanging
      # pulls: kg by line; of a slack line below zero, as much as it lacks in length, so that a slope is left. tensions:
      # what a cell would show. hook: its place in the load's axes, nil where more than the load hangs.
      Hung =
        Struct.new(:pulls, :pitch, :roll, :hook, :holds, keyword_init: true) do
          def tensions = pulls.map { |pull| [ pull, 0.0 ].max }
          def tilt = Math.acos((Math.cos(pitch * DEG) * Math.cos(roll * DEG)).clamp(-1.0, 1.0)) / DEG
        end
      DEG = Math::PI / 180

      attr_reader :rig, :body

      # rig: a Statics::Rig with the load as planned. body: the load's place among its bodies.
      def initialize(rig, body: 0)
        @rig = rig
        @body = body
        @straight = straight_ends
        @hang = @straight && Statics::HookHang.new(@straight, rig.lines.map(&:stiffness))
      end

      def rests = rig.lines.map(&:rest)
      def planned = rig.bodies[body]

      # weight: of the load, kg. cg: [x, y, z]. rests: by line. stiff: by how much all lines are stiffer than planned.
      # Raises NotKnown where nothing is found to hang so.
      def hung(weight:, cg:, rests: self.rests, stiff: 1.0)
        @hang ? by_hook(weight / stiff, cg, rests, stiff) : by_rig(weight, cg, rests, stiff)
      end

      private

      # The points of each line where all of them hang the one body from the hook; nil where more hangs.
      def straight_ends
        return unless rig.bodies.one?

        rig.lines.map do |line|
          own, hook = line.nodes.partition(&:first)
          return nil unless hook.size == 1 && [ 1, 2 ].include?(own.size)

          own.map { |_, place| place.zip(planned.cg).map(&:sum) }
        end
      end

      # Lines twice as stiff under twice the weight hang the same.
      def by_hook(weight, cg, rests, stiff)
        found = @hang.find(weight, cg, rests, @last)
        @last = found.hook if found.holds
        pulls =
          @straight.each_with_index.map do |ends, line|
            long = ends.sum { |place| Statics::Vector.length(Statics::Vector.less(found.hook, place)) }
            stiff * rig.lines[line].stiffness * (long - rests[line]) / rests[line]
          end
        x, y, z = found.up
        Hung.new(
          pulls: pulls,
          pitch: -Math.asin(x.clamp(-1.0, 1.0)) / DEG,
          roll: Math.atan2(y, z) / DEG,
          hook: found.hook,
          holds: found.holds
        )
      end

      def by_rig(weight, cg, rests, stiff)
        masses = rig.bodies.each_with_index.map { |one, index| index == body ? weight : one.mass }
        cgs = rig.bodies.each_with_index.map { |one, index| index == body ? cg : one.cg }
        found = Statics::Equilibrium.of(
          rig.with(rests: rests, masses: masses, cgs: cgs, stiffness: stiff),
          start: @pose
        )
        @pose = found.pose if found.stable?
        Hung.new(
          pulls: rig.lines.each_with_index.map { |line, index| pull(line, index, found, cgs, rests, stiff) },
          pitch: found.pose.pitch_deg(body),
          roll: found.pose.roll_deg(body),
          holds: found.stable?
        )
      end

      def pull(line, index, found, cgs, rests, stiff)
        return found.tensions[index] if found.tensions[index].positive?

        places =
          line.nodes.map do |own, at|
            next at unless own

            moved = at.zip(rig.bodies[own].cg, cgs[own]).map { |place, was, is| place + was - is }
            found.pose.place(own, moved)
          end
        long = places.each_cons(2).sum { |from, to| Statics::Vector.length(Statics::Vector.less(to, from)) }
        stiff * line.stiffness * (long - rests[index]) / rests[index]
      end
    end
  end
end
