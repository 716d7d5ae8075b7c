module DustLadder
  module Cases
    # How each topic of worked cases is computed from its `given`, with the calls that the checks use.
    module Topics
      module_function

      def covers?(topic) = Format.topics.include?(topic)

      # The module that has the topic as a function of its `given`.
      def compute(topic, given)
        home = HOMES.find { |one| one.respond_to?(topic) }
        # 10 over 9 is not 1 where a file writes its figures without a point.
        given = DustLadder.floats(given) if [ Grounds, Sites ].include?(home)
        home.public_send(topic, given)
      end

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
      HOMES = [ self, Rigging, Joints, Machines, Grounds, Sites, Places, Trials, TwoCranes ].freeze

      def takeoff(given) = TakeOff.compute(given)

      private_class_method :leg_sides, :angle_in, :angles, :plumb_lines, :level_leg
    end
  end
end
