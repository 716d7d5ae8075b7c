module DustLadder
  module Rigging
    # How long the legs from one hook are, bearing to bearing, m: typed, made up to hang level under the hook, or as
    # typed angles make them. Raises NotKnown, and Impossible where no such legs can be.
    class LegLengths
      HALF_SPREAD = 0.01
      SAME_HOOK_M = 0.05

      # rigging: a Plan::Rigging. load: a Load::PlannedLoad. in_plane: do one or two legs hang in one plane with the CG?
      def initialize(rigging, load, in_plane:)
        @rigging = rigging
        @load = load
        @in_plane = in_plane
      end

      # Angles of legs as typed, as Fields, degrees from the horizontal.
      def angle_fields
        @angle_fields ||=
          begin
            share = DustLadder.known { @load.planned_kg / @load.points.size }
            @rigging.legs.map { |leg| leg.typed_angle(share) }
          end
      end

      def to_a
        return typed if @rigging.by_lengths?

        level(@rigging.by_angles? ? height_by_angles : @rigging.hook_height.value)
      end

      # Where the geometry is given.
      def pointer
        return @rigging.legs[0].long.pointer if @rigging.by_lengths?

        (@rigging.by_angles? ? angle_fields[0] : @rigging.hook_height).pointer
      end

      private

      def points = @points ||= @load.points.map(&:at)
      def cg = @load.cg
      def names = @load.points.map(&:name)
      def run(index) = Math.hypot(points[index][0] - cg[0], points[index][1] - cg[1])

      # As typed; half the spread is often typed for the leg.
      def typed
        typed = @rigging.legs.map { |leg| leg.long.positive }
        return typed if @rigging.pairs.any? || points.size == 1

        typed.each_index do |index|
          off = run(index)
          next if typed[index] > off * (1 + HALF_SPREAD) || (@in_plane && typed[index] < off * (1 - HALF_SPREAD))

          half = typed[index] >= off * (1 - HALF_SPREAD) ? ": was half the spread typed for its length?" : ""
          field = @rigging.legs[index].long
          raise Impossible.new(
            "the #{names[index]} leg of #{field.typed} is no longer than its point is off plumb, " \
              "#{Figure.m(off)}#{half}",
            pointer: field.pointer
          )
        end
      end

      # The hook's height over the base that the typed angles put it at, m; each leg's must agree.
      def height_by_angles
        given = points.each_index.select { |index| angle_fields[index].given? }
        raise NotKnown.new("no leg's angle is given", pointer: angle_fields[0].pointer) if given.empty?

        hooks = given.map { |index| [ index, hook_by_angle(index) ] }
        low, high = hooks.minmax_by(&:last)
        return hooks.sum(&:last) / hooks.size if high[1] - low[1] <= SAME_HOOK_M

        raise Impossible.new(
          "the angle of the #{names[high[0]]} leg puts the hook at #{Figure.m(high[1])}, that of the " \
            "#{names[low[0]]} leg at #{Figure.m(low[1])}: #{Figure.m(high[1] - low[1])} apart",
          pointer: angle_fields[high[0]].pointer
        )
      end

      def hook_by_angle(index)
        deg, off = angle_fields[index].value, run(index)
        if deg > 89.9 && off > SAME_HOOK_M
          raise Impossible.new(
            "the #{names[index]} leg cannot stand plumb: its point is #{Figure.m(off)} off",
            pointer: angle_fields[index].pointer
          )
        end

        points[index][2] + off * Math.tan(deg * Math::PI / 180)
      end

      # Legs made up to hang level: the hook plumb over the CG, of two legs over the points' line.
      def level(height)
        over = points.map { |point| height - point[2] }
        raise Impossible.new("the hook is not above the points", pointer: pointer) unless over.all?(&:positive?)
        return over if points.size == 1
        return in_plane(over) if @in_plane

        points.each_with_index.map do |point, index|
          Math.sqrt((point[0] - cg[0])**2 + (point[1] - cg[1])**2 + over[index]**2)
        end
      end

      def in_plane(over)
        a, b = points
        way = [ b[0] - a[0], b[1] - a[1] ]
        spread = Math.hypot(*way)
        along = ((cg[0] - a[0]) * way[0] + (cg[1] - a[1]) * way[1]) / spread
        [ Math.hypot(along, over[0]), Math.hypot(spread - along, over[1]) ]
      end
    end
  end
end
