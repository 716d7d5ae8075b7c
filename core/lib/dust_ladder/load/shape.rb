module DustLadder
  module Load
    # A kind of part: its title, the words that people write for it, and its variants.
    class Shape
      attr_reader :id, :title, :words, :lies, :form, :variants

      def initialize(id, data)
        @id = id
        @title = data["title"]
        @words = data["words"]
        @lies = data["lies"]
        @form = data["form"] || "block"
        @fluid = data["fluid"] || false
        @variants = data["variants"].map { |variant| Variant.new(variant) }
      end

      ALL =
        YAML.safe_load_file(File.expand_path("shapes.yml", __dir__)).to_h { |id, data| [ id, new(id, data) ] }.freeze
      BY_WORD =
        ALL
          .values
          .flat_map do |shape|
            [ shape.id.tr("_", " "), shape.title.downcase, *shape.words ].map { |word| [ word, shape ] }
          end
          .reverse
          .to_h
          .freeze

      # The shape of a written word, or nil.
      def self.named(text) = BY_WORD[text.strip.downcase.tr("_", " ")]

      def fluid? = @fluid
      # Of a plain size it needs no material: its mass is given.
      def by_mass? = variants.first.result == "m"

      # How a size is written, such as "length × width × thickness"; the plainest first.
      def hints = variants.map { |variant| variant.measures.map(&:name).join(" × ") }

      def as_json(*) =
        {
          "id" => id,
          "title" => title,
          "words" => words,
          "hints" => hints,
          "lies" => lies,
          "material" => !by_mass?,
          "fluid" => fluid?
        }
    end
  end
end
