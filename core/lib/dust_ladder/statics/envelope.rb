module DustLadder
  module Statics
    # The worst of what weight range, CG box and the lines' length tolerance allow: every corner of them, solved from
    # the nominal pose on (handbook, section 3.5).
    class Envelope
      # weight: -1 or 1 (low or high end); cg: signs in x, y, z; lengths: signs by line; hang: the Equilibrium there.
      Corner = Struct.new(:weight, :cg, :lengths, :body, :hang) do
        def tensions = hang.tensions
        def tilt_deg = hang.pose.tilt_deg(body)
        def stable = hang.stable?
      end
      SIGNS = [ -1, 1 ].freeze
      MOST_LINES = 8

      attr_reader :rig, :body

      # rig: nominal. body: index of the body whose weight (masses: [low, high], kg) and CG (half_widths: [x, y, z], m)
      # are open. tolerance: share of every line's length, each way. Raises ArgumentError for more lines than that every
      # corner can be looked at, Equilibrium::NotFound when a corner's pose is not found.
      def initialize(rig, body:, masses:, half_widths:, tolerance:)
        raise ArgumentError, "corners of #{rig.lines.size} lines are too many; #{MOST_LINES} at most" if rig.lines.size > MOST_LINES

        @rig = rig
        @body = body
        @masses = masses
        @half_widths = half_widths
        @tolerance = tolerance
      end

      def nominal = @nominal ||= Equilibrium.of(rig)
      def corners = @corners ||= lengths.flat_map { |signs| of_lengths(signs) }

      # By line: the greatest and the least tension, kg, with their Corner.
      def worst = @worst ||= rig.lines.each_index.map { |line| corners.max_by { |corner| corner.tensions[line] } }
      def least = rig.lines.each_index.map { |line| corners.min_by { |corner| corner.tensions[line] } }
      def worst_tensions = worst.each_with_index.map { |corner, line| corner.tensions[line] }
      def least_tensions = least.each_with_index.map { |corner, line| corner.tensions[line] }
      def steepest = corners.max_by(&:tilt_deg)
      def stable? = corners.all?(&:stable)

      private

      def lengths = SIGNS.product(*Array.new(rig.lines.size - 1) { SIGNS })

      # The corners of weight and CG with the same lengths, each begun where the last one hung.
      def of_lengths(signs)
        long = rig.with(rests: rig.lines.zip(signs).map { |line, sign| line.rest * (1 + sign * @tolerance) })
        start = nominal.pose
        cg_before = rig.bodies[body].cg
        SIGNS.product(SIGNS, SIGNS, SIGNS).map do |weight, *box|
          cg = rig.bodies[body].cg.each_with_index.map { |at, axis| at + box[axis] * @half_widths[axis] }
          changed = long.with(masses: rig.bodies.each_with_index.map { |one, index| index == body ? @masses[weight.positive? ? 1 : 0].to_f : one.mass },
            cgs: rig.bodies.each_with_index.map { |one, index| index == body ? cg : one.cg })
          found = Equilibrium.of(changed, start: shifted(start, cg, cg_before))
          start, cg_before = found.pose, cg
          Corner.new(weight, box, signs, body, found)
        end
      end

      # The same place of the body, told by its new CG.
      def shifted(pose, cg, before)
        centres = pose.centres.dup
        centres[body] = pose.place(body, cg.zip(before).map { |is, was| is - was })
        Pose.new(centres, pose.turns)
      end
    end
  end
end
