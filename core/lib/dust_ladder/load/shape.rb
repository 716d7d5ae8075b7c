require "did_you_mean"

module DustLadder
  module Load
    # What was perhaps meant by a word that is not known, as the end of a sentence; empty when nothing is near.
    def self.meant(word, known)
      near = DidYouMean::SpellChecker.new(dictionary: known).correct(word).first
      near ? "; did you mean #{near}?" : ""
    end

    # One measure of a shape as it is written in a size: its letter in the arithmetic, its name, and what kind of
    # quantity it is (as in Quantity::Reader, or :fill).
    Measure = Struct.new(:symbol, :name, :kind)

    # A formula of shapes.yml as Ruby. Only the tool's own data are ever given to it.
    module Sums
      NAME = Ladder::NAME
      CALLS = %w[min max sin cos].freeze
      SIGNS = { "×" => "*", "−" => "-", "²" => "**2", "³" => "**3", "√" => "Math.sqrt", "∛" => "Math.cbrt" }.freeze

      module_function

      def ruby(formula)
        formula
          .to_s
          .gsub(NAME) { |name| name == "π" ? "Math::PI" : CALLS.include?(name) ? "Sums.#{name}" : "_#{name}" }
          .gsub(/[×−²³√∛]/, SIGNS)
      end

      def min(*values) = values.min
      def max(*values) = values.max
      def sin(deg) = Math.sin(deg * Math::PI / 180)
      def cos(deg) = Math.cos(deg * Math::PI / 180)
    end

    # One way to give a shape's size: its measures, the arithmetic to its volume (or to its mass, for what is
    # known by mass), the box that it fills and where in that box its centroid is.
    class Variant
      Step = Struct.new(:symbol, :formula, :unit)
      Result = Struct.new(:steps, :extent, :offset)
      UNITS = { "A" => :m2, "V" => :m3, "m" => :kg, "k" => :factor, "φ" => :deg, "g" => :factor }.freeze

      attr_reader :measures, :steps

      def initialize(data)
        @measures =
          data["size"].map do |symbol, name|
            Measure.new(symbol, *Array(name).then { |words, kind| [ words, (kind || "length").to_sym ] })
          end
        @steps = data["steps"].map { |symbol, formula| Step.new(symbol, formula.to_s, self.class.unit(symbol)) }
        @within = (data["within"] || {}).values
        @solve = compile(data)
      end

      def self.unit(symbol) = UNITS.fetch(symbol[0], :m)

      # The letter of its result: V (volume, m3) or m (mass, kg).
      def result = (steps.map(&:symbol) + measures.map(&:symbol)).reverse.find { |symbol| %w[V m].include?(symbol) }

      # values: Floats in the order of the measures. Returns the Result: every step's number, extent and offset
      # in m. Raises ArgumentError with the reason when the measures do not make a body.
      def solve(values)
        broken, steps, extent, offset = @solve.call(*values)
        raise ArgumentError, @within[broken] if broken

        Result.new(steps, extent, offset)
      end

      private

      def compile(data)
        list = ->(formulas) { "[#{formulas.map { |formula| "(#{Sums.ruby(formula)})" }.join(", ")}]" }
        names = steps.map { |step| "_#{step.symbol}" }
        source = +"lambda do |#{measures.map { |measure| "_#{measure.symbol}" }.join(", ")}|\n"
        steps.each { |step| source << "_#{step.symbol} = #{Sums.ruby(step.formula)}\n" }
        (data["within"] || {}).each_key.with_index do |condition, index|
          source << "return [ #{index} ] unless #{Sums.ruby(condition)}\n"
        end
        source << "[ nil, [#{names.join(", ")}], #{list.(data["extent"])}, " \
          "#{list.(data["offset"] || [ 0.0, 0.0, 0.0 ])} ]\nend"
        Load.module_eval(source, __FILE__, __LINE__)
      end
    end

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
