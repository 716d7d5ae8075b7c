module DustLadder
  module Practice
    # Level a load in the fewest tries: its centre of gravity is not where the drawing has it. Each try shortens or
    # lengthens a leg by links of its chain, and is hung as a real one would be (handbook, sections 3.4 and 20).
    class LevelIt < Drill
      KIND = "level_it".freeze
      TOPIC = "levelling".freeze
      # It hangs level so near, degrees.
      LEVEL_DEG = 1.0
      MOST_TRIES = 8
      MOST_LINKS = 40

      # links: by leg, the more the longer; deg: end to end, the first leg low above nothing; tensions: kg by leg.
      Try =
        Struct.new(:links, :deg, :tensions, keyword_init: true) do
          def level? = deg.abs <= LEVEL_DEG

          def as_json(*)
            {
              "links" => links,
              "deg" => Figure.deg(deg.abs, :up).as_json,
              "low" => level? ? nil : (deg.positive? ? 1 : 0),
              "tensions" => tensions.map { |kg| Figure.kg(kg).as_json },
              "level" => level?
            }
          end
        end

      def words
        both do |system|
          "The drawing has the centre of gravity in the middle; it is not. Level it within " \
            "#{Figure.deg(LEVEL_DEG, :near).shown(system)} by links of #{Figure.small(pitch).shown(system)}, in the " \
            "fewest tries."
        end
      end

      def answered_by = "tries"
      def made_choices = []
      def right = fewest
      def views
        {
          "drawing" => ladder.drawing,
          "first" => try([ 0, 0 ]).as_json,
          "most" => { "links" => MOST_LINKS, "tries" => MOST_TRIES }
        }
      end

      # How it hangs with legs so many links longer (or shorter, below nothing). Raises ArgumentError for what cannot be
      # hung.
      def try(links)
        sound = links.is_a?(Array) && links.size == 2 && links.all? { |one|
          one.is_a?(Integer) && one.abs <= MOST_LINKS
        }
        raise ArgumentError, "links of two legs, −#{MOST_LINKS} to #{MOST_LINKS}" unless sound

        lengths = lift.bridle.lengths.zip(links).map { |long, more| long + more * pitch }
        hung = simulated.hung(lengths)
        Try.new(links: links, deg: hung.pitch, tensions: hung.tensions)
      rescue NotKnown => error
        raise ArgumentError, error.what
      end

      # answer: the links of each try, in order. Right is the last being level in no more tries than it takes.
      def judge(answer)
        tries = answer.is_a?(Array) ? answer.map { |links| try(links) } : []
        raise ArgumentError, "1 to #{MOST_TRIES} tries" unless tries.size.between?(1, MOST_TRIES)

        level = tries.last.level?
        Judged.new(right: level && tries.size <= 2, answer: fewest, said: told(level, tries.size), working: working)
      end

      # Links of the second leg, the first as it is, that hang it most level.
      def fewest
        @fewest ||= (-MOST_LINKS..MOST_LINKS).filter_map { |more| hung_by(more) }.min_by { |one| one.deg.abs }.links
      end

      private

      def ladder = @ladder ||= DustLadder.check(MadeUp.new(chance("lift")).lift(off: 0.0, degrees: 62))
      def lift = ladder.lift
      def pitch = MadeUp::DATA["sling"]["link_pitch_m"]

      def simulated
        @simulated ||=
          begin
            load = lift.load
            off = [ -0.12, -0.09, -0.06, 0.06, 0.09, 0.12 ].sample(random: chance("off")) * load.size[0]
            cg = [ load.cg[0] + off, load.cg[1], load.cg[2] ]
            truth = Trial::Simulated::Truth.new(weight: load.bare_kg, cg: cg, lengths: [ 0.0, 0.0 ], stiff: 1.0)
            Trial::Simulated.new(lift, truth)
          end
      end

      def hung_by(more)
        try([ 0, more ])
      rescue ArgumentError
        nil
      end

      def told(level, tries)
        return both("Not level yet: the last try still hangs off") unless level
        return both("Right: level in #{tries == 1 ? "one try" : "#{tries} tries"}") if tries <= 2

        both("Level, in #{tries} tries; two are enough: one to see, one to be right")
      end

      def working
        [
          both("The hook comes to stand plumb over the centre of gravity: it lies nearer to the end that hangs low."),
          both do |system|
            off = simulated.truth.cg[0] - lift.load.cg[0]
            "It was #{Figure.m(off.abs).shown(system)} #{off.positive? ? "east" : "west"} of where it was drawn."
          end,
          both("Most level: the east leg #{fewest[1].abs} links #{fewest[1].negative? ? "shorter" : "longer"}.")
        ]
      end
    end
  end
end
