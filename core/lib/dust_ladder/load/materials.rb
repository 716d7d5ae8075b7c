module DustLadder
  module Load
    # The materials that ship with the tool, and a plan's own.
    class Materials
      DATA = YAML.safe_load_file(File.expand_path("materials.yml", __dir__)).freeze
      SHIPPED =
        DATA
          .map do |name, data|
            density = data["density"].to_f
            Material.new(
              name: name,
              density: density,
              low: (data["low"] || density).to_f,
              high: (data["high"] || density).to_f,
              source: data["low"] ? "#{name}, #{data["low"]} to #{data["high"]} kg/m³" : name
            ).freeze
          end
          .freeze
      BY_WORD =
        SHIPPED
          .reverse
          .flat_map { |material| [ *DATA[material.name]["words"], material.name ].map { |word| [ word, material ] } }
          .to_h
          .freeze
      EXPECTED = "a material, such as steel or reinforced concrete, or a density, such as 7850 kg/m3".freeze

      # own: a plan's own materials, each { "name", "density", "low", "high", "source" } as typed.
      def initialize(own = [])
        @own = own.to_h { |data| [ data["name"].strip.downcase, data ] }
      end

      # The Material of a name, or of a density written in its place. Raises Quantity::Unreadable.
      def find(text)
        word = text.strip.downcase
        return own(@own[word]) if @own.key?(word)

        BY_WORD[word] ||
          (
            if word.match?(/\A[\d.]/)
              typed(text)
            else
              refuse(
                text,
                "“#{text}” is not a material that is known here#{Spelling.meant(word, [ *@own.keys, *BY_WORD.keys ])}"
              )
            end
          )
      end

      private

      def typed(text)
        density = positive(text, Quantity::Reader.read(text, :density))
        Material.new(name: text.strip, density: density, low: density, high: density, source: "density as typed")
      end

      def own(data)
        density, low, high =
          %w[density low high].map do |name|
            data[name].to_s.strip.empty? ? nil : positive(data[name], Quantity::Reader.read(data[name], :density))
          end
        refuse(data["name"], "the density of #{data["name"]} is not given") unless density
        unless (low || density) <= density && density <= (high || density)
          refuse(data["name"], "the range of #{data["name"]} does not hold its density")
        end
        Material.new(
          name: data["name"],
          density: density,
          low: low || density,
          high: high || density,
          source: [ "this plan's own", data["source"].to_s ].reject(&:empty?).join(": ")
        )
      end

      def positive(text, density) = density.positive? ? density : refuse(text, "a density must be more than nothing")
      def refuse(text, message) = raise(Quantity::Unreadable.new(message, typed: text, expected: EXPECTED))
    end
  end
end
