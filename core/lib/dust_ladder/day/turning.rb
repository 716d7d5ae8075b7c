module DustLadder
  module Day
    # What both hooks of a lift by two cranes showed, at its hold points (handbook, sections 6.2 and 10).
    class Turning
      # lift: of the plan as it was issued, of two cranes.
      def initialize(lift)
        @lift = lift
      end

      def points = @lift.turn.hold_points

      # Why a reading stops the lift, or nil. event: of kind turned.
      def stop_words(event)
        worst = reading(event).findings.find { |one| one.verdict == "stop" }
        worst && "both hooks: #{worst.words["metric"]}"
      end

      # Why what was read so far does not end a phase: of the :first hold point, or of :all; nil for nothing.
      def bar(events, which)
        open = points.open(readings(events))
        left = which == :first ? open & points.all.first(1) : open
        return if left.empty?

        "both hooks are to be read, with neither over what is planned: #{left.map(&:words).join(", ")}"
      rescue NotKnown => error
        "where it is held is not known: #{error.what}"
      end

      def as_json(events)
        {
          "points" => DustLadder.known { points.as_json } || [],
          "open" => (DustLadder.known { points.open(readings(events)) } || []).map(&:words),
          "carry" => @lift.tandem.carry?
        }
      end

      # Judged, in their order.
      def readings(events) = events.map { |event| reading(event) }
      def reading(event) = Tailing::Reading.new(@lift, event.told("read"))
    end
  end
end
