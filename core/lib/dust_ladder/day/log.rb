module DustLadder
  module Day
    # The events of one lift in their order, each holding the digest of the one before: only ever added to.
    class Log
      Fault = Life::Chain::Fault
      MOST = 20_000

      attr_reader :events

      # data: of Events as they were kept.
      def initialize(data = []) = @events = data.map { |one| one.is_a?(Event) ? one : Event.new(one) }

      def head = events.last&.digest

      # The Event that something said becomes at the end of it. said: sound by Event.faults. by: { "id", "name" }.
      # number: where only its last ones are at hand.
      def next(said, by:, got:, number: events.size + 1)
        Event.kept(said, number: number, got: got.utc.strftime("%Y-%m-%dT%H:%M:%SZ"), by: by, before: head)
      end

      # What was changed, left out or put between.
      def faults
        [ nil, *events ].each_cons(2).with_index(1).flat_map do |(before, event), number|
          [
            ("it says that it is number #{event.number}" if event.number != number),
            ("it does not hold the digest of the one before" if event.before != before&.digest),
            ("it was changed: its digest is not of what it says" unless event.whole?)
          ].compact.map { |words| Fault.new(number, words) }
        end
      end
    end
  end
end
