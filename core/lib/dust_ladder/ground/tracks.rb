module DustLadder
  module Ground
    # What a machine's two tracks press on the ground with (handbook, section 7). Lengths in m; middle: of the tracks on
    # the deck, [x, y]; gauge: between the tracks' middles.
    class Tracks
      # Of one Deck::Weight. shares: kg of "left" and "right". front, rear: pressures in Pa by track. bearing: length
      # that presses, m. tips: the side or end that it tips over, or nil. kern: does it weigh down beyond the middle
      # third?
      Stand = Struct.new(:shares, :front, :rear, :bearing, :tips, :kern, keyword_init: true) do
        # [ Pa, track, end ] of the greatest pressure.
        def worst
          [ [ front, "front" ], [ rear, "rear" ] ].flat_map { |side, name| side.map { |track, q| [ q, track, name ] } }
            .max_by(&:first)
        end

        # The track that does not press at all, or nil.
        def lifted = shares.find { |_, kg| kg <= 0 }&.first
      end

      attr_reader :length, :width, :gauge, :middle

      def initialize(length:, width:, gauge:, middle:)
        @length = length
        @width = width
        @gauge = gauge
        @middle = middle
      end

      def stand(weight)
        x, y = weight.middle.zip(@middle).map { |one, other| one - other }
        shares = { "left" => weight.kg * (0.5 - y / gauge), "right" => weight.kg * (0.5 + y / gauge) }
        over = tipping(x, shares)
        return Stand.new(shares: shares, tips: over, kern: true) if over

        ends = pressures(x.abs)
        by_track = ends.map { |q| shares.transform_values { |kg| kg * G * q } }
        front, rear = x.negative? ? by_track.reverse : by_track
        Stand.new(
          shares: shares,
          front: front,
          rear: rear,
          bearing: x.abs > length / 6 ? 3 * (length / 2 - x.abs) : length,
          kern: x.abs > length / 6
        )
      end

      private

      # A track that lifts tips it over the other one; else an eccentricity of half its length or more.
      def tipping(x, shares)
        return "right" if shares["left"].negative?
        return "left" if shares["right"].negative?

        x.negative? ? "rear" : "front" if x.abs >= length / 2
      end

      # Pressure at the heavy and the light end for each newton on a track, by the eccentricity along it.
      def pressures(off)
        return [ 2 / (3 * width * (length / 2 - off)), 0.0 ] if off > length / 6

        [ 1, -1 ].map { |sign| (1 + sign * 6 * off / length) / (width * length) }
      end
    end
  end
end
