module DustLadder
  module Slings
    # Sizes that are commonly to be had: what would need to be hired or bought. For planning a purchase only; the tag of
    # the piece that comes decides.
    module GenericSizes
      DATA = YAML.safe_load_file(File.expand_path("generic_sizes.yml", __dir__)).freeze
      STEP_KG = 10

      module_function

      def kinds = DATA.keys

      # [[name, rating in kg], ...] of a kind, smallest first; ratings rounded down.
      def of(kind)
        data = DATA.fetch(kind)
        if data["ratings"]
          return data["ratings"].map { |kg| [ "#{kg / 1000.0} t #{data["unit"]}".sub(".0 t", " t"), kg ] }
        end

        data["sizes"].map { |size| [ "#{size} #{data["unit"]}", (data["by"] * size * size / STEP_KG).floor * STEP_KG ] }
      end

      # The same as pieces that a Selection can judge, of a reach in m. Their number says that they are not in the
      # store.
      def pieces(kind, reach, rules)
        of(kind).map do |name, kg|
          {
            "number" => "to hire or buy: #{name}",
            "kind" => kind,
            "size" => name,
            "legs" => 1,
            "reach_m" => reach,
            "mass_kg" => nil,
            "link_pitch_m" => nil,
            "grade" => "80",
            "core" => "steel",
            "tag" => {
              "legible" => true,
              "vertical_kg" => kg,
              "choker_kg" => (kg * rules[:choker_factor, kind]).floor,
              "basket_kg" => (kg * rules[:basket_factor]).floor,
              "multi_leg" => []
            }
          }
        end
      end
    end
  end
end
