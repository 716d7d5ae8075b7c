module DustLadder
  module Cranes
    # Is this the chart of this very machine as it stands, and was it read against the paper? Every identity field of
    # the chart must match, and two different people must stand for its figures.
    class ChartCheck < Ladder::Check
      ID = "chart"
      LABEL = "Chart"
      FLIGHT = "crane"
      PER = "crane"

      private

      def examine
        fields = duty.crane.identity
        fields.each do |name, value, own, verdict|
          note = verdict == "holds" ? "both #{value}" : "chart #{value}, machine #{own.empty? ? "not given" : own}"
          part(name: name, verdict: verdict, note: both(note))
        end
        caution(
          "chart_assumes",
          "The chart holds for a freely hanging load, a level machine on firm ground and no side pull. The chart in " \
            "the cab governs."
        )
        wrong = fields.select { |field| field.last == "stop" }
        blank = fields.select { |field| field.last == "not_known" }
        unchecked = Record.new(duty.crane.record).doubt
        part(
          name: "checked against the paper",
          verdict: unchecked ? "not_known" : "holds",
          note: both(unchecked || Record.new(duty.crane.record).words)
        )
        if wrong.any?
          return stop(
            both("#{words(wrong)} of the machine differ#{"s" if wrong.one?} from the chart"),
            subject: words(wrong)
          )
        end

        by_house
        blank.each do |name, *|
          @missing << Ladder::Missing.new(
            what: "#{name.tr("_", " ")} of the machine is not given",
            pointer: duty.crane.pointer("as_rigged/#{PlanFile::Pointer.escaped(name)}")
          )
        end
        return answer("not_known", note: both("#{words(blank)} of the machine not given")) if blank.any?

        raise NotKnown.new(unchecked, pointer: duty.crane.pointer("chart")) if unchecked

        answer("holds", note: both("#{fields.size} of #{fields.size} fields match"))
      end

      # As the house keeps it? Where it knows better, the plan's own word does not count.
      def by_house
        doubt = lift.chart_doubt(duty.crane["chart"]) or return
        raise NotKnown.new(doubt.words, pointer: duty.crane.pointer("chart")) if doubt.known

        caution("chart_from_outside", "#{doubt.words.sub("this", "This")}.")
      end

      def words(fields) = fields.map { |name, *| name.tr("_", " ") }.join(", ")
    end
  end
end
