module DustLadder
  module Trial
    # All tries of one load, each judged, what they teach together, and the one advice after the last.
    class Tries
      include Ladder::Sentences

      attr_reader :lift, :all

      # document: an accepted plan. tries: data, one a try. pieces: as of Advice.
      # Raises PlanFile::Invalid for what cannot have been read.
      def initialize(document, tries, pieces: [])
        @lift = Lift.new(document)
        @pieces = pieces
        @all = tries.map { |data| Try.new(@lift, data) }
        faults = @all.each_with_index.flat_map { |try, at| try.faults.map { |one| placed(one, at) } }
        raise PlanFile::Invalid, faults if faults.any?
      end

      # Each with what it and those before it taught.
      def judged
        @judged ||=
          all.each_with_index.map do |try, at|
            Judged.new(lift, try, otherwise: -> { Taken.new(Learnt.new(lift, all.take(at + 1))).ladder })
          end
      end

      # nil where nothing can be learnt; missing says why.
      def learnt
        return @learnt if defined?(@learnt)

        @learnt = all.any? ? Learnt.new(lift, all) : nil
      rescue NotKnown => error
        @missing = error.what
        @learnt = nil
      end

      def missing
        learnt
        @missing
      end

      def advice
        @advice ||= learnt && Advice.new(learnt, judged.last, pieces: @pieces)
      end

      # What was advised after one of them, by those before: its words, or nil.
      def advised_after(at)
        return advice&.words if at == all.size - 1

        Tries.new(lift.document.data, all.take(at + 1).map(&:data), pieces: @pieces).advice&.words
      rescue NotKnown
        nil
      end

      # What is learnt and advised, taken into the plan: nil where there is nothing to take.
      def taken
        @taken ||= learnt && Taken.new(learnt, advice).then { |one| one.changes.any? ? one : nil }
      end

      def as_json(*)
        {
          "names" => lift.load.points.map(&:name),
          "tries" => all.each_index.map { |at| try_json(at) },
          "learnt" => learnt&.as_json,
          "missing" => missing,
          "advice" => advice&.as_json,
          "taken" => taken && taken_json
        }
      end

      private

      def placed(fault, at) = fault.merge("pointer" => "/tries/#{at}#{fault["pointer"]}")

      def try_json(at)
        one = judged[at]
        {
          "verdict" => one.verdict,
          "worst" => one.worst.words.as_json,
          "findings" => one.findings.map(&:as_json),
          "tilt" => all[at].tilt && Figure.deg(all[at].tilt, :up).as_json,
          "cells" => all[at].cells.map { |kg| kg && Figure.kg(kg).as_json }
        }
      end

      def taken_json
        {
          "changes" => taken.changes,
          "verdict" => taken.ladder.verdict,
          "headline" => taken.ladder.headlines
        }
      end
    end
  end
end
