module DustLadder
  module Load
    # How a row's mass comes about, line by line, and what was understood of what was typed in it.
    module RowWorking
      private

      def figure(symbol, unit = Variant.unit(symbol)) =
        Figure.new(steps.fetch(symbol), unit, :near, unit == :kg ? 1 : 0)

      def write(working)
        size
          .variant
          .measures
          .zip(size.typed) do |measure, typed|
            working.line(
              measure.symbol,
              measure.kind == :fill ? Figure.percent(steps[measure.symbol]) : measured(measure),
              source: "#{measure.name}, written #{typed}"
            )
          end
        size.variant.steps.each do |step|
          working.line(
            step.symbol,
            figure(step.symbol, step.unit),
            formula: step.formula,
            from: operands(step.formula),
            source: nil
          )
        end
        density = material && Figure.new(material.density, :kg_per_m3)
        working.line("ρ", density, source: material.source) if material
        each = Figure.kg(each_kg, digits: 2)
        if material
          working.line("m1", each, formula: "V × ρ", from: { V: figure("V"), ρ: density }, source: "one of it")
        end
        return if count == 1

        working.line(
          "M",
          Figure.kg(kg, digits: 2),
          formula: material ? "m1 × n" : "m × n",
          from: {
            (material ? :m1 : :m) => each,
            :n => Figure.count(count)
          },
          source: count.negative? ? "#{count.abs} cut out" : "#{count} of it"
        )
      end

      UNIT_OF_KIND = {
        length: :m,
        angle: :deg,
        area: :m2,
        volume: :m3,
        mass: :kg,
        mass_per_length: :kg_per_m,
        mass_per_area: :kg_per_m2
      }.freeze

      def measured(measure) = figure(measure.symbol, UNIT_OF_KIND.fetch(measure.kind))

      def operands(formula)
        own = size.variant.measures.to_h { |measure| [ measure.symbol, measure ] }
        formula
          .scan(Ladder::Formula::NAME)
          .uniq
          .select { |name| steps.key?(name) }
          .to_h do |name|
            [
              name.to_sym,
              own[name] ? (own[name].kind == :fill ? Figure.factor(steps[name]) : measured(own[name])) : figure(name)
            ]
          end
      end

      def understood
        measures =
          size.variant.measures.map do |measure|
            [ measure.name, measure.kind == :fill ? Figure.percent(steps[measure.symbol]) : measured(measure) ]
          end
        {
          "size" => measures,
          "material" => material && [ [ material.name, Figure.new(material.density, :kg_per_m3) ] ],
          "place" => place && Row::AXES.zip(place.map { |one| Figure.m(one) })
        }.compact
      end
    end
  end
end
