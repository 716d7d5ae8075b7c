module DustLadder
  module Statics
    # The least change of some lines' lengths, all by as much, with which a body hangs within a tilt (handbook, sections
    # 3.4 and 10). Lengths in m, tilts in degrees.
    class LeastChange
      STEPS = 80
      NEAR_M = 1e-10

      # lines: by index. limit_deg: the tilt that will do. most_m: the greatest change either way.
      def initialize(rig, body:, lines:, limit_deg:, most_m:)
        @rig = rig
        @body = body
        @lines = lines
        @limit = limit_deg
        @most = most_m
        @start = Equilibrium.of(rig).pose
      end

      # Tilt with a change made; infinite where nothing is found to hang then.
      def tilt_deg(change)
        rests = @rig.lines.each_with_index.map { |line, at| line.rest + (@lines.include?(at) ? change : 0.0) }
        return Float::INFINITY unless rests.all?(&:positive?)

        hang = Equilibrium.of(@rig.with(rests: rests), start: @start)
        hang.stable? ? hang.pose.tilt_deg(@body) : Float::INFINITY
      rescue Equilibrium::NotFound
        Float::INFINITY
      end

      # Below zero is shorter; 0.0 where it is within the tilt already; nil where none does.
      def change
        return 0.0 if enough?(0.0)

        [ -1, 1 ].filter_map { |way| first_along(way) }.min_by(&:abs)
      end

      # Whole links of a pitch, the fewest; of as many either way those that hang more level. nil where none does.
      def links(pitch)
        (0..((@most + NEAR_M) / pitch).floor).each do |count|
          found = [ -count, count ].uniq.select { |links| enough?(links * pitch) }
          return found.min_by { |links| tilt_deg(links * pitch) } if found.any?
        end
        nil
      end

      private

      def enough?(change) = tilt_deg(change) <= @limit + Ladder::Verdict::SLACK

      def first_along(way)
        found = (1..STEPS).find { |step| enough?(way * @most * step / STEPS) } or return
        short, far = [ found - 1, found ].map { |step| way * @most * step / STEPS }
        while (far - short).abs > NEAR_M
          middle = (short + far) / 2
          enough?(middle) ? far = middle : short = middle
        end
        far
      end
    end
  end
end
