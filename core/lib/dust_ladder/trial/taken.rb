module DustLadder
  module Trial
    # What was learnt, as changes of the plan: the weight as weighed, the CG and its box, and the legs as they are
    # rigged. The figures are rounded against the user; what was not told stays as it was.
    class Taken
      # advice: an Advice whose new lengths are taken too, or nil.
      def initialize(learnt, advice = nil)
        @learnt = learnt
        @lift = learnt.lift
        @advice = advice
      end

      # New values by JSON pointer.
      def changes = @changes ||= { **weight, **cg, **lengths, **(@advice&.changes || {}) }
      def document = PlanFile::Pointer.with_values(@lift.document.data, changes)
      def ladder = @ladder ||= DustLadder.check(document)

      private

      def weight
        return {} unless @learnt.weight

        bare = "#{(covering - 1e-6).ceil} kg"
        now = @lift.load["weight"]
        earlier = {
          "at" => @lift.at.to_s,
          "by" => now["by"] || "typed",
          "bare" => now["bare"] || "#{@lift.load.bare_kg.ceil} kg",
          "basis" => now["basis"] || "calculated",
          "source" => now["source"]
        }
        taken = { "by" => "typed", "bare" => bare, "basis" => "weighed", "source" => "trial lift" }
        kept = [ *now["history"], earlier ].last(Load::Indicated::MOST_KEPT)
        { @lift.load.pointer("weight") => now.merge(taken).merge("history" => kept) }
      end

      # Bare, so that with the allowance of a weighed load the greatest that it may weigh is counted with.
      def covering
        most = @learnt.weight + @learnt.weight_error
        [ @learnt.weight, most / (1 + @lift.rules[:allowance, "weighed"]) ].max
      end

      # The box is as wide as it is not known.
      def cg
        return {} unless @learnt.cg.first(2).all?

        now = @lift.load["cg"]
        axes = Load::PlannedLoad::AXES
        places = axes.each_with_index.to_h { |axis, at| [ axis, metres(@learnt.cg[at] || @lift.load.cg[at]) ] }
        widths =
          axes.each_with_index.to_h do |axis, at|
            [ axis, metres(@learnt.cg[at] ? @learnt.cg_errors[at] : @lift.load.cg_half_width[at], :up) ]
          end
        basis = now["basis"] || "drawing"
        { @lift.load.pointer("cg") => now.merge("by" => "typed", "basis" => basis, **places, "half_width" => widths) }
      end

      def lengths
        told = @learnt.tries.last.lengths
        return {} if told.none? && @advice&.lengths.nil?

        rigging = @lift.rigging
        typed =
          rigging.legs.to_h do |leg|
            was = told[leg.index] || @lift.bridle.lengths[leg.index]
            [ leg.pointer("length"), @advice&.lengths&.at(leg.index) || metres(was) ]
          end
        { rigging.pointer("set_by") => "leg_lengths", **typed }
      end

      def metres(value, way = :near) = format("%.3f m", way == :up ? (value * 1000 - 1e-6).ceil / 1000.0 : value)
    end
  end
end
