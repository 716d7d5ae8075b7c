require_relative "quantity/reader"
require_relative "quantity/figure"

module DustLadder
  # Quantities as people write them, and figures as the tool shows them.
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

  # Data with every number as a Float: JSON keeps no difference between 45 and 45.0, and dividing whole
  # numbers would round without a word.
  def self.floats(data)
    case data
    when Integer then data.to_f
    when Hash then data.transform_values { |value| floats(value) }
    when Array then data.map { |value| floats(value) }
    else data
    end
  end

  # Something a check needs is missing. Carries what it is and where to give it (a JSON pointer).
  class NotKnown < StandardError
    attr_reader :what, :pointer

    def initialize(what, pointer: nil)
      super(what)
      @what = what
      @pointer = pointer
    end
  end

  # What the block answers, or the other when something in it is not known: for what a screen leaves out then, never for
  # a verdict.
  def self.known(otherwise = nil)
    yield
  rescue NotKnown
    otherwise
  end
end
