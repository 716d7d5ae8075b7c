module DustLadder
  module Site
    # What margin a crane would have at places of a site, pick and set staying where they are: of its chart, of the
    # ground under its mats, of its distance from cuts and from power lines (handbook, section 16). Between pick and
    # set radius and slew change evenly; the way is looked at in equal steps.
    class BestPlace
      # pick, set: [east, north]. turning: "clockwise" or "anticlockwise". steps: of the way.
      Way = Struct.new(:pick, :set, :turning, :steps, keyword_init: true)
      # gross: kg. hook: its height over the peg, m. boom: a Cranes::Boom. chart: a Cranes::Chart. grows: a call from a
      # radius to what the boom's bending adds to it, m; nil for nothing. empty: do pads count with nothing in the hook
      # too, at the radius before?
      Lift = Struct.new(:gross, :hook, :boom, :chart, :grows, :empty, keyword_init: true)
      # deck: a Ground::Deck of all but what hangs in the hook, or a call from a radius to [kg, kg m] that turn beside
      # it; outriggers: Ground::Outriggers. side, kg: of a mat.
      Stand = Struct.new(:deck, :turning, :outriggers, :side, :kg, keyword_init: true)
      # zones: Ground::Zones; cuts: Ground::Cuts, factor: on their depth; lines: [wire, clearance] each; ball: an
      # Approach::Ball; rigging: does what is between hook and ball count beside?
      Near = Struct.new(:zones, :cuts, :factor, :lines, :ball, :rigging, keyword_init: true)
      # margin: share left, below nothing where something stops; nil where it cannot stand. governs: what leaves least.
      Place =
        Struct.new(:at, :bearing, :margin, :governs, :boom, keyword_init: true) do
          def holds? = !margin.nil? && margin >= -Ladder::Verdict::SLACK
        end

      # ground: height of the crane's ground over the peg.
      def initialize(way:, lift:, stand:, near:, ground: 0.0)
        @way = way
        @lift = lift
        @stand = stand
        @near = near
        @ground = ground
      end

      # The Place of a slewing axis [east, north] with its front on a bearing. whole: is the margin asked for even where
      # something stops? Else what comes after the first stop is not looked at.
      def place(at, bearing, whole: true)
        standing = Standing.new(axis: [ *at, @ground ], bearing: bearing)
        stations = stations(standing)
        found = {}
        { "crane" => :crane, "ground" => :ground, "cut" => :cut, "line" => :line }.each do |name, test|
          margin = send(test, standing, stations)
          return Place.new(at: at, bearing: bearing, margin: nil, governs: name) if margin.nil?

          found[name] = margin
          break if !whole && margin < -Ladder::Verdict::SLACK
        end
        name, margin = found.min_by(&:last)
        Place.new(at: at, bearing: bearing, margin: margin, governs: name)
      end

      # The booms of the way with the axis at a place, corners [x, y, z] each; none where it does not reach.
      def booms(at)
        standing = Standing.new(axis: [ *at, @ground ], bearing: 0.0)
        seen(standing, stations(standing)).to_a.map(&:first)
      end

      private

      # Pick and set as Path::Stations, the slew counted on in the way's direction, as far out as the boom then bends.
      def stations(standing, grows = @lift.grows)
        standing.seen_in_turn(@way.pick, @way.set, @way.turning).map do |metres, slew|
          metres += grows.(metres) if grows
          Cranes::Path::Station.new(radius: metres, slew: slew, boom: @lift.boom.length, hook: @lift.hook - @ground)
        end
      end

      def crane(_, stations)
        kg = @lift.chart.all_round? ? least_row(stations) : Cranes::Path.new(@lift.chart, stations).least.kg
        kg && 1 - @lift.gross / kg
      end

      # The least of the rows between two radii; nil where one of them allows nothing.
      def least_row(stations)
        table, boom = @lift.chart.sectors.first.table, @lift.boom.length
        near, far = stations.map(&:radius).minmax
        radii = [ near, *table.rows(boom).select { |row| row.between?(near, far) }, far ]
        found = radii.map { |radius| table.capacity(radius, boom) }
        found.min unless found.any?(&:nil?)
      end

      def ground(standing, stations)
        kg = most_on_pads(standing, stations) or return
        shares =
          mats(standing).zip(kg).map do |mat, reaction|
            under = @near.zones.under(mat.outline)
            return nil if under.bare || under.weakest.nil? || under.zones.any? { |zone| zone.kpa.nil? }

            mat.pressure(reaction) / under.weakest.kpa
          end
        1 - shares.max
      end

      # The greatest on each pad along the way; nil where it tips.
      def most_on_pads(standing, stations)
        loaded = on_pads(stations, @lift.gross) or return
        return loaded unless @lift.empty

        before = on_pads(stations(standing, nil), 0.0)
        before && loaded.zip(before).map(&:max)
      end

      def on_pads(stations, kg)
        (0..@way.steps)
          .map do |step|
            at = Cranes::Path.between(*stations, step / @way.steps.to_f)
            more, moment = @stand.turning&.call(at.radius) || [ 0.0, 0.0 ]
            weight = @stand.deck.weight(at.slew, more + kg, moment + kg * at.radius)
            @stand.outriggers.reactions(weight) or return
          end
          .transpose
          .map(&:max)
      end

      def mats(standing)
        outriggers = @stand.outriggers
        outriggers.names.zip(outriggers.places).map do |name, place|
          middle = standing.of_deck(place, @stand.deck.axis)
          Ground::Mat.new(name: name, middle: middle, side: @stand.side, kg: @stand.kg, bearing: standing.bearing)
        end
      end

      def cut(standing, _)
        return Float::INFINITY if @near.cuts.empty?

        outlines = mats(standing).map(&:outline)
        margins =
          @near.cuts.product(outlines).map do |cut, outline|
            distance = cut.distance(outline)
            return nil unless distance.positive?

            1 - cut.needed(@near.factor) / distance
          end
        margins.min
      end

      # The same whatever the front's bearing is: looked at once for a place.
      def line(standing, stations)
        return Float::INFINITY if @near.lines.empty?

        at = standing.axis
        @line = [ at, along_lines(standing, stations) ] unless @line && @line[0] == at
        @line[1]
      end

      def along_lines(standing, stations)
        seen = seen(standing, stations) or return
        margins =
          @near.lines.map do |wire, needed|
            distance = seen.map { |boom, hook| apart(boom, hook, wire) }.min
            return nil unless distance.positive?

            1 - needed / distance
          end
        margins.min
      end

      # Boom and hook at every step of the way; nil where the boom does not reach.
      def seen(standing, stations)
        sweep = Sweep.new(standing, *stations, ->(_) { @lift.boom })
        (0..@way.steps).map { |step|
          (step / @way.steps.to_f).then { |share|
            [ sweep.boom(share), sweep.hook(share) ]
          }
        }
      rescue Cranes::OutOfReach
        nil
      end

      def apart(boom, hook, wire)
        spans, ball = wire.each_cons(2).to_a, @near.ball
        sticks = [ *boom.each_cons(2), [ boom.last, hook ] ]
        near = [ *sticks.map { |from, to| Space.spans_apart(from, to, spans) }, ball.apart(hook, spans) ].min
        @near.rigging ? [ near, ball.rigging_apart(hook, spans, near) ].min : near
      end
    end
  end
end
