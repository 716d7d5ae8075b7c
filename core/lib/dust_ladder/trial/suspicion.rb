module DustLadder
  module Trial
    # Readings that no weight and no centre of gravity explain: which instrument may be wrong. One at a time is left
    # out, and the cells of two legs put in each other's place, until the rest agrees (handbook, section 10).
    class Suspicion
      # what: "cell", "swapped", "load" or "tilt"; lines: of the rig; fit: a Fit of the readings with it mended.
      Suspect = Struct.new(:what, :lines, :fit, keyword_init: true)
      # Standard deviations by which a reading may lie off what fits best; and what counts as agreeing once mended.
      AGREES = 3.0
      MENDED = 2.2

      # fit: a Fit of the tries as they were read. again: makes a Fit of other Seen, or raises NotKnown.
      def initialize(fit, &again)
        @fit = fit
        @again = again
      end

      def agrees? = @fit.worst_misfit <= AGREES

      # What alone would explain it; none where the readings agree.
      def suspects
        @suspects ||= agrees? ? [] : [ *swapped, *cells, *others ].select { |one| one.fit.worst_misfit <= MENDED }
      end
      # The one that does, or nil.
      def suspect = suspects.one? ? suspects[0] : nil

      private

      def lines = @fit.hanging.rests.each_index.select { |line| @fit.seen.any? { |one| one.cells[line] } }

      def swapped
        lines.combination(2).filter_map do |pair|
          mended("swapped", pair) { |one| pair.all? { |line| one.cells[line] } ? one.with_cells_of(*pair) : one }
        end
      end

      def cells = lines.filter_map { |line| mended("cell", [ line ]) { |one| one.without_cell(line) } }

      def others
        [
          mended("load", []) { |one| one.dup.tap { |copy| copy.load = nil } },
          mended("tilt", []) { |one| one.dup.tap { |copy| copy.pitch = copy.roll = nil } }
        ].compact
      end

      # Left out only where enough is left to tell by.
      def mended(what, lines, &)
        seen = @fit.seen.map(&)
        return if seen == @fit.seen || seen.none? { |one| one.cells? || one.tilt? }

        Suspect.new(what: what, lines: lines, fit: @again.call(seen))
      rescue NotKnown
        nil
      end
    end
  end
end
