module DustLadder
  module Rigging
    # A load under one hook in one pose, told in its own axes, m: where the hook is, which way the world's up points,
    # and what each of its lines carries, kg. line_of: the line of each leg; below: in a plane, the signed runs of its
    # legs.
    class Hung
      attr_reader :hook, :up, :cg, :corner, :holds, :margin

      def initialize(points, line_of, hook:, up:, cg:, tensions:, corner:, holds: true, margin: nil, legs: nil)
        @points = points
        @line_of = line_of
        @hook = hook
        @up = up
        @cg = cg
        @tensions = tensions
        @corner = corner
        @holds = holds
        @margin = margin
        @legs = legs
      end

      # By line, kg. Worked out when asked for: how it hangs may be known where its weight is not.
      def tensions = @tensions.is_a?(Proc) ? @tensions = @tensions.call : @tensions
      def legs = @legs ||= @points.each_index.map { |index| leg(index) }
      def strands = legs
      def uppers = []
      def tops = Array.new(@points.size) { hook }
      # The hook from the CG, in the load's axes, m: the way of plumb.
      def plumb = hook_from_cg
      def hook_from_cg = hook.zip(cg).map { |place, centre| place - centre }
      def tilt_deg = Math.acos(up[2].clamp(-1.0, 1.0)) * 180 / Math::PI
      def between? = @legs ? @legs.all? { |leg| leg.run >= -1e-9 && leg.height.positive? } : tensions.all?(&:positive?)
      def tension(index) = tensions[@line_of[index]]

      # Sine of a leg's angle from the horizontal.
      def rise(index)
        px, py, pz = @points[index]
        x, y, z = hook[0] - px, hook[1] - py, hook[2] - pz
        (x * up[0] + y * up[1] + z * up[2]) / Math.sqrt(x * x + y * y + z * z)
      end

      def pull(index)
        leg = legs[index]
        tension(index).then { |tension| Pull.new(tension * leg.height / leg.length, tension, leg, corner) }
      end

      # Hook bearing above the lowest of the base's corners, along plumb, m. size: of the load.
      def above_base(size)
        lowest = [ 0.0, size[0] * up[0] ].min + [ 0.0, size[1] * up[1] ].min
        hook[0] * up[0] + hook[1] * up[1] + hook[2] * up[2] - lowest
      end

      private

      def leg(index)
        px, py, pz = @points[index]
        x, y, z = hook[0] - px, hook[1] - py, hook[2] - pz
        height = x * up[0] + y * up[1] + z * up[2]
        length = Math.sqrt(x * x + y * y + z * z)
        # Square to plumb part by part: the difference of two squares would lose the least leans.
        run = Math.sqrt((x - height * up[0])**2 + (y - height * up[1])**2 + (z - height * up[2])**2)
        Leg.new(run, height, length)
      end
    end
  end
end
