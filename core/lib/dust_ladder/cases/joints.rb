module DustLadder
  module Cases
    # Worked cases of what joins slings to hook and load.
    module Joints
      module_function

      def fittings(given)
        fitting =
          Fittings::Fitting.new(
            given.fetch("fitting"),
            wll: given.fetch("wll_kg"),
            rules: RuleSet.shipped("strict"),
            own: given["table_upto_factor"]
          )
        at = given.values_at(*MEASURED).compact
        unless at.one? || given["fitting"] == "hoist_ring"
          raise ArgumentError, "one of #{MEASURED.join(", ")} is needed"
        end

        outcome =
          if given["in_plane_of_eye"] == false || given["seated_flush"] == false
            fitting.across
          else
            fitting.outcome(at.first || 0.0)
          end
        { "factor" => outcome.factor, "capacity_kg" => outcome.capacity, "stop" => outcome.stop? }
      end

      def hook_and_blocks(given) = given["part"] == "crane_hook" ? crane_hook(given) : turning_block(given)

      def crane_hook(given)
        rules = RuleSet.shipped("strict")
        demand = given.fetch("items").select { |item| item["hangs"] == "in_the_hook" }.sum { |item| item["mass_kg"] }
        factor = Fittings::Bands.factor(rules[:hook_off_centre], given.fetch("fraction_of_the_way_to_the_tip").to_f)
        capacity = factor && given.fetch("hook_wll_kg") * factor
        leans = given.fetch("legs_deg_from_plumb")
        included = leans.size < 2 ? 0 : leans.size == 2 ? leans.sum : 2 * leans.max
        allowed = included <= rules[:hook_included_angle_deg] + Ladder::Verdict::SLACK
        ring = !allowed && given["gathered_by_ring"]
        shares = [
          capacity && demand / capacity.to_f,
          ring && given["ring_wll_kg"] ? demand / given["ring_wll_kg"].to_f : nil
        ]
        stop =
          capacity.nil? || (!allowed && !ring) || shares.compact.any? { |share| share > 1 + Ladder::Verdict::SLACK }
        {
          "demand_kg" => demand,
          "off_centre_factor" => factor,
          "capacity_kg" => capacity,
          "utilisation" => shares[0],
          "included_deg" => included,
          "included_allowed" => allowed,
          "ring_utilisation" => shares[1],
          "verdict" => stop ? "stop" : ring && shares[1].nil? ? "not_known" : "holds"
        }
      end

      def turning_block(given)
        load =
          DustLadder::Rigging::BlocksCheck.load_kg(
            given.fetch("line_tension_kg"),
            given.fetch("deg_between_its_two_parts")
          )
        shares = given.fetch("wll_kg").transform_values { |kg| kg && load / kg.to_f }
        stop = shares.values.compact.any? { |share| share > 1 + Ladder::Verdict::SLACK }
        {
          "block_load_kg" => load,
          "utilisation_of" => shares,
          "verdict" => stop ? "stop" : shares.values.any?(&:nil?) ? "not_known" : "holds"
        }
      end

      MEASURED = %w[angle_deg_from_bolt_axis angle_deg_from_shackle_centre_line fraction_of_the_way_to_the_tip].freeze

      private_class_method :crane_hook, :turning_block
    end
  end
end
