module DustLadder
  module Cranes
    # A line crew's machine: a platform with its own rating, and a small jib whose chart goes by zone of the lower
    # boom's angle, bands of the upper boom's angle and load radius (handbook, section 6.1, family 3).
    class PlatformJib
      # allowed_kg nil: not allowed. column: the load radius that was read, m. bands: those that count.
      Reading = Struct.new(:zones, :bands, :column, :chart_kg, :cap_kg, :unused_kg, :allowed_kg, keyword_init: true)

      # data: the chart's platform_jib. crane: the plan's Crane, where there is one.
      def initialize(data, crane = nil, tolerance: 0.001)
        @data = data.key?("platform_jib") ? data["platform_jib"] : data
        @crane = crane
        @tolerance = tolerance
      end

      def name = "platform_jib"
      def asks = Families::ASKS.merge("reads" => "angles", "booms" => false, "hook_rated" => false)
      def unavailable = nil
      def hoists? = false
      def radius? = false
      def rated_kg = @data["platform_rated_kg"].to_f
      def credit_share = @data["credit_share"].to_f
      def chart = raise(NotKnown.new("a platform machine's chart is not read by radius and boom"))
      def boom(_length) = raise(NotKnown.new("a platform machine's booms are not drawn here"))

      # lower, upper: ranges of angle from horizontal, [least, most], as the dry run showed. radius: of the jib's
      # load, m. aboard_kg: everyone and everything in the platform. Every zone and band that is touched counts, the
      # least governs.
      def read(lower:, upper:, radius:, aboard_kg:)
        unused = [ rated_kg - aboard_kg, 0.0 ].max
        zones =
          @data["zones"].select { |zone| touch?([ zone["lower_boom_from_deg"], zone["lower_boom_to_deg"] ], lower) }
        bands =
          @data["upper_boom_bands_deg"].each_index.select do |index|
            touch?(@data["upper_boom_bands_deg"][index], upper)
          end
        column = @data["load_radius_m"].index { |row| row >= radius - @tolerance }
        reading =
          Reading.new(
            zones: zones.map { |zone| zone["name"] },
            bands: bands.map { |index| @data["upper_boom_bands_deg"][index] },
            column: column && @data["load_radius_m"][column],
            unused_kg: unused
          )
        unless column && radius.positive? &&
                 within?(
                   @data["zones"].map { |zone| [ zone["lower_boom_from_deg"], zone["lower_boom_to_deg"] ] },
                   lower
                 ) && within?(@data["upper_boom_bands_deg"], upper)
          return reading
        end

        cells = zones.flat_map { |zone| bands.map { |band| @data["jib_kg"].fetch(zone["name"])[band][column] } }
        reading.cap_kg = @data["jib_cap_kg"][column]
        return reading if cells.any?(&:nil?)

        reading.chart_kg = cells.min
        reading.allowed_kg = [ reading.cap_kg, reading.chart_kg + credit_share * unused ].min
        reading
      end

      private

      def touch?((from, to), (least, most)) = from <= most + EDGE && to >= least - EDGE
      EDGE = 1e-9

      # Is the whole range inside these, without a gap between them?
      def within?(spans, (least, most))
        reached = least
        spans.sort.each { |from, to| reached = [ reached, to ].max if from <= reached + EDGE && to >= reached - EDGE }
        least >= spans.map(&:first).min - EDGE && reached >= most - EDGE
      end
    end
  end
end
