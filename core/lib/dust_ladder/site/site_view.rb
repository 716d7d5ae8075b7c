module DustLadder
  module Site
    # What a screen draws of the site, north up: its features, the crane as it stands, its way and the load where it
    # is picked up and set down. nil where the plan has no site. Plain numbers are for pixels only (metres east and
    # north of the peg, degrees); what is read as a figure is a Figure.
    class SiteView
      MOST_POINTS = 60

      # rungs: of the ladder, by which the pads are marked. duty: of which crane.
      def initialize(lift, rungs, duty = lift.duty)
        @duty = duty
        @survey = lift.survey
        @rungs = rungs
      end

      def as_json(*)
        return unless @survey && @duty.on_site?

        {
          "title" => @survey.title,
          "boundary" => @survey.boundary,
          "features" => @survey.data["features"].map { |feature| feature(feature) },
          "crane" => known { crane },
          "feet" => known([]) { feet },
          "zones" => known([]) { lines_kept },
          "stations" => (known([]) { stations }).filter_map { |index| known { station(index) } },
          "way" => known([]) { way },
          "profile" => known { profile }
        }
      end

      private

      def known(otherwise = nil, &) = DustLadder.known(otherwise, &)
      def setup = @duty.setup
      def rung(id) = @rungs.find { |one| one.id == id }

      def feature(one)
        {
          "kind" => one["kind"],
          "name" => one["name"],
          "outline" => one["outline_m"] || (one["edge_m"] if one["closed"]),
          "line" => (one["edge_m"] unless one["closed"]) || one["wire_m"]&.map { |place| place.first(2) },
          "at" => one["at_m"],
          "words" => words(one)&.as_json
        }
      end

      # What stands beside its name.
      def words(one)
        case one["kind"]
        when "ground"
          one["allowable_kpa"] && figures(Figure.kpa(one["allowable_kpa"], :down))
        when "cut"
          figures(Figure.m(one["depth_m"], :up), "deep")
        when "line"
          one["kilovolts"] ? figures(
            Figure.new(
              one["kilovolts"],
              :kv,
              :up
            )
          ) : Ladder::Sentence.new("voltage unknown", nil)
        when "obstacle"
          figures(Figure.m(one["top_m"], :up), "high")
        end
      end

      def figures(figure, more = nil)
        Ladder::Sentence.new(nil, ->(system) { [ figure.shown(system), more ].compact.join(" ") })
      end

      # Its axis, where its front looks, how far its tail swings where the chart says so.
      def crane
        {
          "axis" => mm(setup.standing.axis.first(2)),
          "bearing" => setup.standing.bearing,
          "tail_m" => known { setup.machine.tail.radius }
        }
      end

      # What touches the ground, each as its rung judges it.
      def feet
        whose = @duty.who ? /\A#{@duty.who}: / : //
        told = [ *rung("pads")&.parts, *rung("tracks")&.parts ].select { |part| part.name.match?(whose) }
        parts = told.to_h { |part| [ part.name.sub(whose, ""), part ] }
        setup.feet.map do |name, outline|
          part = parts[name]
          {
            "name" => name,
            "outline" => outline.map { |place| mm(place) },
            "verdict" => part&.verdict || "not_known",
            "used" => part&.utilisation&.finite? ? Figure.percent(part.utilisation).as_json : nil,
            "kpa" => part&.demand&.as_json,
            "wants" => part && wanted(name, part)
          }
        end
      end

      # Under the pad that governs, the mat of the same mass that the same ground bears, where its own asks for too much
      # of it; nil under any other.
      def wanted(name, part)
        return unless rung("pads")&.subject == [ @duty.who, name ].compact.join(", ")

        share, mat = part.utilisation, setup.mats.find { |one| one.name == name }
        return unless mat && share&.finite? && share > @duty.lift.rules[:attention, :ground]

        wants = mat.with_side(mat.side * Math.sqrt(share))
        {
          "side" => Figure.m(mat.side, :down).as_json,
          "wants" => Figure.m(wants.side, :up).as_json,
          "outline" => wants.outline.map { |place| mm(place) }
        }
      end

      # Of every line with a clearance how far that reaches, and its working zone.
      def lines_kept
        setup.line_rooms.map do |line|
          { "line" => line.wire, "clearance_m" => line.clearance, "zone_m" => line.zone }
        end
      end

      # All of them; of one of two cranes where it begins and ends.
      def stations
        all = @duty.crane.stations.each_index.to_a
        @duty.tandem? ? [ all.first, all.last ].uniq : all
      end

      def station(index)
        at = @duty.crane.path_stations[index]
        place = setup.standing.place(at.radius, at.slew || 0.0).first(2)
        {
          "index" => index,
          "name" => @duty.crane.stations[index].name,
          "at" => mm(place),
          "place" => place.map { |metres| Figure.m(metres).as_json },
          "lies" => mm(setup.standing.place(@duty.crane.radius(index), at.slew || 0.0).first(2)),
          "placed" => !@duty.crane.placed(index).nil?,
          "radius_m" => @duty.crane.radius(index),
          "slew_deg" => @duty.crane.stations[index].slew.value,
          "load" => known { setup.load_at(at).map { |corner| mm(corner) } }
        }
      end

      def way
        share(places.size).map { |index| places[index] }.map { |_, place| mm(place) }
      end

      def places
        @places ||=
          @duty.crane.path.places.map do |place|
            [ place, setup.standing.place(place.at.radius, place.at.slew || 0.0).first(2) ]
          end
      end

      def share(size)
        step = [ (size / MOST_POINTS.to_f).ceil, 1 ].max
        (0...size).select { |index| (index % step).zero? || index == size - 1 }
      end

      # Along the way: how far it goes, the load's underside, and the highest obstacle under the load. Metres.
      def profile
        legs, carried = setup.carried_legs, setup.carried
        runs = legs.sum { |leg| Cranes::Path.length(leg.from, leg.to) }
        return if runs.zero?

        gone = 0.0
        points =
          legs.flat_map do |leg|
            long = Cranes::Path.length(leg.from, leg.to)
            start, gone = gone, gone + long
            (0..12).map { |step| [ start + long * step / 12, under(leg, step / 12.0) ] }
          end
        { "long_m" => runs.round(3), "carried_m" => carried.round(3), "under" => points.map { |point| mm(point) } }
      end

      # Top of the highest thing that the load is over, above the crane's ground; 0 where there is none.
      def under(leg, share)
        outline = setup.load_at(leg.at(share))
        tops = @survey.obstacles.select { |one| Plane.touch?(outline, one.outline) }.map(&:top)
        [ 0.0, *tops.map { |top| top - setup.standing.axis[2] } ].max
      end

      def mm(place) = place.map { |metres| metres.round(3) }
    end
  end
end
