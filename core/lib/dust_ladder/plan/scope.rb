module DustLadder
  module Plan
    # What the plan is about. Narrower than the whole lift, rungs that cannot arise are left out, in the name of who
    # says so; without a name nothing is left out, nor for a workshop hoist where the machine is none (handbook, section
    # 15).
    class Scope < Section
      WORDS = { "whole" => "the whole lift", "workshop" => "workshop hoist", "rigging" => "rigging only" }.freeze

      # hoist: is the machine one that hangs from its building? A proc, asked when it matters.
      def initialize(document, rules, hoist:)
        super(document, "scope")
        @rules = rules
        @hoist = hoist
      end

      def kind = self["kind"] || "whole"
      def by = self["by"].to_s.strip
      def words = WORDS.fetch(kind)

      def leaves_out?(id) = left_out.include?(id)

      def as_json(labels)
        return if left_out.empty?

        { "words" => words, "by" => by, "left_out" => labels }
      end

      private

      # Ids of the rungs that the rule set lets such a plan leave out.
      def left_out = @left_out ||= counts? ? @rules.left_out(kind) : []

      def counts?
        return false if kind == "whole" || !by.match?(/[[:alpha:]]/)

        kind != "workshop" || @hoist.call
      end
    end
  end
end
