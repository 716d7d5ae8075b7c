module DustLadder
  module Load
    # Plain shapes by dimension, to be picked by search: the start of a row. What is still to be written stands as …
    # in its size.
    class StandardParts
      Part =
        Struct.new(:title, :shape, :size) do
          def as_json(*) =
            { "title" => title, "shape" => shape.title, "size" => size, "material" => shape.by_mass? ? "" : "steel" }
        end
      MOST = 40

      def self.series(data)
        data["of"].map do |values|
          Part.new(format(data["title"], *values), Shape.named(data["shape"]), format(data["size"], *values))
        end
      end

      # In small letters, measures with nothing between them and their sign.
      def self.joined(text) = text.downcase.gsub(/(?<=\d)\s*[x×*]\s*(?=\d)/, "×")
      private_class_method :series, :joined

      ALL =
        YAML.safe_load_file(File.expand_path("standard_parts.yml", __dir__)).flat_map { |data| series(data) }.freeze

      # Parts whose title has every word of a query, in the order of the tables; 100x100 counts as 100 × 100.
      def self.search(query)
        words = joined(query).split
        ALL.select { |part| words.all? { |word| joined(part.title).include?(word) } }.first(MOST)
      end
    end
  end
end
