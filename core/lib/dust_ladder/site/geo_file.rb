module DustLadder
  module Site
    # A site as GeoJSON in local metres (docs/site-format.md): coordinates are [east, north] or [east, north, height] in
    # metres from the peg, and there is no crs. Each feature says its kind and the rest in its properties, under the
    # names of the site document.
    class GeoFile
      LARGEST = 2 * 1024 * 1024
      # Where each key of a site's shapes comes from.
      SHAPES = {
        "outline_m" => "Polygon",
        "edge_m" => "LineString",
        "wire_m" => "LineString",
        "at_m" => "Point"
      }.freeze
      WHOLE = %w[id title peg version looked].freeze

      # What was read: whole: of the site itself; boundary: its outline or nil; features that are sound; faults of the
      # rest, each { "pointer", "message", "expected" } in the file.
      Reading = Struct.new(:whole, :boundary, :features, :faults, keyword_init: true)

      class << self
        # data: of a site document. Returns the collection as a Hash.
        def of(data)
          {
            "type" => "FeatureCollection",
            "site" => data.slice(*WHOLE),
            "features" => [
              feature({ "kind" => "boundary", "name" => "boundary" }, "Polygon", ring(data["boundary_m"])),
              *data["features"].map { |one| written(one) }
            ]
          }
        end

        # text: a file. Returns a Reading. Raises PlanFile::Invalid where it is no such file at all.
        def read(text) = new(text).reading

        private

        def written(one)
          key = SHAPES.keys.find { |name| one.key?(name) }
          type = one["closed"] ? "Polygon" : SHAPES.fetch(key)
          feature(one.except(key, "closed"), type, type == "Polygon" ? ring(one[key]) : one[key])
        end

        def feature(properties, type, coordinates)
          geometry = { "type" => type, "coordinates" => coordinates }
          { "type" => "Feature", "properties" => properties, "geometry" => geometry }
        end

        def ring(outline) = [ [ *outline, outline.first ] ]
      end

      def initialize(text)
        text = text.dup.force_encoding(Encoding::UTF_8).delete_prefix("\ufeff")
        refuse("", "the file has #{text.bytesize} bytes", "at most 2 MB") if text.bytesize > LARGEST
        refuse("", "the file is not UTF-8 text", "GeoJSON, UTF-8") unless text.valid_encoding?
        @data = parse(text)
      end

      def reading
        @faults = []
        found = list.each_with_index.map { |one, index| read(one, "/features/#{index}") }.compact
        boundary, features = found.partition { |one| one["kind"] == "boundary" }
        @faults << fault("/features", "there are #{boundary.size} boundaries", "one at most") if boundary.size > 1
        Reading.new(
          whole: whole,
          boundary: boundary.dig(0, "outline_m"),
          features: sound(features),
          faults: @faults
        )
      end

      private

      def parse(text)
        JSON.parse(text)
      rescue JSON::ParserError, JSON::NestingError
        refuse("", "the file is not whole JSON", "GeoJSON, not cut off")
      end

      def list
        return @data["features"] if @data.is_a?(Hash) && @data["features"].is_a?(Array) && !@data.key?("crs")

        if @data.is_a?(Hash) && @data.key?("crs")
          refuse("/crs", "the file is in a reference system", "metres east and north of the site's peg, no crs")
        end
        refuse("", "there are no features", "a FeatureCollection")
      end

      def whole = @data["site"].is_a?(Hash) ? @data["site"].slice(*WHOLE) : {}

      # One feature with its place in the file, or nil and a fault.
      def read(one, place)
        properties, geometry = one.is_a?(Hash) ? one.values_at("properties", "geometry") : nil
        return complain(place, "this is no feature", "properties and geometry") unless properties.is_a?(Hash) &&
          geometry.is_a?(Hash)

        name = properties["name"].to_s
        shape = shape(properties["kind"], geometry, "#{place}/geometry", name) or return
        { **properties, **shape, "place" => place }
      end

      def shape(kind, geometry, place, name)
        keys = kind == "boundary" ? %w[outline_m] : Faults::KINDS[kind]&.first
        return complain(
          place.sub("geometry", "properties/kind"),
          "#{name}: there is no kind #{kind.inspect}",
          Faults::KINDS.keys.join(", ")
        ) unless keys

        key = (SHAPES.keys & keys).first
        type, places = geometry.values_at("type", "coordinates")
        return closed_edge(places, place, name) if key == "edge_m" && type == "Polygon"
        unless type == SHAPES[key]
          return complain("#{place}/type", "#{name} is a #{type.inspect}", SHAPES[key])
        end

        places = ring(places, place, name) or return if type == "Polygon"
        measured(key, places, place, name)
      end

      def closed_edge(places, place, name)
        places = ring(places, place, name) or return
        measured("edge_m", places, place, name)&.merge("closed" => true)
      end

      # The only ring of a polygon, without its last corner, which is its first again.
      def ring(rings, place, name)
        place = "#{place}/coordinates"
        return complain(
          place,
          "#{name} has #{rings.is_a?(Array) ? rings.size : "no"} rings",
          "one, without holes"
        ) unless
          rings.is_a?(Array) && rings.one? && rings[0].is_a?(Array)

        *corners, last = rings[0]
        return corners if corners.size > 2 && corners.first == last

        complain("#{place}/0", "the ring of #{name} does not close", "its first corner again at its end")
      end

      # The coordinates where each is a place: of two figures, of a wire three.
      def measured(key, places, place, name)
        wanted = key == "wire_m" ? 3 : 2
        all = key == "at_m" ? [ places ] : places
        right =
          all.is_a?(Array) && all.all? { |at| at.is_a?(Array) && at.size >= wanted && at.all?(Numeric) }
        unless right
          return complain("#{place}/coordinates", "#{name} has places that are none", "#{wanted} figures each, in m")
        end

        kept = all.map { |at| at.first(wanted) }
        { key => key == "at_m" ? kept[0] : kept }
      end

      # Features that would stand in a site document as they are; the others' faults are told by their places here.
      def sound(features)
        taken = []
        features.each do |one|
          place, feature = one["place"], one.except("place")
          data = { "boundary_m" => [ [ 0, 0 ], [ 1, 0 ], [ 1, 1 ] ], "looked" => {}, "features" => [ *taken, feature ] }
          found = schema_faults(feature)
          found = Faults.of(data) if found.empty?
          found.empty? ? taken << feature : @faults.concat(found.map { |fault| placed(fault, place) })
        end
        taken
      end

      def schema_faults(feature) = PlanFile::Schema.feature_errors(feature)
      def placed(fault, place) = fault.merge("pointer" => place)

      def fault(pointer, message, expected) = { "pointer" => pointer, "message" => message, "expected" => expected }
      def complain(...) = (@faults << fault(...)) && nil
      def refuse(...) = raise(PlanFile::Invalid, [ fault(...) ])
    end
  end
end
