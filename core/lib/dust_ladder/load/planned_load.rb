module DustLadder
  module Load
    # The load as the plan gives it: weight and how it is known, size, centre of gravity (CG), points. Weight, size
    # and CG are each typed, or come from the take-off. Axes x along, y across, z up from a corner of its base, m.
    class PlannedLoad
      Point = Struct.new(:name, :x, :y, :z, :wll, keyword_init: true) { def at = [ x.value, y.value, z.value ] }
      SIDES = %w[length width height].freeze
      AXES = %w[x y z].freeze
      # Of one axis of the CG's box: side of the load, share of it, what is typed instead, what the take-off adds.
      Spread = Struct.new(:side, :share, :typed, :reach) { def half_width = (typed || side * share) + reach }

      # A lifting point that the maker rated; wll: a Field in kg.
      Rated = Struct.new(:name, :x, :y, :z, :wll, keyword_init: true) { def at = [ x.value, y.value, z.value ] }

      attr_reader :points, :rated, :thrust_limit

      def initialize(document, rules)
        @rules = rules
        @bare = document.mass("the weight", "load", "weight", "bare")
        @typed_basis = document.dig("load", "weight", "basis")
        @typed_size = SIDES.map { |name| document.size("the load's #{name}", "load", "size", name) }
        @typed_cg = AXES.map { |axis| document.place("#{axis} of the centre of gravity", "load", "cg", axis) }
        @typed_spread =
          AXES.map do |axis|
            document.extent("half-width of the CG's box in #{axis}", "load", "cg", "half_width", axis)
          end
        @typed_cg_basis = document.dig("load", "cg", "basis")
        @from_take_off =
          %w[weight size cg].to_h { |part| [ part.to_sym, document.dig("load", part, "by") == "take_off" ] }
        @take_off_data = document.dig("load", "take_off") || { "parts" => [] }
        @thrust_marks = document.dig("load", "thrust", "marks").to_a
        @thrust_limit = document.mass("what the load may take along the level", "load", "thrust", "limit")
        @on = document.dig("load", "points").map { |point| point["on"] }
        @points =
          document
            .dig("load", "points")
            .each_with_index
            .map do |point, index|
              axes =
                AXES.to_h do |axis|
                  [ axis.to_sym, document.place("#{axis} of point #{point["name"]}", "load", "points", index, axis) ]
                end
              wll = document.mass("what the #{point["name"]} point carries", "load", "points", index, "wll")
              Point.new(name: point["name"], wll: wll, **axes)
            end
        @rated =
          document
            .dig("load", "rated_points")
            .to_a
            .each_with_index
            .map do |point, index|
              axes =
                AXES.to_h do |axis|
                  [
                    axis.to_sym,
                    document.place("#{axis} of rated point #{point["name"]}", "load", "rated_points", index, axis)
                  ]
                end
              Rated.new(
                name: point["name"],
                wll: document.mass("the rating of point #{point["name"]}", "load", "rated_points", index, "wll"),
                **axes
              )
            end
      end

      # Is it thin, long or flexible, so that what presses along the level can harm it?
      def thrust_marks = @thrust_marks
      # What the points lie on that are off its outline, by index.
      def point_on(index) = @on[index].to_s.strip

      # What is not given of weight, size and CG, each with its place.
      def asked
        fields = []
        fields << @bare unless from_take_off?(:weight)
        fields += @typed_size unless from_take_off?(:size)
        fields += @typed_cg unless from_take_off?(:cg)
        found = fields.reject(&:known?).map { |field| Ladder::Missing.new(what: field.label, pointer: field.pointer) }
        unless from_take_off?(:weight) || basis != "unknown"
          found.insert(
            @bare.known? ? 0 : 1,
            Ladder::Missing.new(what: "how the weight is known", pointer: "/load/weight/basis")
          )
        end
        from_take_off?(:weight) && !DustLadder.known { planned_kg } ? [ take_off_asked, *found ] : found
      end

      def take_off_asked = Ladder::Missing.new(what: "the weight of its parts", pointer: "/load/take_off")

      # part: :weight, :size or :cg.
      def from_take_off?(part) = @from_take_off.fetch(part)
      def take_off = @take_off ||= TakeOff.new(@take_off_data, @rules)
      def take_off? = @take_off_data["parts"].any?

      def basis = from_take_off?(:weight) ? "calculated" : @typed_basis
      def cg_basis = from_take_off?(:cg) ? "take_off" : @typed_cg_basis

      # Bare weight, kg. Raises NotKnown without a figure or without a basis.
      def bare_kg
        return take_off.bare_kg if from_take_off?(:weight)

        kg = @bare.positive
        if basis == "unknown"
          raise NotKnown.new("how the weight is known is not given", pointer: "/load/weight/basis")
        end

        kg
      end

      # Share added for how the weight is known.
      def allowance = @rules[:allowance, basis]

      # The weight that everything is checked with: the high end of its range, kg.
      def planned_kg = @planned_kg ||= from_take_off?(:weight) ? take_off.planned_kg : bare_kg * (1 + allowance)
      # The low end of its range, kg.
      def least_kg = from_take_off?(:weight) ? take_off.least_kg : bare_kg * (1 - allowance)

      # Length, width and height, m. Raises NotKnown.
      def size = @size ||= from_take_off?(:size) ? take_off.size : @typed_size.map(&:positive)
      def cg = @cg ||= from_take_off?(:cg) ? take_off.cg : @typed_cg.map(&:value)

      # Half-widths of the box that the CG may be anywhere in, m, by axis (handbook, section 2).
      def cg_half_width = @cg_half_width ||= cg_spread.map(&:half_width)

      # How far the load reaches, level, from a plumb line through its CG, however it is turned and wherever in its
      # box the CG is, m.
      def reach = Math.hypot(*[ 0, 1 ].map { |axis| [ cg[axis], size[axis] - cg[axis] ].max + cg_half_width[axis] })

      # How each half-width comes about, a Spread for each axis.
      def cg_spread
        @cg_spread ||=
          begin
            reach = from_take_off?(:cg) ? take_off.cg_reach : [ 0.0, 0.0, 0.0 ]
            share = @rules[:cg_half_width, cg_basis]
            [ 0, 1, 2 ].map do |axis|
              Spread.new(
                size[axis],
                share,
                @typed_spread[axis].given? ? @typed_spread[axis].not_negative : nil,
                reach[axis]
              )
            end
          end
      end
    end
  end
end
