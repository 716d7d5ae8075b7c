module DustLadder
  module Site
    # Is nobody under the load's way or beside the tail: every walkway near it closed, by a named person, when the lift
    # takes place; and every way of escape left open? (handbook, sections 8 and 16)
    class PeopleCheck < SiteCheck
      ID = "people"
      LABEL = "Way over people"

      private

      def examine
        setup.standing
        blocked = survey.all("escape").find { |way| blocked?(way["edge_m"]) }
        return stop(both("#{blocked["name"]} is blocked"), subject: blocked["name"]) if blocked

        near = survey.walkways.select { |solid, _| near?(solid) }.map(&:last)
        near.each { |way| part(name: way["name"], verdict: closed?(way) ? "holds" : "stop", note: both(words(way))) }
        open = near.find { |way| !closed?(way) }
        return stop(both(words(open)), subject: open["name"]) if open

        caution("nobody_under", "Nobody under the load: the signal person stops the lift when somebody walks in.")
        looked!("people", setup.reach + rules[:people_room_m])
        answer("holds", note: both(near.empty? ? "no walkway near the way" : words(near.first)))
      end

      # Pads, tracks or the load where it is set down on a way of escape.
      def blocked?(way)
        [ *setup.feet.values, setup.set_down ].any? { |one| Plane.apart(one, way, closed: false) <= 0 }
      end

      def near?(solid)
        room = rules[:people_room_m]
        return true if Room.new(setup.level_sweeps, [ solid ]).load_sideways(setup.box, under: room)

        tail = setup.machine.tail.radius
        Plane.from_outline(setup.standing.axis.first(2), solid.outline) < tail + room
      end

      def closed?(way)
        Survey.closed?(way, lift.at || raise(NotKnown.new("when the lift is", pointer: Plan.pointer("lift_at"))))
      end

      def words(way)
        return "#{way["name"]} is open when the lift takes place" unless closed?(way)

        "#{way["name"]} closed #{way["closed_from"].sub("T", " ")} to #{way["closed_to"].sub("T", " ")}, " \
          "#{way["closed_by"]}"
      end
    end
  end
end
