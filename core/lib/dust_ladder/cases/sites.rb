module DustLadder
  module Cases
    # Worked cases of what a crane must keep away from on its way: lines, obstacles, wind.
    module Sites
      module_function

      def power_line(given)
        crane, stations = given.fetch("crane"), given.fetch("stations")
        ball = Site::Approach::Ball.new(given["load_centre_below_hook_m"], given["load_enclosing_sphere_radius_m"])
        sweeps = sweeps(crane, stations.map { |station| { "boom_length_m" => crane["boom_length_m"], **station } })
        parts = Site::Approach.new(sweeps, ball, given.fetch("conductor_xyz_m")).parts
        part, near = parts.first
        needed = clearance(given)
        {
          "least_distance_m" => near.m,
          "nearest_part" => part,
          "distance_by_part_m" => parts.transform_values(&:m),
          "required_clearance_m" => needed,
          "beyond_required_clearance" => !needed.nil? && near.m >= needed - Ladder::Verdict::SLACK,
          "slew_at_least_deg" => near.station.slew
        }
      end

      def clearance(given)
        kilovolts = given["line_kilovolt"] or return given.fetch("clearance_unknown_voltage_m")
        given.fetch("clearance_table_kilovolt_upto_m").find { |upto, _| kilovolts <= upto }&.last
      end

      def obstacle_clearance(given)
        crane = given.fetch("crane")
        sweeps = sweeps(crane, given.fetch("stations"))
        room = Site::Room.new(sweeps, given.fetch("obstacles").map { |one| obstacle(one) })
        box = box(given.fetch("load_box"))
        found = {
          "load_sideways" => room.load_sideways(box),
          "load_vertical" => room.load_upright(box),
          "boom" => room.boom(crane.fetch("boom_half_depth_m")),
          "tail_swing" =>
            room.tail(
              sweeps[0].standing,
              crane.fetch("tail_swing_radius_m"),
              crane.fetch("tail_bottom_m"),
              crane.fetch("tail_top_m")
            )
        }
        {
          **found.to_h { |what, near| [ "#{what}_m", near&.m ] },
          **found.to_h { |what, near| [ "#{what}_obstacle", near&.name ] },
          "clear" =>
            found.all? { |what, near| near.nil? || near.m >= given.fetch("needed_#{what}_m") - Ladder::Verdict::SLACK }
        }
      end

      def wind(given)
        sail = given.fetch("drag_coefficient") * given.fetch("projected_area_m2")
        newtons = Site::Wind.force(given.fetch("wind_speed_m_per_s"), sail)
        limit =
          Site::Wind.limit(
            given.fetch("chart_wind_limit_m_per_s"),
            given.fetch("load_mass_tonne") * 1000,
            sail,
            RuleSet.shipped("strict")[:wind, :area_per_t]
          )
        {
          "force_newton" => newtons,
          "force_as_kg" => newtons / G,
          "wind_limit_m_per_s" => limit,
          "may_lift_at_this_speed" =>
            Ladder::Verdict.of(given.fetch("wind_speed_m_per_s") / limit, nil) == "holds"
        }
      end

      # Legs of the way between stations; a crane that stands still at its only one has a leg to itself.
      def sweeps(crane, stations)
        standing =
          Site::Standing.new(
            axis: crane.fetch("rotation_axis_xyz_m"),
            bearing: crane.fetch("front_bearing_deg_clockwise_from_north")
          )
        booms =
          Hash.new do |known, length|
            known[length] = Cranes::Boom.new(
              length: length,
              foot_radius: crane.fetch("boom_foot_radius_m"),
              foot_height: crane.fetch("boom_foot_height_m")
            )
          end
        places = stations.map { |station| place(station, standing) }
        places *= 2 if places.one?
        places.each_cons(2).map { |from, to| Site::Sweep.new(standing, from, to, booms.method(:[])) }
      end

      def place(station, standing)
        Cranes::Path::Station.new(
          radius: station.fetch("radius_m").to_f,
          slew: station.fetch("slew_deg").to_f,
          boom: station.fetch("boom_length_m").to_f,
          hook: station.fetch("hook_z_m").to_f - standing.axis[2]
        )
      end

      def obstacle(one)
        Site::Solid.new(
          name: one["name"],
          outline: one.fetch("outline_xy_m"),
          bottom: one.fetch("bottom_m").to_f,
          top: one.fetch("top_m").to_f
        )
      end

      def box(box)
        Site::Room::Box.new(
          length: box.fetch("length_m"),
          width: box.fetch("width_m"),
          height: box.fetch("height_m"),
          below: box.fetch("top_below_hook_m"),
          turned: box.fetch("turned"),
          axis: box.fetch("length_axis_deg_clockwise").to_f
        )
      end

      private_class_method :clearance, :sweeps, :place, :obstacle, :box
    end
  end
end
