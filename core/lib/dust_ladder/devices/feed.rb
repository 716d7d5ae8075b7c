module DustLadder
  module Devices
    # What an outside device says, line by line, and whether it may be believed. Its last figures are never shown as if
    # they were live: silence, nonsense and jumps are "no reading" (docs/devices.md). A device's own feed gives NAME,
    # FORMAT and fault.
    class Feed
      SILENT_S = 1.5

      def initialize
        @why = "the #{name} has said nothing yet"
      end

      def name = self.class::NAME
      def format = self.class::FORMAT

      # line: text as it came. now: seconds on a clock that only goes on.
      def take(line, now)
        data = parsed(line)
        @why = data.is_a?(String) ? data : trouble(data, now)
        @before = data.is_a?(Hash) ? data : nil
        @reading = @why ? nil : data
        @at = now
      end

      # The line to the device is gone.
      def lost(why)
        @reading = @before = nil
        @why = why
      end

      # { "reading": {...} } or { "no_reading": why }.
      def answer(now)
        return { "no_reading" => @why } if @reading.nil?
        if now - @at > SILENT_S
          return { "no_reading" => Kernel.format("the %s is silent since %.0f s", name, now - @at) }
        end

        { "reading" => shown }
      end

      private

      # What is given of the last line that is believed.
      def shown = @reading

      def parsed(line)
        data = JSON.parse(line)
        data.is_a?(Hash) && data["format"] == format ? data : "what the #{name} says is not its own format"
      rescue JSON::ParserError, EncodingError
        "what the #{name} says cannot be read"
      end

      # Why a line is not believed, or nil.
      def trouble(data, now)
        return "the #{name} does not count its readings" unless data["seq"].is_a?(Integer)
        if @before && data["seq"] <= (@before["seq"].is_a?(Integer) ? @before["seq"] : -1)
          return "the #{name} counts backward"
        end

        fault(data, now)
      end

      def sound?(value, range) = value.is_a?(Numeric) && value.to_f.finite? && range.cover?(value)
      def unsound(what) = "the #{name} gives no sound #{what}"

      # Is a figure farther from the one of the line before than that?
      def jumps?(data, field, most)
        return false unless @before

        [ data, @before ].all? { |one| one[field].is_a?(Numeric) } && (data[field] - @before[field]).abs > most
      end
    end
  end
end
