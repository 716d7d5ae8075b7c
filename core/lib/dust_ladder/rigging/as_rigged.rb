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

      # document: the accepted plan. lengths, uppers: of each leg, and of each sling above a beam, as measured, text by
      # index; points: { point's index => { "x" => text, ... } }; hook_height, span: text; holes: { leg => index of its
      # hole }; bail: index of its hole; angles: of one leg from the horizontal, { index => degrees }, by inclinometer.
      # planned: the plan's own Ladder, where it is at hand.
      def initialize(document, angles: {}, hook_height: nil, planned: nil, **measured)
        @document = document
        @planned = planned
        @angles = angles
        @hook_height = hook_height
        @found = { lengths: {}, points: {}, holes: {}, uppers: {}, span: nil, bail: nil, **measured }
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

      def load = planned.lift.load
      def rigging = planned.lift.rigging
      def bridle = planned.lift.bridle

      def changes
        return { **places, **by_height } if @hook_height

        @found.values.any? { |one| one.is_a?(Hash) ? one.any? : one } ? { **places, **on_beam, **made } : {}
      end

      def by_height
        { rigging.pointer("set_by") => "hook_height", rigging.hook_height.pointer => @hook_height }
      end

      def places
        @found[:points].flat_map { |point, at|
          at.map { |axis, text| [ load.pointer("points", point, axis), text ] }
        }.to_h
      end

      def on_beam
        {
          **@found[:holes].to_h { |leg, hole| [ rigging.legs[leg].pointer("hole"), hole ] },
          **(@found[:bail] ? { rigging.beam.pointer("bail") => @found[:bail] } : {}),
          **(@found[:span] ? { rigging.beam.pointer("span") => @found[:span] } : {})
        }
      end

      # What was not measured stays as long as the plan has it, and is not made anew to hang level.
      def made
        {
          rigging.pointer("set_by") => "leg_lengths",
          **rigging.legs.to_h { |leg| [ leg.pointer("length"), long(:lengths, leg.index) { bridle.lengths } ] },
          **rigging.beam.legs.to_h { |upper|
            [ upper.pointer("length"), long(:uppers, upper.index) { bridle.upper_lengths } ]
          }
        }
      end

      def long(name, index) = @found[name][index] || format("%.4f m", yield[index])
    end
  end
end
