module DustLadder
  module Statics
    # Which corners are worth solving: those that bring a figure to its most or its least, as foretold, and then all
    # that could still do so within what was foretold wrongly of the solved ones. Corners are told by index.
    class Telling
      # Figures that count together. places: of the figures; as: what counts, from their values; near: how much of it is
      # nothing; most: is the most of it asked for?; floor: what it is never under, where the least of it is asked for,
      # and nil where it is not.
      Joined = Struct.new(:places, :as, :near, :most, :floor)

      # How long two figures are, the one at a place and the next: it has a kink where they are nothing, and they have
      # none. least: is the shortest asked for too?
      def self.long(at, near, least:) = Joined.new([ at, at + 1 ], Math.method(:hypot), near, true, least ? 0.0 : nil)

      # Where the least of the greatest is asked for, which need not be the least of any one.
      def self.greatest(places, near) = Joined.new(places, ->(*some) { some.max }, near, false, -Float::INFINITY)

      # foretold: a Foretold. near: by figure, how much of it is nothing; nil for what is no figure by itself. joined:
      # Joined ones.
      def initialize(foretold, near:, joined:)
        @foretold = foretold
        @near = near
        @joined = joined.to_h { |one| [ one, foretold.values_at(*one.places).transpose.map { |some| one.as.(*some) } ] }
      end

      # Before any is solved.
      def first
        ends = @joined.flat_map do |one, told|
          [ (told.max if one.most), (told.min if one.floor) ].compact.map { |value| told.index(value) }
        end
        [ *@foretold.each_index.flat_map { |at| @foretold.ends(at) }, *ends ].uniq
      end

      # known: { corner's index => its figures } of those that were solved; none of them again.
      def doubtful(known)
        single = @near.each_with_index.flat_map do |much, at|
          much ? @foretold.doubtful(at, known.transform_values { |one| one[at] }, much) : []
        end
        [ *single, *@joined.flat_map { |one, told| doubtful_of(one, told, known) } ].uniq - known.keys
      end

      private

      def doubtful_of(one, told, known)
        values = known.transform_values { |figures| one.as.(*figures.values_at(*one.places)) }
        off = values.map { |index, value| (value - told[index]).abs }.max * Foretold::TRUST
        low, high = values.values.minmax
        told.each_index.select do |index|
          (one.most && told[index] + off > high + one.near) ||
            (one.floor && [ told[index] - off, one.floor ].max < low - one.near)
        end
      end
    end
  end
end
