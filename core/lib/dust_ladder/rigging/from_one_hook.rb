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

      # What a leg presses along the level is greatest where it leans and pulls at once, which may be inside of the CG's
      # box: midway between two points each leg leans as much as the other, at its corners one of them hardly does.
      def worst_thrust(index) = [ super, *inside.map { |hung| level_part(hung.pull(index)) } ].max

      private

      # As made, under the greater weight, with the CG in between nominal and the ends of its box.
      def inside
        @inside ||=
          inside_lengths.product(inside_boxes).map do |ends, box|
            cut = rests.zip(ends).map { |rest, sign| rest * (1 + sign * tolerance) }
            at = [ 0, 1, 2 ].map { |axis| cg[axis] + box[axis] * @load.cg_half_width[axis] }
            made(Corner.new(1, box, ends, true, line_names), at, cut)
          end
      end

      # Shares of the box's half-widths, and ends of the lengths' tolerance, at which that is looked at.
      def inside_boxes = HALVES.product(HALVES).map { |x, y| [ x, y, 0 ] }
      def inside_lengths = [ Array.new(rests.size, 0) ]
      HALVES = [ -0.5, 0, 0.5 ].freeze

      # Every pose, nominal ones first.
      def all
        @all ||= [ as_made, *(stretch_known? ? [ pose ] : []), *Worked.of(corners_key) { corners } ]
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
