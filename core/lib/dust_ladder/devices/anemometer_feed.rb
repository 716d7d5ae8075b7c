module DustLadder
  module Devices
    # What an anemometer says, and the gust of the last ten minutes, of which it tells how long it has listened
    # (docs/anemometer.md). The gust is the greatest single reading since it last had to begin anew: at a gap, at
    # nonsense, and where the cup was put at another height.
    class AnemometerFeed < Feed
      NAME = "anemometer"
      FORMAT = "dust-ladder-anemometer"
      # m/s; metres above the ground.
      WIND = 0.0..75.0
      HEIGHT = 0.5..400.0
      MOST_JUMP = 25.0
      # So long wind is never one and the same figure; and a cup that is seized says that it is calm.
      STUCK_S = 60.0
      GUST_S = 600.0
      # Less than that is no gust that a lift may be planned with.
      LISTENS_S = 120.0

      def initialize
        super
        begin_anew
      end

      def take(line, now)
        begin_anew if @at && now - @at > SILENT_S
        super
        @reading ? keep(now) : begin_anew
      end

      def lost(why)
        super
        begin_anew
        @same = nil
      end

      private

      def begin_anew
        @heard = []
        @since = nil
      end

      def fault(data, now)
        return unsound("wind") unless sound?(data["wind_m_s"], WIND)
        return unsound("height") unless sound?(data["height_m"], HEIGHT)

        @same = [ data["wind_m_s"], now ] unless @same && @same[0] == data["wind_m_s"]
        return "the anemometer's wind jumps" if jumps?(data, "wind_m_s", MOST_JUMP)

        stuck(now - @same[1]) if now - @same[1] >= STUCK_S
      end

      def stuck(seconds)
        for_long = "for #{seconds.floor} s"
        return "the anemometer says that it is calm #{for_long}, or does not turn: look at it" if @same[0].zero?

        "the anemometer says the same #{for_long}: it may be stuck"
      end

      # Greatest of each second, as long as it counts.
      def keep(now)
        begin_anew if @height && @height != @reading["height_m"]
        @height = @reading["height_m"]
        @since ||= now
        wind = @reading["wind_m_s"]
        if @heard.any? && @heard.last[0] == now.floor
          @heard.last[1] = [ @heard.last[1], wind ].max
        else
          @heard << [ now.floor, wind ]
        end
        @heard.shift while @heard.first[0] < (now - GUST_S).floor
      end

      # now, height and gust in words by system of units. take: the gust as a plan's field takes it, never rounded down;
      # nil where it was not listened to for long enough, and wait says so.
      def shown
        seconds = [ @at - @since, GUST_S ].min
        gust = Figure.speed(@heard.map(&:last).max, :up)
        enough = seconds >= LISTENS_S
        {
          "seq" => @reading["seq"],
          "wind_m_s" => @reading["wind_m_s"],
          "gust_m_s" => gust.value,
          "now" => worded(Figure.speed(@reading["wind_m_s"], :up)),
          "gust" => worded(gust),
          "height" => height_words,
          "heard_s" => seconds.floor,
          "take" => enough ? worded(gust).transform_values { |text| text.gsub(/[[:space:]]+/, " ") } : nil,
          "wait" => enough ? nil : "a gust can be taken once it was listened to for #{LISTENS_S.round} s"
        }
      end

      # Rounded down: less height is less wind.
      def height_words
        metres = @reading["height_m"]
        {
          "metric" => Kernel.format("%.1f m", metres.floor(1)),
          "us" => Kernel.format("%d ft", (metres / FOOT_M).floor)
        }
      end
      FOOT_M = 0.3048

      def worded(figure) = { "metric" => figure.shown(:metric), "us" => figure.shown(:us) }
    end
  end
end
