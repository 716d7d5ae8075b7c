module DustLadder
  module Ground
    # What keeps a chart's words on how its machine stands from being so. Each fault: [place in it, what is wrong, what
    # was expected].
    module StandFaults
      module_function

      # data: of a chart.
      def of(data)
        stand = data["stand"] or return []

        feet(stand) + masses(stand) + boom(stand, data) + tail(stand)
      end

      def feet(stand)
        both = %w[pads tracks].select { |name| stand.key?(name) }
        return [ [ "", "it stands on pads and on tracks", "pads or tracks" ] ] if both.size > 1

        pads = stand["pads"].to_a
        names = pads.map { |pad| pad["name"] }
        found = []
        found << [ "/pads", "two pads are called the same", "a name for each" ] if names.uniq.size < names.size
        in_line = pads.any? && Outriggers.new(names, pads.map { |pad| pad["at_m"] }).in_line?
        found << [ "/pads", "all pads stand in one line", "pads round the machine" ] if in_line
        tracks = stand["tracks"]
        if tracks && tracks["gauge_m"] < tracks["width_m"]
          found << [ "/tracks/gauge_m", "the tracks lie over each other", "a gauge wider than a track" ]
        end
        found
      end

      def masses(stand)
        stand["parts"].to_a.each_with_index.filter_map do |part, index|
          next if part.key?("at_m") ^ part.key?("toward_boom_m")

          [ "/parts/#{index}", "where #{part["what"]} is", "at_m where it lies still, or toward_boom_m where it turns" ]
        end
      end

      def boom(stand, data)
        found =
          stand["booms"].to_a.each_with_index.filter_map do |boom, index|
            next if boom["along_m"] <= boom["length_m"]

            [ "/booms/#{index}/along_m", "the centroid lies beyond the boom's tip", "at most #{boom["length_m"]}" ]
          end
        lengths = stand["booms"].to_a.map { |boom| boom["length_m"] }
        found << [ "/booms", "one length twice", "each once" ] if lengths.uniq.size < lengths.size
        length = data.dig("jib", "length_m")
        return found unless stand["jib"] && (length.nil? || stand.dig("jib", "along_m") > length)

        found << [ "/jib", "there is no such jib in the chart", "a centroid within the jib's length" ]
      end

      def tail(stand)
        tail = stand["tail"] or return []

        tail["bottom_m"] < tail["top_m"] ? [] : [ [ "/tail/top_m", "its top is not above its bottom",
          "bottom, then top" ] ]
      end

      private_class_method :feet, :masses, :boom, :tail
    end
  end
end
