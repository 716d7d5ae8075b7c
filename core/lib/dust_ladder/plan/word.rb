require "date"

module DustLadder
  module Plan
    # An answer in words in place of figures: what was found, who says so, on which day, and until when it counts
    # (handbook, section 15). Days are ISO dates. Whoever asks for what is not given meets NotKnown.
    class Word
      attr_reader :pointer

      # id: of the rung that it answers. what: the thing asked for, in words.
      def initialize(document, id, what)
        @data = document.dig("by_word", id) || {}
        @pointer = "/by_word/#{id}"
        @what = what
      end

      def says = words("says") || missing("says", @what)
      def by = words("by") || missing("by", "who says so")
      def on = day("on", "the day on which it was said")

      # The last day on which it counts: its own, but never later than the rule set lets a word stand.
      # days: how long that is at most.
      def lapses(days)
        latest = on + days
        return latest if @data["until"].to_s.empty?

        own = day("until", "the day until which it counts")
        missing("until", "it cannot lapse before it was said") if own < on
        [ own, latest ].min
      end

      def as_json(days) = { "says" => says, "by" => by, "on" => on.iso8601, "lapses" => lapses(days).iso8601 }

      private

      def [](name) = @data[name]

      # What somebody wrote, when there is a letter in it.
      def words(name) = @data[name].to_s.strip.then { |text| text if text.match?(/[[:alpha:]]/) }

      def day(name, what)
        text = @data[name].to_s
        missing(name, what) if text.empty?

        Date.iso8601(text)
      rescue Date::Error
        missing(name, "#{text} is not a day")
      end

      def missing(name, what) = raise(NotKnown.new(what, pointer: "#{@pointer}/#{name}"))
    end
  end
end
