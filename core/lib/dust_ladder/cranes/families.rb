module DustLadder
  module Cranes
    # The boom is too short for a radius: known, and impossible.
    class OutOfReach < NotKnown
    end

    # What each family of crane asks of a plan, and how its chart is read (handbook, section 6.1). A family answers:
    # chart, stations' boom lengths, height of the tip, whether rope and block hang below it, and what a screen asks.
    module Families
      # What is asked for before a chart is chosen, as of most cranes.
      ASKS = {
        "reads" => "radius",
        "booms" => true,
        "second_trolley" => false,
        "falls" => false,
        "hook_rated" => true
      }.freeze

      # data: a chart's data. crane: the plan's Crane.
      def self.of(data, crane) =
        { "tower" => Tower, "fixed_hoist" => FixedHoist, "platform_jib" => PlatformJib }.fetch(
          data["family"],
          Mobile
        ).new(data, crane)
    end

    # Telescopic or lattice boom on outriggers or tracks: tables by boom length and radius, or boom angle, for each
    # sector.
    class Mobile
      def initialize(data, crane)
        @data = data
        @crane = crane
        @booms = {}
      end

      def name = "mobile"
      # What a screen asks a plan for: how the chart is read, and which fields there are.
      def asks = Families::ASKS.merge("hook_rated" => !@data["hook_block"].nil?)
      def unavailable = nil
      def hoists? = true
      def radius? = true

      # The boom length as typed; where it changes on the way, from the shortest to the longest.
      def boom_words
        lengths = @crane.booms.minmax
        if lengths[0] == lengths[1] && @crane.boom_length.given?
          "boom #{@crane.boom_length.typed}"
        else
          "boom #{lengths.uniq.map { |length| Figure.m(length) }.join(" to ")}"
        end
      end

      def chart
        @chart ||=
          begin
            tables = @data["tables"].to_h { |name, cells| [ name, table(cells, @data.dig("marks", name)) ] }
            Chart.new(@data["sectors"].map { |sector| Chart.sector(sector, tables) })
          end
      end

      # Boom length at a station: its own, or the crane's.
      def boom_at(station) = (station.boom_length.given? ? station.boom_length : @crane.boom_length).positive

      # The Boom of a length. Raises NotKnown where the chart does not say where its foot is.
      def boom(length)
        @booms[length] ||= Boom.of(@data, length) ||
          raise(NotKnown.new("the chart does not say where the boom's foot is", pointer: @crane.pointer("chart")))
      end

      def tip_height(radius, length)
        boom(length).tip_height(radius) ||
          raise(
            OutOfReach.new(
              "a boom of #{Figure.m(length)} does not reach #{Figure.m(radius)}",
              pointer: @crane.boom_length.pointer
            )
          )
      end

      # Height of the tip as words for the working.
      def tip_source = "#{boom_words} at the loaded radius; lowest on the way"

      # Most rope below the tip, m: the boom's length where its height cannot be known.
      def most_rope(radius, length, hook) = @data["boom_foot"] ? tip_height(radius, length) - hook : length

      # Rope between drum and tip, m.
      def lead(length) = length + (@data.dig("jib", "length_m") || 0.0)

      private

      def table(cells, marks)
        tolerance = @crane.rules[:row_tolerance_m]
        if @data["boom_angle_deg"]
          return AngleTable.new(
            @data["boom_angle_deg"],
            @data["boom_length_m"],
            cells,
            method(:boom),
            tolerance: tolerance,
            marks: marks
          )
        end

        Table.new(
          @data["radius_m"],
          @data["boom_length_m"],
          cells,
          tolerance: tolerance,
          interpolate: @data["interpolation"] == "radius",
          marks: marks
        )
      end
    end

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
