module DustLadder
  module Tailing
    # Both cranes over the whole turn of a load: what each carries at most, at which radius, and how much of its chart
    # that is (handbook, section 6.2). Gone through in quarters of a degree, and exactly where a row of the chart is
    # crossed and where the use is greatest.
    class Sweep
      # As near as a crossing or a greatest use is found, degrees.
      NEAR = 1e-7
      # use: share and rigging over capacity; infinite where the chart allows nothing there.
      Moment =
        Struct.new(:tilt_deg, :share, :gross, :radius, :row, :capacity, :use) do
          def off_chart? = capacity.nil?
        end
      SIDES = %i[head tail].freeze

      # box: a Statics::TwoHooksBox. course: a Course. head, tail: a Side each. from, to: degrees of tilt.
      def initialize(box, course, head:, tail:, from: 0.0, to: 90.0)
        @box = box
        @course = course
        @cranes = { head: head, tail: tail }
        @from, @to = from.to_f, to.to_f
        @moments = {}
        @shares = {}
      end

      # Tilts that it is gone through at, in its order: as far as no line hangs slack and what either carries can be
      # told. Past that the lines cross, or the load hangs from one: the handover is to be planned.
      def tilts
        @tilts ||=
          begin
            all = Tilts.of(@from, @to)
            @box.sweep(all)
            ends = [ @box.slack_first, @box.untold_from ].compact
            all.take_while { |tilt| !ends.include?(tilt) }
          end
      end

      # Where its end comes before all was gone through: the first tilt at which a line hangs slack, and the first at
      # which what either carries cannot be told. nil where neither happens.
      def slack_at = tilts.then { @box.slack_first }
      def untold_from = tilts.then { @box.untold_from }

      # Of one side, at every tilt that can be told.
      def moments(side) = @moments[side] ||= tilts.filter_map { |tilt| moment(side, tilt) }

      # The moment at which most of its chart is used; nil where nothing can be told.
      def worst(side)
        (@worst ||= {})[side] ||=
          begin
            all = moments(side)
            [ *all, *crossed(side, all), greatest(side, all) ].compact.max_by(&:use)
          end
      end

      # At one tilt; nil where it cannot be told.
      def moment(side, tilt)
        share = shares(tilt)&.fetch(SIDES.index(side)) or return
        crane = @cranes.fetch(side)
        at = crane.at(side == :head ? @course.head_at(tilt) : @course.tail_at(tilt))
        gross = share + crane.rigging
        use = at.capacity&.positive? ? gross / at.capacity : Float::INFINITY
        Moment.new(tilt, share, gross, at.radius, at.row, at.capacity, use)
      end

      # The first tilt past which more than this share of a chart is used, degrees; nil where it never is.
      def past(side, share)
        over = ->(one) { one.use > share + Ladder::Verdict::SLACK }
        before = nil
        found = moments(side).find { |one| over.(one) || (before = one) && nil } or return
        low, high = before, found
        while low && (high.tilt_deg - low.tilt_deg).abs > NEAR
          middle = moment(side, (low.tilt_deg + high.tilt_deg) / 2) or break
          over.(middle) ? high = middle : low = middle
        end
        high.tilt_deg
      end

      # Tilts at which another row of the chart counts, degrees: the first one of the new row.
      def crossings(side) = crossed(side, moments(side)).map(&:tilt_deg)

      private

      def shares(tilt) = @shares.fetch(tilt) { @shares[tilt] = @box.most_at(tilt) }

      def crossed(side, all)
        all.each_cons(2).filter_map { |one, other| cross(side, one, other) if one.capacity != other.capacity }
      end

      # The first moment of the later capacity between two.
      def cross(side, one, other)
        low, high = one, other
        while (high.tilt_deg - low.tilt_deg).abs > NEAR
          middle = moment(side, (low.tilt_deg + high.tilt_deg) / 2) or return other
          middle.capacity == one.capacity ? low = middle : high = middle
        end
        high
      end

      # About the greatest of those that were looked at, within the same row: by thirds.
      def greatest(side, all)
        at = all.each_index.max_by { |index| all[index].use } or return
        low, high = [ at - 1, 0 ].max, [ at + 1, all.size - 1 ].min
        a, b = all[low].tilt_deg, all[high].tilt_deg
        best = all[at]
        while (b - a).abs > NEAR
          thirds = [ a + (b - a) / 3, b - (b - a) / 3 ].map { |tilt| moment(side, tilt) }
          return best if thirds.any?(&:nil?)

          best = [ best, *thirds ].max_by(&:use)
          thirds[0].use < thirds[1].use ? a = thirds[0].tilt_deg : b = thirds[1].tilt_deg
        end
        best
      end
    end
  end
end
