module DustLadder
  # Something a check needs is missing. Carries what it is and where to give it (a JSON pointer).
  class NotKnown < StandardError
    attr_reader :what, :pointer

    def initialize(what, pointer: nil)
      super(what)
      @what = what
      @pointer = pointer
    end
  end
end
