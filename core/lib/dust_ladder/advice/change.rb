module DustLadder
  module Advice
    # One thing that somebody could change of a plan. id: of the change; knob: of what is changed, as efforts.yml lists
    # it; of: which crane's it is, an index, in a lift of two; words: a Sentence of what to do; values: { JSON pointer
    # => value }; axis: an Axis where it is one figure among many.
    Change =
      Struct.new(:id, :knob, :of, :words, :values, :axis, keyword_init: true) do
        def effort = Efforts.of(knob)
        def act = effort["act"]
        def minutes = effort["minutes"]

        # What of the plan it changes.
        def slot = [ knob, of ]

        # Do both write to one place, or one of them into what the other replaces?
        def clashes?(other)
          slot == other.slot ||
            values.keys.product(other.values.keys).any? { |one, two| within?(one, two) || within?(two, one) }
        end

        # Does it put something in of which a part is left open?
        def blank?
          put = values.reject { |pointer, _| Plan::NamedGear.snapshot?(pointer) }.values
          put.grep(Hash).any? { |value| value.value?(nil) }
        end

        def as_json(*) = { "id" => id, "act" => act, "minutes" => minutes, "words" => words.as_json }

        private

        def within?(inner, outer) = inner == outer || inner.start_with?("#{outer}/")
      end

    # Of a change that is one figure: what it is now or was tried before, what it becomes, the least step, and how the
    # Change of another figure is made.
    class Change::Axis
      attr_reader :from, :to, :step

      def initialize(from, to, step, &make)
        @from = from
        @to = to
        @step = step
        @make = make
      end

      def at(value) = @make.call(value)

      # The Change nearest to where it comes from that the block still approves of; nil where none nearer does.
      def least
        low, high, found = from, to, nil
        while (high - low).abs > step * 1.01
          middle = (low + high) / 2
          change = at(middle)
          yield(change) ? (high, found = middle, change) : low = middle
        end
        found
      end
    end
  end
end
