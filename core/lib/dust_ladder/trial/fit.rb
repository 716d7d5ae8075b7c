module DustLadder
  module Trial
    # The weight and centre of gravity with which a load hangs as it was seen to, in one try or in several together, and
    # how sure that is: the most likely ones, where the lengths and the stretch of the lines are known as well as they
    # are made and the instruments as well as they are made (handbook, section 10). Lengths in m, kg, degrees.
    class Fit
      # How far off a figure may well be, one standard deviation each. cell, load: shares of the reading; cell_kg, a
      # cell's last step; tilt: degrees; length: share of a line's; stiff: share of its stiffness; height: m, of the CG.
      Trust = Struct.new(:cell, :cell_kg, :load, :tilt, :length, :stiff, :height, keyword_init: true)
      # A reading: what the hanging says of it, what was read, and how far off that may be.
      Term = Struct.new(:seen, :what, :index, :read, :error, keyword_init: true)
      TRIES = 40
      ENOUGH = 1e-7
      # Of the weight planned, and of the load's size: hardly anything is known before.
      WIDE_WEIGHT = 1.0
      PROBES = { weight: 1e-4, place: 1e-4, stiff: 1e-3, length: 1e-5 }.freeze

      attr_reader :hanging, :seen, :off

      # hanging: a Hanging. seen: Seen, one a try. size: of the load, [x, y, z]. trust: a Trust.
      # Raises NotKnown where nothing hangs as it was seen to.
      def initialize(hanging, seen, size:, trust:)
        @hanging = hanging
        @seen = seen.reject(&:nothing?)
        raise NotKnown, "nothing was read" if @seen.empty?

        @size = size
        @trust = trust
        @terms = @seen.each_index.flat_map { |at| terms_of(at) }
        solve
      end

      def weight = planned_weight * @found[0]
      def cg = planned_cg.zip(@found[1, 3]).map(&:sum)
      def stiff = Math.exp(@found[4])
      # How much longer than told each line is, as a share of its length.
      def lengths = @found[5..]

      # One standard deviation of the weight, kg, and of the CG along each axis, m.
      def weight_error = planned_weight * deviation(0)
      def cg_error = [ 1, 2, 3 ].map { |at| deviation(at) }

      # How the load would hang in a try: rests as told then.
      def hung(rests) = hanging.hung(weight: weight, cg: cg, rests: longer(rests, lengths), stiff: stiff)

      # The same with the CG elsewhere, off by [x, y, z].
      def hung_off(rests, by)
        hanging.hung(weight: weight, cg: cg.zip(by).map(&:sum), rests: longer(rests, lengths), stiff: stiff)
      end

      # How far each reading lies off what fits best, in standard deviations: [[Term, number], ...].
      def misfits = @terms.zip(@misfit)
      def worst_misfit = @misfit.map(&:abs).max

      private

      def planned_weight = hanging.planned.mass
      def planned_cg = hanging.planned.cg
      def longer(rests, shares) = rests.zip(shares).map { |rest, share| rest * (1 + share) }

      def terms_of(at)
        one = @seen[at]
        cells =
          one.cells.each_with_index.filter_map do |kg, line|
            kg && Term.new(seen: at, what: :cell, index: line, read: kg, error: kg * @trust.cell + @trust.cell_kg)
          end
        load = one.load && Term.new(seen: at, what: :load, read: one.load, error: one.load * @trust.load)
        tilt = one.tilt? ? %i[pitch roll].map { |way|
          Term.new(seen: at, what: way, read: one[way], error: @trust.tilt)
        } : []
        [ *cells, *[ load ].compact, *tilt ]
      end

      # What is not known: the weight as a share of the planned one, the CG's place off the planned one, the stretch and
      # the lengths; and how far each may be off before anything is read.
      def spreads
        @spreads ||= [
          WIDE_WEIGHT,
          @size[0],
          @size[1],
          @trust.height,
          @trust.stiff,
          *Array.new(hanging.rests.size) { @trust.length }
        ]
      end

      def probes
        @probes ||= [
          PROBES[:weight],
          *Array.new(3) { PROBES[:place] },
          PROBES[:stiff],
          *Array.new(hanging.rests.size) { PROBES[:length] }
        ]
      end

      # How far off everything is, in standard deviations: readings first, then what was thought before.
      def misfit_of(values)
        hangs =
          @seen.map do |one|
            hanging.hung(
              weight: planned_weight * values[0],
              cg: planned_cg.zip(values[1, 3]).map(&:sum),
              rests: longer(one.rests, values[5..]),
              stiff: Math.exp(values[4])
            )
          end
        read = @terms.map { |term| (said(hangs[term.seen], term, values) - term.read) / term.error }
        before = values.each_with_index.map { |value, at| (value - (at.zero? ? 1.0 : 0.0)) / spreads[at] }
        read + before
      end

      def said(hung, term, values)
        case term.what
        when :cell
          # A cell that shows nothing is content with any slackness.
          term.read.positive? ? hung.pulls[term.index] : [ hung.pulls[term.index], 0.0 ].max
        when :load
          planned_weight * values[0]
        else
          hung[term.what]
        end
      end

      # Levenberg's and Marquardt's way: Gauss and Newton's step, held shorter while it does not help.
      def solve
        values = start
        off = misfit_of(values)
        hold = 1e-3
        TRIES.times do
          Budget.ask!
          slopes = slopes_at(values, off)
          normal, down = normal_of(slopes, off)
          moved = nil
          8.times do
            tried = stepped(values, normal, down, hold)
            after = tried && tolerant(tried)
            if after && sum(after) < sum(off)
              moved = [ tried, after ]
              hold = [ hold / 10, 1e-9 ].max
              break
            end
            hold *= 10
          end
          break unless moved

          gained = sum(off) - sum(moved[1])
          values, off = moved
          break if gained < ENOUGH * (1 + sum(off))
        end
        @found = values
        @off = off
        @misfit = off.first(@terms.size)
        @normal = normal_of(slopes_at(values, off), off)[0]
      end

      # The weight that the readings come to by themselves, about; the rest as planned.
      def start
        told = @seen.filter_map { |one| one.load || (one.cells.all? && one.cells.sum * 0.9) }
        weight = told.any? ? told.sum / told.size / planned_weight : 1.0
        [ weight.positive? ? weight : 1.0, 0.0, 0.0, 0.0, 0.0, *Array.new(hanging.rests.size, 0.0) ]
      end

      def tolerant(values)
        values[0].positive? ? misfit_of(values) : nil
      rescue NotKnown
        nil
      end

      def slopes_at(values, off)
        values.each_index.map do |at|
          there =
            [ 1, -1 ].lazy.filter_map do |way|
              probe = way * probes[at]
              found = tolerant(values.each_with_index.map { |value, index| index == at ? value + probe : value })
              found&.zip(off)&.map { |is, was| (is - was) / probe }
            end
          there.first or raise NotKnown, "nothing near it hangs"
        end
      end

      def normal_of(slopes, off)
        many = slopes.size
        normal = Array.new(many * many, 0.0)
        many.times do |row|
          (row...many).each do |column|
            value = slopes[row].each_index.sum { |index| slopes[row][index] * slopes[column][index] }
            normal[row * many + column] = normal[column * many + row] = value
          end
        end
        [ normal, slopes.map { |slope| -slope.each_index.sum { |index| slope[index] * off[index] } } ]
      end

      def stepped(values, normal, down, hold)
        many = values.size
        held = normal.dup
        many.times { |at| held[at * many + at] *= 1 + hold }
        step = Statics::Linear.solve(held, down.dup) or return
        values.zip(step).map(&:sum)
      end

      def sum(off) = off.sum { |one| one * one }

      def deviation(at)
        many = @found.size
        unit = Array.new(many) { |index| index == at ? 1.0 : 0.0 }
        column = Statics::Linear.solve(@normal.dup, unit)
        Math.sqrt([ column[at], 0.0 ].max)
      end
    end
  end
end
