module DustLadder
  module Load
    # The load as the plan gives it: weight and how it is known, size, centre of gravity (CG), points. Weight, size
    # and CG are each typed, or come from the take-off. Axes x along, y across, z up from a corner of its base, m.
    class PlannedLoad < Plan::Load
      # A lifting point, of this plan or rated by the maker; places are Fields in m, wll one in kg.
      Point = Struct.new(:name, :x, :y, :z, :wll, keyword_init: true) { def at = [ x.value, y.value, z.value ] }
      SIDES = %w[length width height].freeze
      AXES = %w[x y z].freeze
      # Of one axis of the CG's box: side of the load, share of it, what is typed instead, what the take-off adds.
      Spread = Struct.new(:side, :share, :typed, :reach) { def half_width = (typed || side * share) + reach }


      attr_reader :points, :rated, :thrust_limit

      def initialize(document, rules)
        super(document)
        @rules = rules
        @bare = mass("the weight", "weight", "bare")
        @typed_size = SIDES.map { |name| length("the load's #{name}", "size", name) }
        @typed_cg = AXES.map { |axis| at("#{axis} of the centre of gravity", "cg", axis) }
        @typed_spread = AXES.map { |axis| extent("half-width of the CG's box in #{axis}", "cg", "half_width", axis) }
        @from_take_off = %w[weight size cg].to_h { |part| [ part.to_sym, data.dig(part, "by") == "take_off" ] }
        @take_off_data = self["take_off"] || { "parts" => [] }
        @thrust_limit = mass("what the load may take along the level", "thrust", "limit")
        @points = points_of("points", "what the %s point carries", "point %s")
        @rated = points_of("rated_points", "the rating of point %s", "rated point %s")
      end

      # Is it thin, long or flexible, so that what presses along the level can harm it?
      def thrust_marks = data.dig("thrust", "marks").to_a
      # What the points lie on that are off its outline, by index.
      def point_on(index) = self["points"][index]["on"].to_s.strip

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
            Ladder::Missing.new(what: "how the weight is known", pointer: pointer("weight", "basis"))
          )
        end
        from_take_off?(:weight) && !DustLadder.known { planned_kg } ? [ take_off_asked, *found ] : found
      end

      def take_off_asked = Ladder::Missing.new(what: "the weight of its parts", pointer: pointer("take_off"))

      # part: :weight, :size or :cg.
      def from_take_off?(part) = @from_take_off.fetch(part)
      def take_off = @take_off ||= TakeOff.new(@take_off_data, @rules)
      def take_off? = @take_off_data["parts"].any?

      # What the plan takes from the take-off, as it stands there, for fields that cannot be typed in then; nil for what
      # is typed, or not known.
      def taken_off
        {
          "bare" => known_from(:weight) { Figure.kg(take_off.bare_kg, :up).as_json },
          "cg" => known_from(:cg) { take_off.cg.map { |at| Figure.m(at).as_json } }
        }
      end

      def basis = from_take_off?(:weight) ? "calculated" : data.dig("weight", "basis")
      def cg_basis = from_take_off?(:cg) ? "take_off" : data.dig("cg", "basis")

      # Bare weight, kg. Raises NotKnown without a figure or without a basis.
      def bare_kg
        return take_off.bare_kg if from_take_off?(:weight)

        kg = @bare.positive
        if basis == "unknown"
          missing("how the weight is known is not given", "weight", "basis")
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

      private

      def known_from(part) = from_take_off?(part) ? DustLadder.known { yield } : nil

      # wll, name: what a point's rating and the point itself are called, with its name put in.
      def points_of(key, wll, name)
        self[key].to_a.each_with_index.map do |point, index|
          axes = AXES.to_h { |axis| [ axis.to_sym, at("#{axis} of #{name % point["name"]}", key, index, axis) ] }
          Point.new(name: point["name"], wll: mass(wll % point["name"], key, index, "wll"), **axes)
        end
      end
    end
  end
end
