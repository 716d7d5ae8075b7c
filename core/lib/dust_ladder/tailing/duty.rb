module DustLadder
  module Tailing
    # What one of two cranes has to do: its share of the load at its greatest, what hangs at its end, and the way of its
    # hook.
    class Duty < Cranes::Duty
      def initialize(lift, index)
        @index = index
        @lift = lift
        @crane = Crane.new(lift.document, lift.rules, index, -> { lift.turn })
      end

      def tandem? = true
      def who = Plan::TandemEnd::NAMES[@index]
      def named = crane.chosen? ? "#{who}, #{crane.chart_title}" : who
      def end = lift.turn.hangs[@index]
      def planned = lift.tandem.ends[@index]

      # Its share at its greatest, then what hangs there.
      def hung_items
        @hung_items ||= [
          item(
            symbol: "V",
            name: "its share of the load",
            kg: lift.turn.most_kg(crane.side),
            source: "the most that it carries, at worst",
            hangs: :in_hook
          ),
          *end_items
        ]
      end

      # Of its stations the gross load, kg, as a Path::Station asks for.
      def gross_at(index) = side.rigging + lift.turn.share_at(crane.side, lift.turn.steps[index])

      # Hook bearing above the load's lowest corner at a station; the least and the most of them.
      def hook_above(index) = lift.turn.then { |turn| turn.hook_above(crane.side, turn.tilt_at(turn.steps[index])) }
      def hook_range = @hook_range ||= crane.stations.each_index.map { |index| hook_above(index) }.minmax

      # Raises NotKnown of a crane that walks with its load: what it meets on its way is looked at nowhere.
      def setup = crane.stays! && super

      # As a Tailing::Side asks for it. Raises NotKnown where its chart is not of the machine as it stands.
      def side
        @side ||=
          begin
            crane.applies!
            hangs_from_tip!
            station = Cranes::Crane::Station.new(boom_length: crane.boom_length)
            Side.new(
              chart: crane.chart,
              boom: crane.family.boom_at(station),
              rigging: rigging_kg,
              growth: crane.method(:growth),
              **where
            )
          end
      end

      # Beside its share, up to what the chart counts, kg.
      def rigging_kg = [ *end_items, *hanging_items, *block_and_rope, *deduction_items ].sum(&:kg)
      # What is still at the tail once its line is slack, kg.
      def left_behind_kg = end_items.reject { |one| one.symbol == "t" }.sum(&:kg)

      # From the plumb line of its hook to the farthest of the load: along it, and across.
      def arms
        load, index, beam = lift.load, @index, lift.turn.below_beam
        at = load.points[index].at.dup
        at[0] = load.cg[0] + lift.turn.way * lift.turn.hook_points[index][0] if beam
        far = [ 0, 1 ].map { |axis| [ at[axis], load.size[axis] - at[axis], axis.zero? ? load.size[2] : 0.0 ].max }
        return far unless beam

        far.zip([ beam.told.long.positive - beam.past_hook, beam.told.width.positive / 2 ]).map(&:max)
      end

      def load_reach = Math.hypot(*arms)
      def carried = crane.stations.first.support_height.value
      def farthest = Math.hypot(hook_range.last, load_reach)
      # The load lies as both hooks do.
      def load_turned = lift.tandem.carry? ? nil : "fixed_bearing"
      def load_axis = lift.tandem.bearing.value
      def plumb_deg = lift.turn.leans[@index]
      # Half the depth of its boom, m. Raises NotKnown where the chart does not say.
      def half_boom
        (crane.chart_data["boom_depth_m"] || crane.missing("the chart does not say how thick the boom is", "chart")) / 2
      end

      # Its slings and fittings, kg.
      def hung_kg = [ *slings, *fittings ].sum(&:kg)

      # The load is set down where its head crane's plan ends.
      def sets_down? = @index.zero?
      def set_down = lift.turn.footprint

      private

      def where
        return { radius: crane.hook_at(lift.turn.steps.first)[0] } if crane.walks?

        standing = crane.stand.standing
        { stands: standing.axis.first(2), front: crane.chart.all_round? ? nil : standing.bearing }
      end

      def hangs_from_tip!
        return if crane.family.hoists? && crane.family.radius?

        crane.missing("two cranes are worked out for machines with a hook under a tip only", "chart")
      end

      def end_items
        @end_items ||= [ *slings, *fittings, *beam, *beam_of_both ]
      end

      def slings
        self.end.slings.each_with_index.map do |(sling, pointer), index|
          item(
            symbol: "s#{index + 1}",
            name: "sling #{sling["number"]}",
            kg: lift.sling_kg(sling, pointer),
            source: "gear store",
            hangs: :in_hook
          )
        end
      end

      # As many on each of the slings that hang side by side.
      def fittings
        of = lift.fittings_of(lift.legs[@index])
        return [] if of.empty?

        each = planned.slings
        [ item(
          symbol: "f",
          name: "fittings",
          kg: of.sum(&:kg) * each,
          source: "#{of.size * each} of them, as typed",
          hangs: :in_hook
        ) ]
      end

      def beam
        return [] unless planned.beam?

        [ item(symbol: "t", name: planned.beam_name, kg: self.end.beam_kg, source: "as told", hangs: :in_hook) ]
      end

      # Its part of a beam in both hooks, and what the other end's slings are heavier.
      def beam_of_both
        beam = lift.turn.below_beam or return []
        other = lift.duties[1 - @index]
        more = [ other.hung_kg - hung_kg, 0.0 ].max
        kg = beam.beam_kg(lift.turn.tilt_range.map(&:abs).max) + more
        source = "half of it, and more where one hook is ahead"
        [ item(symbol: "t", name: beam.told.name, kg: kg, source: source, hangs: :in_hook) ]
      end
    end
  end
end
