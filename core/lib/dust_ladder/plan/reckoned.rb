module DustLadder
  module Plan
    # A figure that is worked out from others of the plan, to be asked as a Field is. What it lacks is told by the
    # places of those.
    class Reckoned
      attr_reader :label, :pointer

      # Yields nothing, takes the figure, in the base unit; it may raise NotKnown.
      def initialize(label, pointer, &work)
        @label = label
        @pointer = pointer
        @work = work
      end

      def given? = true
      def known? = !DustLadder.known { value }.nil?
      def value = @value ||= @work.call

      def positive
        value.positive? ? value : raise(NotKnown.new("#{label} must be more than nothing", pointer: pointer))
      end
      alias not_negative value
    end
  end
end
