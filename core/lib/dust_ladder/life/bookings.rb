module DustLadder
  module Life
    # Which other lifts want the same gear, crane or hand at the same hours.
    module Bookings
      # What a lift takes: its title, from and until (such as 2026-12-14T06:30, in the site's own time; until nil where
      # nobody says), the numbers of its pieces, its cranes by serial number, and who cannot be elsewhere meanwhile by
      # id; names: what people call them, where it is not that.
      Taken =
        Struct.new(:title, :from, :until, :pieces, :cranes, :people, :names, keyword_init: true) do
          def all = [ *pieces, *cranes, *people ]
          def called(what) = names.to_h[what] || what
        end
      # Something that another lift takes meanwhile: its number or name, that lift's title, and the hours of both.
      Overlap =
        Struct.new(:what, :title, :from, :until, keyword_init: true) do
          def words = "#{what} is also taken by #{title}, #{from.sub("T", " ")} to #{self.until.sub("T", " ")}"
        end
      DAY_ENDS = "T23:59".freeze
      # Whoever has the lift in hand all the time; a supervisor may look after another one beside.
      HANDS = %w[operator slinger signaller].freeze

      module_function

      # What a plan document takes. A crane is the same one on every sheet of its binder that has its serial number.
      def taken(document)
        snapshots = document["snapshots"]
        charts = document["cranes"].filter_map { |crane| snapshots["charts"][crane["chart"]]&.fetch("data") }
        hands = document["crew"].to_a.select { |one| HANDS.include?(one["role"]) && one["person"] }
        names = ->(id) { snapshots.dig("people", id, "data", "name") || id }
        Taken.new(
          title: document["title"],
          from: document["lift_at"],
          until: document["lift_until"],
          pieces: Plan::NamedGear.numbers(document),
          cranes: charts.map { |chart| machine(chart) }.uniq,
          people: hands.map { |one| "person #{one["person"]}" }.uniq,
          names: {
            **charts.to_h { |chart| [ machine(chart), chart["title"].to_s[/\A[^,]+/] || chart["id"] ] },
            **hands.to_h { |one| [ "person #{one["person"]}", names.(one["person"]) ] }
          }
        )
      end

      # A machine by its serial number; by its sheet where that has none.
      def machine(chart)
        serial = chart.dig("identity", "serial").to_s.strip.downcase
        serial.empty? ? "chart #{chart["id"]}" : "crane #{serial}"
      end

      # Overlaps of one lift with others, by what is taken. A lift of which nobody says the end takes the rest of its
      # day.
      def of(own, others)
        return [] unless own.from

        others.flat_map do |other|
          from, till = [ own.from, other.from.to_s ].max, [ ends(own), ends(other) ].min
          next [] if other.from.nil? || from >= till

          (own.all & other.all).map { |what|
            Overlap.new(what: own.called(what), title: other.title, from: from, until: till)
          }
        end
      end

      # Never before it begins.
      def ends(taken)
        return "" unless taken.from

        day_ends = taken.from[0, 10] + DAY_ENDS
        taken.until.to_s > taken.from ? taken.until : day_ends
      end
    end
  end
end
