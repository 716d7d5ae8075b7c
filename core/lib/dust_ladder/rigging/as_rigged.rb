module DustLadder
  module Rigging
    # What was measured beside the crane, put in the place of what was planned and judged at once: the plan's figures
    # stay beside it (handbook, section 10).
    class AsRigged
      # A rung of both: id, label, planned and measured verdict and utilisation.
      Beside =
        Struct.new(:id, :label, :planned, :measured, keyword_init: true) do
          def worse? =
            Ladder::Verdict.rank(measured.verdict) < Ladder::Verdict.rank(planned.verdict) ||
              (measured.utilisation || 0) > (planned.utilisation || 0) + Ladder::Verdict::SLACK
        end

      # document: the accepted plan. lengths: of each leg as measured, text by index; points: { point's index => { "x"
      # => text, ... } }; hook_height: text; angles: of one leg from the horizontal, { index => degrees }, by
      # inclinometer.
      def initialize(document, lengths: {}, points: {}, hook_height: nil, angles: {})
        @document = document
        @lengths = lengths
        @points = points
        @hook_height = hook_height
        @angles = angles
      end

      def planned = @planned ||= DustLadder.check(@document)
      def measured = @measured ||= DustLadder.check(PlanFile::Pointer.with_values(@document, changes))

      # Rungs of both, foot first.
      def beside =
        planned
          .rungs
          .zip(measured.rungs)
          .map { |one, other| Beside.new(id: one.id, label: one.label, planned: one, measured: other) }

      # Angles that were read against those that follow from the measured lengths: [[leg, read, worked out], ...],
      # degrees from the horizontal. A difference tells that a length, a point or the angle was misread.
      def angles_beside =
        @angles.map { |leg, read| [ leg, read, measured.lift.bridle.pose.legs[leg].deg_from_horizontal ] }

      private

      def changes
        load, rigging = planned.lift.load, planned.lift.rigging
        places =
          @points.flat_map { |point, at| at.map { |axis, text| [ load.pointer("points", point, axis), text ] } }.to_h
        if @hook_height
          return places.merge(rigging.pointer("set_by") => "hook_height", rigging.hook_height.pointer => @hook_height)
        end
        return places if @lengths.empty?

        # Legs that were not measured stay as the plan has them.
        lengths =
          rigging.legs.to_h do |leg|
            [ leg.pointer("length"), @lengths[leg.index] || format("%.4f m", planned.lift.bridle.lengths[leg.index]) ]
          end
        places.merge(rigging.pointer("set_by") => "leg_lengths", **lengths)
      end
    end
  end
end
