module DustLadder
  module Load
    # A formula of shapes.yml as Ruby. Only the tool's own data are ever given to it.
    module Sums
      NAME = Ladder::Formula::NAME
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
  end
end
