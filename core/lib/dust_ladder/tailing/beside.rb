module DustLadder
  module Tailing
    # The tail held by a lug and by trunnions on the line of the CG, side by side: the plan as it is, and the same with
    # its tail's point moved (handbook, section 6.2). For whoever chooses between them.
    class Beside
      WORDS = {
        "upper" => "Lug, upper face",
        "under" => "Lug, underside",
        "trunnion" => "Trunnion, CG line"
      }.freeze
      # A trunnion lies on the line of the CG within this, m.
      ON_LINE_M = 0.05
      # Use of the tail's chart is told at so many tilts for a small curve.
      CURVE = 19

      def initialize(lift)
        @lift = lift
      end

      def as_json(*)
        return if !@lift.tandem? || @lift.tandem.carry?

        own = place
        other = own == "trunnion" ? "upper" : "trunnion"
        [ own, other ].uniq.map { |kind| told(kind, kind == own ? @lift : moved(kind)) }
      rescue NotKnown
        nil
      end

      private

      def place
        up = @lift.turn.points[1][1]
        return "trunnion" if up.abs <= ON_LINE_M

        up.positive? ? "upper" : "under"
      end

      # The same plan with its tail's point elsewhere.
      def moved(kind)
        load = @lift.load
        height = kind == "trunnion" ? load.cg[2] : load.size[2] + LUG_M
        data = PlanFile::Pointer.with_values(
          @lift.document.data,
          { load.pointer("points", 1, "z") => format("%.3f m", height) }
        )
        Lift.new(data)
      end
      # A lug stands so far off the face that it is welded to.
      LUG_M = 0.4

      def told(kind, lift)
        turn = lift.turn
        {
          "kind" => kind,
          "words" => WORDS.fetch(kind),
          "planned" => lift.equal?(@lift),
          "tail_most" => known { Figure.kg(turn.shares[1].kg, :up).as_json },
          "tail" => known { worst(turn, :tail) },
          "head" => known { worst(turn, :head) },
          "gap" => known { gap(turn) },
          "upright" => known { upright(turn) },
          "curve" => known { curve(turn) } || []
        }
      end

      def known(&) = DustLadder.known(&)
      def limit = @lift.rules[:tandem, :limit]

      def worst(turn, side)
        moment = turn.worst(side) or return
        used = moment.use / limit
        {
          "use" => moment.use.finite? ? Figure.percent(moment.use, digits: 1).as_json : nil,
          "at" => turn.words(moment.tilt_deg),
          "past_from" => turn.sweep.past(side, limit)&.then { |tilt| turn.words(tilt) },
          "verdict" => Ladder::Verdict.of(used, @lift.rules[:attention, :tandem])
        }
      end

      def gap(turn)
        clash = turn.clashes[1] or return
        wanted = @lift.rules[:tandem, :beam_room_m]
        least, = clash.least(turn.low, turn.until_tilt)
        short = clash.short_from(wanted, turn.low, turn.until_tilt)
        {
          "gap" => Figure.m(least, :down).as_json,
          "short_from" => short && turn.words(short),
          "verdict" => short ? "stop" : "holds"
        }
      end

      # How it ends, in words.
      def upright(turn)
        turn.sweep.tilts
        return "undefined #{turn.words(turn.sweep.untold_from)}" if turn.sweep.untold_from
        return "slack #{turn.words(turn.sweep.slack_at)}" if turn.sweep.slack_at

        turn.handover? && turn.handover < turn.high ? "handed over" : "both taut"
      end

      # Use of the tail's chart over the turn, as far as it can be told.
      def curve(turn)
        Array.new(CURVE) { |at| turn.low + (turn.high - turn.low) * at / (CURVE - 1) }.map do |tilt|
          next if tilt > turn.until_tilt

          use = turn.sweep.moment(:tail, tilt)&.use
          use&.finite? ? use : nil
        end
      end
    end
  end
end
