module DustLadder
  module Cases
    # Worked cases of where a crane could stand.
    module Places
      module_function

      def best_place(given)
        search, grid = search(given), given.fetch("grid")
        bearings = grid.fetch("bearings_deg_clockwise_from_north")
        rows = cells(grid)
        found =
          bearings.to_h do |bearing|
            [ bearing.to_s, rows.map { |row| row.map { |at| search.place(at, bearing) } } ]
          end
        holding = found.values.flatten.select(&:holds?)
        best = holding.max_by(&:margin)
        {
          "margin" => found.transform_values { |all| all.map { |row| row.map(&:margin) } },
          "governing" => found.transform_values { |all| all.map { |row| row.map(&:governs) } },
          "places_that_hold" => holding.size,
          "best_margin" => best&.margin,
          "best_axis_xy_m" => best&.at,
          "best_bearing_deg_clockwise_from_north" => best&.bearing
        }
      end

      def search(given)
        boom = boom(given)
        machine = given.fetch("machine")
        Site::BestPlace.new(
          way:
            Site::BestPlace::Way.new(
              pick: given.fetch("pick_xy_m"),
              set: given.fetch("set_xy_m"),
              turning: { "counterclockwise" => "anticlockwise" }.fetch(given["turning"], "clockwise"),
              steps: given.fetch("path_steps")
            ),
          lift:
            Site::BestPlace::Lift.new(
              gross: given.fetch("gross_load_kg").to_f,
              hook: given.fetch("hook_z_m").to_f,
              boom: boom,
              chart: Cranes::Chart.all_round(table(given.fetch("chart")))
            ),
          stand:
            Site::BestPlace::Stand.new(
              deck: Grounds.deck(machine),
              outriggers: Grounds.pads(machine),
              side: given.fetch("mat_side_m").to_f,
              kg: given.fetch("mat_mass_kg").to_f
            ),
          near: near(given)
        )
      end

      def near(given)
        Site::BestPlace::Near.new(
          zones: Ground::Zones.new(given.fetch("zones").map { |zone| Grounds.zone(zone) }),
          cuts: [ Grounds.cut({ "name" => "cut", **given.fetch("cut") }) ],
          factor: given.fetch("factor_on_depth"),
          lines: [ [ given.fetch("line_xyz_m"), given.fetch("line_needed_clearance_m") ] ],
          ball: Site::Approach::Ball.new(given["load_centre_below_hook_m"], given["load_enclosing_sphere_radius_m"])
        )
      end

      def boom(given)
        Cranes::Boom.new(
          length: given.fetch("boom_length_m"),
          foot_radius: given.fetch("boom_foot_radius_m"),
          foot_height: given.fetch("boom_foot_height_m")
        )
      end

      def table(chart) =
        Cranes::Table.new(chart.fetch("radius_m"), chart.fetch("boom_length_m"), chart.fetch("capacity_kg"))

      # Middles of the cells, rows from south to north, each from west to east.
      def cells(grid)
        (x, y), size = grid.fetch("first_cell_middle_xy_m"), grid.fetch("cell_m")
        (0...grid.fetch("cells_north")).map do |north|
          (0...grid.fetch("cells_east")).map { |east| [ x + east * size, y + north * size ] }
        end
      end

      private_class_method :search, :near, :boom, :table, :cells
    end
  end
end
