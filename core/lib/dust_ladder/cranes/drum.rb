module DustLadder
  module Cranes
    # The rope on a hoist's drum, in layers. Metres of rope, millimetres of its diameter (handbook, section 6, parts
    # of line).
    class Drum
      # The drum of a plan's crane at its lowest and highest hook; nil where the chart does not describe one.
      def self.of(duty)
        hoist = duty.crane.part("hoist")
        return unless hoist["drum"] && hoist["rope_m"]

        crane = duty.crane
        low, high = duty.hook_range
        out =
          crane.stations.each_index.map do |index|
            tip, lead, support =
              crane.tip_height(crane.radius(index), index),
              crane.family.lead(crane.booms[index]),
              crane.stations[index].support_height.value
            [
              lead + crane.parts_of_line * (tip - support - low),
              lead +
                crane.parts_of_line *
                  [
                    tip - [ support, crane.obstacle_height.value + duty.lift.rules[:obstacle_clearance_m] ].max - high,
                    0.0
                  ].max
            ]
          end
        new(
          hoist["drum"],
          rope_m: hoist["rope_m"],
          most_out_m: out.map(&:first).max,
          least_out_m: out.map(&:last).min
        )
      end

      attr_reader :rope_m, :most_out_m

      # drum: as in the chart format. most_out_m, least_out_m: rope off the drum with the hook lowest and highest.
      def initialize(drum, rope_m:, most_out_m:, least_out_m:)
        @drum = drum
        @rope_m = rope_m
        @most_out_m = most_out_m
        @least_out_m = least_out_m
      end

      def left_m = rope_m - most_out_m

      # Full wraps that the drum has left with the hook at its lowest; below zero when the rope is too short.
      def wraps_left = left_m.negative? ? -1.0 : wound(left_m).first

      # The layer, counted from the bare drum, that pulls when the hook is at its highest and most rope is on the drum.
      def top_layer = wound([ rope_m - @least_out_m, 0.0 ].max).last
      def least_pull = @drum["layer_pulls_kg"][[ top_layer, @drum["layer_pulls_kg"].size ].min - 1]

      # Length of one wrap of a layer, m, along the rope's middle.
      def wrap_m(layer) = Math::PI * (@drum["diameter_m"] + (2 * layer - 1) * @drum["rope_mm"] / 1000.0)

      private

      # [wraps, layer reached] of a length of rope wound onto the bare drum.
      def wound(length)
        layer, wraps = 1, 0.0
        while length > (whole = @drum["wraps_per_layer"] * wrap_m(layer))
          length -= whole
          wraps += @drum["wraps_per_layer"]
          layer += 1
        end
        [ wraps + length / wrap_m(layer), layer ]
      end
    end
  end
end
