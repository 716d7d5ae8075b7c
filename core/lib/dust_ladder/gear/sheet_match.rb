module DustLadder
  module Gear
    # What the columns and words of somebody else's list of gear mean here: which field each column is, what holds for
    # every row, how days are written, and what their words are called here.
    class SheetMatch
      # How days may be written in a list: the store's own way, or day or month first.
      DAYS = %w[ymd dmy mdy].freeze
      OF_DAYS = %w[examined due in_service].freeze
      PARTS = %r{\A(\d{1,2})[./-](\d{1,2})[./-](\d{4})\z}

      # data: { "columns": [field or empty, ...], "all": { field => text }, "days": one of DAYS, "values": { field => {
      # typed => text } } }, as it came; what is not known here of it is left out.
      def initialize(data)
        @data = data.is_a?(Hash) ? data : {}
      end

      # The field of each of so many columns, nil for none; nil where nothing was matched for so many.
      def columns(count)
        given = @data["columns"]
        return unless given.is_a?(Array) && given.size == count

        given.map { |name| Piece::FIELDS.include?(name) ? name : nil }
      end

      def all = @all ||= texts(@data["all"])

      # A row's fields as they are meant here.
      def meant(fields)
        filled = all.merge(fields) { |_, otherwise, own| own.empty? ? otherwise : own }
        filled.to_h do |name, text|
          [ name, OF_DAYS.include?(name) ? day(text) : values.fetch(name, {}).fetch(text.downcase, text) ]
        end
      end

      # As it is kept for the next file of these headings.
      def as_json(*) = @data.slice("columns", "all", "days", "values")

      private

      def texts(hash)
        return {} unless hash.is_a?(Hash)

        hash.select { |name, text| Piece::FIELDS.include?(name) && text.is_a?(String) && !text.empty? }
      end

      def values
        given = @data["values"].is_a?(Hash) ? @data["values"] : {}
        @values ||=
          given
            .select { |name, words| Piece::FIELDS.include?(name) && words.is_a?(Hash) }
            .transform_values { |words| words.select { |_, text| text.is_a?(String) }.transform_keys(&:downcase) }
      end

      # A day as the store writes it; what is none stays as it was written, and is told of at its field.
      def day(text)
        parts = PARTS.match(text)&.captures
        return text unless parts && %w[dmy mdy].include?(@data["days"])

        one, other, year = parts
        date, month = @data["days"] == "dmy" ? [ one, other ] : [ other, one ]
        format("%s-%02d-%02d", year, month.to_i, date.to_i)
      end
    end
  end
end
