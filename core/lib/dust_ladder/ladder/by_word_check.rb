module DustLadder
  class Ladder
    # A rung that a named person answers in words. A subclass gives ID, LABEL, FLIGHT and what it ASKS for. It holds
    # by word, for as long as the rule set and the word itself let it, and never beyond the day of the lift.
    class ByWordCheck < Check
      private

      def word = @word ||= Plan::Word.new(lift.document, self.class::ID, self.class::ASKS)

      def examine
        by_word { answer("holds", note: said, word: word.as_json(days)) }
      end

      # Yields when the word counts on all days of the lift.
      def by_word
        word.says
        word.by
        last = word.lapses(days)
        day = lift.day or raise NotKnown.new("the day of the lift", pointer: Plan.pointer("lift_at"))
        if word.on > day
          raise NotKnown.new("it was said on #{word.on}, after the lift on #{day}", pointer: word.pointer("on"))
        end
        ends = lift.last_day
        if last < ends
          raise NotKnown.new(
            "the word of #{word.by} lapsed on #{last}, the lift #{ends == day ? "is on" : "ends on"} #{ends}",
            pointer: word.pointer("on")
          )
        end

        line("L", Figure.count(days), source: "days that a word stands at most: #{rules.cite(:by_word)}")
        yield
      end

      def said = both("#{word.by}: #{word.says}, until #{word.lapses(days)}")

      # How long a word stands by the rule set. Raises NotKnown where the rung takes none.
      def days
        rules[:by_word][self.class::ID] or
          raise NotKnown.new(
            "#{self.class::LABEL.downcase}: rule set #{rules.id} takes no word for it",
            pointer: Plan.pointer("rules")
          )
      end
    end
  end
end
