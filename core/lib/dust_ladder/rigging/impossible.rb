module DustLadder
  module Rigging
    # The plan's geometry cannot be built: known, but wrong.
    class Impossible < NotKnown
    end
  end
end
