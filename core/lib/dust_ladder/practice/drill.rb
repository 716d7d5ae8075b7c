module DustLadder
  module Practice
    # One question about a made-up lift: first the answer, then the working (handbook, section 20). A seed makes it
    # repeatable: the same kind and seed ask the same.
    class Drill
      include Ladder::Sentences

      # id: what is answered; words: a Sentence.
      Choice = Struct.new(:id, :words) { def as_json(*) = { "id" => id, "words" => words.as_json } }
      # right: was it?; answer: id, or ids, of what would have been; said: a Sentence; working: Sentences, in order.
      Judged =
        Struct.new(:right, :answer, :said, :working, keyword_init: true) do
          # Of one of some Choices. right: id of that which is. Raises ArgumentError where the answer is none of them.
          def self.of(answer, choices, right, working)
            ids = choices.map(&:id)
            raise ArgumentError, "there is no such answer: #{ids.join(", ")}" unless ids.include?(answer)

            word, wanted = answer == right ? "Right" : "No", choices[ids.index(right)].words
            said = Ladder::Sentence.new(nil, ->(system) { "#{word}: #{wanted[system]}" })
            new(right: answer == right, answer: right, said: said, working: working)
          end

          def as_json(*)
            {
              "right" => right,
              "answer" => answer,
              "said" => said.as_json,
              "working" => working.map(&:as_json)
            }
          end
        end

      attr_reader :seed

      # seed: an Integer.
      def initialize(seed)
        @seed = seed
      end

      def kind = self.class::KIND
      # What it is about, for what goes wrong most to come back.
      def topic = self.class::TOPIC

      # The question, a Sentence; and what may be answered, Choices in an order by chance.
      def words = raise(NotImplementedError)
      def choices = @choices ||= made_choices.shuffle(random: chance("order"))

      # How it is answered: one choice, or all of them in order.
      def answered_by = "choice"

      # answer: the id of a Choice. Raises ArgumentError where it is none.
      def judge(answer) = Judged.of(answer, choices, right, working)

      def as_json(*)
        {
          "kind" => kind,
          "topic" => topic,
          "seed" => seed,
          "words" => words.as_json,
          "answered_by" => answered_by,
          "choices" => choices.map(&:as_json),
          "views" => views
        }
      end

      # What is drawn with it, by name: parts of a ladder, or of its plan.
      def views = {}

      private

      # Chance of its own for each thing that is drawn, so that a drill is the same whatever is asked of it first.
      def chance(what) = Random.new(Zlib.crc32("#{kind} #{seed} #{what}"))

      def choice(id, text = nil, &write) = Choice.new(id, both(text, &write))

      # Lines of a rung's arithmetic as they are read. id: of a rung of a ladder.
      def lines(ladder, id)
        ladder.rung(id).working.map do |line|
          both { |system| "#{line.words(system)}#{" (#{line.source})" if line.source}" }
        end
      end

      # Figures that a wrong turn would lead to, each told once and none that reads like the right one. right: a Figure;
      # wrong: { id => Figure }.
      def figures(right, wrong)
        seen = [ shown(right) ]
        apart = wrong.select { |_, figure| seen.all? { |one| unlike?(one, shown(figure)) } && seen.push(shown(figure)) }
        [ [ "right", right ], *apart ].map { |id, figure| choice(id) { |system| figure.shown(system) } }
      end

      def shown(figure) = Quantity::Systems.words { |system| figure.shown(system) }.values
      def unlike?(one, other) = one.zip(other).none? { |mine, yours| mine == yours }
    end
  end
end
