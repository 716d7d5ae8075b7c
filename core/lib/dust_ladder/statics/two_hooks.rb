module DustLadder
  module Statics
    # A load on two hooks that turns in the plane of both, as it is stood up, laid down or carried between them
    # (handbook, section 6.2). Points are [along, up] in m from the CG: along toward the head, up when it lies level.
    # Tilt in degrees, above zero with the head's end high. kg.
    class TwoHooks
      RAD = Math::PI / 180
      # Nearer than this the lines are one, m.
      ONE_LINE_M = 1e-9

      # At one tilt: how far head and tail stand off the CG, level, m, each toward its own side; what each line carries,
      # plumb, kg: nil where both lines are one.
      At =
        Struct.new(:tilt_deg, :to_head, :to_tail, :head, :tail) do
          # Between the two lines, level, m; below zero once they have crossed.
          def apart = to_head + to_tail
          # Does one hang slack? Where the lines are one nobody can tell.
          def slack? = !head.nil? && [ head, tail ].min < -1e-9 * (head + tail)
        end

      def initialize(head, tail)
        @head = head.map(&:to_f)
        @tail = tail.map(&:to_f)
      end

      def at(weight, tilt_deg)
        cos, sin = Math.cos(tilt_deg * RAD), Math.sin(tilt_deg * RAD)
        to_head = @head[0] * cos - @head[1] * sin
        to_tail = -(@tail[0] * cos - @tail[1] * sin)
        apart = to_head + to_tail
        return At.new(tilt_deg, to_head, to_tail, nil, nil) if apart.abs < ONE_LINE_M

        At.new(tilt_deg, to_head, to_tail, weight * to_tail / apart, weight * to_head / apart)
      end

      # The tilt at which it hangs from the head's line alone, its CG plumb under that point, degrees.
      def free_tilt = Math.atan2(*@head) / RAD

      # How much higher the head's point stands than the tail's, m.
      def rise(tilt_deg)
        cos, sin = Math.cos(tilt_deg * RAD), Math.sin(tilt_deg * RAD)
        (@head[0] - @tail[0]) * sin + (@head[1] - @tail[1]) * cos
      end

      # The tilt at which the head's point stands so much higher over the tail's than when level, m; nil where the
      # points are nearer than that.
      def tilt_for(higher)
        along, up = @head[0] - @tail[0], @head[1] - @tail[1]
        far = Math.hypot(along, up)
        sine = (up + higher) / far
        return if far < ONE_LINE_M || sine.abs > 1

        (Math.asin(sine) - Math.atan2(up, along)) / RAD
      end

      # With the CG moved by so much, m, [along, up].
      def with_cg_by(along, up)
        self.class.new([ @head[0] - along, @head[1] - up ], [ @tail[0] - along, @tail[1] - up ])
      end

      # What each line may carry at most, upright, where each may lean from plumb in the plane of both by up to its
      # tolerance: [head, tail], kg. Nothing else holds the load level, so that the level pulls are equal and opposite:
      # at most the smaller of what either line can pull. at: an At of this one with both lines taut.
      def most_leaning(at, head_deg, tail_deg)
        lever = rise(at.tilt_deg) / at.apart
        [ 1, -1 ].map do |side|
          pull = most_pull(at, head_deg, tail_deg, side * lever)
          [ at.head + side * lever * pull, at.tail - side * lever * pull ]
        end.transpose.map(&:max)
      end

      private

      # The greatest level pull, kg, that moves so much of it from the tail to the head for each kg.
      def most_pull(at, head_deg, tail_deg, moved)
        [ [ at.head, head_deg, moved ], [ at.tail, tail_deg, -moved ] ].map { |share, deg, gains|
          lean = Math.tan(deg * RAD)
          held = 1 - gains * lean
          share.zero? || lean.zero? ? 0.0 : (held.positive? ? share * lean / held : Float::INFINITY)
        }.min.then { |pull| [ pull, 0.0 ].max }
      end
    end
  end
end
