module DustLadder
  module Statics
    # Which line to shorten or lengthen, and by how much, so that a body hangs level (handbook, section 3.4). Every
    # answer is a pose that was found anew with that change made.
    class LevelUp
      # line: index. change: m, below zero is shorter; links: whole links, when counted so; length: of a list; hole: of
      # a beam, [x, y, z] in its axes. tilt_deg, tensions and stable: as it hangs then.
      Option = Struct.new(:line, :change, :links, :length, :hole, :tilt_deg, :tensions, :stable, keyword_init: true)
      STEPS = 12
      HALVES = [ 1.0, 0.5, 0.25, 0.1, 0.02 ].freeze
      PROBE_M = 1e-4
      LEAST_GAIN_M = 1e-6

      attr_reader :rig, :body

      # limit_deg: tilt under which the body counts as level. most: greatest change of a length, as its share.
      def initialize(rig, body:, limit_deg:, most: 0.25)
        @rig = rig
        @body = body
        @limit = limit_deg
        @most = most
      end

      def now = @now ||= Equilibrium.of(rig)
      def enough?(option) = option.stable && option.tilt_deg <= @limit + Ladder::Verdict::SLACK

      # The change of one line that levels the body best, whatever its length then. A step that does not help is
      # halved: where a leg goes slack on the way the tilt has a kink.
      def by_length(line)
        best = option(line, change: 0.0)
        STEPS.times do
          further = gain(line, best.change)
          found =
            HALVES
              .lazy
              .map { |share| tried(line, best.change + share * further) }
              .find { |one| one.tilt_deg < best.tilt_deg }
          break if found.nil?

          gained = (found.change - best.change).abs
          best = found
          break if gained < LEAST_GAIN_M
        end
        best
      end

      # The same in whole links of a chain (pitch in m), the better of the numbers next to it.
      def by_links(line, pitch)
        near = by_length(line).change / pitch
        [ near.floor, near.ceil ].uniq
          .map { |links| option(line, change: links * pitch, links: links) }
          .min_by(&:tilt_deg)
      end

      # The best of a list of lengths, m.
      def from_list(line, lengths) =
        lengths
          .map { |length| option(line, change: length - rig.lines[line].rest, length: length) }
          .min_by(&:tilt_deg)

      # The best of a beam's holes for one node of a line: places in the beam's own axes, m.
      def by_holes(line, node, places)
        body_of_node = rig.lines[line].nodes[node][0] or raise ArgumentError, "that node is not on a body"
        cg = rig.bodies[body_of_node].cg
        places
          .map do |place|
            moved = rig.with_node(line, node, place.zip(cg).map { |at, centre| at - centre })
            found(Equilibrium.of(moved, start: now.pose), line: line, change: 0.0, hole: place)
          end
          .min_by(&:tilt_deg)
      end

      # One Option a line, those that are enough first, the smallest change first. links: pitch in m by line, or nil.
      def options(pitches: {})
        all = rig.lines.each_index.map { |line| pitches[line] ? by_links(line, pitches[line]) : by_length(line) }
        all.sort_by { |option| [ enough?(option) ? 0 : 1, enough?(option) ? option.change.abs : option.tilt_deg ] }
      end

      private

      def tried(line, change) =
        option(line, change: change.clamp(-@most * rig.lines[line].rest, @most * rig.lines[line].rest))

      def option(line, change:, **rest) = found(hang(line, change), line: line, change: change, **rest)
      def found(hang, **rest) =
        Option.new(tilt_deg: hang.pose.tilt_deg(body), tensions: hang.tensions, stable: hang.stable?, **rest)

      def hang(line, change)
        rests = rig.lines.map(&:rest)
        rests[line] += change
        Equilibrium.of(rig.with(rests: rests), start: now.pose)
      end

      # Gauss and Newton on roll and pitch together, from how a small change moves them.
      def gain(line, change)
        here, there = [ change, change + PROBE_M ].map { |one| lean(hang(line, one)) }
        slope = here.zip(there).map { |was, is| (is - was) / PROBE_M }
        size = slope.sum { |one| one * one }
        size < 1e-18 ? 0.0 : -slope.zip(here).sum { |one, at| one * at } / size
      end

      def lean(hang) = [ hang.pose.roll_deg(body), hang.pose.pitch_deg(body) ]
    end
  end
end
