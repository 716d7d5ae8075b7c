module DustLadder
  module Site
    # What a place leaves of the room to obstacles, closed ground, walkways and the tail, for a search: the load as it
    # is turned, or as a circle, the boom as straight lines, both looked at in steps of the way. None of it changes
    # with where the crane's front looks.
    class Clear
      STEPS = 36
      # Where the load is on its way, and where the boom looks there, degrees clockwise from north.
      Spot = Struct.new(:at, :bearing)

      def initialize(setup, rules)
        @setup = setup
        @rules = rules
        @box = setup.box
        @level = as_high_as(setup.carried - wanted, setup.carried + @box.height + wanted)
        @tail = setup.machine.tail
        @by_tail = as_high_as(@tail.bottom, @tail.top)
      end

      # [share left, what leaves least]: 1 where nothing is near. at: [east, north] of the axis; reach: of the crane,
      # m. Asks the block for the booms of the way, corners [x, y, z] each, where an obstacle is within their reach;
      # NotKnown where the chart does not say how thick the boom is.
      def margin(at, reach, &booms)
        spots = spots(Standing.new(axis: [ *at, 0.0 ], bearing: 0.0))
        rooms =
          [ *@level, *@setup.survey.exclusions ].map { |one| [ wanted, off_load(spots, one, wanted), "obstacles" ] } +
            open_ways.map { |one| [ people, [ off_load(spots, one, people), off_tail(at, one) ].min, "people" ] } +
            @by_tail.map { |one| [ @rules[:tail_room_m], off_tail(at, one), "tail swing" ] }
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

        one.apart(from, to)
      end

      # Obstacles of which something stands between two heights over the crane's ground.
      def as_high_as(low, high)
        ground = @setup.standing.axis[2]
        @setup.survey.obstacles.select { |one| one.bottom < ground + high && one.top > ground + low }
      end

      # The load's level room to what stands on an outline: of its circle, and where that is less than needed and it is
      # told how the load is turned, of the load itself.
      def off_load(spots, one, needed)
        spots
          .map do |spot|
            room = Plane.from_outline(spot.at, one.outline) - @box.reach
            room >= needed || @box.turned.nil? ? room : Plane.apart(turned(spot), one.outline)
          end
          .min
      end

      def turned(spot)
        bearing = @box.axis + (@box.turned == "with_boom" ? spot.bearing : 0.0)
        Plane.rectangle(spot.at, @box.length, @box.width, bearing)
      end

      def off_tail(at, one) = Plane.from_outline(at, one.outline) - @tail.radius

      # Before the load is on, and as far out as the boom bends under it.
      def spots(standing)
        crane = @setup.crane
        (radius, from), (other, to) = standing.seen_in_turn(*@setup.places.values_at(0, -1), crane["turn"])
        [ [ radius, other ], [ radius, other ].map { |metres| metres + crane.growth(metres) } ].uniq
          .flat_map do |near, far|
            (0..STEPS).map do |step|
              share = step / STEPS.to_f
              slew = from + (to - from) * share
              Spot.new(standing.place(near + (far - near) * share, slew).first(2), slew)
            end
          end
      end
    end
  end
end
