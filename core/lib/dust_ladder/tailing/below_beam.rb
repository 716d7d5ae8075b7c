module DustLadder
  module Tailing
    # A load that hangs on two plumb slings below a beam which both hooks hold, as it is carried. The beam is off level
    # where one hook is ahead; the load as much, and by what its slings may be unlike. What the slings carry follows
    # from the load's own points, what the hooks carry from the beam's (handbook, section 3.1: separate plumb lines).
    # Metres, degrees, kg.
    class BelowBeam
      # The ends of both slings may differ in height by so much as planned.
      LEVEL_M = 0.02

      def initialize(turn)
        @turn = turn
      end

      def told = @turn.tandem.beam

      # [along, up] from the CG of what both hooks hold, as it hangs level. Raises NotKnown.
      def hook_points
        @hook_points ||=
          begin
            fits!
            middle = points.sum { |along, _| along } / 2 + told.off.value
            high = points[0][1] + @turn.hangs[0].length + told.high.positive
            [ 1, -1 ].map { |side| [ middle + side * told.span.positive / 2, high ] }
          end
      end

      # The same for what each hook carries: how long the slings are is nothing to that, for they hang plumb. The CG as
      # far below as it could be where load and beam lean different ways.
      def hooks
        @hooks ||=
          begin
            deep = told.high.positive + points.map { |_, up| up.abs }.max
            Statics::TwoHooks.new(*hook_points.map { |along, _| [ along, deep ] })
          end
      end

      # How much farther off level the load may be than the beam: one sling as short as it may be, the other as long.
      def unlike_deg
        slack = @turn.hangs.sum { |one| one.long - one.short } / 2
        Math.atan2(slack + LEVEL_M, points[0][0] - points[1][0]) / Statics::TwoHooks::RAD
      end

      # What of the beam either hook has at most at a tilt, with the beam's CG low in it.
      def beam_kg(tilt)
        lever = told.high.positive * Math.tan(tilt.abs * Statics::TwoHooks::RAD) / told.span.positive
        told.beam_mass.positive * (0.5 + lever)
      end

      # What the beam has to bear, kg: as if both slings carried what the more loaded one does, and what they weigh.
      def below_kg
        2 * Turn::SIDES.map { |side| @turn.own_most_kg(side) }.max + @turn.lift.duties.sum(&:hung_kg)
      end

      # From the underside of the beam to the top of the load, at the least.
      def room
        top = @turn.outline.map(&:last).max
        @turn.hangs.each_index.map { |at| points[at][1] + @turn.hangs[at].short - top }.min -
          @turn.lift.load.size[0] * Math.sin(unlike_deg * Statics::TwoHooks::RAD)
      end

      # Of the beam, to the wind, m2.
      def side_m2 = told.long.positive * told.high.positive
      # How far the beam goes past either hook, along.
      def past_hook = (told.long.positive - told.span.positive) / 2

      private

      def points = @turn.points

      def fits!
        told.missing("the load is to be carried level below a beam in both hooks", "span") unless @turn.tandem.carry?
        own = @turn.ends.find(&:beam?)
        own&.missing("a second beam below the one in both hooks is not worked out", "beam")
        many = @turn.ends.find { |one| one.slings > 1 }
        many&.missing("one sling at each point below a beam in both hooks", "slings")
        told.missing("the beam is shorter than what hangs from it", "long") if told.long.positive < widest
        off = points.zip(@turn.hangs).map { |(_, up), hang| up + hang.length }.reduce(:-).abs
        return if off <= LEVEL_M

        told.missing("below the beam both slings end #{Figure.m(off, :up)} apart in height: how it hangs", "high")
      end

      def widest = [ told.span.positive + 2 * told.off.value.abs, (points[0][0] - points[1][0]).abs ].max
    end
  end
end
