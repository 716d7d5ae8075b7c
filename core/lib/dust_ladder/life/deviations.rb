module DustLadder
  module Life
    # What a plan does otherwise than its rules would have it, each for an appointed person's name (handbook, section
    # 17). A name stands as long as the value does.
    module Deviations
      # id: by which it is named. value: what it is now, as text. words: what is done. pointer: its place in the plan.
      Deviation = Struct.new(:id, :value, :words, :pointer, keyword_init: true)

      module_function

      # ladder: a Ladder. Those of its plan, in the order of its rungs.
      def of(ladder)
        cautions = ladder.rungs.flat_map { |rung| rung.cautions.map(&:id) }
        [
          (reeved(ladder.lift.rigging) if cautions.include?("reeved")),
          (unlike(ladder.lift) if cautions.include?("unlike")),
          *loosened(ladder.lift.rules)
        ].compact
      end

      # Rules that are looser than what ships, whoever stands for them.
      def loosened(rules)
        rules.own.looser.map do |leaf|
          stands = leaf.by ? "by #{leaf.by}: #{leaf.why}" : "and nobody stands for it"
          Deviation.new(
            id: "rule #{leaf.place}",
            value: leaf.after.to_s,
            words: "a rule is looser here: #{leaf.words}, #{stands}",
            pointer: Plan.pointer("rules")
          )
        end
      end

      def reeved(rigging)
        Deviation.new(
          id: "reeved",
          value: rigging.pairs.map { |pair| pair.map { |leg| leg + 1 }.join("+") }.join(", "),
          words: "legs shared over a sheave, as decided by #{rigging.reeved["decided_by"].strip}",
          pointer: rigging.pointer("reeved")
        )
      end

      def unlike(lift)
        Deviation.new(
          id: "unlike",
          value: lift.legs.map { |leg| "#{leg["sling"]} #{leg["hitch"]}" }.join(", "),
          words: "legs that are not alike, the tag's rating for all void, as decided by " \
            "#{lift.rigging.unlike_decided_by}",
          pointer: lift.rigging.pointer("unlike_decided_by")
        )
      end
      private_class_method :reeved, :unlike, :loosened
    end
  end
end
