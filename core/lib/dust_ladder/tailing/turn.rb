module DustLadder
  module Tailing
    # What two cranes of a plan do with its load, worked out: how it turns between their hooks, or is carried level,
    # where both hooks are meanwhile, and the most that either carries (handbook, section 6.2). Metres, degrees, kg.
    # Whoever asks for what is not given meets NotKnown.
    class Turn
      include InPlane

      # What either crane has to do at its stations: every so many degrees of the turn, or steps of the way.
      STATION_STEP = 2.5
      # A way is gone through in hundredths.
      WHOLE_WAY = 100.0
      SIDES = Sweep::SIDES

      attr_reader :lift

      def self.of(lift) = (lift.tandem.carry? ? Carry : Turn).new(lift)

      def initialize(lift)
        @lift = lift
      end

      def tandem = lift.tandem
      def rules = lift.rules
      def ends = tandem.ends

      # Between which tilts it turns, the lesser first.
      def low = tilts.min
      def high = tilts.max
      # As far as both cranes carry it: to the handover, where one is planned.
      def until_tilt = handover? ? [ handover, high ].min : high
      def handover? = tandem.handover?
      def handover = @handover ||= tandem.handover_at.value

      # The hook's bearing above the load's lowest corner at a tilt, with its slings as long as they may be.
      def hook_above(side, tilt)
        at = SIDES.index(side)
        beam = below_beam ? below_beam.told.high.positive : hangs[at].beam_high
        upright(points[at], tilt) - lowest(tilt) + hangs[at].long + beam
      end

      def hold_points = @hold_points ||= HoldPoints.new(lift)

      # What hangs between either point and its hook.
      def hangs = @hangs ||= ends.each_index.map { |index| End.new(lift, index) }

      # What either line is taken to lean from plumb at most.
      def leans = ends.map { |one| one.plumb.given? ? one.plumb.value : rules[:tandem, :plumb_deg] }
      # What jerking, poor brakes and rough ground make of a load, times.
      def dynamic = tandem.dynamic.given? ? 1 + tandem.dynamic.value : 1.0

      def box = @box ||= box_of(hooks)
      # Of one of its points as of a line: what its slings carry, beside what is most of the whole turn.
      def own_box = below_beam ? (@own_box ||= box_of(own_hooks)) : box
      def own_shares = shares
      def own_most_kg(side) = most_kg(side)

      def box_of(hooks)
        Statics::TwoHooksBox.new(
          hooks,
          weights: [ lift.load.least_kg, lift.load.planned_kg ].map { |kg| kg * dynamic },
          half_widths: lift.load.cg_half_width.values_at(0, 2),
          leans: leans,
          long: lift.load.size[0],
          untold: rules[:tandem, :untold]
        )
      end

      # Where both hooks are at a step.
      def course
        @course ||= Course.new(
          hooks,
          head: [ tandem.east.value, tandem.north.value ],
          bearing: tandem.bearing.value,
          from: tandem.from.value,
          tail_comes: tandem.tail_comes
        )
      end

      # Once it let go the tail's hook stays where that was.
      def place(side, step)
        side == :head ? course.head_at(step) : course.tail_at([ step, until_tilt ].min)
      end

      # The largest face that the load shows to the wind: its side, the same at every tilt, or its end as it stands up,
      # m2.
      def sail_m2
        length, width, height = lift.load.size
        high = steps.map { |step| tilt_at(step) }.map { |tilt|
          outline.map { |place|
            upright(place, tilt)
          }.minmax.reduce(:-).abs
        }
        [ length * height, width * high.max ].max + (below_beam&.side_m2 || 0.0)
      end

      # From the tail's hook to the head's at a step, clockwise from north.
      def bearing_at(_step) = tandem.bearing.value
      def tilt_at(step) = step
      # Of a step, and of a tilt at which a line carries most, in words.
      def words(step) = "at #{Figure.deg(step, :near)}"
      def share_words(tilt) = words(tilt)
      # Tilts at which what holds the load is looked at: every degree.
      def hang_tilts = low.step(high, 1.0).to_a | [ high ]

      # Corners of the load in plan where it ends, [east, north].
      def footprint
        step = tandem.lay_down? ? low : high
        along = outline.map { |place| level(place, tilt_at(step)) }
        hook = place(:head, step)
        off = level(hook_points[0], tilt_at(step))
        middle = (along.min + along.max) / 2 - off
        turned = bearing_at(step) * Math::PI / 180
        at = [ hook[0] + middle * Math.sin(turned), hook[1] + middle * Math.cos(turned) ]
        Site::Plane.rectangle(at, along.max - along.min, lift.load.size[1], bearing_at(step))
      end

      # A Clash of each beam, by the end that it is above.
      def clashes
        @clashes ||=
          hangs.select { |one| one.planned.beam? }.to_h do |one|
            [
              one.index,
              Clash.new(
                outline,
                point: points[one.index],
                slings: one.short,
                beam: [ one.planned.beam_width.positive, one.beam_high ]
              )
            ]
          end
      end

      # The whole of it with both charts.
      def sweep = @sweep ||= Sweep.new(box, course, **sides, from: low, to: until_tilt)

      # The most that either line carries while both do, kg: Statics::TwoHooksBox::Worst, head and tail.
      def shares = @shares ||= most_of(box, low, until_tilt)

      # The most that a crane has in its share: of the head's, the whole load once it is handed over.
      def most_kg(side)
        most = shares[SIDES.index(side)].kg
        side == :head && handover? ? [ most, whole_kg ].max : most
      end

      def whole_kg = lift.load.planned_kg * dynamic

      # The moment at which most of a crane's chart is used.
      def worst(side) = (@worst ||= {})[side] ||= moments_of(side).compact.max_by(&:use)

      # How a line's share comes about at a step: tilt, Corner, TwoHooks with the CG there, kg.
      def how(side, step) = [ step, *box.how(step, SIDES.index(side)) ]

      # The moment from which on the head crane has all of it; nil where nothing is handed over.
      def alone = @alone ||= handover? ? alone_at(until_tilt) : nil

      # Steps at which a crane's stations are told, in the order of the lift.
      def steps
        @steps ||=
          begin
            marks = Tilts.of(low, high).select { |tilt| (tilt / STATION_STEP % 1).zero? }
            all = [ low, *marks, *(handover? ? [ until_tilt ] : []), high ].uniq.sort
            tandem.lay_down? ? all.reverse : all
          end
      end

      # Can what either line carries be told there, with both taut, or once the head has it all?
      def told?(step)
        return true if handover? && step > until_tilt

        last = sweep.tilts.last
        !last.nil? && step <= last + Sweep::NEAR && !box.most_at(step).nil?
      end

      # What a crane has of it at a step, kg; as much as ever where that cannot be told.
      def share_at(side, step)
        return side == :head ? whole_kg : 0.0 if handover? && step > until_tilt

        shared = box.most_at(step) or return most_kg(side)
        most = shared[SIDES.index(side)]
        side == :head && handover? && step == until_tilt ? [ most, whole_kg ].max : most
      end

      private

      # The tilts that it begins and ends with, as what it does wants them.
      def tilts
        @tilts ||=
          [ tandem.from, tandem.to ].map(&:value).tap do |from, to|
            wrong = tandem.does == "lay_down" ? from <= to : from >= to
            next unless wrong

            words = tandem.lay_down? ? "a load that is laid down ends lower" : "a load that is stood up ends higher"
            raise NotKnown.new(
              "#{words} than it begins: #{tandem.from.typed} to #{tandem.to.typed}",
              pointer: tandem.to.pointer
            )
          end
      end

      def most_of(box, from, to)
        box.sweep(Tilts.of(from, to))
        [ box.head, box.tail ].map { |one| one || raise(NotKnown.new("what either line carries: see Turn")) }
      end

      def sides = SIDES.zip(lift.duties).to_h { |side, duty| [ side, duty.side ] }

      def moments_of(side)
        whole = side == :head ? alone : nil
        [ sweep.worst(side), whole ]
      end

      # With the whole load, and what the tail's hook has left on it.
      def alone_at(tilt)
        duty = lift.duties[0]
        at = duty.side.at(place(:head, tilt))
        gross = whole_kg + duty.side.rigging + lift.duties[1].left_behind_kg
        use = at.capacity&.positive? ? gross / at.capacity : Float::INFINITY
        Sweep::Moment.new(tilt, whole_kg, gross, at.radius, at.row, at.capacity, use)
      end
    end
  end
end
