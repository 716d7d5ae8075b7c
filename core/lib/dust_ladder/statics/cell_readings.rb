module DustLadder
  module Statics
    # What load cells in the legs say of one hang, worked out from their balance alone: the weight, the plumb line of
    # the centre of gravity, what a dead cell would have read, and two cells that may stand in each other's place
    # (handbook, section 10). Axes of the load, m; kg; angles in degrees as of Pose.
    class CellReadings
      # point: where the leg holds the load; upper: where it hangs from, as it hangs; reading: kg, or nil of a dead
      # cell.
      Leg = Struct.new(:name, :point, :upper, :reading)
      # A leg that leans less tells nothing by its level part.
      LEANS = 0.05
      Balance = Struct.new(:weight, :level, :moment)

      attr_reader :legs, :up

      # consistent_upto: the share of the weight that may be left over, level. indicated: kg that the legs carry
      # together, as an indicator says, or nil. look_for_pairs: are cells put back in turn where they do not agree?
      def initialize(legs, pitch_deg:, roll_deg:, consistent_upto:, indicated: nil, look_for_pairs: true)
        @legs = legs
        @up = up_of(pitch_deg, roll_deg)
        @limit = consistent_upto
        @indicated = indicated
        @look_for_pairs = look_for_pairs
        @directions = legs.map { |leg| Vector.unit(Vector.less(leg.upper, leg.point)) }
        @forces = filled && forces_of(filled)
      end

      # The world's up in the load's axes.
      def up_of(pitch, roll)
        p, r = [ pitch, roll ].map { |deg| deg * Math::PI / 180 }
        [ -Math.sin(p), Math.cos(p) * Math.sin(r), Math.cos(p) * Math.cos(r) ]
      end
      private :up_of

      def dead = legs.each_index.select { |index| legs[index].reading.nil? }

      # Readings with that of the one dead cell filled in; nil where it cannot be told.
      def filled
        return @filled if defined?(@filled)

        readings = legs.map(&:reading)
        @filled =
          if dead.empty?
            readings
          elsif dead.one? && (reading = dead_reading)
            readings.dup.tap { |all| all[dead[0]] = reading }
          end
      end

      # What the one dead cell would have read, kg; nil where there is none, or nothing tells.
      def dead_reading
        return unless dead.one?
        return @dead_reading if defined?(@dead_reading)

        @dead_reading = leans?(dead[0]) ? balancing(dead[0]) : left_over(dead[0])
      end

      # What is left over level, as a share of the weight; nil where it cannot be told.
      def residual = @forces && residual_of(@forces)
      def consistent? = residual && residual <= @limit

      # Pairs of legs, by index, that would agree if each had the other's cell.
      def pairs
        @pairs ||=
          if @look_for_pairs && filled && !consistent?
            legs.each_index.to_a.combination(2).select { |pair| residual_of(forces_of(put_back(pair))) <= @limit }
          else
            []
          end
      end

      # The one pair that explains it, or nil.
      def swapped = pairs.one? ? pairs[0] : nil

      # Readings as they are believed, by leg; nil where they are not.
      def believed
        return filled if consistent?

        swapped && put_back(swapped)
      end

      # kg; nil where it cannot be told.
      def weight = believed && balance(forces_of(believed)).weight

      # Where the plumb line of the CG pierces a level of the load, [x, y]; nil where it cannot be told.
      def plumb_line(z)
        return unless believed

        forces = balance(forces_of(believed))
        # The place nearest to the origin at which the weight makes the moment that the legs make; then along plumb.
        near = Vector.cross(up, forces.moment).map { |part| part / forces.weight }
        along = (z - near[2]) / up[2]
        [ near[0] + along * up[0], near[1] + along * up[1] ]
      end

      private

      def leans?(leg) = Vector.length(Vector.square_to(@directions[leg], up)) > LEANS

      # The reading with which the least is left over level, as a share of the weight.
      def balancing(leg)
        others = balance(forces_of(legs.map { |one| one.reading || 0.0 }))
        lean = Vector.square_to(@directions[leg], up)
        rise = Vector.dot(@directions[leg], up)
        square = Vector.dot(lean, lean)
        nearest = -Vector.dot(others.level, lean) / square
        left = others.level.zip(lean).map { |part, more| part + nearest * more }
        weight = others.weight + nearest * rise
        weight.positive? ? nearest + rise * Vector.dot(left, left) / (square * weight) : nil
      end

      # What the indicator says beside the other cells.
      def left_over(leg)
        others = balance(forces_of(legs.map { |one| one.reading || 0.0 }))
        @indicated && (@indicated - others.weight) / Vector.dot(@directions[leg], up)
      end

      def put_back(pair)
        one, other = pair
        filled.dup.tap { |all| all[one], all[other] = all[other], all[one] }
      end

      def forces_of(readings) = @directions.zip(readings).map { |direction, kg| direction.map { |part| part * kg } }

      def balance(forces)
        whole = forces.transpose.map(&:sum)
        weight = Vector.dot(whole, up)
        moment = legs.zip(forces).map { |leg, force| Vector.cross(leg.point, force) }.transpose.map(&:sum)
        Balance.new(weight, Vector.square_to(whole, up), moment)
      end

      def residual_of(forces)
        all = balance(forces)
        all.weight.positive? ? Vector.length(all.level) / all.weight : Float::INFINITY
      end
    end
  end
end
