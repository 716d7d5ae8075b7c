module DustLadder
  module Cranes
    # The cells of a CSV grid: figures with the paper's marks, and the legend that says what its own signs stand for.
    module ChartGridMarks
      MARKS = { "s" => "strength", "b" => "stability", "r" => "rearward" }.freeze
      MEANINGS = MARKS.values.freeze
      DASHES = [ "-", "–", "—" ].freeze
      EMPTY = [ "", *DASHES ].freeze
      # A figure, and a mark after it.
      CELL = /\A(?<number>[\d][\d,. ]*?)\s*(?<mark>[^\d\s,.]{1,3})?\z/

      private

      # mark, the paper's own sign, what it stands for.
      def legend(cells, number)
        meaning = cells[2].to_s.downcase
        unless MEANINGS.include?(meaning)
          return fault(number, 3, "#{cells[2].inspect} is not what a mark can stand for", MEANINGS.join(", "))
        end

        (@legend ||= {})[cells[1].to_s] = meaning
      end

      # "kg" nil where nothing is allowed; "problem" where it cannot be read.
      def cell(text, number, column)
        return { "text" => text, "kg" => nil, "mark" => nil, "problem" => nil } if EMPTY.include?(text)

        match = CELL.match(text)
        mark = match && (match[:mark].nil? ? :none : mark_of(match[:mark]))
        raise unreadable(text) unless mark

        {
          "text" => text,
          "kg" => Quantity::Reader.read("#{match[:number].strip} #{@unit || "kg"}", :mass),
          "mark" => mark == :none ? nil : mark,
          "problem" => nil
        }
      rescue Quantity::Unreadable => error
        fault(number, column, error.message, error.expected)
        { "text" => text, "kg" => nil, "mark" => nil, "problem" => error.message }
      end

      def mark_of(sign) = @legend&.fetch(sign, nil) || MARKS[sign.downcase]

      def unreadable(text)
        Quantity::Unreadable.new(
          "#{text.inspect} cannot be read as a capacity",
          typed: text,
          expected:
            "a number, with s, b or r after it where the paper marks it, or a sign that a line before it explains " \
            "(mark, *, strength); empty where nothing is allowed"
        )
      end
    end
  end
end
