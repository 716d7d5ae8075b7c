module DustLadder
  module Ground
    # What the pads of a machine carry: a rigid deck on equal springs that only push (handbook, section 7).
    class Outriggers
      attr_reader :names, :places

      # names of the pads, and their places on the deck, [x, y] each.
      def initialize(names, places)
        @names = names
        @places = places
      end

      # kg on each pad, in their order, 0 where one lifts, for a Deck::Weight; nil where it tips.
      def reactions(weight)
        return unless whole

        a, b, c = whole.of(weight)
        kg = whole.off.map { |x, y| a + b * x + c * y }
        kg.any?(&:negative?) ? on_fewer(weight) : kg
      end

      # [A, B, C, middle] of the plane that the reactions lie in, over the pads that carry; R = A + B x + C y from the
      # middle.
      def plane_of(weight)
        kg = reactions(weight) or return
        fit = fit((0...places.size).select { |pad| kg[pad].positive? }) and [ *fit.of(weight), fit.middle ]
      end

      def in_line? = whole.nil?

      private

      # The Fit of all pads; nil where they stand in line.
      def whole = @whole ||= fit((0...places.size).to_a)

      def on_fewer(weight)
        held = (0...places.size).to_a
        while held.size > 2
          found = plane(weight, held) or return
          worst = found.min_by(&:last)
          return carried(found) unless worst[1].negative?

          held.delete(worst[0])
        end
        nil
      end

      def carried(found) = places.each_index.map { |index| found.fetch(index, 0.0) }

      # { pad => kg } of the plane over the pads held; nil where they stand in line.
      def plane(weight, held)
        fit = fit(held) or return
        a, b, c = fit.of(weight)
        held.zip(fit.off).to_h { |pad, (x, y)| [ pad, a + b * x + c * y ] }
      end

      # R = A + B x + C y about the middle of some pads, fitted to weight and moments. off: of each from that middle.
      Fit =
        Struct.new(:middle, :off, :xx, :yy, :xy) do
          # [A, B, C] for a Deck::Weight.
          def of(weight)
            mx, my = weight.x - weight.kg * middle[0], weight.y - weight.kg * middle[1]
            spread = xx * yy - xy * xy
            [ weight.kg / off.size, (mx * yy - my * xy) / spread, (my * xx - mx * xy) / spread ]
          end
        end

      def fit(held)
        @fits ||= {}
        return @fits[held] if @fits.key?(held)

        middle = [ 0, 1 ].map { |side| held.sum { |pad| places[pad][side] } / held.size.to_f }
        off = held.map { |pad| [ places[pad][0] - middle[0], places[pad][1] - middle[1] ] }
        xx, yy, xy = off.sum { |x, _| x * x }, off.sum { |_, y| y * y }, off.sum { |x, y| x * y }
        @fits[held.dup] = xx * yy - xy * xy > 1e-9 * (xx + yy)**2 ? Fit.new(middle, off, xx, yy, xy) : nil
      end
    end
  end
end
