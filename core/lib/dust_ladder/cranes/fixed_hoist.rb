module DustLadder
  module Cranes
    # Hoist on a beam or a wall jib: one rating wherever its hook may go.
    class FixedHoist
      def initialize(data, crane)
        @data = data["fixed_hoist"]
        @crane = crane
      end

      def name = "fixed_hoist"
      def asks = Families::ASKS.merge("booms" => false)
      def unavailable = nil
      def hoists? = false
      def radius? = !@data["reach_to_m"].nil?
      def boom_words = "its one rating"
      def boom_at(_station) = 1.0
      def tip_height(_radius, _length) = @data["highest_hook_m"].to_f
      def tip_source = "the hook at its upper stop; it is never run to its stops"
      def boom(_length) = raise(NotKnown.new("a hoist has no boom"))

      def chart
        rows = radius? ? [ @data["reach_from_m"] || 0.0, @data["reach_to_m"] ] : [ 0.0, 1.0 ]
        @chart ||=
          Chart.all_round(
            Table.new(
              rows,
              [ 1.0 ],
              [ [ @data["wll_kg"] ], [ @data["wll_kg"] ] ],
              tolerance: @crane.rules[:row_tolerance_m]
            ),
            name: "wherever it runs"
          )
      end
    end
  end
end
