module DustLadder
  # Something that was asked is not as it must be: where it was given (a JSON pointer), why, and what was expected.
  class Faulty < StandardError
    attr_reader :pointer, :expected

    def initialize(pointer, message, expected)
      super(message)
      @pointer = pointer
      @expected = expected
    end
  end
end
