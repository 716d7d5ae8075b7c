module DustLadder
  class CommandLine
    # What `ladder practise` prints: a drill, or what an answer to it is worth.
    class Drilled
      # seed, kind: as typed; kind nil for the one that a seed comes to. Raises BadFile where they are none.
      def initialize(out, seed:, kind: nil)
        raise BadFile, "--seed: #{seed} is no whole number" unless seed.match?(/\A\d{1,9}\z/)

        kinds = Practice.kinds.keys
        kind ||= kinds[seed.to_i % kinds.size]
        raise BadFile, "--kind: #{kind}; expected #{kinds.join(", ")}" unless kinds.include?(kind)

        @out = out
        @drill = Practice.drill(kind, seed.to_i)
      end

      # answer: the number of a choice, steps or links as typed, or nil.
      def tell(answer)
        return ask unless answer

        judged = @drill.judge(read(answer))
        @out.puts judged.said["metric"]
        judged.working.each { |words| @out.puts "  #{words["metric"]}" }
        judged.right ? 0 : 1
      rescue ArgumentError => error
        raise BadFile, "--answer: #{error.message}"
      end

      private

      def ask
        @out.puts @drill.words["metric"]
        @drill.choices.each.with_index(1) { |one, number| @out.puts "  #{number}  #{one.words["metric"]}" }
        @drill.as_json["views"]["facts"].to_a.each { |words| @out.puts "  - #{words["metric"]}" }
        @out.puts HOW.fetch(@drill.answered_by)
        0
      end
      HOW = {
        "choice" => "answer with --answer and its number",
        "order" => "answer with --answer and all numbers in order, such as 3,1,2",
        "tries" => "answer with --answer and the links of both legs at each try, such as 0:0,0:-4"
      }.freeze

      def read(answer)
        case @drill.answered_by
        when "choice" then numbered(answer)
        when "order" then answer.split(",").map { |number| numbered(number) }
        else answer.split(",").map { |links| links.split(":").map { |link| Integer(link, 10) } }
        end
      end

      def numbered(typed)
        at = Integer(typed.strip, 10)
        @drill.choices[at - 1]&.id if at.positive?
      end
    end
  end
end
