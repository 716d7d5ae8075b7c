module DustLadder
  module Site
    # Where else the crane of a plan could stand, pick and set staying where they are: cells of a grid, each with the
    # best of some bearings and boom lengths, by what its chart, the ground, cuts, lines, obstacles, people and its
    # tail leave (handbook, section 16). It is a search: what it finds is climbed rung by rung before it is offered.
    class PlaceSearch
      include Ladder::Sentences

      CELL_M = 2.0
      MOST_M = 100.0
      BEARINGS = 5
      BOOMS = 3
      STEPS = 24
      OFFERED = 5
      # How many of what was found are climbed, at most, for those that are offered.
      MOST_CLIMBED = 15
      FLIGHTS = %w[crane ground_and_site].freeze

      # A BestPlace::Place with what stands the crane there, and the Ladder of the whole plan there.
      Offer =
        Struct.new(:place, :changes, :ladder) do
          def stops? = ladder.rungs.any? { |rung| rung.verdict == "stop" && FLIGHTS.include?(rung.flight) }
        end

      # duty: a Cranes::Duty of a crane on its site; booms: how many boom lengths are looked at, the plan's own first.
      # Raises NotKnown where something is missing that every place needs.
      def initialize(duty, booms: BOOMS)
        @duty = Nearer.reaching(duty)
        @booms = booms
        @setup = duty.setup
        @rules = duty.lift.rules
        @carried = @setup.carried
        @clear = Clear.new(@setup, @rules)
      end

      # Rows of cells from south to north, each from west to east: [east, north] each.
      def rows
        @rows ||=
          begin
            west, east, south, north = bounds
            norths = steps(south, north)
            norths.map { |y| steps(west, east).map { |x| [ x, y ] } }
          end
      end

      # Yields each row's BestPlace::Places, the best of each cell, with its index; what was found is kept.
      def each_row
        @found = []
        rows.each_with_index do |row, index|
          places = row.map { |at| best_at(at) }
          @found.concat(places)
          yield places, index
        end
      end

      # The best places of what was found, each at least two cells from the better ones, and no more than are climbed.
      def best
        chosen = []
        @found.select(&:holds?).sort_by { |place| -place.margin }.each do |place|
          next if chosen.any? { |one| Plane.apart_from(one.at, place.at) < 2 * CELL_M }

          chosen << place
          break if chosen.size == MOST_CLIMBED
        end
        chosen
      end

      # What was found best as Offers, until OFFERED of them stop on no rung of crane, ground and site, and those that
      # do. document: the plan's; house: as of DustLadder.check.
      def climbed(document, **house)
        stopped = []
        held =
          best.lazy.filter_map do |place|
            changes = changes(place)
            there = PlanFile::Pointer.with_values(document, changes)
            offer = Offer.new(place, changes, DustLadder.check(there, **house))
            offer.stops? ? stopped.push(offer) && nil : offer
          end
        [ held.first(OFFERED), stopped ]
      end

      # { JSON pointer => value } that stand the crane at a place.
      def changes(place)
        there = Standing.new(axis: [ *place.at, @setup.standing.axis[2] ], bearing: place.bearing)
        boom = place.boom == boom_now ? {} : { @duty.crane.pointer("boom_length") => format("%.2f m", place.boom) }
        { **@setup.stood_at(there), **boom }
      end

      # In words: where, and how it looks there.
      def words(place)
        both do |system|
          at = place.at.map { |metres| Figure.m(metres).shown(system) }
          boom = place.boom == boom_now ? "" : ", boom #{Figure.m(place.boom).shown(system)}"
          "Stand #{at[0]} east, #{at[1]} north, front bears #{Figure.deg(place.bearing, :near).shown(system)}#{boom}"
        end
      end

      private

      def boom_now = @boom_now ||= @duty.crane.booms.max

      # Pick and set, and what lies between.
      def unloaded = @setup.places

      # As far round pick and set as a crane could stand at all, a square of MOST_M at most.
      def bounds
        reach = searches.map { |one| one[:reach] }.max
        [ 0, 1 ].flat_map do |axis|
          ends = [ unloaded.first[axis], unloaded.last[axis] ]
          middle = ends.sum / 2
          half = [ [ reach - (ends.max - middle), MOST_M / 2 ].min, CELL_M ].max
          [ middle - half, middle + half ]
        end
      end

      def steps(least, most)
        first = (least / CELL_M).ceil
        (first..(most / CELL_M).floor).map { |step| step * CELL_M }
      end

      def bearings
        now = @setup.standing.bearing
        @bearings ||= Array.new(BEARINGS) { |turn| (now + turn * 360.0 / BEARINGS) % 360 }
      end

      # The best place of a cell: with the boom that the plan has, else with another.
      def best_at(at)
        Budget.ask!
        tried =
          searches.lazy.map do |search|
            ruled_out?(search, at) || best_bearing(search, at)
          end
        tried.find(&:holds?) || tried.first
      end

      # Too far from pick or set for any side of the crane, or nearer than its chart goes before the load is on: then no
      # bearing helps.
      def ruled_out?(search, at)
        far = [ unloaded.first, unloaded.last ].map { |place| Plane.apart_from(at, place) }
        return if far.max <= search[:reach] && far.min >= search[:nearest]

        BestPlace::Place.new(at: at, bearing: bearings[0], margin: nil, governs: "crane", boom: search[:boom])
      end

      def best_bearing(search, at)
        places = bearings.map { |bearing| search[:best].place(at, bearing, whole: false) }
        best = places.max_by { |place| place.margin || -Float::INFINITY }
        best.boom = search[:boom]
        return best unless best.holds?

        margin, name = @clear.margin(at, search[:reach]) { search[:best].booms(at) }
        margin < best.margin ? best.dup.tap { |worse| worse.margin, worse.governs = margin, name } : best
      end

      # A BestPlace for each boom length that may be raised and whose mass is known, the plan's own first.
      def searches
        @searches ||=
          begin
            known = @setup.machine.boom_lengths & @duty.crane.chart.booms
            others = (known - [ boom_now ]).sort_by { |length| (length - boom_now).abs }.first(@booms - 1)
            [ boom_now, *others ].map { |length| search(length) }
          end
      end

      def search(length)
        gross = @duty.gross.kg
        rows = @duty.crane.chart.sectors.filter_map { |sector| sector.largest_radius(gross, length) }
        growth = @rules[:radius_allowance, :least_m]
        nearest = @duty.crane.chart.sectors.flat_map { |sector| sector.table.rows(length) }.min
        { boom: length, best: best_place(length), reach: (rows.max || 0.0) - growth, nearest: nearest }
      end

      def best_place(length)
        way = { pick: unloaded.first, set: unloaded.last, turning: @duty.crane["turn"], steps: STEPS }
        hook = @setup.standing.axis[2] + @carried + @duty.lift.bridle.hook_range.last
        boom = @duty.crane.family.boom(length)
        lift = { gross: @duty.gross.kg, hook: hook, boom: boom, chart: @duty.crane.chart }
        BestPlace.new(
          way: BestPlace::Way.new(**way),
          lift: BestPlace::Lift.new(**lift, grows: @duty.crane.method(:growth), empty: true),
          stand: stand(length),
          near: near,
          ground: @setup.standing.axis[2]
        )
      end

      def stand(length)
        machine, stand = @setup.machine, @setup.stand
        turning = ->(radius) do
          parts = machine.boom_parts(radius, length)
          [ parts.sum(&:first), parts.sum { |kg, toward| kg * toward } ]
        end
        side, kg = stand.mats? ? [ stand.mat_side.positive, stand.mat_kg.positive ] : [ machine.sides.min, 0.0 ]
        made = { deck: machine.deck, turning: turning, outriggers: machine.outriggers, side: side, kg: kg }
        BestPlace::Stand.new(**made)
      end

      def near
        lines =
          @setup.survey.all("line").map do |line|
            room = LineRoom.new(@setup, line, @rules)
            [ line["wire_m"], (room.clearance || room.zone) + room.blown.to_f + room.most_off ]
          end
        BestPlace::Near.new(
          zones: Soils.new(@setup.survey, @rules).zones,
          cuts: @setup.survey.cuts,
          factor: @rules[:cut_factor],
          lines: lines,
          ball: @setup.ball,
          rigging: true
        )
      end
    end
  end
end
