module DustLadder
  module Load
    # A fluid in a closed tank that stands square: how full, and where its own centre of gravity is.
    module Fluid
      Level = Struct.new(:share, :drop, keyword_init: true)
      STEPS = 60

      module_function

      # fill: { share: } of the volume or { depth: } in m. upright: Float, the tank's inside height, m. lying: is it
      # a round tank on its side? Returns a Level: the share of the volume, and by how much the fluid's centre
      # lies below the tank's middle, m. Raises ArgumentError.
      def level(fill, upright, lying: false)
        if fill[:depth] && fill[:depth] > upright + 1e-9
          raise ArgumentError, "the fluid stands deeper than the tank is high"
        end

        share = fill[:share]
        return round_level(fill, upright / 2) if lying

        share ||= [ fill[:depth] / upright, 1.0 ].min
        Level.new(share: share, drop: upright * (1 - share) / 2)
      end

      # The fluid's cross-section is a circle's segment that ends at the half-angle q from the bottom.
      def round_level(fill, radius)
        q = fill[:depth] ? Math.acos([ [ 1 - fill[:depth] / radius, -1.0 ].max, 1.0 ].min) : half_angle(fill[:share])
        area = q - Math.sin(q) * Math.cos(q)
        Level.new(share: area / Math::PI, drop: 2.0 / 3 * radius * Math.sin(q)**3 / area)
      end

      def half_angle(share)
        low, high = 0.0, Math::PI
        STEPS.times do
          middle = (low + high) / 2
          (middle - Math.sin(middle) * Math.cos(middle)) / Math::PI < share ? low = middle : high = middle
        end
        high
      end

      # How far a fluid that is free to move may carry its centre either way, m, along tank sides of these lengths
      # (handbook, section 2: all of it at one end).
      def shift(sides, share) = sides.map { |side| side * (1 - share) / 2 }
      private_class_method :round_level, :half_angle
    end
  end
end
