module DustLadder
  module Cases
    # A worked case's take-off, written out as rows and read as a plan's would be.
    module TakeOff
      # By kind of part: the shape that it is, and what gives each of its measures, in the shape's order. A box_solid is
      # solid: its three lengths are never a wall.
      KINDS = {
        "plate" => [ "plate", %w[length_m width_m thickness_m] ],
        "box_solid" => [ "box", %w[length_m width_m thickness_m] ],
        "cylinder_solid" => [ "cylinder", %w[diameter_m length_m] ],
        "tube_round" => [ "tube_round", %w[outside_diameter_m wall_m length_m] ],
        "cone_solid" => [ "cone", %w[diameter_m height_m] ],
        "frustum_solid" => [ "frustum", %w[diameter_large_m diameter_small_m height_m] ],
        "sphere_solid" => [ "sphere", %w[diameter_m] ],
        "section" => [ "section", %w[kg_per_m length_m] ],
        "sheet" => [ "sheet", %w[kg_per_m2 area_m2] ],
        "item" => [ "item", %w[kg_each] ]
      }.freeze
      UNITS = { "kg_per_m2" => "kg/m2", "kg_per_m" => "kg/m", "kg_each" => "kg", "area_m2" => "m2" }.freeze

      module_function

      def compute(given)
        sheet =
          Load::TakeOff.new(
            { "parts" => given.fetch("parts").map { |part| row(part) } },
            rules(given.fetch("allowance_fraction", 0.0))
          )
        placed = given["parts"].all? { |part| part["centroid_m"] }
        {
          "part_mass_kg" => sheet.bare_kg && sheet.rows.map(&:kg),
          "bare_mass_kg" => sheet.bare_kg,
          "planned_mass_kg" => sheet.planned_kg,
          "cg_m" => placed ? sheet.cg : nil
        }
      end

      def rules(allowance)
        data = RuleSet.shipped("strict").data
        own = { "allowance" => { "value" => { "calculated" => allowance }, "reason" => "the case's own" } }
        RuleSet.new(data.merge("values" => data["values"].merge(own)))
      end

      def row(part)
        shape, names = KINDS.fetch(part.fetch("kind"))
        size =
          names.map do |name|
            "#{written(part.fetch(name) { raise ArgumentError, "#{part["kind"]} needs #{name}" })} " \
              "#{UNITS.fetch(name, "m")}"
          end
        places =
          part["centroid_m"] ? %w[x y z].zip(part["centroid_m"].map { |place| "#{written(place)} m" }).to_h : {}
        Load::Row::FIELDS
          .to_h { |field| [ field, "" ] }
          .merge(places)
          .merge(
            "name" => part["name"],
            "shape" => shape,
            "size" => size.join(" x "),
            "material" => part["density_kg_per_m3"] ? "#{written(part["density_kg_per_m3"])} kg/m3" : "",
            "quantity" => ((part["quantity"] || 1) * (part["cut_out"] ? -1 : 1)).to_s
          )
      end

      def written(number) = format("%.12f", number).sub(/\.?0+\z/, "")
      private_class_method(*singleton_methods(false) - %i[compute])
    end
  end
end
