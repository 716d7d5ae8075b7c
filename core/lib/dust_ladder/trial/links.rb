module DustLadder
  module Trial
    # Which one or two chain legs to shorten or lengthen, by how many links, so that the load as it was learnt hangs
    # level with all lines tight: the fewest links with which it surely does, else the fewest with which it most
    # likely does, else what brings it nearest (handbook, sections 3.4 and 10).
    class Links
      # lines: of the rig; links: of each of them, below zero is shorter; rests: lengths of all lines then, m; hung:
      # how it hangs then. worst_deg: the tilt where the CG lies as far off as it may well do.
      Option =
        Struct.new(:lines, :links, :rests, :hung, :worst_deg, keyword_init: true) do
          def size = links.sum(&:abs)
        end
      # Of a length.
      MOST_SHORTER = 0.25
      MOST_LINKS = 40
      # Two legs each by its own number: so many each.
      MOST_APART = 6
      # The fewest: of those, so many are looked at more closely.
      CLOSER = 24

      # learnt: a Learnt that is told. pitches: m by line, nil of what is no chain; spare: m by line that it may be let
      # out. aim_deg: within this it counts as level. nearly_slack: kg by line.
      def initialize(learnt, pitches:, spare:, aim_deg:, nearly_slack:)
        @learnt = learnt
        @pitches = pitches
        @spare = spare
        @aim = aim_deg
        @nearly_slack = nearly_slack
      end

      def now = @now ||= @learnt.fit.hung(@learnt.rests)
      def fine?(hung) = hung.holds && tight?(hung) && hung.tilt <= @aim + Ladder::Verdict::SLACK

      # The Option to take; nil where nothing gains.
      def best
        surest(fine(alike)) || surest(fine(apart)) || surest(level(alike)) || nearest(alike + apart)
      end

      # By line: does it hang slack, or nearly, in an Option?
      def slack(option) = option.hung.pulls.each_index.reject { |line| option.hung.pulls[line] > @nearly_slack[line] }

      private

      def fine(tried) = tried.select { |one| fine?(one.hung) }

      # Level, though not every line is tight: where the legs are too stiff for whole links to share. Not where all were
      # tight before.
      def level(tried)
        return [] if tight?(now) || now.tilt <= @aim

        tried.select { |one| one.hung.holds && one.hung.tilt <= @aim + Ladder::Verdict::SLACK }
      end

      def surest(level)
        few = level.sort_by(&:size).first(CLOSER)
        few.each { |one| one.worst_deg = worst_deg(one.rests) }
        # None surely: the one that is level by most.
        few.find { |one| one.worst_deg <= @aim } || few.min_by { |one| [ one.worst_deg, one.size ] }
      end

      # What leaves no more than half of what it hangs off level, and slackens no line that is tight.
      def nearest(tried)
        sound = tried.select { |one| one.hung.holds && (tight?(one.hung) || !tight?(now)) }
        found = sound.min_by { |one| one.hung.tilt }
        found if found && found.hung.tilt <= [ HALVES * now.tilt, now.tilt - Instruments::LEAST_GAIN_DEG ].min
      end
      HALVES = 0.5

      def tight?(hung) = hung.pulls.each_index.all? { |line| hung.pulls[line] > @nearly_slack[line] }

      def chains = @pitches.each_index.select { |line| @pitches[line] }

      # One leg, or two by as many links each.
      def alike
        @alike ||=
          [ *chains.map { |line| [ line ] }, *chains.combination(2) ].flat_map do |lines|
            reach(lines, MOST_LINKS).filter_map { |links| option(lines, lines.map { links }) }
          end
      end

      # Two legs, each by its own number of links: a few each, or hardly more the one than the other.
      def apart
        @apart ||=
          chains.combination(2).flat_map do |one, other|
            few = reach([ one ], MOST_APART).product(reach([ other ], MOST_APART))
            near = reach([ one, other ], MOST_LINKS).flat_map { |links| NEAR.map { |more| [ links, links + more ] } }
            (few + near).uniq.filter_map do |links|
              option([ one, other ], links) if links.uniq.size > 1 && links.none?(&:zero?)
            end
          end
      end
      NEAR = [ -3, -2, -1, 1, 2, 3 ].freeze

      def reach(lines, most)
        shorter = lines.map { |line| (MOST_SHORTER * @learnt.rests[line] / @pitches[line]).floor }.min
        longer = lines.map { |line| (@spare[line] / @pitches[line] + 1e-6).floor }.min
        (-[ shorter, most ].min..[ longer, most ].min).reject(&:zero?)
      end

      def option(lines, links)
        rests = @learnt.rests.dup
        lines.zip(links) { |line, many| rests[line] += many * @pitches[line] }
        Option.new(lines: lines, links: links, rests: rests, hung: @learnt.fit.hung(rests))
      rescue NotKnown
        nil
      end

      # With the CG as far off as it is likely to be, each way.
      def worst_deg(rests)
        x, y = @learnt.fit.cg_error.first(2).map { |error| error * Instruments::TOLD }
        [ [ x, 0.0 ], [ -x, 0.0 ], [ 0.0, y ], [ 0.0, -y ] ].map { |along, across|
          @learnt.fit.hung_off(rests, [ along, across, 0.0 ]).tilt
        }.max
      rescue NotKnown
        Float::INFINITY
      end
    end
  end
end
