module DustLadder
  module Site
    # Where a crane stands: its slewing axis [east, north, height of its ground] in m, and where its front looks,
    # degrees clockwise from north.
    class Standing
      attr_reader :axis, :bearing

      def initialize(axis:, bearing:)
        @axis = axis.map(&:to_f)
        @bearing = bearing.to_f
      end

      # The place at a radius and a slew, at a height above the crane's ground.
      def place(radius, slew, height = 0.0) = along(slew).(radius, height)

      # Places at a slew: a call of radius and height.
      def along(slew)
        x, y, z = axis
        turned = (bearing + slew) * Math::PI / 180
        east, north = Math.sin(turned), Math.cos(turned)
        ->(radius, height) { [ x + radius * east, y + radius * north, z + height ] }
      end

      # Radius in m and slew in degrees, from 0 up to 360, of a place [east, north].
      def seen(place)
        east, north = place[0] - axis[0], place[1] - axis[1]
        [ Math.hypot(east, north), (Math.atan2(east, north) * 180 / Math::PI - bearing) % 360 ]
      end

      # Radius and slew of two places [east, north], the slew of the other counted on in the way's direction.
      def seen_in_turn(one, other, turning)
        (radius, from), (farther, to) = seen(one), seen(other)
        turned = (to - from) % 360
        turned -= 360 if turning == "anticlockwise" && turned.positive?
        [ [ radius, from ], [ farther, from + turned ] ]
      end

      # A place of the deck, x forward and y to the right of the deck's origin. pivot: the slewing axis on the deck.
      def of_deck(at, pivot)
        forward, right = Plane.bearings(bearing)
        x, y = at[0] - pivot[0], at[1] - pivot[1]
        [ axis[0] + x * forward[0] + y * right[0], axis[1] + x * forward[1] + y * right[1] ]
      end
    end
  end
end
