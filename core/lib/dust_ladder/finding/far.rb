module DustLadder
  module Finding
    # How far a search is. done: how many were looked at; of: how many there are; found: that hold; passed: those that
    # could be neither the first of a kind nor leave a step more; fallen; minutes: that the last of them take.
    Far =
      Struct.new(:done, :of, :found, :passed, :fallen, :minutes, keyword_init: true) do
        def as_json(*) = to_h.transform_keys(&:to_s)
      end
  end
end
