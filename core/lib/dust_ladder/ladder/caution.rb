module DustLadder
  class Ladder
    # A caution beside a rung: a sentence that a rigger should read there, with no bearing on the verdict.
    Caution =
      Struct.new(:id, :text, :about, keyword_init: true) do
        # text: a Sentence, or words without figures.
        def self.of(id, text, about) =
          new(id: id, text: text.is_a?(Sentence) ? text : Sentence.new(text, nil), about: about)

        def as_json(*) = { "id" => id, "text" => text.as_json, "about" => about }
      end
  end
end
