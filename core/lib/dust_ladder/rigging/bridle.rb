module DustLadder
  module Rigging
    # One or two legs and no more: they hang in one plane with the CG, and their pose as made has a closed form. They
    # need not be known to stretch for their shares to be known.
    class Bridle < Arrangement
      include FromOneHook

      def by_hand? = true
      def slack? = !all.all?(&:between?)
      def idle = []
      def slack_now?(_index) = false

      def nominal
        taut([ as_made ])
        super
      end

      def worst
        taut(all)
        super
      end

      # Least depth of the CG below the points, m. Off to the side a load on two points rolls until the CG hangs deeper,
      # so the least lies straight under the points' line, which need not be a corner of the box.
      def least_margin = [ *all.filter_map(&:margin), least_depth_straight_under ].min

      private

      # Two legs press by where the CG stands along the line through their points: that is gone through in small steps,
      # at either end of its height, with every pair of lengths.
      def inside_boxes
        run = points.last.zip(points.first).map { |one, other| one - other }
        across = run[0] * run[1] < 0 ? -1 : 1
        STEPS.product(SIGNS).map { |step, high| [ step, step * across, high ] }
      end

      def inside_lengths = SIGNS.product(*Array.new(rests.size - 1) { SIGNS })
      STEPS = (-20..20).map { |step| step / 20.0 }.freeze

      def taut(poses)
        raise NotKnown, "a leg may hang slack: see Level" unless poses.all?(&:between?)
      end

      def stretch_known?
        return @stretch_known if defined?(@stretch_known)

        stiffnesses
        @load.planned_kg
        @load.least_kg
        @stretch_known = true
      rescue NotKnown => error
        @stretch_fault = error
        @stretch_known = false
      end

      # At one corner of box and lengths: as made under the greater weight, and stretched under either.
      def corner_poses(signs, box, cg, cut)
        high = Corner.new(1, box, signs, false, line_names)
        made = made(as(high, made: true), cg, cut)
        return [ made ] unless stretch_known?
        # What turns over, or hangs from one leg, is told by that alone.
        return [ made ] if made.margin.negative? || !made.between?

        heavy = stretched(high, @load.planned_kg, cg, cut, foretold(made.tensions, cg, cut))
        lighter = @load.least_kg / @load.planned_kg
        start = foretold(heavy.tensions.map { |tension| tension * lighter }, cg, cut)
        [ made, heavy, stretched(as(high, weight: -1), @load.least_kg, cg, cut, start) ]
      end

      # Where the hook would be on stiff legs that are as long as these tensions stretch them: near to where it hangs.
      def foretold(tensions, cg, cut)
        long = cut.each_with_index.map { |rest, leg| rest * (1 + tensions[leg] / stiffnesses[leg]) }
        Statics::PlaneHang.rig(points, long).hook(cg)
      end

      def made(corner, cg, cut)
        pose = closed_form(cg, cut)
        legs = pose.legs
        Hung.new(
          points,
          line_of,
          hook: pose.hook,
          up: pose.up,
          cg: cg,
          corner: corner,
          margin: pose.margin,
          legs: legs,
          tensions: -> { tensions_of(legs) }
        )
      end

      def closed_form(cg, cut)
        Statics::PlaneHang.rig(points, cut).pose(cg)
      rescue NotKnown => error
        raise impossible(error.what)
      end

      def tensions_of(legs)
        return [ @load.planned_kg ] if legs.size == 1

        one, other = legs
        shares = Statics::Level.two_point_shares(@load.planned_kg, one.run, other.run, one.height, other.height)
        shares.zip(legs).map { |share, leg| Statics::Level.leg_tension(share, leg.length, leg.height) }
      end

      # From the points' line down to the top of the CG's box, square to the line, at the end of the box where
      # the line is lower.
      def least_depth_straight_under
        widths = @load.cg_half_width
        top = cg[2] + widths[2]
        a, b = points.first, points.last
        run = [ b[0] - a[0], b[1] - a[1] ]
        spread = Math.hypot(*run)
        return a[2] - top if spread < 1e-9

        along = ((cg[0] - a[0]) * run[0] + (cg[1] - a[1]) * run[1]) / spread
        reach = (run[0].abs * widths[0] + run[1].abs * widths[1]) / spread
        rise = (b[2] - a[2]) / spread
        lowest = [ a[2] + rise * (along - reach), a[2] + rise * (along + reach) ].min
        (lowest - top) / Math.sqrt(1 + rise * rise)
      end
    end
  end
end
