module DustLadder
  class Ladder
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
