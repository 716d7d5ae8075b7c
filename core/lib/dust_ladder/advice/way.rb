module DustLadder
  module Advice
    # A way out: a Trial that helps, and whether it cures what was asked.
    class Way
      attr_reader :trial, :cures

      def initialize(trial, cures:)
        @trial = trial
        @cures = cures
      end

      def id = trial.id
      def ladder = trial.ladder
      # { JSON pointer => value } as an editor applies them.
      def changes = @changes ||= trial.applied
      def words = trial.words
      def of?(knob) = trial.changes.any? { |change| change.knob == knob }

      def as_json(*)
        {
          "id" => id,
          "words" => words.as_json,
          "steps" => trial.changes.map(&:as_json),
          "minutes" => trial.minutes,
          "changes" => changes,
          "cures" => cures,
          "verdict" => ladder.verdict,
          "headline" => ladder.headlines,
          "rungs" => rungs
        }
      end

      def inspect = "#<#{self.class.name} #{id} #{ladder.verdict}>"

      private

      # Those that would differ.
      def rungs
        trial.standing.differing.filter_map { |id| ladder.rung(id) }.map do |rung|
          { "id" => rung.id, "verdict" => rung.verdict, "utilisation" => rung.percent&.as_json }
        end
      end
    end
  end
end
