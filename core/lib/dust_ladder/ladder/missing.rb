module DustLadder
  class Ladder
    # What a rung still needs before it can say anything, and where to give it (a JSON pointer).
    Missing =
      Struct.new(:what, :pointer, keyword_init: true) { def as_json(*) = { "what" => what, "pointer" => pointer } }
  end
end
