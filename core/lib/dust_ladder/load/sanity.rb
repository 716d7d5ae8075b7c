module DustLadder
  module Load
    # Looks at a load as an old hand would: can a thing of this size weigh that? Cautions, never a verdict.
    class Sanity
      include Ladder::Sentences

      # Containment is looked for in take-offs up to this many parts; copies in any.
      MOST_COMPARED = 400
      MOST_NAMED = 3
      SAME_M = 0.002

      def initialize(load, rules)
        @load = load
        @rules = rules
      end

      # [[id, Sentence or text, about], ...]. What is not known yet is looked at when it is.
      def cautions =
        [
          *known { density },
          *known { outside },
          *known { disagreement },
          *known { beyond },
          *(@load.take_off? ? known { self.class.of_parts(@load.take_off) } : [])
        ]

      # Cautions about parts of a take-off among themselves.
      def self.of_parts(take_off)
        placed = take_off.rows.each_with_index.filter_map { |row, index| [ row, index ] if row && row.solids.any? }
        [ *twins(placed), *(placed.size <= MOST_COMPARED ? within(placed) + stray(placed) : []) ]
      end

      def self.twins(placed)
        alike = placed.group_by { |row, _| row.likeness }.each_value.select { |same| same.size > 1 }
        alike
          .first(MOST_NAMED)
          .map do |same|
            [
              "same_part",
              "Rows #{same.map { |_, index|
                index + 1
              }.first(4).join(" and ")} are the same thing in the same place: is one of them counted twice?",
              "cg"
            ]
          end
      end

      # A part that lies wholly inside another solid one cannot be there.
      def self.within(placed)
        singles =
          placed.select { |row, _| row.solids.size == 1 && row.count == 1 && !row.shape.nil? && row.kg&.positive? }
        massive = singles.select { |row, _| full?(row) }
        singles
          .filter_map do |row, index|
            _, around =
              massive.find do |other, _|
                !other.equal?(row) && inside?(row.solids.first, other.solids.first) && other.each_kg > row.each_kg
              end
            if around
              [
                "inside",
                "Row #{index + 1}, #{row.name}, lies wholly inside row #{around + 1}, which is solid: one of the two " \
                  "is in the wrong place, or a cut-out is missing.",
                "cg"
              ]
            end
          end
          .first(MOST_NAMED)
      end

      def self.full?(row) =
        row.lie.square? && %w[block round].include?(row.shape.form) && !row.shape.fluid? && !row.shape.by_mass? &&
          row.size.variant.equal?(row.shape.variants.first)
      def self.inside?(one, other) =
        one.extent.any?(&:positive?) &&
          [ 0, 1, 2 ].all? do |axis|
            one.low[axis] >= other.low[axis] - 1e-9 && one.high[axis] <= other.high[axis] + 1e-9
          end

      # A cut-out that touches nothing takes away what was never there.
      def self.stray(placed)
        cuts, parts = placed.partition { |row, _| row.count.negative? }
        cuts
          .reject { |cut, _| parts.any? { |part, _| part.solids.any? { |solid| touch?(cut.solids.first, solid) } } }
          .first(MOST_NAMED)
          .map do |cut, index|
            [
              "stray_cut",
              "Row #{index + 1}, #{cut.name}, is cut out where there is no part: look at its place.",
              "cg"
            ]
          end
      end

      def self.touch?(one, other) =
        [ 0, 1, 2 ].all? do |axis|
          one.low[axis] <= other.high[axis] + SAME_M && one.high[axis] >= other.low[axis] - SAME_M
        end
      private_class_method :twins, :within, :full?, :inside?, :stray, :touch?

      private

      def known
        yield || []
      rescue NotKnown
        []
      end

      # The whole against the box that it fills.
      def density
        volume = @load.size.reduce(:*)
        return if volume < 1e-9

        density = @load.bare_kg / volume
        shown = Figure.new(density, :kg_per_m3)
        if density > @rules[:whole_density, :most_kg_per_m3]
          [
            [
              "too_dense",
              both do |system|
                "The load would be #{shown.shown(system)} over its whole outer box, more than solid steel: look at " \
                  "the weight, the size and their units."
              end,
              "load"
            ]
          ]
        elsif density < @rules[:whole_density, :least_kg_per_m3]
          [
            [
              "too_light",
              both do |system|
                "The load would be #{shown.shown(system)} over its whole outer box, lighter than packing foam: is " \
                  "something missing, or a unit wrong?"
              end,
              "load"
            ]
          ]
        end
      end

      def outside
        return if @load.cg.zip(@load.size).all? { |place, side| place.between?(0, side) }

        [ [ "cg_outside", "The CG lies outside the load's outline: check both, and treat the lift as critical.",
          "cg" ] ]
      end

      # A typed weight beside a take-off that does not bear it out.
      def disagreement
        return if @load.from_take_off?(:weight) || !@load.take_off?

        least, most, given = @load.take_off.least_kg, @load.take_off.planned_kg, @load.bare_kg
        return if given.between?(least, most)

        sheet = Figure.kg(@load.take_off.bare_kg)
        [
          [
            "not_as_taken_off",
            both do |system|
              "The weight given is #{given > most ? "more" : "less"} than the take-off allows, which comes to " \
                "#{sheet.shown(system)}: find out what is missing in one of them, since the CG comes from the same " \
                "parts."
            end,
            "load"
          ]
        ]
      end

      # Parts that reach out of the typed size, or before the corner that all is measured from.
      def beyond
        return unless @load.take_off? && (outline = @load.take_off.outline)

        low, high = outline
        before = low.min < -SAME_M
        return unless before || high.zip(@load.size).any? { |far, side| far > side + SAME_M }

        index = @load.take_off.rows.index { |row| row&.solids&.any? { |solid| !solid.cut && out?(solid, before) } }
        where =
          if before
            "lies before the corner that x, y and z are measured from"
          else
            "reaches beyond the load's length, width or height as given"
          end
        row = "Row #{index + 1}, #{@load.take_off.rows[index].name}"
        [ [ "beyond_outline", "#{row}, #{where}: look at its place and at the size.", "load" ] ]
      end

      def out?(solid, before) =
        before ? solid.low.min < -SAME_M : solid.high.zip(@load.size).any? { |far, side| far > side + SAME_M }
    end
  end
end
