module DustLadder
  class Ladder
    # A plan's rule set beside what ships under the same name now: which values differ, and what each rung says before
    # and after it is taken. Raises KeyError for a set that does not ship.
    class NewerRules
      include SideBySide

      # document: an accepted plan. newest: data of what is kept under its set's name; where none is told, what ships.
      def initialize(document, newest: nil)
        @document = document
        @own = PlanFile::Document.new(document).snapshot("rule_sets", document["rules"])
        @kept = PlanFile::Digest.snapshot(newest || RuleSet.shipped(document["rules"]).data)
      end

      # Is there another one of its name, not older than the plan's own?
      def newer? = @own["digest"] != @kept["digest"] && @kept["data"]["version"] >= @own["data"]["version"]

      # { name => { "before", "after", "reason" } }; a value that one of them lacks is nil there.
      def values
        before, after = @own["data"]["values"], @kept["data"]["values"]
        (before.keys | after.keys)
          .reject { |name| before.dig(name, "value") == after.dig(name, "value") }
          .to_h do |name|
            [
              name,
              {
                "before" => before.dig(name, "value"),
                "after" => after.dig(name, "value"),
                "reason" => (after[name] || before[name])["reason"]
              }
            ]
          end
      end

      def as_json(*)
        {
          "id" => @document["rules"],
          "versions" => { "before" => @own.dig("data", "version"), "after" => @kept.dig("data", "version") },
          "newer" => newer?,
          "snapshot" => @kept,
          "values" => values,
          "headlines" => answers.transform_values(&:headlines),
          "rungs" => rungs
        }
      end

      private

      def answers
        @answers ||= { "before" => DustLadder.check(@document), "after" => DustLadder.check(taken) }
      end

      def taken
        sets = @document["snapshots"].merge("rule_sets" => { @document["rules"] => @kept })
        @document.merge("snapshots" => sets)
      end

      # Rungs that say something else, foot first.
      def rungs
        answers
          .values
          .flat_map(&:rungs)
          .uniq(&:id)
          .map { |rung| row_of(rung.id, rung.label, answers.transform_values { |answer| answer.rung(rung.id) }) }
          .select { |row| row["differs"] }
      end
    end
  end
end
