module DustLadder
  module Gear
    # May a piece be used on a day, by the rules of whoever asks: its state, what was last measured on it, and its
    # examination (handbook, section 9)? Its figures are no matter here.
    class Fitness
      # verdict: holds, stop or not_known; both: why, { "metric", "us" }.
      Answer =
        Struct.new(:verdict, :both) do
          def holds? = verdict == "holds"
          def words = both.values.first
        end

      # piece: kind and sizes new; state, due, examined, use and measured beside, as the store has them. rules: a
      # RuleSet.
      def initialize(piece, rules)
        @piece = piece
        @rules = rules
      end

      def due = @due ||= Due.new(@piece, @rules)

      # on: the last day that it is wanted, "2026-12-14", or nil where no day is asked for.
      def answer(on:) = reasons(on: on).min_by { |one| one.verdict == "stop" ? 0 : 1 } || answer_of("holds", due.words)

      # Everything that speaks against it, an Answer each.
      def reasons(on:)
        state = @piece["state"]
        off = state && state != "ready" ? answer_of("stop", "it is #{state}") : nil
        [ off, worn, late(on) ].compact
      end

      # What was measured on it and is past its limit, or cannot be judged; nil where nothing is.
      def worn
        return @worn if defined?(@worn)

        found = @piece["measured"].to_h.filter_map { |id, value| judged(id, value) }
        @worn = found.find { |one| one.verdict == "stop" } || found.first
      end

      private

      def answer_of(verdict, words) = Answer.new(verdict, Quantity::Systems.words { words })

      # Past its examination on a day; nil where it is in date, or none is asked for.
      def late(on)
        return if on.nil? || !due.wanted?
        return answer_of("not_known", "when it was last examined is not known") if due.day.nil?

        due.day < on ? answer_of("stop", "its examination runs out on #{due.day}") : nil
      end

      def judged(id, value)
        look = Kinds::LOOKS[id]
        unless look&.measured?
          return answer_of("not_known", "#{id.tr("_", " ")} was measured, which is not known here")
        end

        judged = look.judge(value.to_f, @piece, @rules)
        return unless judged.out?

        Answer.new("stop", look.told_of(value.to_f, judged))
      rescue NotKnown => error
        answer_of("not_known", "#{look.title.downcase} was measured: #{error.what}")
      end
    end
  end
end
