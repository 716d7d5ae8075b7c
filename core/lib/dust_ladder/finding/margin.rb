module DustLadder
  module Finding
    # How much heavier the load may be before a rung of a lift falls out, and which: to the kilogram. That more weight
    # never helps is taken for granted; past three times the load nothing is told.
    class Margin
      MOST = 2.0

      # judge: a Judge; values: of the lift; from: kg more at which it is known to hold. ids: of the rungs that are
      # asked, nil for all. within: a Margin that this one cannot be more than, or nil.
      def initialize(judge, values, from: 0.0, ids: nil, within: nil)
        @judge = judge
        @values = values
        @from = from
        @ids = ids
        @within = within
      end

      # kg, whole; and the Judge::Fall past it, nil where none fell as far as was looked.
      def kg = found.first
      def ends = found.last

      private

      def found = @found ||= all_of_it || narrowed(*bracket)

      # As much as it can be at most, and what ends that.
      def all_of_it
        return unless @within
        return [ @within.kg, @within.ends ] if @within.kg <= @from

        @top = look(@within.kg)
        [ @within.kg, @within.ends ] unless @top.fall
      end

      # [the last Look that holds, the first that falls, or nil].
      def bracket
        looks = [ look(@from) ]
        loop do
          last = looks.last
          return [ last, nil ] if last.kg >= most

          kg = further(*looks.last(2), looks.size)
          more = @top && kg >= @top.kg ? @top : look(kg)
          return [ last, more ] if more.fall

          looks << more
        end
      end

      def most = @most ||= (MOST * @judge.weight).round
      def look(kg) = @judge.look(@values, kg, @ids)

      # Where the rung that is used most would be full, were it all for the weight, and then by how it grew; where that
      # leads nowhere, a good deal farther.
      def further(before, last = before, looks)
        far = looks > MOST_LOOKS ? nil : full(before, last)
        far ||= last.kg + [ 0.25 * last.kg, 0.05 * @judge.weight ].max
        far.ceil.clamp(last.kg.floor + 1, most)
      end
      MOST_LOOKS = 4

      def full(before, last)
        used = last.used or return
        return (@judge.weight + last.kg) / used - @judge.weight if before.equal?(last)

        grown = (used - before.used) / (last.kg - before.kg)
        last.kg + (1 - used) / grown if grown.positive?
      end

      # [kg, Fall]: between two looks a straight line tells where to look next, and where that holds, the kilogram after
      # it; where that does not end it, the middle.
      def narrowed(low, high)
        return [ low.kg, nil ] unless high

        try = [ :between, :next, :middle ].cycle
        while high.kg - low.kg > 1
          at = send(try.next, low, high)
          looked = look(at.floor.clamp(low.kg.floor + 1, high.kg.ceil - 1))
          looked.fall ? high = looked : low = looked
        end
        [ low.kg, high.fall ]
      end

      def next(low, _) = low.kg + 1
      def middle(low, high) = (low.kg + high.kg) / 2

      # The last kilogram at which the rung that falls would hold.
      def between(low, high)
        one, other = low.figure(high.fall.id), high.fall.figure
        return middle(low, high) unless one && other && other > one && other > 1

        at = low.kg + (high.kg - low.kg) * (1 - one) / (other - one)
        (at - low.kg).abs < 1 ? low.kg + 1 : at.floor
      end
    end
  end
end
