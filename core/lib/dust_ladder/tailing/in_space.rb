module DustLadder
  module Tailing
    # Both booms, their lines and the load between them in space, at one step of what they do. Places [east, north, up]
    # above the site's peg, m.
    class InSpace
      def initialize(lift, step)
        @lift = lift
        @turn = lift.turn
        @step = step
      end

      # Corners of a boom from its foot to the tip. Raises Cranes::OutOfReach.
      def boom(index)
        (@booms ||= {})[index] ||=
          begin
            duty = @lift.duties[index]
            duty.crane.stays!
            crane, bare = duty.crane, seen(index)
            radius = bare[0] + crane.growth(bare[0])
            length = duty.side.boom
            crane.family.tip_height(radius, length)
            place = crane.stand.standing.along(bare[1])
            crane.family.boom(length).line(radius).map { |out, height| place.(out, height) }
          end
      end

      # From the tip down to the hook's bearing.
      def line(index)
        tip = boom(index).last
        hook = @turn.tandem.under.value + @turn.hook_above(Turn::SIDES[index], tilt)
        [ tip, [ tip[0], tip[1], hook ] ]
      end

      def spans(index) = boom(index).each_cons(2).to_a

      # Edges of the load, [from, to] each.
      def load_edges
        near, far = load_faces
        around = ->(face) { face.each_index.map { |at| [ face[at], face[(at + 1) % 4] ] } }
        [ *around.(near), *around.(far), *near.zip(far), *beam_edges ]
      end

      # Least from a crane's boom to the load, along its middle line.
      def boom_to_load(index) = spans(index).map { |a, b| Site::Space.spans_apart(a, b, load_edges) }.min
      # Least between the middle lines of both booms; and from one crane's boom to what hangs from the other's tip.
      def boom_to_boom = spans(0).map { |a, b| Site::Space.spans_apart(a, b, spans(1)) }.min
      def boom_to_line(index) = Site::Space.spans_apart(*line(1 - index), spans(index))

      private

      def tilt = @turn.tilt_at(@step)

      # Both long sides of a beam in both hooks, at the height of their bearing.
      def beam_edges
        beam = @turn.below_beam or return []
        along, across = Site::Plane.bearings(@turn.bearing_at(@step))
        high = @turn.tandem.under.value + @turn.hook_above(:head, tilt)
        ends = [ [ :head, 1 ], [ :tail, -1 ] ].map { |side, way| [ @turn.place(side, @step), way * beam.past_hook ] }
        half = beam.told.width.positive / 2
        [ -half, half ].map do |off|
          ends.map do |hook, far|
            [ hook[0] + far * along[0] + off * across[0], hook[1] + far * along[1] + off * across[1], high ]
          end
        end
      end
      def seen(index) = @lift.duties[index].crane.hook_at(@step)

      # Corners of either long side of the load.
      def load_faces
        half = @lift.load.size[1] / 2
        along, across = Site::Plane.bearings(@turn.bearing_at(@step))
        head, off = @turn.place(:head, @step), @turn.level(@turn.hook_points[0], tilt)
        low = @turn.lowest(tilt)
        [ -half, half ].map do |side|
          @turn.outline.map do |place|
            level, high = @turn.level(place, tilt) - off, @turn.upright(place, tilt) - low
            [ head[0] + level * along[0] + side * across[0], head[1] + level * along[1] + side * across[1],
              @turn.tandem.under.value + high ]
          end
        end
      end
    end
  end
end
