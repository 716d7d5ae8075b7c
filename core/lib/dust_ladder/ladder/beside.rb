module DustLadder
  class Ladder
    # Two states of one plan beside each other: what was changed, and what each rung says of it.
    class Beside
      include SideBySide

      # before, after: documents. ladders: { "before" => Ladder, "after" => Ladder } of them.
      def initialize(before, after, ladders)
        @changes = Plan::Changes.new(before, after)
        @ladders = ladders
      end

      def as_json(*)
        {
          "changes" => @changes.all.map(&:as_json),
          "headlines" => @ladders.transform_values(&:headlines),
          "verdicts" => @ladders.transform_values(&:verdict),
          "rungs" => rungs
        }
      end

      private

      # Every rung of either, foot first.
      def rungs
        @ladders
          .values
          .flat_map(&:rungs)
          .uniq(&:id)
          .map { |rung| row_of(rung.id, rung.label, @ladders.transform_values { |ladder| ladder.rung(rung.id) }) }
      end
    end
  end
end
