module DustLadder
  module Load
    module Spelling
      # What was perhaps meant by a word that is not known, as the end of a sentence; empty when nothing is near.
      def self.meant(word, known)
        near = DidYouMean::SpellChecker.new(dictionary: known).correct(word).first
        near ? "; did you mean #{near}?" : ""
      end
    end
  end
end
