module DustLadder
  module Gear
    # May every piece of the plan be used on the day of the lift: its tag legible, examined and not overdue then, and
    # neither out, quarantined nor scrapped? (handbook, section 9). As the store has it now, where that is told; else
    # as it was when the plan took it.
    class GearCheck < Ladder::Check
      ID = "gear"
      LABEL = "Gear"
      FLIGHT = "gear_and_people"
      # A piece in the plan: its number, what the plan keeps of it, where it is named, and what is wrong with how it is
      # used there, or nil.
      Piece = Struct.new(:number, :data, :pointer, :against, keyword_init: true)
      # What it comes to: verdict and reason; in both systems of units where it tells of a measure.
      Found =
        Struct.new(:piece, :verdict, :words) do
          def plain = words.is_a?(Hash) ? words.values.first : words
          def note(before = "") = Ladder::Sentence.new(nil, ->(system) { before + said(system) })
          def said(system) = words.is_a?(Hash) ? words.fetch(system.name) { plain } : words
        end

      private

      def examine
        booked
        lift.legs[0].missing("no sling is chosen", "sling") if hung.empty?

        found = pieces.map { |piece| judged(piece) }
        outside = pieces.filter_map { |piece|
          lift.piece_doubt(piece.number, piece.data)&.then { |one|
            piece.number unless one.known
          }
        }
        caution(
          "piece_from_outside",
          "From outside, nobody here has looked at it: #{outside.join(", ")}."
        ) if outside.any?
        found.each { |one| part(name: one.piece.number, verdict: one.verdict, note: one.note) }
        worst = found.min_by { |one| Ladder::Verdict.rank(one.verdict) }
        if worst.verdict == "not_known"
          @missing << Ladder::Missing.new(
            what: "#{worst.piece.number}: #{worst.plain}",
            pointer: day ? worst.piece.pointer : Plan.pointer("lift_at")
          )
        end
        words =
          if worst.verdict == "holds"
            "#{found.size} piece#{"s" if found.size > 1} ready on #{day}"
          else
            worst.note("#{worst.piece.number}: ")
          end
        words = both(words) if words.is_a?(String)
        answer(worst.verdict, note: words, subject: worst.verdict == "holds" ? nil : worst.piece.number)
      end

      # What another lift wants meanwhile bars the issue; while it is planned it is said.
      def booked
        words = lift.overlaps.map(&:words)
        more = words.size - MOST_BOOKED
        said = [ *words.first(MOST_BOOKED), *(more.positive? ? "#{more} more" : nil) ]
        caution("booked", "#{said.join("; ")}.") if words.any?
      end
      MOST_BOOKED = 4

      def day = lift.day&.iso8601
      def last_day = lift.last_day&.iso8601

      # What hangs, and what holds and bears it.
      def pieces = @pieces ||= hung + PlacedGear.new(lift).pieces

      def hung
        @hung ||=
          begin
            slings = lift.strands.map { |leg| [ lift.sling_of(leg), leg.pointer("sling") ] }
            beam = lift.beam ? [ [ lift.beam.piece, lift.beam.pointer("beam") ] ] : []
            (slings + beam)
              .select(&:first)
              .uniq { |data, _| data["number"] }
              .map { |data, pointer| Piece.new(number: data["number"], data: data, pointer: pointer) }
          end
      end

      def judged(piece)
        standing = lift.standing(piece.number) || piece.data
        told = lift.standing(piece.number) ? "in the store now" : "when the plan took it"
        unread = piece.data["tag"] ? !Slings::Tag.new(piece.data, rules).legible? : piece.data["legible"] == false
        if unread
          return Found.new(piece, "stop", "its tag cannot be read")
        end

        state = standing["state"]
        return Found.new(piece, "stop", "#{state} #{told}") if state && state != "ready"
        return Found.new(piece, "stop", piece.against) if piece.against

        fit = Fitness.new(piece.data.merge(standing), rules)
        worn = fit.worn
        return Found.new(piece, worn.verdict, worn.both) if worn&.verdict == "stop"
        if day && fit.due.day && fit.due.day < last_day
          ends = last_day == day ? "is on" : "ends on"
          return Found.new(piece, "stop", "examination due #{fit.due.day}, the lift #{ends} #{last_day}")
        end
        return Found.new(piece, worn.verdict, worn.both) if worn

        doubt = lift.piece_doubt(piece.number, piece.data)
        return Found.new(piece, "not_known", doubt.words) if doubt&.known
        return Found.new(piece, "not_known", "in what state it is is not known") if state.nil?
        return Found.new(piece, "holds", "#{state} #{told}, #{fit.due.words}") unless fit.due.wanted?
        return Found.new(piece, "not_known", "when it was examined is not known") if fit.due.day.nil?
        return Found.new(piece, "not_known", "the day of the lift is not given") if day.nil?

        Found.new(piece, "holds", "#{state} #{told}, examination #{fit.due.words}")
      end
    end
  end
end
