module DustLadder
  module Practice
    # Tie the tag line: a bowline with a half-hitch as safety, its steps in order (handbook, section 20).
    class TagLine < Drill
      KIND = "tag_line".freeze
      TOPIC = "knots".freeze
      STEPS = YAML.safe_load_file(File.expand_path("knot.yml", __dir__))["steps"].freeze

      def words = both("A tag line on a corner of the load. Put the steps of its knot in order.")
      def answered_by = "order"
      def right = STEPS.map { |step| step["id"] }

      # answer: ids of all steps, in an order. Raises ArgumentError where it is not all of them, each once.
      def judge(answer)
        given = answer.is_a?(Array) ? answer : answer.to_s.split(",").map(&:strip)
        raise ArgumentError, "each step once: #{right.join(", ")}" unless given.sort == right.sort

        wrong = given.zip(right).index { |one, other| one != other }
        Judged.new(right: wrong.nil?, answer: right, said: told(wrong), working: working)
      end

      private

      def made_choices = STEPS.map { |step| choice(step["id"], step["words"]) }

      def told(wrong)
        return both("Right: it holds, and comes undone when you want it to") unless wrong

        both("No: step #{wrong + 1} is to #{STEPS[wrong]["words"]}")
      end

      def working = STEPS.each_with_index.map { |step, at| both("#{at + 1}. #{step["words"]}") }
    end
  end
end
