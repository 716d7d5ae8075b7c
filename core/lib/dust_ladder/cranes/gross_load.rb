module DustLadder
  module Cranes
    # Everything that hangs from the boom tip, as a stack. kg.
    class GrossLoad
      Item = Struct.new(:symbol, :name, :kg, :source, :on_hook, keyword_init: true)

      attr_reader :items

      def self.rope_kg(parts, hanging_m, kg_per_m) = parts * hanging_m * kg_per_m

      # items: in order from the load up; on_hook: whether the hoist rope carries it.
      def initialize(items)
        @items = items
      end

      def kg = items.sum(&:kg)
      def on_rope_kg = items.select(&:on_hook).sum(&:kg)
      def deductions_kg = items.drop(1).sum(&:kg)
      def utilisation(gross_capacity_kg) = kg / gross_capacity_kg.to_f
      def net_capacity_kg(gross_capacity_kg) = gross_capacity_kg - deductions_kg
    end
  end
end
