module DustLadder
  module Cranes
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
        words =
          if lengths[0] == lengths[1] && @crane.boom_length.given?
            "boom #{@crane.boom_length.typed}"
          else
            "boom #{lengths.uniq.map { |length| Figure.m(length) }.join(" to ")}"
          end
        JibOffsets.of(@data).any? ? "#{words}, jib at #{JibOffsets.words(@crane.jib_offset.value)}" : words
      end

      def chart
        @chart ||=
          begin
            tables = @data["tables"].to_h { |name, cells| [ name, table(cells, @data.dig("marks", name)) ] }
            Chart.new(configured["sectors"].map { |sector| Chart.sector(sector, tables) })
          end
      end

      # The chart's data with the jib where it stands. Raises NotKnown where the chart has several offsets and the plan
      # says none of them.
      def configured
        @configured ||=
          begin
            offsets = JibOffsets.of(@data)
            offsets.empty? ? @data : JibOffsets.at(@data, jib_offset(offsets)) || no_such_offset(offsets)
          end
      end

      # Boom length at a station: its own, or the crane's.
      def boom_at(station) = (station.boom_length.given? ? station.boom_length : @crane.boom_length).positive

      # The Boom of a length. Raises NotKnown where the chart does not say where its foot is.
      def boom(length)
        @booms[length] ||= Boom.of(configured, length) ||
          @crane.missing("the chart does not say where the boom's foot is", "chart")
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

      def jib_offset(offsets)
        field = @crane.jib_offset
        field.given? ? field.value : @crane.missing(
          "which offset the jib stands at is not given: #{among(offsets)}",
          "jib_offset"
        )
      end

      def no_such_offset(offsets)
        @crane.missing(
          "the chart has no table for a jib at #{JibOffsets.words(@crane.jib_offset.value)}, only #{among(offsets)}",
          "jib_offset"
        )
      end

      def among(offsets) = offsets.map { |one| JibOffsets.words(one) }.join(", ")

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
  end
end
