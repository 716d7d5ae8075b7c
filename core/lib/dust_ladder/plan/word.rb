module DustLadder
  module Plan
    # An answer in words in place of figures: what was found, who says so, on which day, and until when it counts
    # (handbook, section 15). Days are ISO dates. Whoever asks for what is not given meets NotKnown.
    class Word < Section
      # id: of the rung that it answers. what: the thing asked for, in words.
      def initialize(document, id, what)
        super(document, "by_word", id)
        @what = what
      end

      def says = words("says") || missing(@what, "says")
      def by = words("by") || missing("who says so", "by")
      def on = day("on", "the day on which it was said")

      # The last day on which it counts: its own, but never later than the rule set lets a word stand.
      # days: how long that is at most.
      def lapses(days)
        latest = on + days
        return latest if self["until"].to_s.empty?

        own = day("until", "the day until which it counts")
        missing("it cannot lapse before it was said", "until") if own < on
        [ own, latest ].min
      end

      def as_json(days) = { "says" => says, "by" => by, "on" => on.iso8601, "lapses" => lapses(days).iso8601 }

      private

      # What somebody wrote, when there is a letter in it.
      def words(name) = self[name].to_s.strip.then { |text| text if text.match?(/[[:alpha:]]/) }

      def day(name, what)
        text = self[name].to_s
        missing(what, name) if text.empty?

        Date.iso8601(text)
      rescue Date::Error
        missing("#{text} is not a day", name)
      end
    end
  end
end
