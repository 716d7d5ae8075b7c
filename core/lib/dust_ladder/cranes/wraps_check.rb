module DustLadder
  module Cranes
    # Does enough rope stay on the drum with the hook at its lowest?
    class WrapsCheck < Ladder::Check
      ID = "wraps"
      LABEL = "Drum wraps"
      FLIGHT = "crane"
      PER = "crane"

      def self.applies?(duty) = !duty.crane.chosen? || duty.crane.family.hoists?

      private

      def examine
        drum = Drum.of(duty) or
          raise NotKnown.new("how much rope is on the drum is not in the chart", pointer: duty.crane.pointer("chart"))
        least = duty.crane.part("hoist")["least_wraps"] || rules[:least_wraps]
        line("V", Figure.m(drum.rope_m, :down), source: "rope on the hoist in all, by the chart")
        line(
          "o",
          Figure.m(drum.most_out_m, :up),
          source:
            "off the drum with the hook at its lowest: up the boom, and in #{duty.crane.parts_of_line} parts below " \
            "the tip"
        )
        line(
          "v",
          Figure.m(drum.left_m, :down),
          formula: "V − o",
          from: {
            V: Figure.m(drum.rope_m, :down),
            o: Figure.m(drum.most_out_m, :up)
          },
          source: "left on the drum"
        )
        if drum.left_m.negative?
          return stop(both { |system| "the rope is #{Figure.m(-drum.left_m, :up).shown(system)} too short" })
        end

        left = drum.wraps_left
        line(
          "w",
          Figure.factor(left, :down),
          formula: left <= duty.crane.part("hoist")["drum"]["wraps_per_layer"] ? "v / a" : nil,
          from: {
            v: Figure.m(drum.left_m, :down),
            a: Figure.m(drum.wrap_m(1), :up)
          },
          source: "full wraps left; one of the first layer takes #{Figure.m(drum.wrap_m(1), :up)}"
        )
        note = both { format("%.1f wraps left, at least %g", (left * 10).floor / 10.0, least) }
        judge(Figure.factor(least.to_f, :up), Figure.factor(left, :down), note: note)
      end
    end
  end
end
