module DustLadder
  module Gear
    # One look at a piece before it is used: what is seen, or what is measured and the rule that decides (handbook,
    # sections 5 and 9).
    Look =
      Struct.new(
        :id,
        :title,
        :short,
        :words,
        :where,
        :read,
        :how,
        :rule,
        :entry,
        :school,
        :of,
        :at,
        :within,
        :told,
        keyword_init: true
      ) do
        def measured? = !how.nil?
        # Is it the piece that is measured, and not what it is used with?
        def of_itself? = measured? && how != "between"
        # Is it out at its limit already, as a count is, or only over it?
        def at_limit? = at == "at"

        # How a measured value stands: a Limit::Judged. value: m, degrees, kg or a count. data: of the piece, with its
        # sizes new. Raises NotKnown where the size new or the rule is not known.
        def judge(value, data, rules) = Limit.new(self, data, rules).judge(value)

        # A finding in words, { "metric", "us" }, with the rule beside it where it is out.
        def told_of(value, judged)
          Quantity::Systems.words do |system|
            [ format(told, shown(value).shown(system)), *(judged.words[system.name] if judged.out?) ].join(", ")
          end
        end

        # A measured value as it is shown.
        def shown(value)
          case read
          when "count" then Figure.count(value)
          when "mass" then Figure.kg(value, :near, digits: 1)
          when "angle" then Figure.deg(value, :near)
          else Figure.small(value)
          end
        end

        # The rule in words, before anything was measured. Raises NotKnown as judge does.
        def limit(data, rules) = Limit.new(self, data, rules).words
      end
  end
end
