module DustLadder
  module Cranes
    # What a rope reeved in several parts can hoist (handbook, section 6, parts of line). kg.
    module Reeving
      module_function

      # pull: what the line may pull, kg; parts: n; lead_sheaves: m; efficiency: of one sheave, 0 to 1.
      def capacity(pull, parts, lead_sheaves, efficiency)
        sum = efficiency == 1 ? parts : (1 - efficiency**parts) / (1 - efficiency)
        pull * efficiency**lead_sheaves * sum
      end

      # Fewest parts, up to most, that hold a hook load; nil when none do.
      def least_parts(pull, hook_load, lead_sheaves, efficiency, most)
        (1..most).find { |parts| capacity(pull, parts, lead_sheaves, efficiency) >= hook_load * (1 - 1e-9) }
      end
    end
  end
end
