module DustLadder
  module Site
    # What keeps data that the schema accepts from being a site document.
    module Faults
      # What each kind of feature needs, and what it may have beside name, by, on and note.
      KINDS = {
        "ground" => [ %w[outline_m], %w[allowable_kpa soil found confirmed_by] ],
        "cut" => [ %w[edge_m depth_m], %w[closed] ],
        "line" => [ %w[wire_m], %w[kilovolts blow_out_m dead_by dead_on on_towers agreed_by] ],
        "obstacle" => [ %w[outline_m top_m], %w[bottom_m] ],
        "walkway" => [ %w[outline_m], %w[closed_from closed_to closed_by] ],
        "live_plant" => [ %w[outline_m], [] ],
        "exclusion" => [ %w[outline_m], [] ],
        "landing" => [ %w[outline_m], %w[allowable_kpa] ],
        "escape" => [ %w[edge_m], [] ],
        "peg" => [ %w[at_m], [] ]
      }.freeze
      ANY = %w[kind name by on note].freeze

      module_function

      # Faults, each { "pointer", "message", "expected" }, from the document's own root.
      def of(data)
        names = data["features"].map { |feature| feature["name"] }
        twice = names.select { |name| names.count(name) > 1 }.uniq
        boundary(data) + days(data) +
          data["features"].each_with_index.flat_map { |feature, index| feature(feature, "/features/#{index}") } +
          twice.map { |name| fault("/features", "two things are called #{name.inspect}", "a name for each") }
      end

      def feature(feature, place)
        needs, may = KINDS.fetch(feature["kind"])
        words = feature["kind"].tr("_", " ")
        missing = needs.reject { |name| feature.key?(name) }
        other = feature.keys - needs - may - ANY
        [
          *missing.map { |name| fault("#{place}/#{name}", "#{name} of #{words} #{feature["name"]} is missing", name) },
          *other.map { |name| fault("#{place}/#{name}", "#{name} does not belong to a #{words}", may.join(", ")) },
          *(shape(feature, place) if missing.empty?),
          *(times(feature, place) if missing.empty?)
        ]
      end

      def shape(feature, place)
        name = feature["name"]
        [
          (ring(feature["outline_m"], "#{place}/outline_m", name) if feature["outline_m"]),
          (ring(feature["edge_m"], "#{place}/edge_m", name) if feature["closed"]),
          (upside_down(feature, place) if feature["top_m"] && feature["top_m"] <= (feature["bottom_m"] || 0)),
          *%w[edge_m wire_m].filter_map { |key| standing_still(feature[key], "#{place}/#{key}", name) if feature[key] }
        ].compact
      end

      def ring(outline, place, name)
        return if Plane.outline?(outline)

        fault(place, "the outline of #{name} crosses itself or holds no ground", "corners in order, round some ground")
      end

      def upside_down(feature, place)
        fault(
          "#{place}/top_m",
          "the top of #{feature["name"]} is not above its bottom",
          "a top above #{feature["bottom_m"] || 0} m"
        )
      end

      def standing_still(line, place, name)
        return if line.uniq.size > 1

        fault(place, "#{name} is one place, not a line", "two places or more that differ")
      end

      def times(feature, place)
        from, to = feature.values_at("closed_from", "closed_to")
        found = day_faults(feature, place)
        return found unless from && to && from >= to

        found << fault(
          "#{place}/closed_to",
          "#{feature["name"]} is open again before it is closed",
          "later than #{from}"
        )
      end

      def boundary(data)
        return [] if Plane.outline?(data["boundary_m"])

        [ fault(
          "/boundary_m",
          "the boundary crosses itself or holds no ground",
          "corners in order, round some ground"
        ) ]
      end

      def days(data) = data["looked"].flat_map { |kind, said| day_faults(said, "/looked/#{kind}") }

      # Days and times that no calendar has.
      def day_faults(data, place)
        data.slice("on", "dead_on", "closed_from", "closed_to").compact.filter_map do |name, text|
          DateTime.iso8601(text) && nil
        rescue Date::Error
          fault("#{place}/#{name}", "#{text} is not a day", "a day such as 2026-09-14")
        end
      end

      def fault(pointer, message, expected) = { "pointer" => pointer, "message" => message, "expected" => expected }

      private_class_method :feature,
        :shape,
        :ring,
        :upside_down,
        :standing_still,
        :times,
        :boundary,
        :days,
        :day_faults,
        :fault
    end
  end
end
