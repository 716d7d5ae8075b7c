module DustLadder
  module Load
    # The body of a row: its figures by letter, what it weighs, and where its box and its centre are.
    module RowBody
      private

      # The body's figures by letter, its box and the place of its centroid in it.
      def solve
        values = @shape.fluid? ? tank_values : @size.values
        @result = @size.variant.solve(values)
        @steps =
          @size
            .variant
            .measures
            .map(&:symbol)
            .zip(values)
            .to_h
            .merge(@size.variant.steps.map(&:symbol).zip(@result.steps).to_h)
      rescue ArgumentError => error
        problem("size", error.message, @shape.hints.join(", or "))
      end

      def tank_values
        *sides, fill = @size.values
        if @lie
          unless @lie.square?
            problem("lies", "a tank must stand square for its fluid to be reckoned", "one or two axes and no turn")
          end
          extent = @shape.form == "round" ? [ sides[1], sides[0], sides[0] ] : sides
          reach = @lie.reach(extent)
          lying = @shape.form == "round" && @lie.columns[0][2].abs < 0.5
          @level = Fluid.level(fill, reach[2], lying: lying)
          @slack = Row::FLUID.fetch(text("fluid").downcase, true) ? Fluid.shift(reach, @level.share) : nil
        else
          @level = Fluid.level({ share: 1.0 }, 1.0)
        end
        [ *sides, @level.share ]
      end

      def settle
        result = @size.variant.result
        @each_kg = result == "m" ? steps["m"] : steps["V"] * material.density
        return absurd unless (@each_kg * @count).abs <= Row::MOST_KG && (@each_kg * @count).finite?

        middle, centre = @unknown_place || place.nil? ? nil : placed
        share = material && { low: material.low / material.density, high: material.high / material.density }
        ends = [ 1.0, *share&.values ].map { |one| @each_kg * @count * one }.minmax
        @leaves = [ Leaf.new(@each_kg * @count, *ends, centre, @slack, @basis) ].freeze
        @solids = [
          Solid.new(
            form: shape.form,
            middle: middle,
            extent: @result.extent,
            lie: lie,
            measures: profile,
            cut: @count.negative?
          )
        ].freeze if middle
      end

      def absurd
        problem("size", "this would weigh more than 20 000 t", "a size that can be lifted; look at the units")
        @unknown_mass = problems.last
      end

      # Middle of its box and its own centre, m, from what x, y and z are measured to.
      def placed
        offset = lie.place(@result.offset)
        offset = [ offset[0], offset[1], offset[2] - @level.drop ] if @level
        middle =
          if to == "corner"
            place.zip(lie.reach(@result.extent)).map { |low, far| low + far / 2 }
          elsif @level
            place
          else
            place.zip(offset).map { |at, off| at - off }
          end
        [ middle, [ middle[0] + offset[0], middle[1] + offset[1], middle[2] + offset[2] ] ]
      end

      # What a drawing needs beside the box: flange and web, or the smaller end of a cone.
      def profile
        case shape.form
        when "angle", "box_tube"
          { "t" => steps["t"] }
        when "channel", "i_section"
          { "t" => steps["t"], "s" => steps["s"] }
        when "cone"
          {
            "top" => (steps["d"] || 0.0) / steps.values_at("D", "d").compact.max,
            "base" => steps["D"] / steps.values_at("D", "d").compact.max
          }
        when "bend"
          { "R" => steps["R"], "deg" => steps["φ"] }
        else
          @level ? { "fill" => @level.share } : {}
        end
      end
    end
  end
end
