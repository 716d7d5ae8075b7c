module DustLadder
  module Rigging
    # A level load under a level beam: where the beam and the hook stand along the load, and how long legs and slings
    # above it must be made up, m. Raises Impossible where it cannot hang so.
    class LevelUnderBeam
      TRIES = 30

      # rigging: a Plan::Rigging. load: a Load::PlannedLoad. beam: a PlannedBeam. hung_below: kg of slings and fittings
      # that hang from each hole, by leg.
      def initialize(rigging, load, beam, hung_below)
        @rigging = rigging
        @load = load
        @beam = beam
        @hung_below = hung_below
      end

      def legs
        points.each_with_index.map do |point, index|
          Math.sqrt((along + beam.hole(index) - point[0])**2 + (across - point[1])**2 + gaps[index]**2)
        end
      end

      def uppers
        beam
          .eyes
          .map { |eye| Math.hypot(beam.eyes.size == 1 ? 0.0 : hook - along - eye, beam.headroom) }
          .first(beam.uppers.size)
      end

      private

      attr_reader :beam

      def points = @points ||= @load.points.map(&:at)
      def cg = @load.cg

      # Height of the beam's bearing above each point.
      def gaps
        @gaps ||=
          points
            .map { |point| @rigging.hook_height.value - beam.headroom - beam.depth - point[2] }
            .tap { |gaps|
            impossible("the beam is not above the points", @rigging.hook_height) if gaps.any? {
              _1 <= 0
            }
          }
      end

      # Across the load the beam stands over the CG where legs on both sides hold it, else over the points' line.
      def across
        sides = points.map { |point| point[1] }
        groups.any? { |_, some| some.size > 1 } ? cg[1] : sides.sum / sides.size
      end

      # Where the hook stands along the load, over the CG of load and beam together.
      def hook
        whole = beam.body(@hung_below)
        (@load.planned_kg * cg[0] + whole.mass * (along + whole.cg[0])) / (@load.planned_kg + whole.mass)
      end

      # Legs of each hole, from one end to the other.
      def groups = points.each_index.group_by { |index| beam.hole(index) }.sort.to_h

      # Where the beam's middle stands along the load so that the legs' level pulls cancel.
      def along
        @along ||=
          begin
            gaps
            if groups.size < 2
              impossible("all legs hang from one hole of the beam: two are needed", @rigging.legs[0], "hole")
            end

            balanced
          end
      end

      def balanced
        one = groups.sum { |hole, some| some.sum { |index| points[index][0] } / some.size - hole } / groups.size
        other = one + 0.01
        TRIES.times do
          here, there = level_pull(one), level_pull(other)
          break if here.abs < 1e-9 * @load.planned_kg || (here - there).abs < 1e-12

          one, other = one - here * (other - one) / (there - here), one
        end
        one
      end

      # What of the legs' level pulls is left over with the beam's middle at a place, kg.
      def level_pull(along)
        shares =
          groups.map do |hole, some|
            weights = side_weights(some)
            leans = some.map { |index| (along + hole - points[index][0]) / gaps[index] }
            [
              some.each_with_index.sum do |index, place|
                weights[place] * (points[index][0] - cg[0] - leans[place] * (points[index][2] - cg[2]))
              end,
              weights.zip(leans).sum { |weight, lean| weight * lean }
            ]
          end
        first, last = shares.first, shares.last
        impossible("the CG cannot hang between these holes", beam, "span") if (last[0] - first[0]).abs < 1e-9

        carried = @load.planned_kg * last[0] / (last[0] - first[0])
        carried * first[1] + (@load.planned_kg - carried) * last[1]
      end

      # How the legs of one hole share its part: across the load their level pulls cancel.
      def side_weights(some)
        return [ 1.0 ] if some.size == 1

        impossible("more than two legs hang from one hole", @rigging.legs[some[2]], "hole") if some.size > 2
        arms = some.map { |index| (points[index][1] - cg[1]) / gaps[index] }
        unless (arms[0] * arms[1]).negative?
          impossible("both legs of one hole stand on one side of the CG", @load, "points", some[0], "y")
        end

        [ arms[1] / (arms[1] - arms[0]), -arms[0] / (arms[1] - arms[0]) ]
      end

      # at: a Field, or a section of the plan with what of it is meant.
      def impossible(words, at, *keys)
        raise Impossible.new(words, pointer: keys.empty? ? at.pointer : at.pointer(*keys))
      end
    end
  end
end
