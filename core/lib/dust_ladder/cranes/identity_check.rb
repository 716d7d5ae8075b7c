module DustLadder
  module Cranes
    # Is this the chart of this very machine as it stands? Every identity field of the chart must match.
    class IdentityCheck < Ladder::Check
      ID = "chart"
      LABEL = "Chart"

      private

      def examine
        fields = lift.crane.identity
        fields.each do |name, value, own, verdict|
          note = verdict == "holds" ? "both #{value}" : "chart #{value}, machine #{own.empty? ? 'not given' : own}"
          part(name: name, verdict: verdict, note: both(note))
        end
        caution("chart_assumes", "The chart holds for a freely hanging load, a level machine on firm ground and no side pull. The chart in the cab governs.")
        wrong = fields.select { |field| field.last == "stop" }
        blank = fields.select { |field| field.last == "not_known" }
        return stop(both("#{words(wrong)} of the machine differ#{'s' if wrong.one?} from the chart"), subject: words(wrong)) if wrong.any?

        blank.each { |name, *| @missing << Ladder::Missing.new(what: "#{name.tr('_', ' ')} of the machine is not given", pointer: "/crane/as_rigged/#{name}") }
        return answer("not_known", note: both("#{words(blank)} of the machine not given")) if blank.any?

        answer("holds", note: both("#{fields.size} of #{fields.size} fields match"))
      end

      def words(fields) = fields.map { |name, *| name.tr("_", " ") }.join(", ")
    end
  end
end
