module DustLadder
  module Tailing
    # The crane at the tail, over the whole turn.
    class TailCraneCheck < ShareCheck
      ID = "tail_crane"
      LABEL = "Tail crane"

      private

      def side = :tail
    end
  end
end
