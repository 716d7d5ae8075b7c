module DustLadder
  module Tailing
    # Is one of two cranes within its part of the chart over the whole turn, at the radius that it has then? (handbook,
    # section 6.2) Demand: its gross load at the tilt at which most of the chart is used; capacity: the part of the
    # chart that a crane on a shared load may use.
    class ShareCheck < TwoCranesCheck
      private

      def index = sides.index(side)
      def own = lift.duties[index]
      def limit = rules[:tandem, :limit]
      def attention = rules[:attention, :tandem]

      def examine
        tandem.does
        worst = turn.worst(side) or raise NotKnown.new(
          "what either line carries: see Turn",
          pointer: tandem.pointer("to")
        )
        told = moments
        told.each { |moment| show(moment) }
        marks
        return off_chart(worst) if worst.off_chart?

        bare = before_load and return bare
        work(worst)
        judge(
          Figure.kg(worst.gross, :up),
          Figure.kg(worst.capacity * limit, :down),
          attention: attention,
          subject: at(worst.tilt_deg),
          note: both("#{of_chart(worst)} of #{Figure.percent(limit)} of its chart, #{at(worst.tilt_deg)}#{past}")
        )
      end

      # From where on it is past its part of the chart, unless that is how it begins.
      def past
        from = turn.sweep.past(side, limit)
        from && from > turn.low ? "; past it from #{at(from).delete_prefix("at ")}" : nil
      end

      # How it begins, its worst, and how it ends.
      def moments
        told = turn.sweep.moments(side)
        [ told.first, turn.worst(side), turn.alone && side == :head ? turn.alone : told.last ].compact
          .uniq(&:tilt_deg).sort_by(&:tilt_deg)
      end

      def of_chart(moment) = Figure.percent(moment.use, digits: 1)

      def show(moment)
        used = moment.use / limit
        part(
          name: at(moment.tilt_deg),
          verdict: Ladder::Verdict.of(used, attention),
          utilisation: used.finite? ? used : nil,
          demand: Figure.kg(moment.gross, :up),
          capacity: moment.capacity && Figure.kg(moment.capacity * limit, :down),
          note: both { |system| "at #{m(moment.radius, :up).shown(system)}" }
        )
      end

      def off_chart(worst)
        stop(
          both { |system| "nothing allowed at #{m(worst.radius, :up).shown(system)}, #{at(worst.tilt_deg)}" },
          subject: at(worst.tilt_deg)
        )
      end

      # Short of the chart's first row before the load is on?
      def before_load
        return if own.crane.measured_loaded?

        bare = own.crane.unloaded_stations.find { |one|
          own.crane.chart.capacity(one.radius, one.boom, one.slew).first.nil?
        }
        bare && stop(both { |system| "nothing allowed at #{m(bare.radius).shown(system)}, before the load is on" })
      end

      def marks
        caution(
          "tandem_limit",
          "On a shared load no crane goes past its part of the chart: whichever is late is taken over by the other."
        )
      end

      def work(worst)
        share_lines(worst)
        radius_lines(worst)
        rigging = Figure.kg(worst.gross - worst.share, :up)
        line("g", rigging, source: "#{names[index]} rigging, block and rope, as the chart counts them", about: "hook")
        gross = { V: Figure.kg(worst.share, :up), g: rigging }
        line("G", Figure.kg(worst.gross, :up), formula: "V + g", from: gross, source: "gross load", about: "hook")
        line("C", Figure.kg(worst.capacity, :down), source: chart_words(worst))
        line("l", Figure.percent(limit, :down), source: rules.cite(:tandem))
        from = { G: Figure.kg(worst.gross, :up), C: Figure.kg(worst.capacity, :down) }
        line("U", Figure.percent(worst.use, digits: 1), formula: "G / C × 100", from: from, source: "of its chart")
      end

      def chart_words(worst)
        "#{own.crane.chart_title}, #{own.crane.family.boom_words}#{", row #{m(worst.row)}" if worst.row}"
      end

      # How the share comes about at the corner that is the worst there.
      def share_lines(worst)
        if side == :head && turn.alone && worst.equal?(turn.alone)
          line("V", Figure.kg(worst.share, :up), source: "the whole load, handed over", about: "load")
          return
        end
        tilt, corner, hooks, = turn.how(side, worst.tilt_deg)
        found = hooks.at(corner.weight, tilt)
        weight, a, b = Figure.kg(corner.weight, :up), m(found.to_head), m(found.to_tail)
        line("t", deg(tilt), source: "tilt, the head's end high")
        line("W", weight, source: weight_words(corner), about: "load")
        line("dA", a, source: "CG to the head line, level; #{corner_words(corner)}", about: "cg")
        line("dB", b, source: "CG to the tail line, level", about: "cg")
        formula = side == :head ? "W × dB / (dA + dB)" : "W × dA / (dA + dB)"
        plumb = [ found.head, found.tail ][index]
        line(
          "P",
          Figure.kg(plumb, :up),
          formula: formula,
          from: { W: weight, dA: a, dB: b },
          source: "both lines plumb"
        )
        line("V", Figure.kg(worst.share, :up), source: "the same with the lines as far off plumb as they may be")
      end

      def weight_words(corner)
        high = (corner.weight - turn.whole_kg).abs < 1e-6
        return "#{high ? "planned weight" : "the low end of its weight"}" if turn.dynamic == 1.0

        "#{high ? "planned weight" : "the low end of its weight"} times the dynamic factor of " \
          "#{Figure.factor(turn.dynamic)}"
      end

      def corner_words(corner)
        "CG #{corner.along.positive? ? "toward the head" : "toward the tail"} and " \
          "#{corner.up.positive? ? "up" : "down"} in its box"
      end

      def radius_lines(worst)
        own.crane.hook_at(worst.tilt_deg)[0].then do |bare|
          from = { R: m(bare, :up), a: m(worst.radius - bare, :up) }
          line("R", from[:R], source: "slewing axis to its hook then", about: "hook")
          line(
            "a",
            from[:a],
            source: own.crane.measured_loaded? ? "measured under load" : rules.cite(:radius_allowance)
          )
          line("r", m(worst.radius, :up), formula: "R + a", from: from, source: "loaded radius")
        end
      end
    end
  end
end
