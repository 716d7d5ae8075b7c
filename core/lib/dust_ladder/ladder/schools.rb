module DustLadder
  class Ladder
    # The same plan under every shipped rule set, side by side.
    class Schools
      include SideBySide

      # document: an accepted plan.
      def initialize(document)
        @document = document
      end

      # { rule set's id => Ladder }, the plan's own snapshot first.
      def answers
        @answers ||= [ @document["rules"], *RuleSet::SHIPPED ].uniq.to_h { |id| [ id, DustLadder.check(under(id)) ] }
      end

      # One row a rung, and one for each figure that a school gives for all legs together: what each says of it, and
      # whether they differ.
      def as_json(*)
        ids = answers.keys
        {
          "schools" =>
            ids.map { |id| { "id" => id, "verdict" => answers[id].verdict, "headline" => answers[id].headlines } },
          "rungs" => answers.values.first.rungs.flat_map { |rung| [ row(rung), *own_parts(rung) ] }
        }
      end

      WHOLE = /\A(?:both|all) legs/

      private

      def row(rung)
        row_of(rung.id, rung.label, answers.transform_values { |answer| answer.rung(rung.id) })
      end

      # What only some schools give: all legs by the tag, and by uniform load.
      def own_parts(rung)
        found =
          answers.transform_values do |answer|
            answer.rung(rung.id)&.parts.to_a.select { |part| part.name.match?(WHOLE) }
          end
        found
          .values
          .flatten
          .map(&:name)
          .uniq
          .map do |name|
            row_of(
              "#{rung.id}: #{name}",
              "#{rung.label}, #{name}",
              found.transform_values { |parts| parts.find { |part| part.name == name } }
            )
          end
      end

      def under(id)
        return @document if id == @document["rules"]

        sets = { id => PlanFile::Digest.snapshot(RuleSet.shipped(id).data) }
        @document.merge("rules" => id, "snapshots" => @document["snapshots"].merge("rule_sets" => sets))
      end
    end
  end
end
