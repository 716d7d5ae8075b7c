module DustLadder
  module Rigging
    # words: a Sentence; changes: { JSON pointer => value }; ladder: with them made; rigging: verdict of its rigging.
    Proposal =
      Struct.new(:id, :words, :changes, :ladder, :rigging, :slings, keyword_init: true) do
        def as_json(*)
          drawing = ladder.as_json["drawing"]
          worst = ladder.rung("slings")
          {
            "id" => id,
            "words" => words.as_json,
            "changes" => changes,
            "rigging" => rigging,
            "verdict" => ladder.verdict,
            "headline" => ladder.headlines,
            "slings" => slings,
            "hook_height" => drawing&.dig("hook_height"),
            "utilisation" => worst&.percent&.as_json,
            "tilt" => drawing&.dig("tilt", "deg"),
            "weakest" => weakest,
            "drawing" => drawing
          }
        end

        def weakest
          rung =
            ladder
              .rigging
              .min_by { |one| [ Ladder::Verdict.rank(one.verdict), -(one.utilisation || 0) ] }
          { "label" => rung.label, "verdict" => rung.verdict, "note" => rung.note&.as_json }
        end
      end
  end
end
