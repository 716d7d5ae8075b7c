module DustLadder
  module Finding
    # What is remembered of a lift that was found, so that a search can go on where it was stopped. minutes until it is
    # ready; kg: its margin; hold, machine: its kind.
    Kept =
      Struct.new(:id, :minutes, :kg, :hold, :machine, keyword_init: true) do
        # data: as #as_json gave it. Raises ArgumentError where it is not such.
        def self.of(data)
          row = data.is_a?(Hash) ? data : {}
          figures = %w[minutes kg].map { |key| row[key] }
          raise ArgumentError, "no lift" unless row["id"].is_a?(String) && figures.all?(Numeric)

          new(id: row["id"], minutes: figures[0], kg: figures[1], hold: row["hold"].to_s, machine: row["machine"]&.to_s)
        end

        def kind = [ hold, machine ]
        def as_json(*) = to_h.transform_keys(&:to_s)
      end
  end
end
