module DustLadder
  module Cranes
    # Everything that hangs from the boom tip, as a stack. kg.
    class GrossLoad
      Item = Struct.new(:symbol, :name, :kg, :source, :hangs, keyword_init: true)

      attr_reader :items

      def self.rope_kg(parts, hanging_m, kg_per_m) = parts * hanging_m * kg_per_m

      # items: in order from the load up; hangs: :in_hook, :above_hook (block and rope, which the rope carries too) or
      # :elsewhere.
      def initialize(items)
        @items = items
      end

      def kg = items.sum(&:kg)
      # What the hoist rope carries, and what of it hangs in the hook.
      def on_rope_kg = items.reject { |item| item.hangs == :elsewhere }.sum(&:kg)
      # What an indicator shows with the load: all that hangs in the hook, and block and rope where it counts them in.
      def shown_beside_load(with_block:)
        items.select do |item|
          item.symbol != "W" && (item.hangs == :in_hook || (with_block && item.hangs == :above_hook))
        end
      end

      # The same beside a share of it.
      def shown_beside_share(with_block:)
        items.select do |item|
          item.symbol != "V" && (item.hangs == :in_hook || (with_block && item.hangs == :above_hook))
        end
      end

      def in_hook_kg = items.select { |item| item.hangs == :in_hook }.sum(&:kg)
      def deductions_kg = items.drop(1).sum(&:kg)
      def utilisation(gross_capacity_kg) = kg / gross_capacity_kg.to_f
      def net_capacity_kg(gross_capacity_kg) = gross_capacity_kg - deductions_kg
    end
  end
end
