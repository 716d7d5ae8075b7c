module DustLadder
  module Tailing
    # Does a beam above one end keep clear of the load that turns up beside it? With its slings as short as they may
    # be: longer ones make room, and want headroom (handbook, section 6.2). Demand: room wanted; capacity: the least.
    class BeamGapCheck < TwoCranesCheck
      ID = "beam_gap"
      LABEL = "Beam clearance"

      def self.applies?(lift) = lift.tandem? && !lift.tandem.carry? && lift.tandem.ends.any?(&:beam?)

      private

      def examine
        tandem.does
        found = turn.clashes.map { |index, clash| [ index, clash, *clash.least(turn.low, clash_end(index)) ] }
        found.each { |index, _, gap, tilt| room_part("#{names[index]} beam", needed, gap, at(tilt)) }
        index, clash, gap, tilt = found.min_by { |one| one[2] }
        work(index, gap, tilt)
        return touches(index, clash) unless gap.positive?

        judge(
          m(needed, :up),
          m(gap, :down),
          attention: rules[:attention, :tandem],
          subject: "#{names[index]} beam",
          note: note(index, clash, gap, tilt)
        )
      end

      # A beam whose line has let go is out of the way.
      def clash_end(index) = index == 1 ? turn.until_tilt : turn.high
      def needed = rules[:tandem, :beam_room_m]

      def note(index, clash, gap, tilt)
        short = clash.short_from(needed, turn.low, clash_end(index))
        both do |system|
          words = "#{m(gap, :down).shown(system)} #{at(tilt)}, wants #{m(needed, :up).shown(system)}"
          short ? "#{words}; short from #{deg(short)}" : words
        end
      end

      def touches(index, clash)
        from = clash.short_from(CLASH_M, turn.low, clash_end(index))
        stop(
          both("the #{names[index]} beam touches the load#{from && " from #{deg(from)}"}: longer slings"),
          subject: "#{names[index]} beam"
        )
      end
      CLASH_M = 1e-3

      def work(index, gap, tilt)
        one = turn.hangs[index]
        how = one.half_wrap? ? "by the quick rule, which understates it, less its tolerance" : "less its tolerance"
        line("s", m(one.short, :down), source: "#{one.name} sling at its shortest, #{how}", about: "leg:#{index}")
        line("w", m(one.planned.beam_width.positive, :up), source: "width of its beam, along the load")
        line("t", deg(tilt), source: "tilt at which the room is least")
        line("e", m(gap, :down), source: "from the beam to the turned outline of the load, there")
        line("n", m(needed, :up), source: rules.cite(:tandem))
      end
    end
  end
end
