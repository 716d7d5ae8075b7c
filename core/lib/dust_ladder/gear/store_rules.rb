module DustLadder
  module Gear
    # The rules that a store goes by: of the limits and intervals for gear the strictest that any of its house's rule
    # sets has, so that no piece is kept for a plan whose rules would refuse it.
    module StoreRules
      VALUES = %w[examination_interval broken_wires outer_wire_worn chain_worn chain_grown mesh_wire_worn throat_opened
        hook_twist_deg hardware_worn hoist_pull_kg].freeze

      module_function

      # sets: data of rule sets; the first one's other values count. Returns a RuleSet. All of VALUES are the stricter
      # the lesser they are.
      def of(sets)
        first, *others = sets
        values =
          VALUES.to_h do |name|
            [ name, strictest(first["values"][name], others.map { |set| set["values"][name] }) ]
          end
        title = [ first, *others ].map { |set| "#{set["title"]} #{set["version"]}" }.join(", ")
        RuleSet.new(first.merge("title" => title, "values" => first["values"].merge(values)))
      end

      def strictest(own, others)
        own.merge("value" => others.compact.reduce(own["value"]) { |least, other| lesser(least, other["value"]) })
      end

      def lesser(one, other)
        return one.to_h { |key, value| [ key, lesser(value, other[key]) ] } if one.is_a?(Hash) && other.is_a?(Hash)

        one.is_a?(Numeric) && other.is_a?(Numeric) ? [ one, other ].min : one
      end
      private_class_method :strictest, :lesser
    end
  end
end
