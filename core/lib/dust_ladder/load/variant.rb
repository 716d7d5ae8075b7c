module DustLadder
  module Load
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
  end
end
