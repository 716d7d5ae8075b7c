module DustLadder
  module Cranes
    # What a chart answers either way round, as a plan would (handbook, section 15): how far out what hangs in the hook
    # may go, and what may hang in the hook at a radius. The block, the chart's own list and the rope below the tip are
    # counted, the radius grows under load unless it was measured so, and rows are read as a plan reads them. It is no
    # check: no slew but that of its table, no height, wind or ground is looked at.
    class CanI
      # Of a rope that is not said to be reeved otherwise.
      MOST_PARTS = 24

      # One boom: parts nil where the machine has no rope of its own to count.
      Row = Struct.new(:parts, :deducted, :reach, :reach_loaded, :capacity, :why, keyword_init: true)

      # data: a chart's data. boom: m, nil for each column. parts: of line, nil for the fewest that carry it.
      # loaded: was the radius measured under load?
      def initialize(data, rules = RuleSet.shipped("strict"), boom: nil, parts: nil, loaded: false)
        @diagram = RangeDiagram.new(data, rules)
        @data = DustLadder.floats(data)
        @rules = rules
        @boom = boom
        @parts = parts
        @loaded = loaded
      end

      # A radius as the chart is read at it, m.
      def read_at(radius)
        family = @diagram.tables.dig(0, 2)
        family ? radius + growth(radius, family) : radius
      end

      # hung: kg in the hook, rigging and all, or nil. radius: m or nil. One entry for each table of the chart.
      def answers(hung: nil, radius: nil)
        @diagram.tables.map do |name, sector, family|
          booms = @boom ? [ @boom ] : sector.table.booms
          falls = name[/\A(\d+) falls\z/, 1]&.to_i
          { "name" => name, "booms" => booms.map { |boom| line(row(sector, family, boom, falls, hung, radius), boom) } }
        end
      end

      private

      def row(sector, family, boom, falls, hung, radius)
        hanging = Hanging.new(@data, family, boom, falls || @parts)
        row = Row.new(why: hanging.why)
        return row if row.why

        reach(row, sector, family, boom, hanging, hung) if hung
        allowed(row, sector, family, boom, hanging, radius) if radius
        row
      end

      def reach(row, sector, family, boom, hanging, hung)
        row.parts = hanging.parts_for(hung)
        return row.why = hanging.too_much if hanging.limit_kg(row.parts) < hung * (1 - 1e-9)

        row.deducted = hanging.kg(row.parts)
        row.reach_loaded = sector.largest_radius(hung + row.deducted, boom)
        row.reach = row.reach_loaded && unloaded(row.reach_loaded, family)
      end

      def allowed(row, sector, family, boom, hanging, radius)
        gross = sector.capacity(radius + growth(radius, family), boom) or return

        parts = row.parts || hanging.parts_for([ gross - hanging.kg(nil), 0.0 ].max)
        net = [ gross - hanging.kg(parts), hanging.limit_kg(parts) ].min
        row.parts ||= parts
        row.deducted ||= hanging.kg(parts)
        row.capacity = net if net.positive?
      end

      def growth(radius, family)
        return 0.0 if @loaded || !family.radius?

        [ radius * @rules[:radius_allowance, :fraction], @rules[:radius_allowance, :least_m] ].max
      end

      # The radius that grows to a row under load; nil where there is none.
      def unloaded(row, family)
        return row if @loaded || !family.radius?

        radius = [ row - @rules[:radius_allowance, :least_m], row / (1 + @rules[:radius_allowance, :fraction]) ].min
        radius if radius.positive?
      end

      def line(row, boom)
        {
          "boom" => Figure.m(boom).as_json,
          "boom_m" => boom,
          "parts" => row.parts,
          "deducted" => row.deducted && Figure.kg(row.deducted, :up).as_json,
          "reach" => row.reach && Figure.m(row.reach, :down).as_json,
          "reach_m" => row.reach_loaded,
          "capacity" => row.capacity && Figure.kg(row.capacity, :down).as_json,
          "why" => row.why
        }
      end

      # What hangs from the tip beside what is in the hook.
      class Hanging
        # why: what the chart lacks, in words, or nil.
        attr_reader :why

        # parts: of line, or nil for the fewest.
        def initialize(data, family, boom, parts)
          @data = data
          @hoists = family.hoists?
          @parts = parts
          @length = data.dig("tower", "trolley_height_m") || family.lead(boom) if @hoists
          @why = lacking
        end

        # Parts that are asked for, or the fewest that carry this in the hook; nil without a rope of its own.
        def parts_for(hung)
          return unless @hoists
          return @parts if @parts

          most = hoist["most_parts"]&.to_i || MOST_PARTS
          (1..most).find { |parts| limit_kg(parts) >= hung * (1 - 1e-9) } || most
        end

        # Block, rope in so many parts as long as it may hang, and the chart's own list, kg.
        def kg(parts)
          own = (@data["deductions"] || []).sum { |item| item["kg"] }
          @hoists ? own + block["mass_kg"] + rope_kg(parts) : own
        end

        # The most that may hang in the hook by rope and block, kg.
        def limit_kg(parts)
          return Float::INFINITY unless @hoists
          return 0.0 if hoist["most_parts"] && parts > hoist["most_parts"]

          rope = Reeving.capacity(pull, parts, hoist["lead_sheaves"], hoist["efficiency_per_sheave"])
          [ rope - block["mass_kg"] - rope_kg(parts), block["wll_kg"] ].compact.min
        end

        def too_much
          most = hoist["most_parts"]
          @parts && most && @parts > most ? "more parts than the chart's #{most.to_i}" : "more than rope and block " \
            "carry"
        end

        private

        def hoist = @data["hoist"]
        def block = @data["hook_block"]
        def rope_kg(parts) = GrossLoad.rope_kg(parts || 1, @length, hoist["rope_kg_per_m"])
        def pull = [ hoist["line_pull_kg"], hoist["rope_wll_kg"], *hoist.dig("drum", "layer_pulls_kg") ].compact.min

        def lacking
          return unless @hoists
          return "its chart does not say what its hook block weighs" if block.nil?

          "its chart does not say what its rope weighs and carries" if hoist.nil?
        end
      end
    end
  end
end
