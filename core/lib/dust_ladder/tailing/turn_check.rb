module DustLadder
  module Tailing
    # Do both lines stay taut, and can what either carries be told, from the tilt that it begins with to that of its
    # end; and where they cannot, is the handover planned? Of a load that is carried: how far off level it hangs where
    # one hook is ahead of the other (handbook, section 6.2).
    class TurnCheck < TwoCranesCheck
      ID = "turn"
      LABEL = "Turn"
      FLIGHT = "load"

      private

      def examine
        tandem.does
        tandem.ends.each(&:hold)
        tandem.holds.each(&:value)
        turn.points
        caution(
          "two_cranes",
          "Two cranes: one supervisor, one signal to each operator in turn, slowly, lines plumb all the time. What " \
            "each carries is read before it goes on."
        )
        tandem.carry? ? carried : turned
      end

      def turned
        low, high = turn.low, turn.high
        turn.sweep.tilts
        slack, untold = turn.sweep.slack_at, turn.sweep.untold_from
        geometry
        line("from", deg(low), source: "tilt that it is gone through from, level 0")
        line("to", deg(turn.until_tilt), source: turn.handover? ? "tilt of the handover" : "to the end of it")
        ended = [ slack, untold ].compact.min
        return ends_early(ended, slack, untold) if ended

        turn.handover? && turn.handover < high ? handed_over(high) : both_all_the_way(low, high)
      end

      def geometry
        turn.points.zip(names).each do |(along, up), name|
          line("#{name[0]}u", m(along), source: "#{name} point from the CG, along toward the head", about: "points")
          line("#{name[0]}v", m(up), source: "the same, up when level", about: "points")
        end
        turn.leans.zip(names, tandem.ends).each do |lean, name, told|
          by = told.plumb.given? ? "as told" : rules.cite(:tandem)
          line("#{name[0]}p", deg(lean, :up), source: "the #{name} line may be off plumb: #{by}")
        end
      end

      def ends_early(ended, slack, untold)
        words = slack && slack == ended ? slack_words(slack) : "both lines are one from #{deg(untold)}: undefined"
        planned =
          turn.handover? ? "the handover is planned at #{deg(turn.handover)}, later" : "plan the handover before it"
        stop(both("#{words}; #{planned}"), subject: at(ended))
      end

      # Which of both lines it is, at the corner that goes first.
      def slack_words(tilt)
        corner = turn.box.slack_at(tilt)
        return "the head line goes slack at #{deg(tilt)}: the tail would have all of it" if corner == :head

        "the tail line goes slack at #{deg(tilt)}"
      end

      # Let go it swings until it hangs under the head's hook: by no more than a load may hang off.
      def handed_over(high)
        by = tandem.handover_by
        tandem.missing("who planned the handover", "handover/by") unless by.match?(/[[:alpha:]]/)

        left = [ turn.hooks.at(turn.whole_kg, turn.handover).tail, 0.0 ].max
        swing = turn.box.free_tilts.map { |free| (free - turn.handover).abs }.max
        line("T", Figure.kg(left, :up), source: "that the tail carries there, as planned", about: "points")
        line("f", deg(turn.hooks.free_tilt, :near), source: "tilt at which it hangs from the head alone")
        line("s", deg(swing, :up), source: "that it swings once the tail lets go, at worst in its CG's box")
        line("m", Figure.deg(rules[:tilt_limit_deg]), source: rules.cite(:tilt_limit_deg))
        caution(
          "handover",
          both do |system|
            "At the handover the tail still carries #{Figure.kg(left, :up).shown(system)}: lowered off slowly, " \
              "tag lines held, nobody near."
          end
        )
        judge(
          deg(swing, :up),
          Figure.deg(rules[:tilt_limit_deg]),
          attention: rules[:attention, :level],
          subject: "handover",
          note: both(handover_words(swing, high, by))
        )
      end

      def handover_words(swing, high, by)
        "both lines taut to #{deg(turn.handover)}, then the head alone to #{deg(high)}, swinging #{deg(swing, :up)}; " \
          "planned by #{by}"
      end

      def both_all_the_way(low, high)
        parts_of_shares
        answer("holds", note: both("both lines taut from #{deg(low)} to #{deg(high)}"))
      end

      def parts_of_shares
        turn.shares.zip(names).each do |worst, name|
          part(
            name: name,
            verdict: "holds",
            demand: Figure.kg(worst.kg, :up),
            note: both("at most #{turn.share_words(worst.tilt_deg)}")
          )
        end
      end

      # How far the load may lie off the beam above it.
      def below_beam
        beam = turn.below_beam or return
        line("b", deg(turn.tilt_range.map(&:abs).max, :up), source: "the beam off level then")
        line("u", deg(beam.unlike_deg, :up), source: "and the load off the beam, its slings as unlike as they may be")
      end

      def carried
        turn.tilt_range
        geometry
        boxes = [ turn.box, turn.own_box ].uniq.each { |box| box.sweep(Tilts.of(*turn.load_range)) }
        slack = boxes.filter_map { |box| box.slack_first || box.untold_from }.min_by(&:abs)
        return stop(both("a line goes slack #{deg(slack.abs)} off level"), subject: "out of step") if slack

        step = tandem.out_of_step.value
        tilt = turn.load_range.map(&:abs).max
        line("x", m(step, :up), source: "one hook ahead of the other, at most, as told")
        line(
          "s",
          m(
            Math.hypot(
              *turn.hook_points.transpose.map { |one, other|
                one - other
              }
            ),
            :down
          ),
          source: turn.below_beam ? "from hook to hook, along the beam" : "head to tail point"
        )
        below_beam
        line("t", deg(tilt, :up), source: "off level where one hook is so far ahead")
        level = [ 0, 1 ].map { |index| turn.hooks.at(turn.whole_kg, 0.0).then { |at| [ at.head, at.tail ][index] } }
        level.zip(turn.shares, names).each do |kg, worst, name|
          line(name[0].upcase, Figure.kg(kg, :up), source: "#{name} line, level", about: "points")
          line("#{name[0].upcase}x", Figure.kg(worst.kg, :up), source: "at most, one hook ahead", about: "points")
        end
        judge(
          deg(tilt, :up),
          Figure.deg(rules[:tilt_limit_deg]),
          attention: rules[:attention, :level],
          note: both { |system| "#{deg(tilt, :up)} off level with one hook #{m(step, :up).shown(system)} ahead" }
        )
      end
    end
  end
end
