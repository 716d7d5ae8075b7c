module DustLadder
  module Day
    # The record of a lift's day as an open file: { "format", "version", "title", "events" }, JSON, UTF-8. Each event as
    # it was kept, in its order, holding the digest of the one before, so that whoever has the file can see whether any
    # was changed, left out or put between.
    module DayFile
      FORMAT = "dust-ladder-day"
      VERSION = 1
      LARGEST = 64 * 1024 * 1024

      module_function

      # log: a Log.
      def write(log, title:)
        whole = { "format" => FORMAT, "version" => VERSION, "title" => title, "events" => log.events.map(&:as_json) }
        "#{JSON.pretty_generate(whole)}\n"
      end

      # Does a text say that it is one?
      def day?(text) = text.b.byteslice(0, 200).match?(/\A(\xEF\xBB\xBF)?\s*\{\s*"format"\s*:\s*"#{FORMAT}"/n)

      # Returns the title and a Log, whose faults tell whether its events agree. Raises PlanFile::Invalid with what is
      # wrong with it as a file, by its place.
      def read(text)
        data = parsed(text)
        unless data.is_a?(Hash) && data["format"] == FORMAT && data["version"] == VERSION
          refuse("/version", "this is no record of a day of a known version", "#{FORMAT}, version #{VERSION}")
        end
        events = data["events"]
        unless events.is_a?(Array) && events.size <= Log::MOST
          refuse("/events", "there is no list of events", "at most #{Log::MOST} events")
        end
        events.each_with_index { |one, at| sound(one, "/events/#{at}") }
        [ data["title"].to_s, Log.new(events) ]
      end

      def parsed(text)
        refuse("", "the file has #{text.bytesize} bytes", "at most #{LARGEST} bytes") if text.bytesize > LARGEST

        text = text.dup.force_encoding(Encoding::UTF_8)
        raise JSON::ParserError unless text.valid_encoding?

        JSON.parse(text.delete_prefix("\ufeff"), max_nesting: 20)
      rescue JSON::ParserError
        refuse("", "the file is not whole JSON, UTF-8", "a record of a day, not cut off")
      end

      SHAPES = {
        "id" => String,
        "at" => String,
        "kind" => String,
        "name" => String,
        "seen" => Integer,
        "about" => Hash,
        "number" => Integer,
        "got" => String,
        "by" => Hash,
        "before" => [ String, NilClass ],
        "digest" => String
      }.freeze

      # Nothing is left out of an event, and nothing stands beside what its digest is of.
      def sound(one, place)
        refuse(place, "this is no event", SHAPES.keys.join(", ")) unless one.is_a?(Hash)

        more = one.keys - SHAPES.keys
        refuse("#{place}/#{more[0]}", "that is no part of an event", SHAPES.keys.join(", ")) if more.any?
        SHAPES.each do |name, kinds|
          fine = one.key?(name) && Array(kinds).any? { |kind| one[name].is_a?(kind) }
          refuse("#{place}/#{name}", "an event does not tell it so", Array(kinds).join(" or ")) unless fine
        end
      end

      def refuse(pointer, message, expected)
        raise PlanFile::Invalid, [ { "pointer" => pointer, "message" => message, "expected" => expected } ]
      end
      private_class_method :parsed, :sound, :refuse
    end
  end
end
