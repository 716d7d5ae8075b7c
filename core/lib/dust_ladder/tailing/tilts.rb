module DustLadder
  module Tailing
    # The tilts at which a turn is looked at, degrees, in its order: every quarter of a degree, and its last.
    module Tilts
      STEP = 0.25

      def self.of(from, to)
        many = ((to - from).abs / STEP).ceil
        Array.new(many + 1) { |at| at == many ? to : from + (to <=> from) * at * STEP }
      end
    end
  end
end
