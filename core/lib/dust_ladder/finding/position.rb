module DustLadder
  module Finding
    # Where a search stands. mark: of what it goes through, so that it goes on in the same list or not at all; at: how
    # many were looked at; kept: a Kept of each lift that was found.
    Position =
      Struct.new(:mark, :at, :kept, keyword_init: true) do
        const_set(:START, new(mark: nil, at: 0, kept: [].freeze).freeze)
        const_set(:MOST_KEPT, 200)

        # data: as #as_json gave it. Raises ArgumentError where it is not such.
        def self.of(data)
          row = data.is_a?(Hash) ? data : {}
          at, kept = row.values_at("at", "kept")
          sound = row["mark"].is_a?(String) && at.is_a?(Integer) && at >= 0 && kept.is_a?(Array)
          raise ArgumentError, "no place of a search" unless sound && kept.size <= Position::MOST_KEPT

          new(mark: row["mark"], at: at, kept: kept.map { |one| Kept.of(one) })
        end

        # kg of the most margin so far, or nil; and the kinds.
        def best = kept.map(&:kg).max
        def kinds = kept.map(&:kind)
        def as_json(*) = { "mark" => mark, "at" => at, "kept" => kept.map(&:as_json) }
      end
  end
end
