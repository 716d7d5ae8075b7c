module DustLadder
  module Day
    # What is wrong with an event as it was said: of every field, whether it is there and can be so.
    class EventFaults
      def initialize(said, phases)
        @said = said
        @phases = phases
      end

      # Each { "pointer", "message", "expected" }.
      def all
        return [ fault("", "an event is an object", "id, at, kind, name, seen, about") ] unless @said.is_a?(Hash)

        [ *frame, *(kind ? about : []) ]
      end

      private

      def kind = Event::KINDS[@said["kind"]]
      def told = @said["about"].is_a?(Hash) ? @said["about"] : {}
      def fault(pointer, message, expected) = { "pointer" => pointer, "message" => message, "expected" => expected }

      def frame
        [
          wrong("id", "is not the mark of one event", "a UUID") { |id| Event::UUID.match?(id.to_s) },
          wrong("at", "is not a time", "UTC, such as 2026-09-15T06:38:00Z") { |at| time?(at) },
          wrong("kind", "is nothing that is kept of a day", Event::KINDS.keys.join(", ")) { kind },
          wrong("name", "is no name", "a name of at most #{Event::MOST_NAME} signs") { |name| name?(name) },
          wrong("seen", "is no number of an event", "a whole number") { |seen|
            seen.is_a?(Integer) && seen.between?(0, 10**6)
          },
          wrong("about", "is not what it tells", "an object") { |about| about.is_a?(Hash) },
          (fault(
            "",
            "it is too long",
            "at most #{Event::MOST_BYTES} bytes"
          ) if JSON.generate(@said).bytesize > Event::MOST_BYTES),
          *(@said.keys - Event::SAID).map { |name|
            fault("/#{name}", "#{name} is not part of an event", Event::SAID.join(", "))
          }
        ].compact
      end

      def wrong(name, message, expected)
        value = @said[name]
        fault("/#{name}", "“#{value.to_s[0, 40]}” #{message}", expected) unless yield(value)
      end

      def time?(at)
        Event::AT.match?(at.to_s) && Time.iso8601(at).year.between?(2000, 2199)
      rescue ArgumentError
        false
      end

      def name?(name)
        name.is_a?(String) && name.length <= Event::MOST_NAME && (!kind&.named || name.match?(/[[:alpha:]]/))
      end

      def about
        missing = kind.asks.select { |name| told[name].nil? || told[name] == "" }
        [
          *missing.map { |name| fault("/about/#{name}", "#{name} is not told", "what it is") },
          *(told.keys - kind.tells.keys.map(&:to_s)).map { |name|
            fault("/about/#{name}", "#{name} is not part of it", kind.tells.keys.join(", "))
          },
          *kind.tells.filter_map { |name, what| told.key?(name.to_s) && part(name.to_s, what) },
          *unsaid
        ]
      end

      # A no wants a word; so does a lift that was not made.
      def unsaid
        found = []
        found << fault("/about/word", "a no wants a word", "what is wrong") if told["answer"] == "no" && blank?("word")
        if told["lifted"] == "no" && blank?("why")
          found << fault("/about/why", "it does not tell why", "why it was not lifted")
        end
        found
      end

      def blank?(name) = told[name].to_s.strip.empty?

      def part(name, what)
        value = told[name]
        fine, expected =
          case what
          when :text then [ value.is_a?(String) && value.length <= Event::MOST_TEXT,
            "a text of at most #{Event::MOST_TEXT} signs" ]
          when :phase then [ phase, @phases.map(&:id).join(", ") ]
          when :item then [ phase&.item(value), phase ? phase.items.map(&:id).join(", ") : "an item of its phase" ]
          when :try, :figures then [ value.is_a?(Hash), "an object" ]
          else [ what.include?(value), what.join(" or ") ]
          end
        fault("/about/#{name}", "“#{value.to_s[0, 40]}” cannot be", expected) unless fine
      end

      def phase = @phases.find { |one| one.id == told["phase"] }
    end
  end
end
