module DustLadder
  module Rigging
    # The worst case was not asked for yet: only how it hangs nominally.
    class Pending < NotKnown
    end
  end
end
