module DustLadder
  module Tailing
    # A load in the upright plane through both hooks: places [along, up] from the CG as it lies level, along toward the
    # head, m. Whoever includes it has a #lift.
    module InPlane
      # How far the points may lie off that plane, beside the CG's own box, m.
      OFF_PLANE_M = 0.05

      # Head and tail from the CG in the plane that it turns in, as a Statics::TwoHooks.
      def hooks = @hooks ||= below_beam ? below_beam.hooks : own_hooks
      # The same of the load by itself, whatever it hangs from.
      def own_hooks = @own_hooks ||= Statics::TwoHooks.new(*points)
      # Where both hooks are along, and the points' heights or what a beam makes of them: as #points.
      def hook_points = below_beam ? below_beam.hook_points : points
      def below_beam = @below_beam ||= (BelowBeam.new(self) if lift.tandem.beam)

      # [along, up] of head and tail from the CG; along is toward the head.
      def points
        @points ||=
          begin
            found = lift.load.points.map(&:at)
            in_plane(found)
            found.map { |at| [ way * (at[0] - lift.load.cg[0]), at[2] - lift.load.cg[2] ] }
          end
      end

      # Corners of the load in the plane, in order, from the CG.
      def outline
        @outline ||=
          begin
            length, _, height = lift.load.size
            [ [ 0, 0 ], [ length, 0 ], [ length, height ], [ 0, height ] ].map do |x, z|
              [ way * (x - lift.load.cg[0]), z - lift.load.cg[2] ]
            end
          end
      end

      # The lowest corner from the CG at a tilt, upright.
      def lowest(tilt) = outline.map { |place| upright(place, tilt) }.min
      # Toward the head along the load's own length: 1 or -1.
      def way
        head, tail = lift.load.points.map { |point| point.x.value }
        if head == tail
          raise NotKnown.new("head and tail are at the same place along the load", pointer: point_place(1, "x"))
        end

        head > tail ? 1 : -1
      end

      # A place [along, up] from the CG, upright, at a tilt.
      def upright(place, tilt)
        turned = tilt * Math::PI / 180
        place[0] * Math.sin(turned) + place[1] * Math.cos(turned)
      end

      # The same along the level, toward the head.
      def level(place, tilt)
        turned = tilt * Math::PI / 180
        place[0] * Math.cos(turned) - place[1] * Math.sin(turned)
      end

      private

      def point_place(index, axis) = lift.load.pointer("points", index, axis)

      def in_plane(found)
        most = lift.load.cg_half_width[1] + OFF_PLANE_M
        off = found.map { |at| (at[1] - lift.load.cg[1]).abs }
        index = off.each_index.max_by { |one| off[one] }
        return if off[index] <= most

        name, far = Plan::TandemEnd::NAMES[index], Figure.m(off[index], :up)
        raise NotKnown.new(
          "the #{name} point lies #{far} beside the centre of gravity: how it would roll is not worked out here",
          pointer: point_place(index, "y")
        )
      end
    end
  end
end
