module DustLadder
  module Advice
    # The machine set up otherwise, or another machine of the house in its place.
    module MachineChoices
      # What tells one machine from another; the rest of an identity is how it is set up.
      OWN = %w[model serial unit number].freeze
      MOST_MACHINES = 3
      MOST_SET_UPS = 6

      private

      # The machine rigged as the plan's chart says, where it is that very machine.
      def rigged
        return unless crane.chosen? && asks?("chart", "crane")

        wrong = crane.identity.select { |field| field.verdict == "stop" && field.value }
        return if wrong.empty? || wrong.any? { |field| OWN.include?(field.name) }

        told = wrong.map { |field| "#{field.name.tr("_", " ")} #{field.value}, not #{field.own}" }
        values = wrong.to_h do |field|
          [ crane.pointer("as_rigged", PlanFile::Pointer.escaped(field.name)), field.value ]
        end
        change(:rigged, "rigged", both("Rig it as its chart says: #{told.join("; ")}"), values)
      end

      # Another chart of this machine, as the plan says that it is set up now, or as the chart says.
      def set_up
        likely(own_charts).first(MOST_SET_UPS).map { |chart, length| charted(:set_up, chart, length) } if crane.chosen?
      end

      # Other machines where it stands; as their charts say they are, which somebody has to see on them.
      def machine
        return unless crane.chosen? && crane.family?("mobile")

        likely(other_charts).first(MOST_MACHINES).map { |chart, length| charted(:machine, chart, length) }
      end

      # Of the machine that is chosen, those of its family; and of mobile machines that are another.
      def own_charts
        stock.charts.select do |chart|
          own?(chart) && chart["data"]["id"] != crane["chart"] &&
            family(chart) == Cranes::Families.name_of(crane.chart_data)
        end
      end

      def other_charts = stock.charts.select { |chart| family(chart) == "mobile" && !own?(chart) }

      # Is a chart of the very machine that is chosen?
      def own?(chart)
        identity = ->(data) { data["identity"].slice(*OWN) }
        crane.chosen? && identity.(chart["data"]) == identity.(crane.chart_data)
      end

      def family(chart) = Cranes::Families.name_of(chart["data"])

      # [chart, boom length] of those that carry the gross load at the farthest station at all, the most first.
      def likely(charts)
        each = charts.flat_map { |chart| lengths(chart["data"]).map { |length| [ chart, length ] } }
        tried = each.map { |chart, length| [ chart, length, spare(chart, length) ] }
        tried.select { |_, _, spare| spare.nil? || spare.positive? }
          .sort_by { |chart, length, spare| [ -(spare || 0.0), chart["data"]["id"], length.to_f ] }
          .map { |chart, length, _| [ chart, length ] }
      end

      def lengths(data) = data["boom_length_m"] || [ nil ]

      # What the chart has over what hangs, at the farthest station, kg; nil where that is not known.
      def spare(chart, length)
        return unless length

        farthest = crane.stations.each_index.map { |at| crane.loaded_radius(at) }.max
        rows = chart["data"]["tables"].values.map { |table| cell(chart["data"], table, farthest, length) }
        (rows.compact.max || -Float::INFINITY) - duty.in_hook.kg
      end

      def cell(data, table, radius, length)
        row = data["radius_m"]&.index { |metres| metres >= radius - 1e-9 } or return
        table[row][data["boom_length_m"].index(length)]
      end

      def charted(knob, chart, length)
        data = chart["data"]
        words = both do |system|
          boom = length ? ", boom #{Figure.m(length).shown(system)}" : ""
          "#{data["title"]}#{boom}: see on the machine that it is so"
        end
        change(
          knob,
          "#{knob}-#{data["id"]}-#{length}",
          words,
          {
            crane.pointer("chart") => data["id"],
            crane.pointer("as_rigged") => as_rigged(knob, data["identity"]),
            **whole_way(length),
            Plan.pointer("snapshots", "charts", PlanFile::Pointer.escaped(data["id"])) => chart
          }
        )
      end

      # How the machine stands is as the plan has it, where a chart that fits to that is looked for.
      def as_rigged(knob, identity) = knob == :set_up && asks?("chart") ? crane.as_rigged : identity
    end
  end
end
