module DustLadder
  module Site
    # A site document, read: what is on the site, in metres east and north of its peg, heights above it.
    class Survey
      attr_reader :data

      # Is a walkway closed by a named person at a time, such as 2026-12-14T06:30? Not at nil.
      def self.closed?(way, at)
        from, to, by = way.values_at("closed_from", "closed_to", "closed_by")
        by.to_s.match?(/[[:alpha:]]/) && at && from && to && from <= at && at < to
      end

      # data: of the snapshot, with floats.
      def initialize(data) = @data = data

      def title = data["title"]
      def boundary = data["boundary_m"]

      # Who looked over the site for a kind of thing, { "by", "on", "beyond_m" }; nil where nobody says.
      def looked(kind) = data["looked"][kind]

      # How far from a place [east, north] everything of a kind is drawn, m; below nothing outside of what was looked
      # at.
      def seen_from(place, kind)
        edge = Plane.sides(boundary).map { |from, to| Plane.from_side(place, from, to) }.min
        (Plane.inside?(place, boundary) ? edge : -edge) + looked(kind)["beyond_m"].to_f
      end

      # Features of a kind, as the document has them.
      def all(kind) = by_kind.fetch(kind, [])

      # The ground zones that a RuleSet lets count for something, as Ground::Zones with the features behind them.
      def zones = all("ground")

      def cuts
        @cuts ||=
          all("cut").map do |cut|
            edge = { edge: cut["edge_m"], depth: cut["depth_m"], closed: cut["closed"] || false }
            Ground::Cut.new(name: cut["name"], **edge)
          end
      end

      # What stands on the site.
      def obstacles
        @obstacles ||= all("obstacle").map { |one| solid(one, bottom: one["bottom_m"] || 0.0, top: one["top_m"]) }
      end

      # Features of a kind as endless Solids.
      def solids(kind) = (@solids ||= {})[kind] ||= all(kind).map { |one| solid(one) }

      # What nothing of a lift may be over or beside, however high.
      def exclusions = solids("exclusion")
      def walkways = solids("walkway").zip(all("walkway"))

      private

      def by_kind = @by_kind ||= data["features"].group_by { |feature| feature["kind"] }

      def solid(one, **heights) = Solid.new(name: one["name"], outline: one["outline_m"], **heights)
    end
  end
end
