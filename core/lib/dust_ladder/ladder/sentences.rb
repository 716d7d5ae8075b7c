module DustLadder
  class Ladder
    module Sentences
      private

      # A Sentence of a text without figures, or of a block that is given the system.
      def both(text = nil, &write) = Sentence.new(text, write)
    end
  end
end
