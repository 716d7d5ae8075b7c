module DustLadder
  module Ground
    # What a chart says of how its machine stands: on pads or tracks, where its masses are, what swings behind. Whoever
    # asks for what it does not say meets NotKnown.
    class Machine
      Tail = Struct.new(:radius, :bottom, :top)

      # crane: the plan's Cranes::Crane.
      def initialize(crane)
        @crane = crane
        @data = crane.chart_data["stand"] || {}
      end

      def tracks? = @data.key?("tracks")
      def axis = @data["axis_m"] || missing("where the slewing axis is on the machine's deck")

      def outriggers
        @outriggers ||=
          begin
            pads = @data["pads"] || missing("where the machine's pads are")
            Outriggers.new(pads.map { |pad| pad["name"] }, pads.map { |pad| pad["at_m"] })
          end
      end

      # Sides of the machine's own square pads, in their order, m.
      def sides = outriggers && @data["pads"].map { |pad| pad["side_m"] }

      def tracks
        given = @data["tracks"]
        @tracks ||=
          Tracks.new(
            length: given["length_m"],
            width: given["width_m"],
            gauge: given["gauge_m"],
            middle: given["middle_m"]
          )
      end

      def tail
        given = @data["tail"] || missing("how far its tail swings")
        Tail.new(*given.values_at("radius_m", "bottom_m", "top_m"))
      end

      # Does the chart say where the machine's masses are?
      def masses? = @data.key?("parts")

      # Of the machine without its boom.
      def deck
        parts = @data["parts"] || missing("where the machine's masses are")
        @deck ||=
          Deck.new(
            axis,
            parts.map do |part|
              Deck::Part.new(name: part["what"], kg: part["kg"], at: part["at_m"], toward: part["toward_boom_m"])
            end
          )
      end

      # Boom lengths whose masses it says, m.
      def boom_lengths = @data["booms"].to_a.map { |boom| boom["length_m"] }

      # Mass of the whole machine with its counterweight, kg.
      def total_kg = @data["total_kg"] || missing("what the whole machine weighs with its counterweight")

      # What turns with the boom at a radius of the hook line, as [kg, radius toward the boom] each: the boom by its
      # length, and the jib.
      def boom_parts(radius, length) = (@boom_parts ||= {})[[ radius, length ]] ||= worked_parts(radius, length)

      private

      def worked_parts(radius, length)
        boom = boom_of(length)
        line = @crane.family.boom(length).line(radius) or raise Cranes::OutOfReach.new(beyond(radius, length))
        foot, top, tip = line.map(&:first)
        along = boom["along_m"] / length
        [ [ boom["kg"], foot + (top - foot) * along ], *(tip && [ jib(top, tip) ]) ]
      end

      def boom_of(length)
        booms = @data["booms"] || missing("what the boom weighs, and where")
        booms.find { |boom| (boom["length_m"] - length).abs <= @crane.rules[:row_tolerance_m] } ||
          missing("what a boom of #{Figure.m(length)} weighs")
      end

      def jib(top, tip)
        jib = @data["jib"] || missing("what the jib weighs, and where")
        [ jib["kg"], top + (tip - top) * jib["along_m"] / @crane.chart_data.dig("jib", "length_m") ]
      end

      def beyond(radius, length) = "a boom of #{Figure.m(length)} does not reach #{Figure.m(radius)}"
      def missing(what) = @crane.missing("the chart does not say #{what}", "chart")
    end
  end
end
