module DustLadder
  module Tailing
    # Where both hooks are in plan while a load turns between them, m, x east and y north (handbook, section 6.2). The
    # lines come nearer to one another as it stands up: one hook stays, the other comes, or each a part of the way.
    class Course
      RAD = Math::PI / 180

      # hooks: a Statics::TwoHooks. head: [x, y] of the head hook at the tilt that it begins with, from, degrees.
      # bearing: from the tail toward the head, degrees clockwise from north. tail_comes: the tail hook's part of the
      # way: 1 where the head hook stays, 0 where the tail hook does.
      def initialize(hooks, head:, bearing:, from: 0.0, tail_comes: 1.0)
        @hooks = hooks
        @head = head.map(&:to_f)
        @toward = [ Math.sin(bearing * RAD), Math.cos(bearing * RAD) ]
        @from = from
        @tail_comes = tail_comes
      end

      def head_at(tilt_deg) = from_head(-nearer(tilt_deg) * (1 - @tail_comes))
      def tail_at(tilt_deg) = from_head(nearer(tilt_deg) * @tail_comes - begun)

      # How far both hooks are nearer to one another than they began, m.
      def nearer(tilt_deg) = begun - apart(tilt_deg)

      private

      def begun = @begun ||= apart(@from)
      def apart(tilt_deg) = @hooks.at(1.0, tilt_deg).apart
      def from_head(by) = [ 0, 1 ].map { |axis| @head[axis] + @toward[axis] * by }
    end
  end
end
