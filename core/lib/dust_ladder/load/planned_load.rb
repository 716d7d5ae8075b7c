module DustLadder
  module Load
    # The load as the plan gives it: weight and how it is known, size, centre of gravity (CG), points.
    # Axes x along, y across, z up from a corner of its base, m.
    class PlannedLoad
      Point = Struct.new(:name, :x, :y, :z, keyword_init: true) do
        def at = [ x.value, y.value, z.value ]
      end

      attr_reader :bare, :basis, :size, :cg_fields, :cg_basis, :points

      def initialize(document, rules)
        @rules = rules
        @bare = document.mass("the weight", "load", "weight", "bare")
        @basis = document.dig("load", "weight", "basis")
        @size = %w[length width height].map { |name| document.length("the load's #{name}", "load", "size", name) }
        @cg_fields = %w[x y z].map { |axis| document.length("#{axis} of the centre of gravity", "load", "cg", axis) }
        @cg_basis = document.dig("load", "cg", "basis")
        @points = document.dig("load", "points").each_with_index.map do |point, index|
          axes = %w[x y z].to_h { |axis| [ axis.to_sym, document.length("#{axis} of point #{point['name']}", "load", "points", index, axis) ] }
          Point.new(name: point["name"], **axes)
        end
      end

      # Bare weight, kg. Raises NotKnown without a figure or without a basis.
      def bare_kg
        kg = bare.positive
        raise NotKnown.new("how the weight is known is not given", pointer: "/load/weight/basis") if basis == "unknown"

        kg
      end

      # Share added for how the weight is known.
      def allowance = @rules[:allowance, basis]

      # The weight that everything is checked with: the high end of its range, kg.
      def planned_kg = @planned_kg ||= bare_kg * (1 + allowance)

      def cg = @cg ||= cg_fields.map(&:value)

      # Half-widths of the box that the CG may be anywhere in, m, by axis: a share of the load's size.
      def cg_half_width
        @cg_half_width ||= size.map { |side| side.positive * @rules[:cg_half_width, cg_basis] }
      end
    end
  end
end
