module DustLadder
  module Quantity
    # What was typed cannot be read as the quantity asked for. `expected` says what would be; `choices` are texts that
    # it may have been meant as, each of which can be read.
    class Unreadable < StandardError
      attr_reader :typed, :expected, :choices

      def initialize(message, typed:, expected:, choices: [])
        super(message)
        @typed = typed
        @expected = expected
        @choices = choices
      end
    end
  end
end
