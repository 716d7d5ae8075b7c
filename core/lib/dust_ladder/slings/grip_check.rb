module DustLadder
  module Slings
    # A basket as if it gripped where it bears on the load: its two sides then pull differently when the CG lies to one
    # of them. Friction holds that difference only up to a point, past which the load slides round in the sling; and the
    # fuller side must be carried too (handbook, section 3.4). Looked at over the corners of the CG's box.
    class GripCheck < Ladder::Check
      include GripWorking

      ID = "grip"
      LABEL = "Grip"
      FLIGHT = "rigging"
      OF_SLINGS = true
      GRIPS = { "alloy_chain" => :chain, "wire_rope" => :wire_rope }.freeze
      # One basket at its worst: tensions of its sides, bend over both contacts in radians.
      Side =
        Struct.new(:leg, :tensions, :bend, :corner) do
          def ratio = tensions.min.positive? ? tensions.max / tensions.min : Float::INFINITY
        end

      def self.applies?(lift) = !lift.tandem? && lift.legs.size == 2 && lift.legs.any?(&:basket?)

      private

      def examine
        lift.bridle
        @legs =
          lift
            .legs
            .each_index
            .select { |index| lift.legs[index].basket? }
            .map { |index| Leg.of(lift, index) }
        sides = @legs.map { |leg| found.select { |side| side.leg == leg }.max_by { |side| side.ratio / hold(side) } }
        pulls = @legs.map { |leg| found.select { |side| side.leg == leg }.max_by { |side| side.tensions.max } }
        figures = sides.map { |side| slip(side) } + pulls.map { |side| fuller(side) }
        figures.each do |name, demand, capacity, _|
          (demand.value / capacity.value).then do |share|
            part(
              name: name,
              verdict: Ladder::Verdict.of(share, rules[:attention, :slings]),
              utilisation: share.finite? ? share : nil,
              demand: demand.value.finite? ? demand : nil,
              capacity: capacity,
              nominal: nil,
              note: nil
            )
          end
        end
        work(figures)
        name, demand, capacity, leg = figures.max_by { |_, one, other| one.value / other.value }
        return slack(leg) unless demand.value.finite?

        judge(
          demand,
          capacity,
          attention: rules[:attention, :slings],
          subject: "#{leg.name} leg",
          note: both { |system| "#{name}: #{demand.bare(system)} of #{capacity.bare(system)}" }
        )
      rescue Statics::Equilibrium::NotFound => error
        stop(both(error.what), subject: "basket")
      end

      def slack(leg) =
        stop(both("#{leg.name} basket: one side may hang slack, and the load rolls"), subject: "#{leg.name} leg")

      def friction(leg) = rules[:grip, GRIPS.fetch(leg.sling["kind"], :synthetic)]
      def hold(side) = side.leg.prevention.round.nil? ? Math.exp(friction(side.leg) * side.bend) : Float::MAX

      # Sides' tensions against what friction holds apart; nothing to slide where it is held.
      def slip(side)
        held = side.leg.prevention.round
        if held
          caution(
            "held",
            "#{side.leg.name} basket: it counts on #{held}, to keep the load from turning in it.",
            about: "leg:#{side.leg.index}"
          )
        end
        most = held.nil? ? hold(side) : [ side.ratio, 1.0 ].max
        [
          "#{side.leg.name} basket, sides apart",
          Figure.factor(side.ratio, :up),
          Figure.factor(most, :down),
          side.leg,
          side
        ]
      end

      def fuller(side) =
        [
          "#{side.leg.name} basket, fuller side",
          Figure.kg(side.tensions.max, :up),
          Figure.kg(side.leg.tag.rating("basket").kg / 2 * side.leg.left, :down),
          side.leg,
          side
        ]

      # Every basket in every corner of the CG's box.
      def found
        @found ||=
          corners.flat_map do |words, cg|
            hang = Statics::Equilibrium.of(rig.with(cgs: [ cg, *rig.bodies.drop(1).map(&:cg) ]))
            @legs.map do |leg|
              Side.new(
                leg,
                [ 0, 1 ].map { |side| hang.tensions[names.index("#{leg.index} #{side}")] },
                bend(hang, leg),
                words
              )
            end
          end
      end

      def corners
        cg, widths = lift.bridle.cg, lift.load.cg_half_width
        boxes =
          [ -1, 1 ].product([ -1, 1 ], [ -1, 1 ])
            .map do |box|
              [ Rigging::Corner.box_words(box), cg.each_index.map { |axis|
                cg[axis] + box[axis] * widths[axis]
              } ]
            end
        [ [ "nominal", cg ], *boxes ]
      end

      # Level, square to the line of the points.
      def across
        a, b = lift.bridle.points.first, lift.bridle.points.last
        run = Math.hypot(b[0] - a[0], b[1] - a[1])
        [ -(b[1] - a[1]) / run, (b[0] - a[0]) / run, 0.0 ]
      end

      def places
        @places ||=
          lift
            .bridle
            .points
            .each_with_index
            .flat_map do |point, index|
              next [ [ "#{index} 0", point ] ] unless lift.legs[index].basket?

              half = lift.legs[index].basket_width.positive / 2
              [ -1, 1 ].each_with_index.map do |side, at|
                [ "#{index} #{at}", point.zip(across).map { |place, part| place + side * half * part } ]
              end
            end
            .to_h
      end

      def names = places.keys

      def rig
        @rig ||=
          begin
            body =
              Statics::Rig::Body.new(name: "load", mass: lift.load.planned_kg, cg: lift.bridle.cg, points: places)
            Statics::Rig.new(
              bodies: [ body, *(lift.beam ? [ lift.beam.body(lift.bridle.hung_below) ] : []) ],
              lines: places.keys.map { |name| side_line(name) } + lift.bridle.lines_above
            )
          end
      end

      def side_line(name)
        index = name.to_i
        leg = Leg.of(lift, index)
        half = leg.hitch == "basket" ? lift.legs[index].basket_width.positive / 2 : 0.0
        rating = leg.tag.vertical_kg || leg.tag.rating("basket").kg / 2
        unless rating.positive?
          raise NotKnown.new("the tag of #{leg.sling["number"]} gives no figure above nothing", pointer: leg.pointer)
        end

        {
          name: name,
          nodes: [ lift.beam ? lift.beam.node(index) : "hook", "load.#{name}" ],
          rest: Math.hypot(lift.bridle.lengths[index], half),
          stiffness: rating / rules[:stretch_at_wll, leg.sling["kind"]]
        }
      end

      # How far a basket turns round both its edges: from each side into the level between them, radians.
      def bend(hang, leg)
        [ 0, 1 ].sum do |side|
          one, other =
            [ side, 1 - side ].map do |at|
              hang.pose.place(0, hang.rig.lines[names.index("#{leg.index} #{at}")].nodes[1][1])
            end
          angle(one, other.zip(one).map { |to, from| to - from })
        end
      end

      def angle(one, other) =
        Math.acos(
          (
            one.zip(other).sum { |a, b| a * b } /
              [ one, other ].map { |v| Math.sqrt(v.sum { |part| part * part }) }.reduce(:*)
          ).clamp(-1.0, 1.0)
        )
    end
  end
end
