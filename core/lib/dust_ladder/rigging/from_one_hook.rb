module DustLadder
  module Rigging
    # Legs that all hang from the hook itself: their poses, nominal and corner by corner, as made and as they stretch.
    # Whoever includes it says how it hangs as made (#made) and what is looked at in one corner (#corner_poses).
    module FromOneHook
      SIGNS = [ -1, 1 ].freeze
      BOXES = SIGNS.product(SIGNS, SIGNS).freeze

      # How it hangs nominally: as it stretches, or as made where that is not known. Raises Impossible.
      def pose = @pose ||= stretch_known? ? stretched(nominal_corner(false), @load.planned_kg, cg, rests) : as_made
      # How it would hang on legs that do not stretch.
      def as_made = @as_made ||= made(nominal_corner(true), cg, rests)

      def stretch_known!
        raise @stretch_fault unless stretch_known?
      end

      private

      # Every pose, nominal ones first.
      def all
        @all ||= [ as_made, *(stretch_known? ? [ pose ] : []), *Arrangement.worked(corners_key) { corners } ]
      end

      def corners
        widths = @load.cg_half_width
        SIGNS
          .product(*Array.new(rests.size - 1) { SIGNS })
          .flat_map do |ends|
            cut = rests.zip(ends).map { |rest, sign| rest * (1 + sign * tolerance) }
            BOXES.flat_map do |box|
              corner_poses(ends, box, [ 0, 1, 2 ].map { |axis| cg[axis] + box[axis] * widths[axis] }, cut)
            end
          end
      end

      def as(corner, **changes) = corner.dup.tap { |copy| changes.each { |name, value| copy[name] = value } }

      # start: a place of the hook to begin from.
      def stretched(corner, weight, cg, cut, start = nil) = hung_as(hang(weight, cg, cut, start), corner, cg)

      # Raises Impossible where nothing can be found.
      def hang(weight, cg, cut, start)
        elastic.find(weight, cg, cut, start)
      rescue Statics::HookHang::NotFound => error
        raise impossible(error.what)
      end

      def hung_as(found, corner, cg)
        Hung.new(
          points,
          line_of,
          hook: found.hook,
          up: found.up,
          cg: cg,
          tensions: found.tensions,
          corner: corner,
          holds: found.holds
        )
      end

      def elastic = @elastic ||= Statics::HookHang.new(ends, stiffnesses)
      # The points that each line holds.
      def ends = legs_by_line.map { |legs| points.values_at(*legs) }
    end
  end
end
