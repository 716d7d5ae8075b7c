module DustLadder
  module Cranes
    # The boom is too short for a radius: known, and impossible.
    class OutOfReach < NotKnown
    end
  end
end
