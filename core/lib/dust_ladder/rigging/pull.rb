module DustLadder
  module Rigging
    # What one leg carries in one pose: kg as mass held, upward and along the leg; the pose's leg; the Corner it is of.
    Pull = Struct.new(:share, :tension, :leg, :corner)
  end
end
