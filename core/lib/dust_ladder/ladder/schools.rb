module DustLadder
  module Ladder
    # The same plan under every shipped rule set, side by side.
    class Schools
      # document: an accepted plan.
      def initialize(document)
        @document = document
      end

      # { rule set's id => Answer }, the plan's own snapshot first.
      def answers
        @answers ||= [ @document["rules"], *RuleSet::SHIPPED ].uniq.to_h { |id| [ id, DustLadder.check(under(id)) ] }
      end

      # One row a rung: what each school says of it, and whether they differ.
      def as_json(*)
        ids = answers.keys
        rungs = answers.values.first.rungs.map(&:id).map do |rung|
          said = answers.transform_values { |answer|
            answer.rung(rung).then { |one|
              { "verdict" => one.verdict, "utilisation" => one.percent&.as_json, "note" => one.note&.as_json }
            }
          }
          {
            "rung" => rung,
            "label" => answers.values.first.rung(rung).label,
            "said" => said,
            "differs" => said.values.uniq.size > 1
          }
        end
        {
          "schools" => ids.map { |id|
            { "id" => id, "verdict" => answers[id].verdict, "headline" => answers[id].headlines }
          },
          "rungs" => rungs
        }
      end

      private

      def under(id)
        return @document if id == @document["rules"]

        sets = { id => PlanFile::Digest.snapshot(RuleSet.shipped(id).data) }
        @document.merge("rules" => id, "snapshots" => @document["snapshots"].merge("rule_sets" => sets))
      end
    end
  end
end
