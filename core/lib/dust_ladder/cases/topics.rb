module DustLadder
  module Cases
    # How each topic of worked cases is computed from its `given`, with the calls that the checks use.
    module Topics
      module_function

      RIGGING = %w[
        three_point_bridle
        elastic_equilibrium
        worst_case_envelope
        hitch_and_derates
        fittings
        hook_and_blocks
        basket_on_round
        stability_points_below
      ].freeze
      QUESTIONS = {
        "capacity" => :chart_capacity,
        "path_minimum" => :path_minimum,
        "largest_radius" => :largest_radius,
        "best_boom_length" => :best_boom
      }.freeze

      def covers?(topic) = Format.topics.include?(topic)
      def compute(topic, given) = RIGGING.include?(topic) ? Rigging.public_send(topic, given) : send(topic, given)

      def leg_tension_symmetric(given)
        length, height = leg_sides(given)
        share =
          Statics::Level.symmetric_share(
            given.fetch("load_kg"),
            given["legs_counted_as_sharing"] || given.fetch("legs")
          )
        run = Math.sqrt(length**2 - height**2)
        {
          "vertical_share_kg" => share,
          "leg_tension_kg" => Statics::Level.leg_tension(share, length, height),
          "horizontal_thrust_kg" => Statics::Level.thrust(share, run, height),
          **angles(Math.atan2(height, run) * 180 / Math::PI)
        }
      end

      # Length and height of a leg from any two of its sides.
      def leg_sides(given)
        length, height, run = given.values_at("leg_length_m", "height_m", "horizontal_run_m")
        if [ length, height, run ].compact.size < 2
          raise ArgumentError, "two of leg_length_m, height_m, horizontal_run_m are needed"
        end

        height ||= Math.sqrt(length**2 - run**2)
        [ length || Math.hypot(height, run), height ]
      end

      CONVENTIONS = {
        "angle_deg_from_horizontal" => :from_horizontal,
        "angle_deg_from_plumb" => :from_plumb,
        "angle_deg_included_symmetric_pair" => :included
      }.freeze

      # The one angle of a given, whatever its convention.
      def angle_in(given)
        found = CONVENTIONS.keys & given.keys
        raise ArgumentError, "one of #{CONVENTIONS.keys.join(", ")} is needed" unless found.one?

        DustLadder::Rigging::Angle.read(given[found[0]], CONVENTIONS.fetch(found[0]))
      end

      def angles(deg_from_horizontal)
        angle = DustLadder::Rigging::Angle.new(deg_from_horizontal)
        {
          "deg_from_horizontal" => deg_from_horizontal,
          "deg_from_plumb" => angle.deg_from_plumb,
          "deg_included_symmetric_pair" => angle.deg_included,
          "load_angle_factor" => angle.load_angle_factor
        }
      end

      def angle_conversion(given)
        angle = angle_in(given)
        floor =
          given.fetch("floor_deg_from_horizontal") { RuleSet.shipped("strict")[:angle_floor_deg_from_horizontal] }
        angles(angle.deg_from_horizontal).merge("floor_verdict" => angle.allowed?(floor) ? "allowed" : "stop")
      end

      def two_point_unequal(given)
        load, a, b = given.values_at("load_kg", "cg_to_point_a_horizontal_m", "cg_to_point_b_horizontal_m")
        heights = given.values_at("hook_height_above_point_a_m", "hook_height_above_point_b_m")
        return plumb_lines(load, a, b) unless given["load_held"].to_s.include?("one hook") || given["load_held"].nil?

        shares = Statics::Level.two_point_shares(load, a, b, *heights)
        level = shares.none?(&:negative?)
        %w[a b]
          .zip(shares, heights, [ a, b ])
          .reduce({ "level_possible" => level }) { |got, (name, *leg)| got.merge(level_leg(name, *leg)) }
      end

      def plumb_lines(load, a, b)
        shares = Statics::Level.plumb_line_shares(load, a, b)
        %w[a b]
          .zip(shares)
          .reduce({}) do |got, (name, share)|
            got.merge(
              "vertical_share_#{name}_kg" => share,
              "leg_tension_#{name}_kg" => share,
              "leg_#{name}_deg_from_horizontal" => 90.0,
              "horizontal_thrust_#{name}_kg" => 0.0
            )
          end
      end

      def level_leg(name, share, height, run)
        {
          "vertical_share_#{name}_kg" => share,
          "leg_tension_#{name}_kg" => Statics::Level.leg_tension(share, Math.hypot(height, run), height),
          "leg_#{name}_deg_from_horizontal" => Math.atan2(height, run.abs) * 180 / Math::PI,
          "horizontal_thrust_#{name}_kg" => Statics::Level.thrust(share, run, height)
        }
      end

      def multi_leg_rating(given)
        rules = RuleSet.shipped("strict")
        plumb = given.fetch("shallowest_leg_deg_from_plumb")
        single = given.fetch("single_leg_wll_kg")
        capacity =
          case given.fetch("school")
          when "uniform_load"
            MULTI.uniform_load(
              given.fetch("legs"),
              single,
              plumb,
              rules[:uniform_load_bands],
              choker: given["choked"] ? rules[:uniform_load_choker] : nil
            )
          when "trigonometric"
            MULTI.trigonometric(
              given.fetch("legs_effective"),
              single * (given["choked"] ? rules[:uniform_load_choker] : 1),
              plumb
            )
          else
            raise ArgumentError, "school #{given["school"].inspect} is not one of trigonometric, uniform_load"
          end
        share = capacity && given.fetch("load_kg") / capacity
        {
          "capacity_kg" => capacity,
          "utilisation" => share,
          "within_capacity" => !capacity.nil? && Ladder::Verdict.of(share, nil) == "holds"
        }
      end
      MULTI = Slings::MultiLeg

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

      def takeoff(given) = TakeOff.compute(given)

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

      private_class_method(*singleton_methods(false) - %i[covers? compute])
    end
  end
end
