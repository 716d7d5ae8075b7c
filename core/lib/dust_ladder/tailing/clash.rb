module DustLadder
  module Tailing
    # Room between the load and a beam that hangs above its tail, as the load turns up beside it: between the beam,
    # as high above the tail's point as its slings are long, and the turned outline of the load (handbook, section 6.2).
    # Longer slings make room, and want headroom.
    class Clash
      NEAR = 1e-6

      # outline: corners of the load in order, [along, up] in m from the CG, when it lies level. point: where it is held
      # there. slings: from the point up to the beam's underside, m. beam: its width and height in this plane, m.
      def initialize(outline, point:, slings:, beam:)
        @outline = outline.map { |place| Complex(*place) }
        @point = Complex(*point)
        @slings = slings
        @half, @high = beam[0] / 2.0, beam[1]
      end

      # m at a tilt, degrees; nothing where they touch.
      def gap(tilt_deg)
        turn = Complex.polar(1, tilt_deg * Math::PI / 180)
        Site::Plane.apart(@outline.map { |place| (place * turn).rect }, box((@point * turn).rect))
      end

      # The least from one tilt to another, and where: [m, degrees].
      def least(from, to) = Tilts.of(from, to).map { |tilt| [ gap(tilt), tilt ] }.min

      # The first tilt at which it is less than that, degrees; nil where it never is.
      def short_from(needed, from, to)
        before = nil
        short = Tilts.of(from, to).find { |tilt| gap(tilt) < needed - NEAR || (before = tilt) && nil } or return
        before ? first_between(needed, before, short) : short
      end

      private

      def first_between(needed, fine, short)
        while (short - fine).abs > NEAR
          middle = (fine + short) / 2
          gap(middle) < needed - NEAR ? short = middle : fine = middle
        end
        short
      end

      def box((along, up))
        low, high = up + @slings, up + @slings + @high
        [ [ along - @half, low ], [ along + @half, low ], [ along + @half, high ], [ along - @half, high ] ]
      end
    end
  end
end
