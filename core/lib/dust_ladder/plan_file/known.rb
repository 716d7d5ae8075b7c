module DustLadder
  module PlanFile
    # Snapshots that were found sound before do not change, so while a plan is edited they need not be looked through at
    # every step; it is enough that they are the very same data.
    module Known
      ROW_FIELDS = Schema::PLAN.dig("$defs", "part", "properties").freeze

      module_function

      # The document without the snapshots that are known, and without a take-off's rows when all are plainly sound.
      def without(document)
        return document unless document["snapshots"].is_a?(Hash)

        fresh =
          document.merge(
            "snapshots" =>
              document["snapshots"].to_h do |kind, all|
                [ kind, all.is_a?(Hash) ? all.reject { |_, one| Snapshots.known?(kind, one) } : all ]
              end
          )
        parts =
          document["load"].is_a?(Hash) && document["load"]["take_off"].is_a?(Hash) &&
            document["load"]["take_off"]["parts"]
        unless parts.is_a?(Array) && parts.size <= Load::TakeOff::MOST_ROWS && parts.all? { |row| plain_row?(row) }
          return fresh
        end

        fresh.merge("load" => fresh["load"].merge("take_off" => fresh["load"]["take_off"].merge("parts" => [])))
      end

      # What the schema asks of a row, in one look: thousands of them are checked at every key.
      def plain_row?(row)
        row.is_a?(Hash) && row.size == ROW_FIELDS.size &&
          row.all? do |field, text|
            ROW_FIELDS.key?(field) && text.is_a?(String) && text.length <= 200 && !text.match?(CONTROL)
          end
      end
      CONTROL = /[\u0000-\u001f]/

      private_class_method :plain_row?
    end
  end
end
