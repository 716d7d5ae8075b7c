module DustLadder
  module Cranes
    # The crane of a plan: its chart, the machine as rigged, its stations, and what hangs from its tip.
    class Crane
      Station = Struct.new(:name, :radius, :slew, :support_height, keyword_init: true)

      attr_reader :stations, :boom_length, :obstacle_height, :deductions

      def initialize(document, rules)
        @document = document
        @rules = rules
        @data = document.dig("crane")
        @stations = @data["stations"].each_with_index.map do |station, index|
          Station.new(name: station["name"],
                      radius: document.length("the radius at #{station['name']}", "crane", "stations", index, "radius"),
                      slew: document.angle("the slew at #{station['name']}", "crane", "stations", index, "slew"),
                      support_height: document.length("the support height at #{station['name']}", "crane", "stations", index, "support_height"))
        end
        @boom_length = document.length("the boom length", "crane", "boom_length")
        @obstacle_height = document.length("the highest thing on the way", "crane", "obstacle_height")
        @deductions = @data["deductions"].each_with_index.map { |item, index| [ item["what"], document.mass("the mass of #{item['what']}", "crane", "deductions", index, "mass") ] }
      end

      # The chart's data as snapshot. Raises NotKnown when none is chosen.
      def chart_data
        id = @data["chart"] or raise NotKnown.new("no chart is chosen", pointer: "/crane/chart")
        @chart_data ||= DustLadder.floats(@document.dig("snapshots", "charts", id, "data"))
      end

      def chart
        @chart ||= Chart.of(radii: chart_data["radius_m"], booms: chart_data["boom_length_m"], tables: chart_data["tables"],
                            sectors: chart_data["sectors"], tolerance: @rules[:row_tolerance_m])
      end

      def chart_title = chart_data["title"]
      def as_rigged = @data["as_rigged"]
      def boom_m = boom_length.positive
      def parts_of_line = @data["parts_of_line"] || raise(NotKnown.new("parts of line are not given", pointer: "/crane/parts_of_line"))
      def measured_loaded? = @data["radius_measured_loaded"]

      # Fields of the chart's identity: [[name, chart's value, machine's value or nil, verdict], ...].
      def identity
        chart_data["identity"].sort.map do |name, value|
          own = as_rigged[name].to_s.strip
          verdict = own.empty? ? "not_known" : (plain(own) == plain(value) ? "holds" : "stop")
          [ name, value, own, verdict ]
        end
      end

      def chart_applies? = identity.all? { |field| field.last == "holds" }

      # What the boom's bending adds to a radius that was not measured under load, m.
      def growth(radius)
        return 0.0 if measured_loaded?

        [ radius * @rules[:radius_allowance, :fraction], @rules[:radius_allowance, :least_m] ].max
      end

      def loaded_radius(index)
        radius = stations[index].radius.positive
        radius + growth(radius)
      end

      # Stations of the way at their loaded radius, slews counted on in the stated direction.
      def path_stations
        @path_stations ||= begin
          slews = unwound_slews
          stations.each_index.map { |index| Path::Station.new(radius: loaded_radius(index), slew: slews[index], boom: boom_m) }
        end
      end

      def path = @path ||= Path.new(chart, path_stations)

      # Height of the boom tip above the crane's ground at a loaded radius, m.
      def tip_height(radius)
        foot = chart_data["boom_foot"]
        level = radius - foot["radius_m"]
        raise NotKnown.new("a boom of #{Figure.m(boom_m)} does not reach #{Figure.m(radius)}", pointer: boom_length.pointer) if level.abs >= boom_m

        foot["height_m"] + Math.sqrt(boom_m**2 - level**2)
      end

      # Most rope that hangs below the tip on the way, m: with the hook at its lowest, before the boom bends.
      def most_rope_m(hook_above_base)
        stations.each_index.map { |index| tip_height(stations[index].radius.positive) - stations[index].support_height.value - hook_above_base }.max
      end

      private

      def plain(text) = text.strip.squeeze(" ").downcase

      def unwound_slews
        return stations.map { nil } if chart.all_round? && stations.none? { |station| station.slew.given? }

        slews = stations.map { |station| station.slew.value }
        difference = (slews[1] - slews[0]) % 360
        turn = @data["turn"]
        raise NotKnown.new("which way the crane turns is not given", pointer: "/crane/turn") if turn.nil?
        raise NotKnown.new("it does not turn, yet the slews differ", pointer: "/crane/turn") if turn == "none" && difference > 1e-9

        [ slews[0], slews[0] + (turn == "anticlockwise" && difference.positive? ? difference - 360 : difference) ]
      end
    end
  end
end
