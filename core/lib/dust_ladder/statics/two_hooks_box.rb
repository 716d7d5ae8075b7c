module DustLadder
  module Statics
    # A load on two hooks over a sweep of tilts, at every corner of what is not known: its weight, where the CG is, and
    # how far either line leans from plumb (handbook, sections 3.5 and 6.2). The sweep of a corner ends before the tilt
    # at which one of its lines hangs slack, and leaves out where the lines are so near to one another that their shares
    # cannot be told.
    class TwoHooksBox
      # Lines nearer than this share of the load's length: what either carries cannot be told.
      UNTOLD = 0.02
      # weight: kg; along, up: -1 or 1, the end of the CG's box.
      Corner = Struct.new(:weight, :along, :up)
      # The most that a line carries, kg, at which tilt and Corner.
      Worst = Struct.new(:kg, :tilt_deg, :corner)

      # hooks: a TwoHooks with the CG where it is planned. weights: least and most, kg. half_widths: of the CG's box, m,
      # [along, up]. leans: degrees from plumb, [head, tail]. long: the load's length, m; untold: that share of it.
      def initialize(hooks, weights:, half_widths:, leans:, long:, untold: UNTOLD)
        @hooks = hooks
        @leans = leans
        @least_apart = untold * long
        @corners =
          weights.uniq.product([ -1, 1 ], [ -1, 1 ]).map do |weight, along, up|
            corner = Corner.new(weight, along, up)
            [ corner, hooks.with_cg_by(along * half_widths[0], up * half_widths[1]) ]
          end
      end

      # tilts: degrees, in the order in which they are gone through.
      def sweep(tilts)
        @tilts, @slack, @untold, @head, @tail = tilts, [], [], nil, nil
        @corners.each { |corner, hooks| go_through(corner, hooks) }
        self
      end

      # The most that each line carries at one tilt over the corners in which both hang taut there: [head, tail], kg;
      # nil where it cannot be told.
      def most_at(tilt)
        found =
          @corners.filter_map do |corner, hooks|
            at = hooks.at(corner.weight, tilt)
            return if at.apart.abs < @least_apart

            hooks.most_leaning(at, *@leans) unless at.slack?
          end
        found.transpose.map(&:max) if found.any?
      end

      # Tilts at which it hangs from the head's hook alone, of every corner, degrees.
      def free_tilts = @corners.map { |_, hooks| hooks.free_tilt }

      # The least of each at a tilt, both plumb: [head, tail], kg; nil where it cannot be told.
      def least_at(tilt)
        found = @corners.map { |corner, hooks| hooks.at(corner.weight, tilt) }
        return if found.any? { |at| at.apart.abs < @least_apart }

        [ found.map(&:head).min, found.map(&:tail).min ]
      end

      # How the most of one line at a tilt comes about: its Corner, TwoHooks with the CG there, and kg; nil where it
      # cannot be told. side: 0 of the head, 1 of the tail.
      def how(tilt, side)
        @corners
          .filter_map do |corner, hooks|
            at = hooks.at(corner.weight, tilt)
            [ corner, hooks, hooks.most_leaning(at, *@leans)[side] ] unless at.apart.abs < @least_apart || at.slack?
          end
          .max_by(&:last)
      end

      # Which line hangs slack at a tilt in any corner, :head or :tail; the head's first, nil where neither does.
      def slack_at(tilt)
        found = @corners.map { |corner, hooks| hooks.at(corner.weight, tilt) }.select { |at| at.head && at.slack? }
        return if found.empty?

        found.any? { |at| at.head.negative? } ? :head : :tail
      end

      # Worst of either line, nil where nothing of the sweep can be told.
      attr_reader :head, :tail
      # The first tilt at which a line of any corner hangs slack, and the first that is left out.
      def slack_first = @slack.min&.then { |step| @tilts[step] }
      def untold_from = @untold.min&.then { |step| @tilts[step] }

      private

      def go_through(corner, hooks)
        @tilts.each_with_index do |tilt, step|
          at = hooks.at(corner.weight, tilt)
          next @untold << step if at.apart.abs < @least_apart
          return @slack << step if at.slack?

          head, tail = hooks.most_leaning(at, *@leans)
          @head = worse(@head, head, tilt, corner)
          @tail = worse(@tail, tail, tilt, corner)
        end
      end

      def worse(so_far, kg, tilt, corner)
        so_far.nil? || kg > so_far.kg * (1 + 1e-12) ? Worst.new(kg, tilt, corner) : so_far
      end
    end
  end
end
