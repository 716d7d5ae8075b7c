module DustLadder
  module Load
    # A size as it is written: the measures of a shape with × between them, such as 3.6 m × 1.5 m × 20 mm. A bare
    # number takes the mm that is written after one to its right, as in 114.3 x 4.5 mm x 6 m. Where that could as
    # well be metres (3 x 2 x 20 mm) or feet (4 x 8 x 3/8 in) the unit is asked for.
    module Size
      BETWEEN = /\s*[×*]\s*|\s+(?:x|by)\s+|(?<=[\d'"′″m²³%n])x(?=[\d.…])|(?<=[\d'"′″])x\s+|\s+x(?=[\d.])/i
      LONGEST = 200
      BARE = /\A\d[\d,]*(?:\.\d+)?\z/
      IN_MM = /\A[\d.,]+\s*mm\z/i
      THIN = /wall|thickness|web|flange/
      LEAST_BARE_MM = 10
      LEAST_M = 0.00001
      Read = Struct.new(:variant, :values, :typed)

      module_function

      # text: String, shape: Shape. Returns Read: the variant, its values in order (a fill as { share: } or
      # { depth: }), and each as it was typed. Raises Quantity::Unreadable.
      def read(text, shape)
        refuse(text, "no size is given", shape) if text.strip.empty?
        refuse(text, "this is too long to be a size", shape) if text.length > LONGEST
        pieces = text.strip.split(BETWEEN, -1)
        variant = shape.variants.find { |one| one.measures.size == pieces.size } or
          refuse(text, "#{counted(pieces.size)} in “#{text}”", shape)
        pieces = with_units(pieces, variant.measures, shape)
        values = variant.measures.zip(pieces).map { |measure, piece| value(measure, piece, shape) }
        Read.new(variant, values, pieces)
      end

      def counted(count) = "there #{count == 1 ? "is one measure" : "are #{count} measures"}"

      def with_units(pieces, measures, shape)
        pieces.each_with_index.map do |piece, index|
          next piece unless measures[index].kind == :length && piece.match?(BARE) && in_mm?(pieces.drop(index + 1))
          next "#{piece} mm" if piece.delete(",").to_f >= LEAST_BARE_MM || measures[index].name.match?(THIN)

          refuse(piece, "#{measures[index].name}: #{piece} could be mm or m; write its unit", shape)
        end
      end

      # Does the next one with a unit have mm?
      def in_mm?(rest) = rest.find { |piece| !piece.match?(BARE) }&.match?(IN_MM)

      def value(measure, piece, shape)
        return fill(piece, shape) if measure.kind == :fill

        amount = Quantity::Reader.read(piece, measure.kind)
        refuse(piece, "the #{measure.name} must be more than nothing", shape) unless amount.positive?
        if measure.kind == :length && amount < LEAST_M
          refuse(piece, "the #{measure.name} is less than 0.01 mm: look at its unit", shape)
        end
        amount
      rescue Quantity::Unreadable => error
        unless error.message.include?(measure.name)
          raise Quantity::Unreadable.new("#{measure.name}: #{error.message}", typed: piece, expected: error.expected)
        end

        raise
      end

      def fill(piece, shape)
        amount =
          if piece.match?(/%|cent/)
            { share: Quantity::Reader.read(piece, :share) }
          else
            { depth: Quantity::Reader.read(piece, :length) }
          end
        refuse(piece, "an empty tank holds no fluid: take the row out", shape) unless amount.values.first.positive?
        amount
      end

      def refuse(text, message, shape)
        raise Quantity::Unreadable.new(message, typed: text, expected: shape.hints.join(", or "))
      end
      private_class_method :counted, :with_units, :in_mm?, :value, :fill, :refuse
    end
  end
end
