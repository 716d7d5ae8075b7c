module DustLadder
  module Tailing
    # A load that two cranes carry level along a way, one hook at most so much ahead of the other.
    class Carry < Turn
      # The most of any tilt within reach, whatever the step.
      Level =
        Struct.new(:box, :tilts) do
          def sweep(_steps) = self
          def most_at(_step)
            @most ||=
              begin
                box.sweep(tilts)
                [ box.head, box.tail ].compact.map(&:kg).then { |both| both.size == 2 ? both : [] }
              end
            @most if @most.any?
          end

          def slack_first = nil
          def untold_from = nil
        end
      # The head's hook goes straight from where it begins to where it ends, the load turning evenly under both.
      Way =
        Struct.new(:from, :to, :apart, :bearing) do
          def head_at(step) = from.zip(to).map { |one, other| one + (other - one) * step / WHOLE_WAY }

          def tail_at(step)
            turned = bearing.(step) * Math::PI / 180
            east, north = head_at(step)
            [ east - apart * Math.sin(turned), north - apart * Math.cos(turned) ]
          end
        end

      def low = 0.0
      def high = WHOLE_WAY
      def until_tilt = high
      def handover? = false
      def tilt_at(_step) = 0.0
      def words(step) = { 0.0 => "pick", WHOLE_WAY => "set" }[step] || "#{step.round} % of the way"
      def share_words(tilt) = "#{Figure.deg(tilt.abs, :up)} off level, one hook ahead"
      def hang_tilts = Tilts.of(*load_range)
      def most_kg(side) = shares[SIDES.index(side)].kg
      def told?(_step) = true
      def share_at(side, _step) = most_kg(side)

      # Tilts that it reaches where one hook is as far ahead of the other as it may be, the lesser first: of the beam
      # where one is in both hooks.
      def tilt_range
        @tilt_range ||=
          begin
            step = tandem.out_of_step.value
            found = [ -step, step ].map { |higher| hooks.tilt_for(higher) }
            if found.any?(&:nil?)
              raise NotKnown.new(
                "the points are nearer to one another than one hook may be ahead",
                pointer: tandem.out_of_step.pointer
              )
            end

            found
          end
      end

      # Tilts of the load: below a beam by more than that leans.
      def load_range
        return tilt_range unless below_beam

        tilt_range.zip([ -1, 1 ]).map { |tilt, side| tilt + side * below_beam.unlike_deg }
      end

      def shares = @shares ||= most_of(box, *load_range)
      # What the slings carry at the points of the load itself.
      def own_shares = @own_shares ||= below_beam ? most_of(own_box, *load_range) : shares
      def own_most_kg(side) = own_shares[SIDES.index(side)].kg

      # At the tilt within reach at which the line carries most, whatever the step.
      def how(side, _step)
        at = SIDES.index(side)
        [ shares[at].tilt_deg, *box.how(shares[at].tilt_deg, at) ]
      end

      def throughout = Level.new(box, Tilts.of(*load_range))
      def sweep = @sweep ||= Sweep.new(throughout, course, **sides, from: low, to: high)
      def course
        @course ||= Way.new(
          [ tandem.east.value, tandem.north.value ],
          [ tandem.to_east.value, tandem.to_north.value ],
          hooks.at(1.0, 0.0).apart,
          method(:bearing_at)
        )
      end

      def bearing_at(step)
        from, to = tandem.bearing.value, tandem.to_bearing.value
        turned = (to - from + 180) % 360 - 180
        from + turned * step / WHOLE_WAY
      end

      def steps = @steps ||= (0..20).map { |step| step * 5.0 }

      # As far as one hook may be ahead it may be higher.
      def hook_above(side, tilt) = super + tandem.out_of_step.value

      private

      def moments_of(side) = [ sweep.worst(side) ]
    end
  end
end
