module DustLadder
  module Site
    # What a place leaves of the room to obstacles, closed ground, walkways and the tail, for a search: the load as a
    # circle however it turns, looked at in steps of the way.
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
      # turn: "clockwise" or not.
      def margin(at, bearing, places, turn)
        standing = Standing.new(axis: [ *at, @setup.standing.axis[2] ], bearing: bearing)
        spots = spots(standing, places, turn)
        rooms =
          @high.map { |one| [ wanted, nearest(spots, one) - @reach, "obstacles" ] } +
            @setup.survey.exclusions.map { |one| [ wanted, nearest(spots, one) - @reach, "obstacles" ] } +
            open_ways.map { |one| [ people, [ nearest(spots, one) - @reach, off_tail(at, one) ].min, "people" ] } +
            @setup.survey.obstacles.map { |one| [ @rules[:tail_room_m], off_tail(at, one), "tail swing" ] }
        rooms.map { |needed, room, name| [ room.positive? ? 1 - needed / room : -1.0, name ] }.min || [ 1.0, "crane" ]
      end

      private

      def wanted = @rules[:obstacle_clearance_m]
      def people = @rules[:people_room_m]

      # Walkways that nobody closed for the time of the lift.
      def open_ways
        @open_ways ||= @setup.survey.walkways.reject { |_, way| Survey.closed?(way, @setup.duty.lift.at) }.map(&:first)
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
