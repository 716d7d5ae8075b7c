module DustLadder
  module Cases
    # Worked cases of cranes: charts, paths, what hangs from the tip, parts of line.
    module Machines
      QUESTIONS = {
        "capacity" => :chart_capacity,
        "path_minimum" => :path_minimum,
        "largest_radius" => :largest_radius,
        "best_boom_length" => :best_boom
      }.freeze

      module_function

      def table(chart) =
        Cranes::Table.new(chart.fetch("radius_m"), chart.fetch("boom_length_m"), chart.fetch("capacity_kg"))
      def chart_lookup(given) = send(QUESTIONS.fetch(given["question"]), given)

      def chart_capacity(given)
        capacity = table(given.fetch("chart")).capacity(given.fetch("radius_m"), given.fetch("boom_length_m"))
        { "gross_capacity_kg" => capacity, "allowed" => !capacity.nil? }
      end

      def largest_radius(given)
        chart, boom = table(given.fetch("chart")), given.fetch("boom_length_m")
        radius = chart.largest_radius(given.fetch("gross_load_kg"), boom)
        {
          "largest_radius_m" => radius,
          "allowed" => !radius.nil?,
          "gross_capacity_kg" => radius && chart.capacity(radius, boom)
        }
      end

      # The boom length that holds a gross load at every station with the least of it used.
      def best_boom(given)
        chart = Cranes::Chart.all_round(table(given.fetch("chart")))
        radii = given.fetch("stations").map { |station| station.fetch("radius_m") }
        stations = radii.map { |radius| Cranes::Path::Station.new(radius: radius.to_f, slew: nil, boom: nil) }
        # Only the stations count here, not the way between them.
        best =
          chart
            .booms
            .filter_map do |boom|
              least = stations.map { |station| chart.capacity(station.radius, boom, nil).first }
              if least.none?(&:nil?) &&
                   Ladder::Verdict.of(given.fetch("gross_load_kg") / least.min.to_f, nil) == "holds"
                [ boom, least.min ]
              end
            end
            .min_by { |boom, kg| [ -kg, boom ] }
        {
          "best_boom_length_m" => best&.first,
          "least_gross_capacity_kg" => best&.last,
          "gross_capacity_kg" => best&.last,
          "allowed" => !best.nil?
        }
      end

      def tower_crane(given)
        crane, falls = given.fetch("crane"), given.fetch("falls")
        reason = Cranes::Tower.unavailable(crane.fetch("falls"), falls, crane["second_trolley_fitted"])
        set = crane["falls"][falls.to_s]
        capacity =
          Cranes::Tower.table(
            set["radius_m"],
            crane.fetch("jib_length_m"),
            set["capacity_kg"],
            set["max_kg"]
          ).capacity(given.fetch("trolley_radius_m"), crane["jib_length_m"]) unless reason
        {
          "gross_capacity_kg" => capacity,
          "available" => reason.nil?,
          "allowed" => !capacity.nil?,
          "within_capacity" =>
            !capacity.nil? && Ladder::Verdict.of(given.fetch("gross_load_kg") / capacity.to_f, nil) == "holds"
        }
      end

      def platform_and_jib(given)
        machine, use = Cranes::PlatformJib.new(given.fetch("machine")), given.fetch("use")
        aboard = use.fetch("platform_load_kg").then { |load| load.is_a?(Hash) ? load.values.sum : load }
        lower = use["lower_boom_range_deg_from_horizontal"] || [ use.fetch("lower_boom_deg_from_horizontal") ].flatten
        reading =
          machine.read(
            lower: lower.minmax,
            upper: use.fetch("upper_boom_range_deg_from_horizontal"),
            radius: use.fetch("load_radius_m"),
            aboard_kg: aboard
          )
        platform = Ladder::Verdict.of(aboard / machine.rated_kg, nil) == "holds"
        jib =
          !reading.allowed_kg.nil? &&
            Ladder::Verdict.of(use.fetch("jib_load_kg") / reading.allowed_kg.to_f, nil) == "holds"
        {
          "platform_load_kg" => aboard,
          "platform_ok" => platform,
          "jib_chart_kg" => reading.chart_kg,
          "jib_allowed_kg" => reading.allowed_kg,
          "jib_ok" => jib,
          "both_hold" => platform && jib
        }
      end

      def path_minimum(given)
        tables = given.fetch("charts").transform_values { |chart| table(chart) }
        sectors =
          given
            .fetch("sectors")
            .map do |sector|
              Cranes::Chart::Sector.new(
                name: sector["name"],
                from: sector["slew_from_deg"].to_f,
                to: sector["slew_to_deg"].to_f,
                table: tables.fetch(sector["chart"])
              )
            end
        stations =
          given
            .fetch("stations")
            .map do |station|
              Cranes::Path::Station.new(
                radius: station["radius_m"].to_f,
                slew: station["slew_deg"].to_f,
                boom: station["boom_length_m"].to_f
              )
            end
        least = Cranes::Path.new(Cranes::Chart.new(sectors), stations).least
        {
          "least_gross_capacity_kg" => least.kg,
          "sector" => least.sector,
          "between_stations_counted_from_0" => least.between,
          "allowed" => !least.kg.nil?
        }
      end

      # Rope below the tip, or the boom's length where that is not known.
      def hanging(given) = given.fetch("rope_hanging_m")

      def deductions(given)
        rope = Cranes::GrossLoad.rope_kg(given.fetch("parts_of_line"), hanging(given), given.fetch("rope_kg_per_m"))
        items = { "the load" => given.fetch("load_planned_kg"), "rope" => rope, **given.fetch("items_kg") }
        gross = Cranes::GrossLoad.new(items.map { |name, kg| Cranes::GrossLoad::Item.new(name: name, kg: kg.to_f) })
        capacity = given["gross_capacity_kg"]
        share = capacity && gross.utilisation(capacity)
        {
          "rope_kg" => rope,
          "total_deductions_kg" => gross.deductions_kg,
          "gross_load_kg" => gross.kg,
          "net_capacity_kg" => capacity && gross.net_capacity_kg(capacity),
          "utilisation_gross" => share,
          "within_capacity" => !share.nil? && Ladder::Verdict.of(share, nil) == "holds"
        }
      end

      def parts_of_line(given)
        reeving = [
          given.fetch("single_line_pull_kg"),
          given.fetch("parts_of_line"),
          given.fetch("lead_sheaves"),
          given.fetch("efficiency_per_sheave")
        ]
        capacity = Cranes::Reeving.capacity(*reeving)
        load = given.fetch("hook_load_kg")
        {
          "reeved_capacity_kg" => capacity,
          "holds" => Ladder::Verdict.of(load / capacity.to_f, nil) == "holds",
          "least_parts_needed" =>
            Cranes::Reeving.least_parts(reeving[0], load, reeving[2], reeving[3], given["most_parts_to_try"] || 16)
        }
      end

      private_class_method :table, :chart_capacity, :largest_radius, :best_boom, :hanging
    end
  end
end
