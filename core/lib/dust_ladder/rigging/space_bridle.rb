module DustLadder
  module Rigging
    # Three or four legs from one hook, or a reeved pair: they share by their stretch, so that must be known.
    class SpaceBridle < Arrangement
      include FromOneHook

      # How near the lengths are taken back to what was made, as a share of the weight.
      NEAR_MADE = 1e-9

      private

      def stretch_known?
        stiffnesses
        @load.planned_kg
        @load.least_kg
        true
      end

      # At one corner of box and lengths: stretched under either weight, and as made under the greater.
      def corner_poses(signs, box, cg, cut)
        high = Corner.new(1, box, signs, false, line_names)
        heavy = stretched(high, @load.planned_kg, cg, cut)
        [
          heavy,
          stretched(as(high, weight: -1), @load.least_kg, cg, cut),
          taken_back(as(high, made: true), cg, cut, heavy)
        ]
      end

      # As their lengths are after the load has stretched them.
      def made(corner, cg, cut)
        taken_back(corner, cg, cut, corner.nominal? ? pose : stretched(corner, @load.planned_kg, cg, cut))
      end

      # The pose whose lines are, stretched, as long as they were made. Four lines share by their stretch, which must
      # stay as it is: they are taken back alike, by as much as the one that stretches most, so that none is longer
      # than made.
      def taken_back(corner, cg, cut, hung)
        tensions, hook = hung.tensions, hung.hook
        found = nil
        (alike? ? 1 : MOST_TAKEN_BACK).times do
          found = hang(@load.planned_kg, cg, shorter(cut, tensions), hook)
          off = tensions.each_index.map { |line| (tensions[line] - found.tensions[line]).abs }.max
          tensions, hook = found.tensions, found.hook
          break if off < NEAR_MADE * @load.planned_kg
        end
        hung_as(found, corner, cg)
      end

      def alike? = rests.size > 3

      def shorter(cut, tensions)
        strains = cut.each_index.map { |line| tensions[line] / stiffnesses[line] }
        strains = Array.new(cut.size, strains.max) if alike?
        cut.each_index.map { |line| cut[line] / (1 + strains[line]) }
      end

      # Begins from where the hook was found last.
      def stretched(corner, weight, cg, cut, start = @last) =
        super.tap { |hung| @last = hung.hook }

      # Raises Impossible where it would turn over, or hang so far off level that nothing more can be said of it.
      def hang(weight, cg, cut, start)
        found = super
        raise impossible("it would turn over at worst: the CG is too high for these points") unless found.holds
        return found if found.tilt_deg <= Statics::HookHang::NEAR_DEG

        raise impossible(
          "it would hang more than #{Statics::HookHang::NEAR_DEG.round}° off level at worst: the CG " \
            "can come outside the points"
        )
      end
    end
  end
end
