module DustLadder
  module Statics
    # What a figure will be in every corner, foretold from what each opening does to it alone (slope and bend) and
    # each two of them together. What three of them do together is left out, and made up for by how far the corners
    # that were solved lie from what was foretold: every corner that could still be the worst within that much is
    # doubtful.
    class Foretold
      TRUST = 1.25

      # base: of the nominal pose; singles: by opening, [low end, high end]; pairs: { [opening, later one] => both at
      # their high end }. Each an array of as many numbers. signs: of every corner, -1 or 1 by opening.
      def initialize(base, singles, pairs, signs)
        @values =
          base.each_index.map do |at|
            slopes = singles.map { |low, high| (high[at] - low[at]) / 2 }
            bends = singles.map { |low, high| (high[at] + low[at]) / 2 - base[at] }
            cross =
              pairs.map do |(one, other), both|
                [ one, other, both[at] - base[at] - slopes[one] - slopes[other] - bends[one] - bends[other] ]
              end
            middle = base[at] + bends.sum
            signs.map { |some| told_of(middle, slopes, cross, some) }
          end
      end

      # By corner, in the order of the signs.
      def [](at) = @values[at]
      def values_at(*some) = @values.values_at(*some)
      def each_index(&) = @values.each_index(&)

      # The corners, by index, at which a figure has its most and its least.
      def ends(at)
        [ @values[at].each_index.max_by { |corner| @values[at][corner] }, @values[at].each_index.min_by { |corner|
          @values[at][corner]
        } ]
      end

      # Corners that could have more of a figure than the most that was solved, or less than the least. known: {
      # corner's index => the figure there }; near: how much of it is nothing.
      def doubtful(at, known, near)
        told = @values[at]
        off = known.map { |corner, value| (value - told[corner]).abs }.max * TRUST
        least, most = known.each_value.minmax
        told.each_index.select { |corner| told[corner] + off > most + near || told[corner] - off < least - near }
      end

      private

      def told_of(middle, slopes, cross, some)
        sum = middle
        at = 0
        while at < slopes.size
          sum += slopes[at] * some[at]
          at += 1
        end
        cross.each { |one, other, part| sum += part * some[one] * some[other] }
        sum
      end
    end
  end
end
