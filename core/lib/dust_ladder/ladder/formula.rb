module DustLadder
  class Ladder
    # A formula cut into what is shown as it stands (text) and what a number is put in for (symbols).
    module Formula
      MOST = 500
      NAME = /[A-Za-zα-ω][A-Za-z0-9_α-ω]*/
      SIGNS = { "×" => "*", "−" => "-", "²" => "**2", "³" => "**3", "^" => "**", "√" => "Math.sqrt" }.freeze
      CALLS = %w[sin cos tan atan].freeze
      # All that may stand between symbols in what is reckoned; nothing else is ever evaluated.
      ARITHMETIC = %r{\A[\s\d.+\-*/()×−²³^√]*\z}
      @pieces = {}
      @compiled = {}

      def self.pieces(formula)
        @pieces.clear if @pieces.size > MOST
        @pieces[formula] ||= formula
          .split(/(#{NAME})/)
          .each_with_index
          .map { |piece, index| index.odd? ? piece.to_sym : piece }
          .freeze
      end

      # What a shown formula comes to with numbers by symbol; angles in degrees. nil for one that is not arithmetic.
      def self.value(formula, numbers)
        compiled(formula)&.call(numbers)
      rescue Math::DomainError, ZeroDivisionError
        nil
      end

      # A shown number, read back.
      def self.number(text) = text.delete("\u202f\u00a0 ,").tr("−", "-").to_f

      def self.compiled(formula)
        @compiled.clear if @compiled.size > MOST
        return unless pieces(formula).all? { |piece| piece.is_a?(Symbol) || ARITHMETIC.match?(piece) }

        @compiled[formula] ||= begin
          source =
            pieces(formula)
              .map do |piece|
                if piece.is_a?(Symbol)
                  name(piece)
                else
                  piece.gsub(/[×−²³^√]/, SIGNS).gsub(/(?<![\d.])(\d+)(?![\d.])/, '\1.0')
                end
              end
              .join
          eval("lambda { |numbers| #{source} }", binding, __FILE__, __LINE__) # only names, numbers and signs are left
        rescue SyntaxError
          ->(_numbers) { }
        end
      end

      def self.name(symbol)
        return "Math::PI" if symbol == :π
        return "Formula.#{symbol}" if CALLS.include?(symbol.to_s)

        "numbers.fetch(:#{symbol})"
      end

      def self.sin(deg) = Math.sin(deg * Math::PI / 180)
      def self.cos(deg) = Math.cos(deg * Math::PI / 180)
      def self.tan(deg) = Math.tan(deg * Math::PI / 180)
      def self.atan(value) = Math.atan(value) * 180 / Math::PI
    end
  end
end
