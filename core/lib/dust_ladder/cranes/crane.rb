module DustLadder
  module Cranes
    # The crane of a plan: its chart, the machine as rigged, its stations, and what hangs from its tip.
    class Crane < Plan::Crane
      include DryRunFields

      Station = Struct.new(:name, :radius, :slew, :support_height, :boom_length, :turn, keyword_init: true)
      # What hangs from the tip beside load and rigging; hangs: "hook", "elsewhere", or nil where it is not said.
      Hanging = Struct.new(:what, :mass, :hangs, keyword_init: true)
      Zone = Struct.new(:name, :slew_from, :slew_to, :radius_from, :radius_to, :closed_to, keyword_init: true)

      attr_reader :index,
        :stations,
        :boom_length,
        :obstacle_height,
        :deductions,
        :rules,
        :level,
        :side_pull,
        :wind,
        :wind_at,
        :zones,
        :idle_hanging

      # index: which of the plan's cranes.
      def initialize(document, rules, index = 0)
        super(document, index)
        @index = index
        @rules = rules
        stand
        @stations = typed_stations
        @boom_length = length("the boom length", "boom_length")
        @obstacle_height = at("the highest thing on the way", "obstacle_height")
        @deductions =
          self["deductions"].each_with_index.map do |item, at|
            mass = mass("the mass of #{item["what"]}", "deductions", at, "mass")
            Hanging.new(what: item["what"], mass: mass, hangs: item["hangs"])
          end
        @level = field(:share, "how far out of level the crane stands", "level", at_least: 0)
        @side_pull = angle("the planned side pull", "side_pull", at_least: 0, at_most: 90)
        @wind = field(:speed, "the wind", "wind", at_least: 0)
        @wind_at = length("the height at which the wind was measured", "wind_at")
        @zones = self["zones"].to_a.each_index.map { |at| zone(at) }
        @idle_hanging = idle_line && extent("what hangs of the idle line", "idle_line", "hanging")
      end

      def hook = self["hook"] || {}

      # The chart's data as snapshot. Raises NotKnown when none is chosen.
      def chart_data
        id = self["chart"] or missing("no chart is chosen", "chart")
        @chart_data ||= Snapshots.floats("charts", document.snapshot("charts", id))
      end

      def chosen? = !self["chart"].nil?
      def family = @family ||= Families.of(chart_data, self)
      # What a screen asks the plan for, by what the chosen machine is.
      def asks = DustLadder.known { chosen? && family.asks } || Families::ASKS
      def family?(name) = chosen? ? family.name == name : name == "mobile"
      def chart = family.chart
      def chart_title = chart_data["title"]
      def record = chart_data["record"]
      def limits = chosen? && chart_data["limits"] || {}
      def as_rigged = self["as_rigged"]
      # Where the jib stands, of a chart with several offsets.
      def jib_offset = @jib_offset ||= angle("the offset of the jib", "jib_offset", at_least: 0, at_most: 90)

      # Does one case of the chart's list of deductions hold for this lift? Raises NotKnown where it is not said.
      def deduction_case?(name)
        said = self["deduction_cases"]&.fetch(name, nil)
        return said unless said.nil?

        missing("whether this holds is not said: #{name}", "deduction_cases/#{PlanFile::Pointer.escaped(name)}")
      end

      def second_trolley = self["second_trolley"]
      def idle_line = self["idle_line"]
      def boom_m = family.boom_at(stations.first)
      def booms = stations.map { |station| family.boom_at(station) }
      def parts_of_line = self["parts_of_line"] || missing("parts of line are not given", "parts_of_line")
      def measured_loaded? = self["radius_measured_loaded"]

      # A part of the chart that a mobile or tower crane's figures need. Raises NotKnown when the chart lacks it.
      def part(name) = chart_data[name] || missing("the chart gives no #{name.tr("_", " ")}", "chart")

      # Identity::Fields of the chart, against the machine as it stands.
      def identity
        @identity ||= Identity.new(chart_data, rules.chart_identity(family.name)).against(as_rigged)
      end

      # Who saw an identity field on the machine, and when, in words; nil where nobody did, or it was changed since.
      def seen(name)
        said = self["seen"]&.fetch(name, nil) or return

        "seen by #{said["by"]} on #{said["at"].sub("T", " ")}" if said["value"] == as_rigged[name]
      end

      def chart_applies? = identity.all? { |field| field.verdict == "holds" }

      # Raises NotKnown where the chart does not say all that its family must, or is not of the machine as it stands.
      def applies!
        complete!
        missing("the chart does not match the machine as rigged: see Chart", "as_rigged") unless chart_applies?
      end

      def complete!
        lacking = identity.reject(&:value).map { |field| field.name.tr("_", " ") }
        missing("the chart is incomplete: it does not say #{lacking.join(", ")}", "chart") if lacking.any?
      end

      # What the boom's bending adds to a radius that was not measured under load, m.
      def growth(radius) = family.radius? ? allowance(radius) : 0.0

      # The same before it is known which family of crane it is.
      def allowance(radius) =
        if measured_loaded?
          0.0
        else
          [ radius * @rules[:radius_allowance, :fraction], @rules[:radius_allowance, :least_m] ].max
        end

      def radius(index) = family.radius? ? stations[index].radius.positive : 1.0
      def loaded_radius(index) = radius(index).then { |radius| radius + growth(radius) }

      # Stations of the way at their loaded radius, slews counted on in the stated direction.
      def path_stations = @path_stations ||= way { |index| loaded_radius(index) }

      # The same before the load is on.
      def unloaded_stations = way { |index| radius(index) }

      def path = @path ||= Path.new(chart, path_stations)

      # Height of the tip above the crane's ground at a radius of a station, m.
      def tip_height(radius, index = 0) = family.tip_height(radius, booms[index])

      # Row of the chart that a place is read at, m; nil past the last.
      def row(place) = chart.sectors.first.table.row(place.radius, place.boom)

      # Most rope that hangs below the tip on the way, m: with the hook at its lowest, before the boom bends.
      def most_rope_m(hook_above_base)
        stations
          .each_index
          .map do |index|
            family.most_rope(radius(index), booms[index], stations[index].support_height.value + hook_above_base)
          end
          .max
      end

      private

      def typed_stations = self["stations"].each_index.map { |at| station(at) }

      def station(index)
        name = self["stations"][index]["name"]
        at =
          lambda do |kind, what, key, **bounds|
            field(kind, "#{what} at #{name}", "stations", index, key, **bounds)
          end
        Station.new(
          name: name,
          radius: placed(index)&.radius || at.(:length, "the radius", "radius", above: 0),
          slew: placed(index)&.slew || at.(:angle, "the slew", "slew"),
          support_height: at.(:length, "the support height", "support_height"),
          boom_length: at.(:length, "the boom length", "boom_length", above: 0),
          turn: self["stations"][index]["turn"]
        )
      end

      def zone(index)
        name = self["zones"][index]["name"]
        at =
          lambda do |kind, what, key, **bounds|
            field(kind, "#{what} of zone #{name}", "zones", index, key, **bounds)
          end
        Zone.new(
          name: name,
          slew_from: at.(:angle, "the first slew", "slew_from"),
          slew_to: at.(:angle, "the last slew", "slew_to"),
          radius_from: at.(:length, "the least radius", "radius_from", at_least: 0),
          radius_to: at.(:length, "the greatest radius", "radius_to", above: 0),
          closed_to: self["zones"][index]["closed_to"] || "load"
        ).tap { |zone| ordered(zone.radius_from, zone.radius_to) }
      end

      def way
        slews = unwound_slews
        stations.each_index.map do |index|
          Path::Station.new(radius: yield(index), slew: slews[index], boom: booms[index])
        end
      end

      def unwound_slews
        if chart.all_round? && zones.empty? && stations.none? { |station| station.slew.given? }
          return stations.map { nil }
        end

        slews = stations.map { |station| station.slew.value }
        slews
          .each_index
          .drop(1)
          .reduce(slews.first(1)) do |counted, index|
            counted << counted.last + turned(slews[index - 1], slews[index], index)
          end
      end

      # Degrees from one station to the next, in the direction that is stated.
      def turned(from, to, index)
        difference = (to - from) % 360
        own = stations[index].turn
        turn = own || self["turn"]
        place = pointer(own ? "stations/#{index}/turn" : "turn")
        missing("which way the crane turns is not given", "turn") if turn.nil?
        if turn == "none" && difference > 1e-9
          raise NotKnown.new("it does not turn, yet the slews differ", pointer: place)
        end

        turn == "anticlockwise" && difference.positive? ? difference - 360 : difference
      end
    end
  end
end
