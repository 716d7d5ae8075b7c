module DustLadder
  module Life
    # Which other lifts want the same gear or crane at the same hours.
    module Bookings
      # What a lift takes: its title, from and until (such as 2026-12-14T06:30, in the site's own time; until nil where
      # nobody says), and the numbers of its pieces and of its cranes.
      Taken = Struct.new(:title, :from, :until, :pieces, :cranes, keyword_init: true)
      # Something that another lift takes meanwhile: its number, that lift's title, and the hours of both.
      Overlap =
        Struct.new(:what, :title, :from, :until, keyword_init: true) do
          def words = "#{what} is also taken by #{title}, #{from.sub("T", " ")} to #{self.until.sub("T", " ")}"
        end
      DAY_ENDS = "T23:59".freeze

      module_function

      # Overlaps of one lift with others, by what is taken. A lift of which nobody says the end takes the rest of its
      # day.
      def of(own, others)
        return [] unless own.from

        others.flat_map do |other|
          from, till = [ own.from, other.from.to_s ].max, [ ends(own), ends(other) ].min
          next [] if other.from.nil? || from >= till

          both = (own.pieces & other.pieces) + (own.cranes & other.cranes)
          both.map { |what| Overlap.new(what: what, title: other.title, from: from, until: till) }
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
