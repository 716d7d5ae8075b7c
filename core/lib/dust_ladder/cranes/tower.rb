module DustLadder
  module Cranes
    # Tower crane: one row of capacities by trolley radius for each set of falls, never more than the falls' own
    # maximum.
    class Tower
      # radius_m, capacity_kg: as in the chart; max_kg: of the falls. Nothing is allowed short of the first row.
      def self.table(radius_m, jib_length_m, capacity_kg, max_kg, tolerance: 0.001)
        Table.new(
          radius_m,
          [ jib_length_m ],
          capacity_kg.map { |kg|
            [ kg && [ kg, max_kg ].min ]
          },
          tolerance: tolerance
        )
      end

      # Why a set of falls cannot be used; nil when it can. fitted: is a second trolley?
      # pointer: where that is given.
      def self.unavailable(falls, parts, fitted, pointer: nil)
        set = falls[parts.to_s] or
          return "the chart has no row for #{parts} falls, only for #{falls.keys.join(" and ")}"
        return unless set["needs_second_trolley"]

        if fitted.nil?
          raise NotKnown.new("whether a second trolley is fitted is not given", pointer: pointer)
        end

        "#{parts} falls need a second trolley, and none is fitted" unless fitted
      end

      def initialize(data, crane)
        @data = data
        @crane = crane
      end

      def name = "tower"
      def asks =
        Families::ASKS.merge(
          "booms" => false,
          "second_trolley" => true,
          "falls" => true,
          "hook_rated" => !@data["hook_block"].nil?
        )
      def hoists? = true
      def radius? = true
      def boom_words = "jib #{Figure.m(jib)}, #{@crane.parts_of_line} falls"
      def unavailable =
        Tower.unavailable(
          tower["falls"],
          @crane.parts_of_line,
          { "fitted" => true, "not fitted" => false }[@crane.second_trolley],
          pointer: @crane.pointer("second_trolley")
        )
      def boom_at(_station) = jib.to_f
      def tip_height(_radius, _length) = tower["trolley_height_m"].to_f
      def tip_source = "the trolley, above the crane's ground"
      def most_rope(_radius, _length, hook) = tower["trolley_height_m"] - hook
      def lead(length) = length
      def boom(_length) = raise(NotKnown.new("a tower crane's jib has no boom angle"))

      def chart
        set =
          tower["falls"].fetch(@crane.parts_of_line.to_s) {
            return Chart.all_round(Table.new([ jib ], [ jib ], [ [ nil ] ]))
          }
        @chart ||=
          Chart.all_round(
            Tower.table(
              set["radius_m"],
              jib,
              set["capacity_kg"],
              set["max_kg"],
              tolerance: @crane.rules[:row_tolerance_m]
            )
          )
      end

      private

      def tower = @data["tower"]
      def jib = tower["jib_length_m"]
    end
  end
end
