module DustLadder
  module Cranes
    # What a crane's load indicator says, line by line, and whether it may be believed. Its last figures are never shown
    # as if they were live: silence, nonsense and jumps are "no reading" (docs/indicator.md).
    class IndicatorFeed
      FORMAT = "dust-ladder-indicator"
      SILENT_S = 1.5
      # Between two lines nothing on a crane moves farther than this.
      MOST_JUMP = { "radius_m" => 6.0, "slew_deg" => 60.0, "boom_m" => 6.0 }.freeze
      RANGES = {
        "boom_m" => 0.0..500.0,
        "radius_m" => 0.0..500.0,
        "hook_m" => -500.0..500.0,
        "load_kg" => -50_000.0..5e6,
        "rated_kg" => 0.0..5e6
      }.freeze
      STATES = %w[normal warning cut_out].freeze

      def initialize
        @why = "the indicator has said nothing yet"
      end

      # line: text as it came. now: seconds on a clock that only goes on.
      def take(line, now)
        data = parsed(line)
        @why = data.is_a?(String) ? data : trouble(data)
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
        return { "no_reading" => format("the indicator is silent since %.0f s", now - @at) } if now - @at > SILENT_S

        { "reading" => @reading }
      end

      private

      def parsed(line)
        data = JSON.parse(line)
        data.is_a?(Hash) && data["format"] == FORMAT ? data : "what the indicator says is not its own format"
      rescue JSON::ParserError, EncodingError
        "what the indicator says cannot be read"
      end

      def trouble(data)
        RANGES.each do |name, range|
          next if name == "rated_kg" && data[name].nil?

          unless data[name].is_a?(Numeric) && data[name].to_f.finite? && range.cover?(data[name])
            return "the indicator gives no sound #{name.sub(/_\w+\z/, "")}"
          end
        end
        unless data["slew_deg"].nil? || data["slew_deg"].is_a?(Numeric) && data["slew_deg"].to_f.finite?
          return "the indicator gives no sound slew"
        end
        return "the indicator gives no sound state" unless STATES.include?(data["state"])
        return "the indicator does not count its readings" unless data["seq"].is_a?(Integer)

        jump(data) if @before
      end

      def jump(data)
        return "the indicator counts backward" unless data["seq"] > @before["seq"].to_i

        MOST_JUMP.each do |name, most|
          if data[name].is_a?(Numeric) && @before[name].is_a?(Numeric) && (data[name] - @before[name]).abs > most
            return "the indicator's #{name.sub(/_\w+\z/, "")} jumps"
          end
        end
        nil
      end
    end
  end
end
