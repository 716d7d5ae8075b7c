module DustLadder
  module Rigging
    # One pose of load and beam, told in the load's own axes; uppers: the slings above the beam.
    class PoseUnderBeam < Hung
      attr_reader :uppers, :tops, :hang

      # How the load sees an Equilibrium of it and the beam. uppers: are there slings above the beam, or a bail?
      def self.seen(hang, points, line_of, corner, uppers:)
        below, above = strands_of(hang).partition.with_index { |_, line| line < points.size }
        new(
          points,
          line_of,
          hang: hang,
          hook: in_load(hang, hang.rig.hook),
          corner: corner,
          tops: below.map { |top, _| in_load(hang, top) },
          legs: below.map { |top, foot| leg_between(top, foot) },
          uppers: uppers ? above.map { |top, foot| leg_between(top, foot) } : []
        )
      end

      # A place of the world in the load's own axes.
      def self.in_load(hang, place)
        turn, centre, own = hang.pose.turns[0], hang.pose.centres[0], hang.rig.bodies[0].cg
        x, y, z = place[0] - centre[0], place[1] - centre[1], place[2] - centre[2]
        [
          turn[0] * x + turn[3] * y + turn[6] * z + own[0],
          turn[1] * x + turn[4] * y + turn[7] * z + own[1],
          turn[2] * x + turn[5] * y + turn[8] * z + own[2]
        ]
      end

      # Where the ends of each line are in the world.
      def self.strands_of(hang)
        hang.rig.lines.map { |line| line.nodes.map { |body, own| body ? hang.pose.place(body, own) : own } }
      end

      def self.leg_between(from, to)
        x, y, z = to[0] - from[0], to[1] - from[1], to[2] - from[2]
        Leg.new(Math.hypot(x, y), -z, Math.sqrt(x * x + y * y + z * z))
      end
      private_class_method :strands_of, :leg_between

      # hang: the Equilibrium. legs, uppers: as Leg. tops: where each leg hangs from, m.
      def initialize(points, line_of, hang:, hook:, tops:, legs:, uppers:, corner:)
        pose = hang.pose
        super(
          points, line_of, hook: hook, up: pose.up(0), cg: hang.rig.bodies[0].cg, tensions: hang.tensions,
                           corner: corner, holds: hang.stable?, legs: legs
        )
        @hang = hang
        @tops = tops
        @uppers = uppers
      end

      def strands = legs + uppers
      # Only all that hangs is plumb under the hook: the load leans as its own axes say.
      def plumb = up
      def between? = true
      def rise(index) = strands[index].then { |leg| leg.height / leg.length }

      def upper_pull(index)
        leg, tension = uppers[index], tensions[legs.size + index]
        Pull.new(tension * leg.height / leg.length, tension, leg, corner)
      end
    end
  end
end
