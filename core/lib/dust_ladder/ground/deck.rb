module DustLadder
  module Ground
    # The masses of a machine on its deck: x forward, y to the right, m. Each part lies still on the carrier or turns
    # with the boom about the slewing axis (handbook, section 7). Slew in degrees, 0 over the front, clockwise seen from
    # above.
    class Deck
      # kg; at: [x, y] of what lies still, or nil; toward: radius toward the boom of what turns, negative behind.
      Part = Struct.new(:name, :kg, :at, :toward, keyword_init: true)
      # Weight in kg and its first moments about the deck's origin, kg m.
      Weight =
        Struct.new(:kg, :x, :y) do
          # Where all of it together weighs down, [x, y].
          def middle = [ x / kg, y / kg ]
        end

      attr_reader :axis

      # axis: [x, y] of the slewing axis.
      def initialize(axis, parts)
        @axis = axis
        @parts = parts
      end

      def kg = @kg ||= @parts.sum(&:kg)

      # With further parts.
      def with(*parts) = Deck.new(axis, @parts + parts)

      # The Weight at a slew. more: kg that turn with the boom beside its parts; moment: their kg times radius, kg m.
      def weight(slew, more = 0.0, moment = 0.0)
        still, turning = shares
        turned = slew * Math::PI / 180
        all = turning + moment
        Weight.new(
          kg + more,
          still[0] + more * axis[0] + all * Math.cos(turned),
          still[1] + more * axis[1] + all * Math.sin(turned)
        )
      end

      private

      # First moments of what lies still, with what turns as if it stood on the axis; and what turning adds to them.
      def shares
        @shares ||=
          begin
            places = @parts.map { |part| [ part.kg, part.at || axis, part.at ? 0.0 : part.toward ] }
            still = [ 0, 1 ].map { |side| places.sum { |kg, at, _| kg * at[side] } }
            [ still, places.sum { |kg, _, toward| kg * toward } ]
          end
      end
    end
  end
end
