module DustLadder
  module Cases
    # Worked cases of a load on two cranes: stood up, over its box, and carried level.
    module TwoCranes
      TANDEM_LIMIT = 0.75

      module_function

      def tailing(given)
        hooks = hooks_of(given, "head_point_from_cg_m", "tail_point_from_cg_m")
        from_axis = given.fetch("head_hook_to_tail_crane_axis_m")
        steps =
          tilts(given).map do |tilt|
            at = hooks.at(given.fetch("load_kg").to_f, tilt)
            step(given, at, from_axis - at.apart)
          end
        told = steps.take_while { |one| one[:head].nil? || one.values_at(:head, :tail).min >= -1e-6 }
        {
          "at_deg_from_level" => steps.to_h { |one| [ one[:tilt].to_s, one[:told] ] },
          **worst(told, "head"),
          **worst(told, "tail"),
          "within_75_percent" => told.all? { |one| within?(one["head"], one["tail"]) }
        }
      end

      def step(given, at, tail_radius)
        head = capacity(given.fetch("head_chart"), given.fetch("head_radius_m"))
        tail = capacity(given.fetch("tail_chart"), tail_radius)
        {
          tilt: at.tilt_deg,
          head: at.head,
          tail: at.tail,
          "head" => used(at.head, given.fetch("head_rigging_kg"), head),
          "tail" => used(at.tail, given.fetch("tail_rigging_kg"), tail),
          told: {
            "head_share_kg" => at.head,
            "tail_share_kg" => at.tail,
            "cg_to_head_horizontal_m" => at.to_head,
            "cg_to_tail_horizontal_m" => at.to_tail,
            "tail_radius_m" => tail_radius,
            "tail_capacity_kg" => tail
          }
        }
      end

      # Of the boom length that is given, or of the only one. kg; nil off the chart.
      def capacity(chart, radius, boom = chart.fetch("boom_length_m")[0])
        Cranes::Table.new(*chart.values_at("radius_m", "boom_length_m", "capacity_kg")).capacity(radius, boom)
      end

      # Off the chart nothing is the worst: it is not known how much that would be.
      def worst(steps, name)
        known = steps.reject { |one| one[:head].nil? }
        found = known.max_by { |one| one[name] || Float::INFINITY }
        { "#{name}_worst_utilisation" => found&.fetch(name), "#{name}_worst_at_deg" => found&.fetch(:tilt) }
      end

      def used(share, rigging, capacity) = share && capacity && (share + rigging) / capacity.to_f
      def within?(*shares) = shares.all? { |one| one && Ladder::Verdict.of(one / TANDEM_LIMIT, nil) == "holds" }

      def hooks_of(given, *names)
        Statics::TwoHooks.new(*names.map { |name| given.fetch(name).values_at("along", "up_when_level") })
      end

      def tilts(given)
        from, to = given.fetch("sweep_deg_from_level")
        from.step(to, given.fetch("sweep_step_deg")).to_a
      end

      def tailing_box(given)
        box =
          Statics::TwoHooksBox.new(
            hooks_of(given, "head_point_from_cg_m", "tail_point_from_cg_m"),
            weights: given.fetch("load_mass_range_kg"),
            half_widths: given.values_at("cg_half_width_along_m", "cg_half_width_across_m"),
            leans: given.values_at("head_line_plumb_tolerance_deg", "tail_line_plumb_tolerance_deg"),
            long: given.fetch("load_length_m")
          ).sweep(tilts(given))
        {
          **box_worst("head", box.head),
          **box_worst("tail", box.tail),
          "a_line_goes_slack" => !box.slack_first.nil?,
          "slack_first_at_deg" => box.slack_first,
          "undefined_from_deg" => box.untold_from
        }
      end

      def box_worst(name, found)
        {
          "#{name}_worst_share_kg" => found&.kg,
          "#{name}_worst_at_deg" => found&.tilt_deg,
          "#{name}_worst_corner" => found && {
            "load_kg" => found.corner.weight,
            "cg_along" => found.corner.along,
            "cg_across" => found.corner.up
          }
        }
      end

      def tandem_level(given)
        hooks = hooks_of(given, "point_a_from_cg_m", "point_b_from_cg_m")
        load = given.fetch("load_kg").to_f
        tilt = hooks.tilt_for(given.fetch("hook_a_higher_by_m"))
        at, level = tilt && hooks.at(load, tilt), hooks.at(load, 0.0)
        carried = !at.nil? && !at.head.nil? && !at.slack?
        a = one_crane(given, "a", carried ? at.head : nil, level.head)
        b = one_crane(given, "b", carried ? at.tail : nil, level.tail)
        {
          "tilt_deg" => tilt,
          "cg_to_point_a_horizontal_m" => at&.to_head,
          "cg_to_point_b_horizontal_m" => at&.to_tail,
          "both_lines_carry" => carried,
          **a,
          **b,
          "within_75_percent" => within?(a["utilisation_a"], b["utilisation_b"])
        }
      end

      def one_crane(given, name, share, level)
        chart, radius, boom = given.values_at("chart_#{name}", "radius_#{name}_m", "boom_length_#{name}_m")
        capacity = capacity(chart, radius, boom)
        {
          "level_share_#{name}_kg" => level,
          "gross_capacity_#{name}_kg" => capacity,
          "share_#{name}_kg" => share,
          "utilisation_#{name}" => used(share, given.fetch("rigging_#{name}_kg"), capacity)
        }
      end

      private_class_method :step, :capacity, :worst, :used, :within?, :hooks_of, :tilts, :box_worst, :one_crane
    end
  end
end
