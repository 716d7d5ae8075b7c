module DustLadder
  module Plan
    # A new plan after a past one. What was drawn and measured stays as typed; whatever was somebody's word, was looked
    # at on a day, or may have changed since is asked again, so that nothing holds on an old word: how the weight and
    # the centre of gravity are known, the day, answers by word, surroundings, the chart and the machine as it stood.
    module Again
      # A dry run of a platform machine counts for its day alone.
      ASKED_OF_CRANE = %w[level level_seen side_pull wind wind_at idle_line hook second_trolley
        platform seen].freeze
      CRANE = Crane::BLANK.slice("chart", "as_rigged", "radius_measured_loaded", "obstacle_height").freeze

      module_function

      # document: a plan as PlanFile.read returns it. title: of the new one. Under the newest version of its rule set
      # that is shipped, or rules_now, the newest data that the house has of its own; else the plan's. What comes back
      # is still to be accepted.
      def of(document, title:, rules_now: nil)
        rules = document["rules"]
        data = RuleSet::SHIPPED.include?(rules) ? RuleSet.shipped(rules).data : rules_now
        newest = data && PlanFile::Digest.snapshot(data)
        snapshots = document["snapshots"].merge("charts" => {})
        snapshots = snapshots.merge("rule_sets" => snapshots["rule_sets"].merge(rules => newest)) if newest
        JSON.parse(
          JSON.generate(
            document.except("core", "by_word", "scope").merge(
              "title" => title,
              "lift_at" => nil,
              **(document.key?("lift_until") ? { "lift_until" => nil } : {}),
              "load" => load(document["load"]),
              "rigging" => rigging(document["rigging"]),
              "cranes" => document["cranes"].map { |crane| crane(crane) },
              **tandem(document["tandem"]),
              "snapshots" => snapshots
            )
          )
        )
      end

      def load(data)
        data.merge(
          "weight" => data["weight"].except("history").merge("basis" => "unknown", "source" => ""),
          "cg" => data["cg"].merge("basis" => "contents_unknown")
        )
      end

      def rigging(data)
        kept = data.except("surroundings", "unlike_decided_by")
        kept = kept.merge("reeved" => kept["reeved"].merge("decided_by" => "")) if kept["reeved"]
        kept.merge("legs" => kept["legs"].map { |leg| unsaid(leg) })
      end

      # Who planned the handover, and what keeps a sling on a trunnion, is asked again.
      def tandem(data)
        return {} unless data

        ends = data["ends"].map do |one|
          one["trunnion"] ? one.merge("trunnion" => one["trunnion"].merge("keeper" => nil)) : one
        end
        handover = data["handover"] && data["handover"].merge("by" => "")
        { "tandem" => data.merge("ends" => ends, "handover" => handover) }
      end

      # What was seen of a site counts for its own days; who watches its power line is asked again.
      def crane(data)
        kept = data.except(*ASKED_OF_CRANE).merge(CRANE)
        kept["stand"] ? kept.merge("stand" => kept["stand"].merge("watcher" => "")) : kept
      end

      # A leg whose keeping in place nobody vouches for yet.
      def unsaid(leg)
        return leg unless leg["prevents"]

        leg.merge("prevents" => leg["prevents"].transform_values { |kept| kept && kept.merge("by" => "") })
      end
    end
  end
end
