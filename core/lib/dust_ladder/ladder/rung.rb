module DustLadder
  module Ladder
    # A caution beside a rung: a sentence that a rigger should read there, with no bearing on the verdict.
    Caution =
      Struct.new(:id, :text, :about, keyword_init: true) do
        # text: a Sentence, or words without figures.
        def self.of(id, text, about) =
          new(id: id, text: text.is_a?(Sentence) ? text : Sentence.new(text, nil), about: about)

        def as_json(*) = { "id" => id, "text" => text.as_json, "about" => about }
      end

    # What a rung still needs before it can say anything, and where to give it (a JSON pointer).
    Missing =
      Struct.new(:what, :pointer, keyword_init: true) { def as_json(*) = { "what" => what, "pointer" => pointer } }

    # One part of a rung that carries its own figure: a leg, a station.
    Part =
      Struct.new(:name, :verdict, :utilisation, :demand, :capacity, :nominal, :note, keyword_init: true) do
        def as_json(*)
          {
            "name" => name,
            "verdict" => verdict,
            "utilisation" => utilisation&.finite? ? Figure.percent(utilisation).as_json : nil,
            "demand" => demand&.as_json,
            "capacity" => capacity&.as_json,
            "nominal" => nominal&.as_json,
            "note" => note&.as_json
          }
        end
      end

    # One check's answer. utilisation and attention are fractions or nil.
    # note: the thing, then the figure, a Sentence. word: who answered it in words, as Plan::Word gives it, or nil.
    Rung =
      Struct.new(
        :id,
        :label,
        :flight,
        :in_headline,
        :of_slings,
        :verdict,
        :subject,
        :utilisation,
        :attention,
        :demand,
        :capacity,
        :note,
        :parts,
        :arithmetic,
        :cautions,
        :missing,
        :pending,
        :word,
        keyword_init: true
      ) do
        # Every line of arithmetic, in the order it was worked.
        def working = arithmetic.lines
        def percent = utilisation && Figure.percent(utilisation)

        # whole: with every line of its working; without, nil stands in its place.
        def as_json(*, whole: true)
          {
            "id" => id,
            "label" => label,
            "flight" => flight,
            "verdict" => verdict,
            "subject" => subject,
            "utilisation" => percent&.as_json,
            "attention" => attention,
            "demand" => demand&.as_json,
            "capacity" => capacity&.as_json,
            "note" => note&.as_json,
            "parts" => parts.map(&:as_json),
            "working" => whole ? working.map(&:as_json) : nil,
            "cautions" => cautions.map(&:as_json),
            "missing" => missing.map(&:as_json),
            "pending" => pending,
            "word" => word
          }
        end
      end
  end
end
