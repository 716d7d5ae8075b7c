module DustLadder
  module Life
    # Digests of what somebody saw who signed: the plan's document, and its ladder as it was shown.
    module Seen
      # What is not part of the plan: which version of the core wrote the file.
      ASIDE = %w[core records].freeze

      module_function

      # Of a document, its snapshots by their own digests.
      def document(document)
        lean = document["snapshots"].transform_values { |all| all.transform_values { |one| one["digest"] } }
        PlanFile::Digest.of(document.except(*ASIDE).merge("snapshots" => lean))
      end

      # Of a Ladder: what each rung and each of its parts says.
      def ladder(ladder)
        PlanFile::Digest.of(
          "core" => VERSION,
          "rungs" => ladder.rungs.map { |rung| rung(rung) },
          "left_out" => ladder.left_out,
          "critical" => ladder.critical.found.map { |id, words| [ id, words["metric"] ] }
        )
      end

      def rung(rung)
        parts = rung.parts.map { |part| [ part.name, part.verdict, part.note&.[]("metric") ] }
        [ rung.id, rung.verdict, rung.percent&.shown, rung.note&.[]("metric"), parts, rung.cautions.map(&:id) ]
      end
      private_class_method :rung
    end
  end
end
