module DustLadder
  module Site
    # What a place leaves of the room to obstacles, closed ground, walkways and the tail, for a search: the load as a
    # circle however it turns, the boom as straight lines, both looked at in steps of the way. None of it changes with
    # where the crane's front looks.
    class Clear
      STEPS = 24

      def initialize(setup, rules)
        @setup = setup
        @rules = rules
        @reach = Math.hypot(setup.box.length, setup.box.width) / 2
        under = setup.carried + setup.standing.axis[2] - wanted
        @high = setup.survey.obstacles.select { |one| one.top > under }
        @tail = setup.machine.tail
      end

      # [share left, what leaves least]: 1 where nothing is near. at: [east, north] of the axis; places: of pick, set;
      # turn: "clockwise" or not. Asks the block for the booms of the way, corners [x, y, z] each, where an obstacle is
      # within their reach; NotKnown where the chart does not say how thick the boom is.
      def margin(at, places, turn, reach, &booms)
        spots = spots(Standing.new(axis: [ *at, 0.0 ], bearing: 0.0), places, turn)
        rooms =
          @high.map { |one| [ wanted, nearest(spots, one) - @reach, "obstacles" ] } +
            @setup.survey.exclusions.map { |one| [ wanted, nearest(spots, one) - @reach, "obstacles" ] } +
            open_ways.map { |one| [ people, [ nearest(spots, one) - @reach, off_tail(at, one) ].min, "people" ] } +
            @setup.survey.obstacles.map { |one| [ @rules[:tail_room_m], off_tail(at, one), "tail swing" ] }
        worst([ *rooms, *(beside_boom(at, reach, &booms) if rooms.none? { |needed, room, _| room < needed }) ])
      end

      private

      def wanted = @rules[:obstacle_clearance_m]
      def people = @rules[:people_room_m]

      def worst(rooms)
        rooms.map { |needed, room, name| [ room.positive? ? 1 - needed / room : -1.0, name ] }.min || [ 1.0, "crane" ]
      end

      # Walkways that nobody closed for the time of the lift.
      def open_ways
        @open_ways ||= @setup.survey.walkways.reject { |_, way| Survey.closed?(way, @setup.duty.lift.at) }.map(&:first)
      end

      # The boom's room to each obstacle that it could come near to.
      def beside_boom(at, reach)
        needed = @rules[:boom_clearance_m]
        near = @setup.survey.obstacles.select { |one| Plane.apart_from(at, one.middle) - one.radius < reach + needed }
        return [] if near.empty?

        booms = yield
        near.map { |one| [ needed, booms.map { |boom| off_boom(boom, one) }.min, "obstacles" ] }
      end

      def off_boom(boom, one)
        sticks = boom.each_cons(2).map { |from, to| apart(from, to, one) - @setup.half_boom }
        [ *sticks, apart(boom.last, boom.last, one) - @setup.head ].min
      end

      # Of what passes well beside an obstacle no more than that.
      def apart(from, to, one)
        beside = Plane.from_side(one.middle, from, to) - one.radius
        return beside if beside > @rules[:boom_clearance_m] + @setup.head

        Space.from_solid(from, to, one.outline, one.bottom, one.top)
      end

      def nearest(spots, one) = spots.map { |spot| Plane.from_outline(spot, one.outline) }.min
      def off_tail(at, one) = Plane.from_outline(at, one.outline) - @tail.radius

      def spots(standing, places, turn)
        (radius, from), (other, to) = places.values_at(0, -1).map { |place| standing.seen(place) }
        turned = (to - from) % 360
        turned -= 360 if turn == "anticlockwise" && turned.positive?
        (0..STEPS).map do |step|
          share = step / STEPS.to_f
          standing.place(radius + (other - radius) * share, from + turned * share).first(2)
        end
      end
    end
  end
end
