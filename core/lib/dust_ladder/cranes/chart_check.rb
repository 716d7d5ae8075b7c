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
        parts_of(fields)
        caution(
          "chart_assumes",
          "The chart holds for a freely hanging load, a level machine on firm ground and no side pull. The chart in " \
            "the cab governs."
        )
        notes
        wrong, blank = fields.partition { |field| field.verdict == "stop" }
        if wrong.any?
          return stop(
            both("#{words(wrong)} of the machine differ#{"s" if wrong.one?} from the chart"),
            subject: words(wrong)
          )
        end

        by_house
        duty.crane.complete!
        blank = blank.select { |field| field.verdict == "not_known" }
        blank.each do |field|
          @missing << Ladder::Missing.new(
            what: "#{plainly(field)} of the machine is not given",
            pointer: duty.crane.pointer("as_rigged/#{PlanFile::Pointer.escaped(field.name)}")
          )
        end
        return answer("not_known", note: both("#{words(blank)} of the machine not given")) if blank.any?

        raise NotKnown.new(unchecked, pointer: duty.crane.pointer("chart")) if unchecked

        answer("holds", note: both("#{fields.size} of #{fields.size} fields match"))
      end

      # What else the page says goes with the plan, word for word.
      def notes
        (duty.crane.chart_data["notes"] || []).each_with_index do |text, index|
          caution("chart_note_#{index + 1}", "The chart's page says: #{text}")
        end
      end

      def unchecked = Record.new(duty.crane.record).doubt

      def parts_of(fields)
        fields.each do |field|
          note =
            if field.value.nil?
              "the chart does not say"
            elsif field.verdict == "holds"
              [ "both #{field.value}", duty.crane.seen(field.name) ].compact.join(", ")
            else
              "chart #{field.value}, machine #{field.own.empty? ? "not given" : field.own}"
            end
          part(name: field.name, verdict: field.verdict, note: both(note))
        end
        part(
          name: "checked against the paper",
          verdict: unchecked ? "not_known" : "holds",
          note: both(unchecked || Record.new(duty.crane.record).words)
        )
      end

      # As the house keeps it? Where it knows better, the plan's own word does not count.
      def by_house
        doubt = lift.chart_doubt(duty.crane["chart"]) or return
        raise NotKnown.new(doubt.words, pointer: duty.crane.pointer("chart")) if doubt.known

        caution("chart_from_outside", "#{doubt.words.sub("this", "This")}.")
      end

      def plainly(field) = field.name.tr("_", " ")
      def words(fields) = fields.map { |field| plainly(field) }.join(", ")
    end
  end
end
