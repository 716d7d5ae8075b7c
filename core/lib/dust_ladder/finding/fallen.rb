module DustLadder
  module Finding
    # What fell out of a search: how many by which rung, and which of them came nearest.
    class Fallen
      # words: of what was tried, a Sentence; fall: a Judge::Fall.
      Miss =
        Struct.new(:words, :fall) do
          def as_json(*)
            {
              "words" => words.as_json,
              "rung" => fall.id,
              "label" => fall.label,
              "utilisation" => Figure.percent(fall.figure).as_json
            }
          end
        end

      attr_reader :nearest

      def initialize
        @counts = Hash.new(0)
        @labels = {}
      end

      def add(fall, count = 1)
        key = fall.unknown ? "not_known" : fall.id
        @labels[key] ||= fall.unknown ? "Not known" : fall.label
        @counts[key] += count
      end

      # A lift that was worked out and fell: the block gives its words, where it is the nearest so far.
      def missed(fall)
        return if fall.unknown || fall.figure.nil?
        return if @nearest && @nearest.fall.figure <= fall.figure

        @nearest = Miss.new(yield, fall)
      end

      def count = @counts.values.sum

      # The most first.
      def as_json(*)
        @counts.sort_by { |id, count| [ -count, id ] }.map do |id, count|
          { "id" => id, "label" => @labels[id], "count" => count }
        end
      end
    end
  end
end
