module DustLadder
  module Tailing
    # The crane at the head, over the whole turn, and with all of the load once it is handed over.
    class HeadCraneCheck < ShareCheck
      ID = "head_crane"
      LABEL = "Head crane"

      private

      def side = :head
    end
  end
end
