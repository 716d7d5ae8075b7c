module DustLadder
  module Cases
    # Worked cases of what a crane stands on and what it must keep away from.
    module Grounds
      module_function

      def outriggers(given)
        deck, pads = deck(given.fetch("machine")), pads(given.fetch("machine"))
        found = slews(given).map { |slew| [ slew, pads.reactions(loaded(deck, given).weight(slew)) ] }
        tips = found.find { |_, kg| kg.nil? }
        at = pads.reactions(loaded(deck, given).weight(given.fetch("report_reactions_at_slew_deg")))
        {
          "tips_somewhere" => !tips.nil?,
          "first_tips_at_slew_deg" => tips&.first,
          "reactions_kg_at_slew" => at,
          "quick_rule_pad_kg" => RuleSet.shipped("strict")[:quick_pad,
            :share] * (deck.kg + given.fetch("gross_load_kg")),
          "some_pad_lifts" => found.any? { |_, kg| kg.nil? || kg.any?(&:zero?) },
          **(tips ? { "worst_reaction_kg" => nil } : worst_pad(pads, found, given))
        }
      end

      def worst_pad(pads, found, given)
        slew, kg = found.max_by { |_, all| all.max }
        newtons = kg.max * G
        {
          "worst_reaction_kg" => kg.max,
          "worst_pad" => pads.names[kg.index(kg.max)],
          "worst_at_slew_deg" => slew,
          "pad_pressure_kPa" => newtons / 1000 / given.fetch("pad_area_m2"),
          "mat_area_needed_m2" => newtons / 1000 / given.fetch("allowable_ground_pressure_kPa")
        }
      end

      def tracks(given)
        deck = loaded(deck(given.fetch("machine")), given)
        tracks =
          Ground::Tracks.new(
            length: given.fetch("track_length_m").to_f,
            width: given.fetch("track_width_m").to_f,
            gauge: given.fetch("track_gauge_m").to_f,
            middle: given.fetch("tracks_middle_xy_m")
          )
        found = slews(given).map { |slew| [ slew, tracks.stand(deck.weight(slew)) ] }
        tips = found.find { |_, stand| stand.tips }
        at = tracks.stand(deck.weight(given.fetch("report_at_slew_deg")))
        {
          "tips_somewhere" => !tips.nil?,
          "tips_first_at_slew_deg" => tips&.first,
          "tips_over" => tips && tips[1].tips,
          "lifting_track" => tips && tips[1].shares.find { |_, kg| kg.negative? }&.first,
          "track_share_kg_at_slew" => at.shares,
          "pressure_front_kPa_at_slew" => at.front&.transform_values { |pressure| pressure / 1000 },
          "pressure_rear_kPa_at_slew" => at.rear&.transform_values { |pressure| pressure / 1000 },
          "bearing_length_m_at_slew" => at.bearing,
          "past_the_kern_somewhere" => found.any? { |_, stand| stand.kern },
          **(tips ? { "worst_pressure_kPa" => nil, "utilisation" => nil } : worst_track(found, given))
        }
      end

      def worst_track(found, given)
        slew, stand = found.max_by { |_, one| one.worst[0] }
        pascals, track, name = stand.worst
        {
          "worst_pressure_kPa" => pascals / 1000,
          "worst_track" => track,
          "worst_end" => name,
          "worst_at_slew_deg" => slew,
          "utilisation" => pascals / 1000 / given.fetch("allowable_ground_pressure_kPa")
        }
      end

      def pads_on_zones(given)
        zones = Ground::Zones.new(given.fetch("zones").map { |zone| zone(zone) })
        each = given.fetch("pads").to_h { |pad| [ pad["name"], pad_on_zones(pad, zones) ] }
        holds = each.transform_values { |pad| pad["holds"] }
        {
          **each.values.first.keys.to_h { |name| [ name, each.transform_values { |pad| pad[name] } ] },
          "all_hold" => holds.value?(false) ? false : holds.value?(nil) ? nil : true
        }
      end

      def pad_on_zones(pad, zones)
        mat =
          Ground::Mat.new(
            name: pad["name"],
            middle: pad.fetch("xy_m"),
            side: pad.fetch("mat_side_m").to_f,
            kg: pad.fetch("mat_mass_kg"),
            bearing: pad.fetch("mat_bearing_deg_clockwise_from_north")
          )
        under, reaction = zones.under(mat.outline), pad.fetch("reaction_kg")
        pressure, touched = mat.pressure(reaction), under.weakest
        weakest = under.bare ? nil : touched
        share = weakest && pressure / weakest.kpa
        fits = touched && Ladder::Verdict.of(pressure / touched.kpa, nil) == "holds"
        {
          "zones_touched" => under.zones.map(&:name),
          "weakest_zone" => weakest&.name,
          "allowable_kPa" => weakest&.kpa,
          "pressure_kPa" => pressure,
          "utilisation" => share,
          "mat_side_needed_m" => weakest && mat.side_needed(reaction, weakest.kpa),
          "holds" => fits == false ? false : weakest && fits
        }
      end

      def cut_standoff(given)
        cuts = given.fetch("cuts").map { |cut| cut(cut) }
        factor = given.fetch("factor_on_depth")
        mats =
          given.fetch("mats").to_h do |mat|
            bearing = mat.fetch("bearing_deg_clockwise_from_north")
            [ mat["name"], Site::Plane.square(mat.fetch("xy_m"), mat.fetch("side_m"), bearing) ]
          end
        apart = mats.transform_values { |outline| cuts.to_h { |cut| [ cut.name, cut.distance(outline) ] } }
        margins =
          mats.keys.product(cuts).map { |mat, cut| [ apart[mat][cut.name] - cut.needed(factor), mat, cut.name ] }
        least = margins.min_by(&:first)
        {
          "distance_m" => apart,
          "needed_m" => cuts.to_h { |cut| [ cut.name, cut.needed(factor) ] },
          "least_margin_m" => least[0],
          "worst_mat" => least[1],
          "worst_cut" => least[2],
          "holds" => least[0] >= -Ladder::Verdict::SLACK
        }
      end

      def deck(machine)
        parts =
          machine.fetch("parts").map do |part|
            Ground::Deck::Part.new(
              name: part["name"],
              kg: part.fetch("mass_kg").to_f,
              at: part["xy_m"],
              toward: part["radius_toward_boom_m"]
            )
          end
        Ground::Deck.new(machine.fetch("rotation_axis_xy_m"), parts)
      end

      def pads(machine) = Ground::Outriggers.new(machine.fetch("pad_names"), machine.fetch("pads_xy_m"))

      def loaded(deck, given)
        load = { name: "load", kg: given.fetch("gross_load_kg").to_f, toward: given.fetch("radius_m") }
        deck.with(Ground::Deck::Part.new(**load))
      end

      def slews(given)
        from, to, step = given.fetch_values("slew_from_deg", "slew_to_deg", "sweep_step_deg")
        steps = ((to - from).abs / step.to_f).ceil
        (0..steps).map { |at| [ at * step.to_f, (to - from).abs ].min * (to <=> from) + from }
      end

      def zone(zone)
        Ground::Zones::Zone.new(name: zone["name"], outline: zone.fetch("outline_xy_m"), kpa: zone["allowable_kPa"])
      end

      def cut(cut)
        Ground::Cut.new(
          name: cut["name"],
          edge: cut.fetch("edge_xy_m"),
          depth: cut.fetch("depth_m"),
          closed: cut.fetch("closed")
        )
      end

      private_class_method :worst_pad, :worst_track, :pad_on_zones, :loaded, :slews
    end
  end
end
