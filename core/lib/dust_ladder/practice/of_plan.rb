module DustLadder
  module Practice
    # A short set for the crew before a lift, from its own plan: where it goes, which pad is weakest, what is nearest to
    # stopping it. Only what the plan knows is asked (handbook, sections 10 and 20).
    class OfPlan
      include Ladder::Sentences

      # id: which question; choices: Drill::Choices; right: id of one; working: Sentences.
      Question =
        Struct.new(:id, :words, :choices, :right, :working, keyword_init: true) do
          def as_json(*) = { "id" => id, "words" => words.as_json, "choices" => choices.map(&:as_json) }

          # answer: id of a Choice. Raises ArgumentError where it is none.
          def judge(answer) = Drill::Judged.of(answer, choices, right, working)
        end
      FEWEST = 2
      MOST = 4

      # ladder: a Ladder of the plan.
      def initialize(ladder)
        @ladder = ladder
        @lift = ladder.lift
      end

      # Questions that can be asked of it.
      def questions
        @questions ||= [ destination, leg, pad, governs ].compact.select { |one| one.choices.size >= FEWEST }
      end

      def question(id) = questions.find { |one| one.id == id }

      private

      def rung(id) = @ladder.rung(id)
      def choice(id, text = nil, &write) = Drill::Choice.new(id, both(text, &write))

      # Where it is set down: how far out from the crane.
      def destination
        DustLadder.known do
          stations = @lift.duty.crane.stations
          last = stations.last
          radii = stations.map { |station| station.radius.value }
          high = last.support_height.value
          tell = ->(metres, up) {
            ->(system) { "#{Figure.m(metres).shown(system)} out, on #{Figure.m(up).shown(system)} above the ground" }
          }
          low = stations.first.support_height.value
          places = [ [ radii.last, high ], [ radii.first, low ], [ radii.last + 2, high ] ]
          made = places.uniq.each_with_index.map { |place, at| choice("place-#{at}", &tell.(*place)) }
          working = both { |system| "#{last.name}: #{tell.(*places[0]).(system)}" }
          asked("destination", "Where is it set down?", made, "place-0", [ working ])
        end
      end

      def leg = of_parts("slings", "leg", "Which leg is used most?")
      def pad = of_parts("pads", "pad", "Which pad stands weakest?")

      def of_parts(id, name, words)
        one = rung(id) or return
        told = one.parts.select(&:utilisation)
        return if told.size < FEWEST || told.map { |part| part.utilisation.round(3) }.uniq.size < FEWEST

        worst = told.max_by(&:utilisation)
        working = told.map { |part| both("#{part.name}: #{Figure.percent(part.utilisation)}") }
        asked(name, words, told.map { |part| choice(part.name, part.name) }, worst.name, working)
      end

      # What is nearest to its limit, of what has a figure.
      def governs
        told = @ladder.rungs.select(&:utilisation).sort_by { |one| -one.utilisation }.first(MOST)
        return if told.size < FEWEST || (told[0].utilisation - told[1].utilisation) < 0.005

        working = told.map { |one| both("#{one.label}: #{one.percent}") }
        asked(
          "governs",
          "What comes nearest to stopping it?",
          told.map { |one| choice(one.id, one.label) },
          told[0].id,
          working
        )
      end

      def asked(id, words, choices, right, working)
        order = Random.new(choices.sum { |one| one.id.sum })
        Question.new(
          id: id,
          words: both(words),
          choices: choices.shuffle(random: order),
          right: right,
          working: working
        )
      end
    end
  end
end
