module DustLadder
  module Cases
    # Runs a file of worked cases: computes each from its `given` with the core's public calls and compares
    # with its `expect` within its `tolerance`. The file's format is told in docs/proving.md.
    class Runner
      # One compared key: path within expect, wanted and got, and whether they agree.
      Comparison = Struct.new(:key, :wanted, :got, :agrees, keyword_init: true)
      Result =
        Struct.new(:id, :topic, :comparisons, :trouble, keyword_init: true) do
          def right? = trouble.nil? && comparisons.all?(&:agrees)
        end

      # cases: list of { "id", "topic", "given", "expect", "tolerance" }.
      def initialize(cases)
        @covered, @uncovered = cases.partition { |one| Topics.covers?(one["topic"]) }
      end

      # Topics that the core does not compute yet, with the number of their cases.
      def uncovered = @uncovered.map { |one| one["topic"] }.tally
      def results = @results ||= @covered.map { |one| run(one) }
      def right? = results.all?(&:right?)

      private

      def run(one)
        faults = Format.faults(one)
        if faults.any?
          return Result.new(id: one["id"], topic: one["topic"], comparisons: [], trouble: faults.join("; "))
        end

        got = Topics.compute(one["topic"], one["given"])
        comparisons = compare(one["expect"], got, tolerance(one), [])
        trouble = "nothing is expected: this case can prove nothing" if comparisons.empty?
        Result.new(id: one["id"], topic: one["topic"], comparisons: comparisons, trouble: trouble)
      rescue StandardError => error # a file of any kind may be given: whatever goes wrong is this case's trouble
        Result.new(
          id: one["id"],
          topic: one["topic"],
          comparisons: [],
          trouble: "cannot be computed from its given: #{error.message.lines.first&.strip}"
        )
      end

      def tolerance(one)
        given = one["tolerance"] || {}
        { "relative" => given["relative"] || 0, "absolute" => given["absolute"] || 0, "keys" => given["keys"] || {} }
      end

      def compare(wanted, got, tolerance, path)
        if wanted.is_a?(Hash)
          wanted.flat_map do |key, value|
            compare(
              value,
              got.is_a?(Hash) ? got.fetch(key, :missing) : :missing,
              tightened(tolerance, key),
              path + [ key ]
            )
          end
        elsif wanted.is_a?(Array) && path.last != "slack_lines"
          whole = got.is_a?(Array) && got.size == wanted.size
          if !whole || wanted.empty?
            return [ Comparison.new(key: path.join("."), wanted: wanted, got: got, agrees: whole) ]
          end

          wanted.each_with_index.flat_map { |value, index| compare(value, got[index], tolerance, path + [ index ]) }
        else
          [ Comparison.new(key: path.join("."), wanted: wanted, got: got, agrees: agree?(wanted, got, tolerance)) ]
        end
      end

      def tightened(tolerance, key)
        own = tolerance["keys"][key] or return tolerance
        tolerance.merge("relative" => own["relative"] || 0, "absolute" => own["absolute"] || 0)
      end

      def agree?(wanted, got, tolerance)
        return wanted.sort == Array(got).sort if wanted.is_a?(Array)
        return wanted == got unless wanted.is_a?(Numeric) && got.is_a?(Numeric)

        (got - wanted).abs <= [ tolerance["absolute"], tolerance["relative"] * wanted.abs ].max
      end
    end
  end
end
