module DustLadder
  module Cases
    # A worked case's take-off, written out as rows and read as a plan's would be.
    module TakeOff
      # What else a case may call a measure; a radius counts twice.
      KEYS = {
        "diameter" => %w[outside_diameter outer_diameter],
        "outside diameter" => %w[diameter outer_diameter od],
        "wall" => %w[wall_thickness thickness],
        "side" => %w[width outside_width outside_side size outer_width],
        "height" => %w[depth length],
        "width" => %w[flange_width outside_width breadth],
        "thickness" => %w[depth height],
        "base diameter" => %w[diameter bottom_diameter large_diameter lower_diameter],
        "top diameter" => %w[small_diameter upper_diameter],
        "upright leg" => %w[leg_a leg_1 height leg],
        "level leg" => %w[leg_b leg_2 width leg],
        "web" => %w[web_thickness],
        "flange" => %w[flange_thickness],
        "tube diameter" => %w[diameter outside_diameter section_diameter],
        "bend radius to the middle" => %w[bend_radius centreline_radius centerline_radius major_radius radius],
        "angle of the bend" => %w[angle bend_angle arc_angle sweep],
        "mass per length" => %w[mass_per_metre mass_per_m],
        "area of its section" => %w[area section_area cross_section_area],
        "mass of one" => %w[each mass item_mass],
        "mass per area" => %w[mass_per_m2]
      }.freeze
      SUFFIX = {
        length: %w[_m],
        angle: %w[_deg],
        area: %w[_m2],
        volume: %w[_m3],
        mass: %w[_kg],
        mass_per_length: %w[_kg_per_m],
        mass_per_area: %w[_kg_per_m2],
        fill: [ "_fraction", "" ]
      }.freeze
      WHOLE = {
        "mass of one" => %w[kg_each mass_each_kg],
        "mass per length" => %w[kg_per_m],
        "mass per area" => %w[kg_per_m2],
        "fill" => %w[fill_level_fraction filled_fraction]
      }.freeze
      UNIT = {
        length: "m",
        angle: "deg",
        area: "m2",
        volume: "m3",
        mass: "kg",
        mass_per_length: "kg/m",
        mass_per_area: "kg/m2"
      }.freeze
      PLAIN = %w[solid hollow].freeze

      module_function

      def compute(given)
        sheet = Load::TakeOff.new(
          {
            "parts" => given.fetch("parts").map { |part|
              row(part)
            }
          },
          rules(given.fetch("allowance_fraction", 0.0))
        )
        placed = given["parts"].all? { |part| part["centroid_m"] }
        {
          "part_mass_kg" => sheet.bare_kg && sheet.rows.map(&:kg),
          "bare_mass_kg" => sheet.bare_kg,
          "planned_mass_kg" => sheet.planned_kg,
          "cg_m" => placed ? sheet.cg : nil,
          "cg_shift_m" => placed ? sheet.cg_reach : nil
        }
      end

      def rules(allowance)
        data = RuleSet.shipped("strict").data
        RuleSet.new(
          data.merge(
            "values" => data["values"].merge(
              "allowance" => {
                "value" => { "calculated" => allowance }, "reason" => "the case's own"
              }
            )
          )
        )
      end

      def row(part)
        shape = shape_of(part)
        variant = shape.variants.sort_by { |one| -one.measures.size }.find { |one|
          one.measures.all? { |measure|
            value(part, measure)
          }
        } or raise ArgumentError, "#{part['kind']}: expected #{shape.hints.join(', or ')}"
        places = part["centroid_m"] ? %w[x y z].zip(part["centroid_m"].map { |place| "#{written(place)} m" }).to_h : {}
        Load::Row::FIELDS.to_h { |field| [ field, "" ] }.merge(places).merge(
          "name" => part["name"].to_s,
          "shape" => shape.id,
          "size" => variant.measures.map { |measure|
                      size(part, measure)
                    }.join(" x "),
          "material" => material(part, shape),
          "quantity" => ((part["quantity"] || 1) * (part["cut_out"] ? -1 : 1)).to_s,
          "fluid" => part["free_to_move"] == false ? "held" : ""
        )
      end

      def material(part, shape)
        density = part["density_kg_per_m3"]
        density ? "#{written(density)} kg/m3" : shape.by_mass? ? "" : part.fetch("material")
      end

      # "tube_round" and "round tube" are one; a sheet by its mass per area and a typed volume go by what is given.
      def shape_of(part)
        kind = part.fetch("kind").to_s.downcase
        return Load::Shape::ALL.fetch("volume") if part["volume_m3"]
        return Load::Shape::ALL.fetch(
          part["fill_fraction"] && kind.match?(/round|cylind/) ? "fluid_round" : "fluid_b" \
            "ox"
        ) if kind.match?(/fluid|liquid|tank/)

        words = kind.tr("_", " ").split
        [ words, words.reverse, words - PLAIN, words.rotate, (words - PLAIN).reverse, words.first(1),
          words.last(1) ].filter_map { |some|
          Load::Shape.named(some.join(" "))
        }.first or raise ArgumentError, "no shape is called #{kind}"
      end

      def value(part, measure)
        plain = measure.name.delete_prefix("inside ")
        names = [ plain.tr(" ", "_"), *KEYS[plain] ].product(SUFFIX.fetch(measure.kind)).map(&:join)
        key = [ *WHOLE[plain], *names ].find { |name| part[name] }
        return part[key].to_f if key

        radius = names.map { |name|
          name.sub("diameter", "radius")
        }.find { |name| name.include?("radius") && part[name] }
        radius && plain.include?("diameter") ? part[radius] * 2.0 : nil
      end

      def size(part, measure)
        return "#{written(value(part, measure) * 100)} %" if measure.kind == :fill

        "#{written(value(part, measure))} #{UNIT.fetch(measure.kind)}"
      end

      def written(number) = format("%.12f", number).sub(/\.?0+\z/, "")
      private_class_method(*singleton_methods(false) - %i[compute])
    end
  end
end
