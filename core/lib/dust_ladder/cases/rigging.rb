module DustLadder
  module Cases
    # Worked cases of how a load hangs and what its slings and fittings may carry.
    module Rigging
      module_function

      def three_point_bridle(given)
        load, heights = given.fetch("load_kg"), given.fetch("hook_height_above_each_point_m")
        points =
          given
            .fetch("points_plan_xy_m")
            .map { |point| point.zip(given.fetch("cg_plan_xy_m")).map { |at, cg| (at - cg).to_f } }
        shares = Statics::Level.three_point_shares(load, points, heights)
        level = shares.min >= -1e-9 * load
        legs = shares.each_index.map { |index| [ Math.hypot(*points[index]), heights[index] ] }
        {
          "level_possible" => level,
          "share_fraction" => shares.map { |share| share / load.to_f },
          "vertical_share_kg" => shares,
          "leg_tension_kg" =>
            (
              if level
                shares
                  .zip(legs)
                  .map { |share, (run, height)| Statics::Level.leg_tension(share, Math.hypot(run, height), height) }
              else
                nil
              end
            ),
          "horizontal_thrust_kg" =>
            level ? shares.zip(legs).map { |share, (run, height)| Statics::Level.thrust(share, run, height) } : nil,
          "leg_deg_from_horizontal" => legs.map { |run, height| Math.atan2(height, run) * 180 / Math::PI }
        }
      end

      def rig(given)
        bodies =
          given
            .fetch("bodies")
            .map do |body|
              Statics::Rig::Body.new(
                name: body["name"],
                mass: body.fetch("mass_kg").to_f,
                cg: body.fetch("cg_xyz_m").map(&:to_f),
                points: body.fetch("points_xyz_m").transform_values { |point| point.map(&:to_f) }
              )
            end
        lines =
          given
            .fetch("lines")
            .map do |line|
              {
                name: line["name"],
                nodes: line.fetch("nodes"),
                rest: line.fetch("rest_length_m"),
                stiffness: stiffness(line)
              }
            end
        Statics::Rig.new(bodies: bodies, lines: lines, hook: given["hook_xyz_m"] || [ 0.0, 0.0, 0.0 ])
      end

      def stiffness(line)
        return line["axial_stiffness_newton"] / G if line["axial_stiffness_newton"]

        line.fetch("wll_kg").to_f /
          (line["stretch_fraction_at_wll"] || RuleSet.shipped("strict")[:stretch_at_wll, line.fetch("kind")])
      end

      def reported(given, rig) = rig.bodies.index { |body| body.name == given["report_body"] } || 0

      def elastic_equilibrium(given)
        rig = rig(given)
        hang = Statics::Equilibrium.of(rig)
        body = reported(given, rig)
        stability = Statics::Stability.new(hang)
        by_line = ->(&value) { rig.lines.each_index.to_h { |index| [ rig.lines[index].name, value.call(index) ] } }
        {
          "tension_kg" => by_line.call { |index| hang.tensions[index] },
          "slack_lines" => hang.slack.map { |index| rig.lines[index].name },
          "tilt_deg" => hang.pose.tilt_deg(body),
          "roll_deg" => hang.pose.roll_deg(body),
          "pitch_deg" => hang.pose.pitch_deg(body),
          "first_segment_deg_from_horizontal" => by_line.call { |index| hang.deg_from_horizontal(index) },
          "drop_hook_to_load_cg_m" => rig.hook[2] - hang.pose.centres[body][2],
          "load_cg_plumb_offset_m" => hang.off_plumb(body),
          "total_cg_plumb_offset_m" => hang.off_plumb,
          "stable" => hang.stable?,
          "stability_margin_m" => stability.margin(body),
          "tilt_deg_of_the_unstable_pose" => hang.stable? ? nil : hang.pose.tilt_deg(body),
          "all_points_below_cg" => rig.bodies[body].points.values.all? { |point| point[2] < rig.bodies[body].cg[2] }
        }
      end

      def worst_case_envelope(given)
        rig = rig(given)
        envelope =
          Statics::Envelope.new(
            rig,
            body: reported(given, rig),
            masses: given.fetch("load_mass_range_kg"),
            every: true,
            half_widths: given.fetch("cg_half_width_xyz_m"),
            tolerance: given.fetch("leg_length_tolerance_fraction_plus_minus")
          )
        named = ->(figures) { rig.lines.map(&:name).zip(figures).to_h }
        {
          "corners" => envelope.corners.size,
          "worst_tension_kg" => named.(envelope.worst_tensions),
          "least_tension_kg" => named.(envelope.least_tensions),
          "greatest_tilt_deg" => envelope.steepest.tilt_deg,
          "all_corners_stable" => envelope.stable?
        }
      end

      def hitch_and_derates(given)
        derating =
          Slings::Derating.new(
            RuleSet.shipped("strict"),
            kind: given.fetch("kind"),
            hitch: given.fetch("hitch"),
            hitch_factor: given.fetch("hitch_factor_before_angle").to_f,
            deg_from_horizontal: given.fetch("leg_deg_from_horizontal"),
            choke_deg: given["choke_angle_deg_interior"],
            bend: given["bend_diameter_over_rope_diameter"],
            bend_rated_at: given["bend_rated_at"],
            temperature_row: given["temperature_row"],
            celsius: given["temperature_degC"],
            site_factor: given["site_factor_on_capacity"] || 1.0
          )
        capacity = derating.capacity(given.fetch("vertical_wll_kg"))
        names = %w[hitch_factor leg_angle_factor choke_angle_factor bend_factor temperature_factor site_factor]
        {
          "factors" => names.zip(derating.steps.map(&:factor)).to_h,
          "capacity_kg" => capacity,
          **against(given["load_on_this_sling_kg"], capacity)
        }
      end

      def basket_on_round(given)
        rules = RuleSet.shipped("strict")
        basket =
          Statics::RoundBasket.new(
            drum: given.fetch("drum_diameter_m"),
            rope: given.fetch("rope_diameter_m"),
            height: given.fetch("hook_height_above_drum_centre_m"),
            off: given.fetch("drum_centre_off_plumb_m"),
            load: given.fetch("load_kg"),
            friction: given.fetch("friction")
          )
        ratio = given["drum_diameter_m"] / given["rope_diameter_m"].to_f
        bend = Slings::Derating.bend_factor(rules, ratio, given.fetch("bend_rated_at"))
        used = bend && basket.taut? ? basket.steep_kg / (given.fetch("vertical_wll_kg") * bend) : nil
        flat = basket.shallow_deg < rules[:angle_floor_deg_from_horizontal] - Ladder::Verdict::SLACK
        taut = basket.taut?
        {
          "bend_ratio" => ratio,
          "bend_factor" => bend,
          "shallow_side_deg_from_horizontal" => basket.shallow_deg,
          "steep_side_deg_from_horizontal" => basket.steep_deg,
          "shallow_side_tension_kg" => taut ? basket.shallow_kg : nil,
          "steep_side_tension_kg" => taut ? basket.steep_kg : nil,
          "contact_deg" => basket.contact_deg,
          "tension_ratio" => taut ? basket.ratio : nil,
          "grip_limit_ratio" => basket.limit,
          "grip_holds" => basket.holds?,
          "length_needed_m" => basket.length,
          "utilisation" => used,
          "stop" => bend.nil? || flat || !basket.holds? || (!used.nil? && used > 1 + Ladder::Verdict::SLACK)
        }
      end

      def stability_points_below(given)
        points = given.fetch("points_xyz_m")
        pyramid =
          Statics::Pyramid.new(
            *[ given.fetch("hook_xyz_m"), points.values, given.fetch("cg_xyz_m"), given.fetch("cg_half_width_xyz_m") ]
          )
        least = pyramid.least_level
        {
          "least_level_distance_m" => least.level,
          "least_square_distance_m" => pyramid.least_square.square,
          "corner" => least.signs,
          "face" => least.face.map { |index| points.keys[index] },
          "cg_box_inside" => pyramid.inside?,
          "all_points_below_cg_at_worst" => pyramid.below?
        }
      end

      def against(load, capacity)
        share = load && capacity && load / capacity.to_f
        { "utilisation" => share, "within_capacity" => !share.nil? && Ladder::Verdict.of(share, nil) == "holds" }
      end
      private_class_method :stiffness, :against
    end
  end
end
