module DustLadder
  class Ladder
    # What several ladders say of one thing, beside each other.
    module SideBySide
      private

      # by: { name => what has a verdict, a utilisation and a note, or nil }.
      def row_of(id, label, by)
        said =
          by.transform_values do |one|
            one && { "verdict" => one.verdict, "utilisation" => share(one), "note" => one.note&.as_json }
          end
        { "rung" => id, "label" => label, "said" => said, "differs" => said.values.uniq.size > 1 }
      end

      def share(one) = one.utilisation&.finite? ? Figure.percent(one.utilisation).as_json : nil
    end
  end
end
