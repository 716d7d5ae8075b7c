module DustLadder
  module Site
    # Is a power line near, and does everything keep its clearance from it? By word: that there is none within what
    # was looked at, or how near a line of known voltage comes at its nearest. A line whose voltage nobody knows takes
    # no word, and stops inside the working zone (handbook, sections 8 and 15).
    class PowerLinesCheck < Ladder::ByWordCheck
      include LinesOnSite

      ID = "power_lines"
      LABEL = "Power lines"
      FLIGHT = "ground_and_site"
      PER = "crane"
      ASKS = "whether a power line is near"

      private

      def word = lift.line_word

      def examine
        return on_site if duty.on_site?

        zones = rules[:power_lines]
        case word.lines
        when "none"
          none(zones["zone_m"]["above"])
        when "known"
          known(zones["clearance_m"])
        else
          unknown(zones["zone_m"]["below"])
        end
      end

      # Nothing near, as far as somebody looked: at least as far as a line of any voltage counts.
      def none(zone)
        looked = word.looked.positive
        if looked < zone - Ladder::Verdict::SLACK
          raise NotKnown.new(
            "looked #{Figure.m(looked, :down)} far; a line within #{Figure.m(zone)} counts",
            pointer: word.looked.pointer
          )
        end
        by_word do
          line("z", Figure.m(zone), source: "within which a line of any voltage counts: #{rules.cite(:power_lines)}")
          line("d", Figure.m(looked, :down), source: "looked at, round all that the crane reaches: #{word.by}")
          note =
            both do |system|
              "none within #{Figure.m(looked, :down).shown(system)}, looked by #{word.by} on #{word.on}"
            end
          answer("holds", note: note, word: word.as_json(days))
        end
      end

      # A line of known voltage: too near is a stop, whoever says so.
      def known(clearances)
        kilovolts = word.voltage.positive
        needed = clearance(clearances, kilovolts)
        nearest = word.nearest.positive
        caution("lines_live", "A line is live until it is proved dead. Sway of load and rope comes off the room.")
        caution("lines_watch", "Name somebody who watches the line and does nothing else.")
        line("V", Figure.new(kilovolts, :kv, :up), source: "voltage of the line, as told")
        line("c", Figure.m(needed, :up), source: "least clearance for it: #{rules.cite(:power_lines)}")
        line("d", Figure.m(nearest, :down), source: "nearest that boom, rope or load come, as told")
        return held(needed, nearest) if nearest < needed - Ladder::Verdict::SLACK

        by_word { held(needed, nearest, word: word.as_json(days)) }
      end

      def clearance(clearances, kilovolts)
        clearances.find { |upto, _| kilovolts <= upto + Ladder::Verdict::SLACK }&.last or
          raise NotKnown.new(
            "above #{clearances.last.first.round} kV an engineer registered for it and the utility decide",
            pointer: word.voltage.pointer
          )
      end

      def held(needed, nearest, word: nil)
        note =
          both do |system|
            "nearest #{Figure.m(nearest, :down).shown(system)}, wants #{Figure.m(needed, :up).shown(system)}"
          end
        judge(Figure.m(needed, :up), Figure.m(nearest, :down), note: note, word: word)
      end

      # No word stands in for a voltage that nobody knows.
      def unknown(zone)
        nearest = word.nearest
        if nearest.known? && nearest.positive < zone - Ladder::Verdict::SLACK
          return stop(
            both do |system|
              "a line of unknown voltage #{Figure.m(nearest.value, :up).shown(system)} off, nothing may come within " \
                "#{Figure.m(zone).shown(system)}"
            end
          )
        end
        raise NotKnown.new("the voltage of the line, for which no word stands in", pointer: word.voltage.pointer)
      end
    end
  end
end
