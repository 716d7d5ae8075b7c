module DustLadder
  module Site
    # A rung that is worked out from the site that the crane stands on. Where the plan has no site it is answered by
    # word instead (handbook, sections 15 and 16).
    class SiteCheck < Ladder::Check
      include LookedFor

      FLIGHT = "ground_and_site"
      PER = "crane"

      def self.applies?(duty) = duty.on_site?

      private

      # Several things that each want some room and have some: a part for each, and the rung by the one with the least
      # to spare. rooms: [name, needed, room] each, m; a room below nothing strikes. Yields the note of the worst one.
      def judge_rooms(rooms)
        rooms.each do |name, needed, room|
          share = share_of(needed, room)
          part(
            name: name,
            verdict: Ladder::Verdict.of(share, attention),
            utilisation: share.finite? ? share : nil,
            demand: Figure.m(needed, :up),
            capacity: Figure.m(room, :down)
          )
        end
        name, needed, room = rooms.max_by { |_, wanted, left| share_of(wanted, left) }
        line("c", Figure.m(needed, :up), source: "room wanted, #{name}")
        line("r", Figure.m(room, :down), source: "room there is, #{name}")
        note =
          both do |system|
            "#{name} #{Figure.m(room, :down).shown(system)}, wants #{Figure.m(needed, :up).shown(system)}"
          end
        return stop(note, subject: name) if room <= 0 && needed.positive?

        yield if share_of(needed, room) <= 1 + Ladder::Verdict::SLACK
        judge(Figure.m(needed, :up), Figure.m(room, :down), attention: attention, note: note, subject: name)
      end

      def share_of(needed, room)
        return needed / room if room.positive?

        needed.positive? || room.negative? ? Float::INFINITY : 0.0
      end
    end
  end
end
