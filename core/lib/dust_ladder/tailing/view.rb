module DustLadder
  module Tailing
    # What a screen draws of a load between two cranes: the load in the plane of both hooks, where everything is at
    # every step, and what either crane carries of its chart there. Metres above the site's peg, and along toward the
    # head from where its hook begins. nil as long as too little is known.
    class View
      TILT_STEP = 1.0
      WAY_STEP = 2.5
      SIDES = Turn::SIDES

      # rungs: of the ladder.
      def initialize(lift, rungs)
        @lift = lift
        @rungs = rungs
      end

      def as_json(*)
        return unless @lift.tandem?

        {
          "does" => @lift.tandem.does,
          "hold" => @lift.tandem.ends.map { |one| one["hold"] },
          "limit" => Figure.percent(limit).as_json,
          "attention" => rules[:attention, :tandem],
          "outline" => turn.outline,
          "points" => turn.points,
          "hooks" => hook_points,
          "beam" => known { beam },
          "cg_half_width" => @lift.load.cg_half_width.values_at(0, 2),
          "width" => @lift.load.size[1],
          "from" => order.first,
          "to" => order.last,
          "steps" => order.map { |step| step_json(step) },
          "curves" => SIDES.to_h { |side| [ side.to_s, known { curve(side) } || [] ] },
          "cranes" => SIDES.map { |side| crane_json(side) },
          "worst" => SIDES.to_h { |side| [ side.to_s, known { worst(side) } ] },
          "gap_wanted" => known { rules[:tandem, :beam_room_m] },
          "gap_least" => known { gap_least },
          "ends_at" => known { ends_at }
        }
      rescue NotKnown
        nil
      end

      private

      def known(&) = DustLadder.known(&)
      def turn = @lift.turn
      def rules = @lift.rules
      def limit = rules[:tandem, :limit]
      def carry? = @lift.tandem.carry?

      def hook_points = known { turn.hook_points } || turn.points

      # Of a beam in both hooks how far it goes past either, and how high it is, m.
      def beam
        below = turn.below_beam or return
        [ below.past_hook, below.told.high.positive ]
      end

      def order
        @order ||=
          begin
            each = carry? ? WAY_STEP : TILT_STEP
            steps = (turn.low / each).ceil.upto((turn.high / each).floor).map { |step| step * each }
            all = [ turn.low, *steps, turn.high ].uniq.sort
            @lift.tandem.lay_down? ? all.reverse : all
          end
      end

      # Where one side's chart is used most: the step as a number, and that use.
      def worst(side)
        moment = turn.worst(side) or return
        { "at" => moment.tilt_deg, "words" => turn.words(moment.tilt_deg), "use" => percent(moment.use) }
      end

      # Use of a chart over the steps, [step, use or nil] each, with a step down or up where another row begins.
      def curve(side)
        turn.sweep.tilts
        crossed = turn.sweep.crossings(side)
        steps = (order + crossed.flat_map { |at| [ at - HAIR, at ] }).uniq.sort
        told = steps.map { |step| [ step, known { moment(side, step) }&.use ] }
        told = told.map { |step, use| [ step, use&.finite? ? use : nil ] }
        @lift.tandem.lay_down? ? told.reverse : told
      end
      HAIR = 1e-5

      # Past which neither is told: the handover, or where a line hangs slack.
      def ends_at
        return turn.until_tilt if turn.handover?

        turn.sweep.tilts
        [ turn.sweep.slack_at, turn.sweep.untold_from ].compact.min
      end

      def gap_least
        turn.clashes.map { |index, clash| [ *clash.least(turn.low, index == 1 ? turn.until_tilt : turn.high), index ] }
          .min&.then { |gap, tilt, _| { "at" => tilt, "gap" => Figure.m(gap, :down).as_json } }
      end

      def step_json(step)
        tilt = turn.tilt_at(step)
        hooks = known { SIDES.to_h { |side| [ side, turn.place(side, step) ] } }
        {
          "at" => step,
          "words" => turn.words(step),
          "tilt" => tilt,
          "cg" => [ along(hooks, tilt), under + -turn.lowest(tilt) ],
          "to_head" => Figure.m(turn.level(hook_points[0], tilt).abs, :near).as_json,
          "to_tail" => Figure.m(turn.level(hook_points[1], tilt).abs, :near).as_json,
          "gap" => known { gap(tilt, step) },
          **SIDES.to_h { |side| [ side.to_s, side_json(side, step, tilt, hooks) ] }
        }
      end

      def under = @under ||= @lift.tandem.under.value

      # The CG along toward the head, from where the head's hook begins.
      def along(hooks, tilt)
        moved = hooks ? off(hooks[:head]) : 0.0
        moved - turn.level(hook_points[0], tilt)
      end

      def off(place)
        first = turn.place(:head, order.first)
        toward = Site::Plane.bearings(turn.bearing_at(order.first))[0]
        place.zip(first, toward).sum { |one, other, way| (one - other) * way }
      end

      # Of every beam the least room, m.
      def gap(tilt, step)
        turn.clashes.reject { |index, _| index == 1 && step > turn.until_tilt }.map { |_, clash| clash.gap(tilt) }.min
      end

      def side_json(side, step, tilt, hooks)
        moment = known { moment(side, step) }
        {
          "hook" => hooks && hooks[side],
          "hook_high" => known { under + turn.hook_above(side, tilt) },
          "share" => moment && Figure.kg(moment.share, :up).as_json,
          "gross" => moment && Figure.kg(moment.gross, :up).as_json,
          "capacity" => moment&.capacity && Figure.kg(moment.capacity, :down).as_json,
          "use" => moment && percent(moment.use),
          "radius" => moment && Figure.m(moment.radius, :up).as_json,
          "row" => moment&.row
        }
      end

      # Past the handover the head has it all, and the tail nothing.
      def moment(side, step)
        return side == :head ? turn.alone : nil if turn.handover? && step > turn.until_tilt
        return if ends_at && !turn.handover? && step >= ends_at

        turn.sweep.moment(side, step)
      end

      def percent(use) = use.finite? ? Figure.percent(use, digits: 1).as_json : nil

      def crane_json(side)
        index = SIDES.index(side)
        duty = @lift.duties[index]
        one = turn.hangs[index]
        {
          "name" => duty.crane.chosen? ? duty.crane.chart_title.split(",").first : "#{duty.who} crane",
          "axis" => known { duty.crane.stand.standing.axis.first(2) },
          "bearing" => known { duty.crane.stand.standing.bearing },
          "sling" => known { one.length },
          "beam" => known { one.planned.beam? ? [ one.planned.beam_width.positive, one.beam_high ] : nil },
          "rows" => known { duty.crane.chart.sectors.first.table.radii }
        }
      end
    end
  end
end
