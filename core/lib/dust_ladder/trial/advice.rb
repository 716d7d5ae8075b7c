module DustLadder
  module Trial
    # The one thing to do after a try, in one line, and what the next try should read then (handbook, section 10):
    # look at an instrument, take the weight into the plan first, change one or two legs, another sling or hole, move
    # the points, or nothing.
    class Advice
      include Ladder::Sentences

      attr_reader :id, :words, :detail, :changes

      # learnt: a Learnt. judged: the last try as Judged. pieces: the store's slings, to take in place of one.
      def initialize(learnt, judged, pieces: [])
        @learnt = learnt
        @judged = judged
        @lift = learnt.lift
        @pieces = pieces
        @changes = {}
        decide
      end

      # How it is to hang in the next try, a Hanging::Hung; nil where that is not told.
      def expected = @expected

      # New lengths by leg, text as a try has them, where legs are to be changed.
      def lengths
        return unless @option

        @lift.legs.each_index.map do |leg|
          line = @lift.bridle.line_index(leg)
          at = @option.lines.index(line)
          at && format("%.3f m", length_of(leg) + @option.links[at] * pitch(leg))
        end
      end

      def as_json(*)
        {
          "id" => id,
          "words" => words.as_json,
          "detail" => detail&.as_json,
          "changes" => changes,
          "lengths" => lengths,
          "expected" => expected && {
            "tilt" => Figure.deg(expected.tilt, :up).as_json,
            "pulls" => @lift.legs.each_index.map { |leg|
              Figure.kg(expected.tensions[@lift.bridle.line_index(leg)]).as_json
            }
          }
        }
      end

      private

      attr_reader :learnt

      def advise(id, words, detail = nil) = (@id, @words, @detail = id, words, detail)

      def decide
        return look unless learnt.agrees?
        return weigh if too_heavy? || learnt.weight.nil?
        return down if broken
        return nothing if level.fine?(level.now)

        @option = level.best
        return links if @option && level.fine?(@option.hung)
        return share if level?

        other || (@option ? links : points)
      end

      def look
        suspect = learnt.suspects.first
        return advise("look", both("Look at every instrument before the next try"), learnt.doubt) unless suspect

        names = suspect.lines.map { |line| learnt.name_of(line) }
        text =
          case suspect.what
          when "swapped" then "Look whether #{names.join(" and ")} have each other's cell"
          when "cell" then "Look at the #{names[0]} cell"
          when "load" then "Look at the indicator, and at what else hangs or holds"
          else "Read the tilt again"
          end
        advise("look", both(text), learnt.doubt)
      end

      # What no change of the rigging mends: brake, swing, a leg that pulls more than the plan allows.
      def broken
        @broken ||=
          @judged.findings.find do |one|
            one.verdict == "stop" && (%w[brakes swing].include?(one.id) || (one.id == "leg" && one.share.to_f > 1))
          end
      end

      DOWN = {
        "brakes" => "Set it down: the brake does not hold",
        "swing" => "Set it down: bring the hook over the load before it comes free",
        "leg" => "Set it down: a leg pulls more than the plan allows"
      }.freeze

      def down = advise("down", both(DOWN.fetch(broken.id)), broken.words)

      def over = 1 + @lift.rules[:indicated_over_planned]

      def too_heavy?
        by_indicator = @judged.findings.find { |one| one.id == "weight" }.verdict == "stop"
        by_indicator || (learnt.weight && learnt.weight > @lift.load.planned_kg * over)
      end

      def weigh
        return advise("weigh", both("Weigh it first: nothing read tells what it weighs")) if learnt.weight.nil?

        detail =
          both do |system|
            told, give = [ learnt.weight, learnt.weight_error ].map { |kg| Figure.kg(kg, :up).shown(system) }
            planned = Figure.kg(@lift.load.planned_kg, :down).shown(system)
            "#{told}, give or take #{give}: the plan counts with #{planned}. Crane and slings are to be checked " \
              "again with it."
          end
        advise("weigh", both("Set it down: take the weight into the plan first"), detail)
      end

      def nothing
        @expected = level.now
        advise("nothing", both("Change nothing: it hangs level, and all lines are tight"))
      end

      def links
        @expected = @option.hung
        names = @option.lines.map { |line| learnt.name_of(line) }
        alike = @option.links.uniq.one?
        words = alike ? "#{names.join(" and ")}: #{many(0)}#{" each" if names.size > 1}" : named(names)
        advise("links", both(words), links_detail(alike))
      end

      def many(at)
        links = @option.links[at]
        "#{links.abs} #{links.abs == 1 ? "link" : "links"} #{links.negative? ? "shorter" : "longer"}"
      end

      def named(names) = names.each_with_index.map { |name, at| "#{name}: #{many(at)}" }.join("; ")

      def links_detail(alike)
        others = @lift.legs.each_index.reject { |leg| @option.lines.include?(@lift.bridle.line_index(leg)) }
        left = others.map { |leg| @lift.legs[leg].name }
        sure = @option.worst_deg && @option.worst_deg <= aim ? "" : " It may need one more try."
        fine = @judged.verdict == "stop" ? "" : " It is within its limits as it hangs."
        loose = slack_words
        kept = left.empty? ? "" : " Leave #{left.join(", ")} as #{left.one? ? "it is" : "they are"}."
        both do |system|
          metres = @option.lines.each_index.map { |at| Figure.m(by(at)).shown(system) }
          told = (alike ? metres.first(1) : metres).join(" and ")
          "#{told}.#{kept}#{loose} Then about #{Figure.deg(expected.tilt, :up)} off level.#{sure}#{fine}"
        end
      end

      # Chains are stiff: whole links do not always share.
      def slack_words
        names = level.slack(@option).filter_map { |line| learnt.legs_of(line)[0] }.map { |leg| @lift.legs[leg].name }
        return "" if names.empty?

        " #{names.join(" and ")} may stay slack: two legs then carry it, and each must be able to."
      end

      # By how much the length of one of its lines changes, m.
      def by(at) = @option.links[at].abs * pitch(learnt.legs_of(@option.lines[at])[0])

      # Another sling of the store, hole or bail, with the whole ladder of the learnt load.
      def other
        found = others.find { |one| one.tilt_deg <= aim } or return

        @changes = found.changes
        advise("other", found.words, both("Then about #{Figure.deg(found.tilt_deg, :up)} off level."))
      rescue NotKnown
        nil
      end

      # Links were looked at already.
      def others
        own = @lift.legs.select { |leg| pitch(leg.index) }.map { |leg| "#{leg.pointer}-cut" }
        Rigging::LevelAdvice.new(document, pieces: @pieces).options.reject { |one| own.include?(one.id) }
      end

      # It hangs level, and yet not every line is tight.
      def level? = level.now.holds && level.now.tilt <= aim + Ladder::Verdict::SLACK

      def share
        @option = nil
        advise("share", both("No links make all lines tight: a softer sling, or a leg that is set by a screw"))
      end

      def points
        by = [ 0, 1 ].map { |axis| learnt.off[axis] }
        return advise("weigh", both("Weigh it end by end: nothing read tells where its CG is")) if by.any?(&:nil?)

        ways =
          both do |system|
            told = by.zip(%w[along across]).reject { |off, _| off.abs < MOVES_M }
            moved = told.map { |off, way| "#{Figure.m(off).shown(system)} #{way}" }
            moved.empty? ? "No change of one or two legs levels it: look at the rigging" : "Move the points by " \
              "#{moved.join(" and ")}"
          end
        advise("points", ways, both("The CG lies that far from where the plan has it."))
      end
      MOVES_M = 0.01

      def aim = @lift.rules[:tilt_aim_deg]
      # Of a leg, by index: nil of what is no chain.
      def pitch(leg)
        sling = @lift.sling_of(@lift.legs[leg])
        sling["link_pitch_m"] if sling && sling["kind"] == Slings::Selection::CHAIN
      end

      def length_of(leg) = learnt.tries.last.lengths[leg] || @lift.bridle.lengths[leg]

      def level
        @level ||=
          Links.new(
            learnt,
            pitches: by_line { |leg|
              pitch(leg)
            },
            spare: spare,
            aim_deg: aim,
            nearly_slack: nearly_slack
          )
      end

      # By line: of straight legs with a line of their own; nil of all others.
      def by_line
        learnt.rests.each_index.map do |line|
          legs = learnt.legs_of(line)
          legs.one? && @lift.legs[legs[0]].straight? ? yield(legs[0]) : nil
        end
      end

      # As far as a sling was taken up.
      def spare
        by_line { |leg| (@lift.sling_of(@lift.legs[leg])&.dig("reach_m") || 0.0) - length_of(leg) }
          .map { |metres| [ metres || 0.0, 0.0 ].max }
      end

      def nearly_slack
        least = Instruments::NEARLY_SLACK * learnt.fit.weight / [ learnt.rests.size, 1 ].max
        learnt.rests.each_index.map { |line| learnt.legs_of(line).any? ? least : 0.0 }
      end

      def document = Taken.new(learnt).document
    end
  end
end
