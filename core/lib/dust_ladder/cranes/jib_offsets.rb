module DustLadder
  module Cranes
    # A page may give a jib's tables for each offset that it can be pinned at. The sectors of such a chart say which
    # offset they are for; a plan says where its jib stands, and only those count.
    module JibOffsets
      # Pinned at one place: offsets nearer than this are one, degrees.
      SAME_DEG = 0.01

      module_function

      # Offsets that a chart's sectors are for, degrees, rising; [] where they say none.
      def of(data) = (data["sectors"] || []).filter_map { |sector| sector["jib_offset_deg"] }.uniq.sort

      # The chart with its jib at an offset, degrees, as a chart of one offset has it; nil where it has no such tables.
      def at(data, offset)
        own = of(data).find { |one| (one - offset).abs <= SAME_DEG } or return

        sectors = data["sectors"].select { |sector| sector["jib_offset_deg"] == own }
        data.merge(
          "jib" => data["jib"].merge("offset_deg" => own),
          "sectors" => sectors.map { |sector| sector.except("jib_offset_deg") }
        )
      end

      # A sector as it is called where more than one offset has it.
      def name(sector)
        offset = sector["jib_offset_deg"] or return sector["name"]

        "#{sector["name"]}, jib at #{words(offset)}"
      end

      def words(offset) = "#{offset.to_f.to_s.delete_suffix(".0")}°"
    end
  end
end
