module DustLadder
  module Load
    # One row of a take-off as it was typed, read. Whatever cannot be read is a problem of its field and leaves the
    # mass, or the place, not known; nothing is put in its stead.
    class Row
      FIELDS = %w[name shape size lies material quantity x y z to basis fluid note].freeze
      SAID = %w[name shape size].freeze
      BASES = %w[weighed certified calculated estimated].freeze
      COUNT = /\A([-−+]?)\s*(\d{1,6})(?:\.0+)?\s*(?:off|no\.?|pcs?\.?|pieces?|ea\.?)?\z/i
      TO =
        {
          "centre" => %w[centre center centroid cg],
          "corner" => [ "corner", "near corner" ],
          "origin" => %w[origin zero]
        }.flat_map { |id, words| words.map { |word| [ word, id ] } }.to_h.freeze
      FLUID = { "" => true, "free" => true, "held" => false }.freeze
      AXES = %w[x y z].freeze
      MOST_KG = 20_000_000.0
      Problem =
        Struct.new(:field, :typed, :message, :expected) do
          def as_json(*) = { "field" => field, "typed" => typed, "message" => message, "expected" => expected }
        end

      attr_reader :typed,
        :problems,
        :shape,
        :size,
        :material,
        :count,
        :lie,
        :to,
        :basis,
        :place,
        :leaves,
        :solids,
        :each_kg,
        :steps

      def self.blank?(typed) = SAID.all? { |field| typed[field].to_s.strip.empty? }

      # typed: the row's texts by field. materials: Materials.
      def initialize(typed, materials)
        @typed = typed
        @materials = materials
        @problems = []
        @leaves = @solids = [].freeze
        read_common
        read_own
        @unknown_mass =
          @problems.find do |problem|
            %w[shape size material quantity basis fluid].include?(problem.field) ||
              (problem.field == "lies" && @shape&.fluid?)
          end
        @unknown_place = @problems.find { |problem| %w[x y z to lies].include?(problem.field) }
        settle unless @unknown_mass
      end

      def name = text("name").empty? ? shape_words : text("name")
      def shape_words = text("shape").empty? ? "a part" : text("shape").downcase

      # kg of all of them, below zero for a cut-out; nil when it is not known.
      def kg = @unknown_mass ? nil : @kg ||= leaves.sum(&:kg)
      def mass_problem = @unknown_mass
      # What keeps the place from being known; a Problem, or nil.
      def place_problem = @unknown_mass || @unknown_place || (place.nil? ? missing_place : nil)
      # Where its centre is, m, or nil.
      def at = leaves.size == 1 ? leaves.first.at : middle_of_leaves

      # The same for two rows that are the same thing in the same place.
      def likeness = @likeness ||= [ shape_words, text("size").downcase, place, lie&.columns, count&.positive? ].inspect

      # Working, line by line: the measures as typed, the arithmetic of the shape, the material, the mass.
      def working = Ladder::Working.new.tap { |working| write(working) unless @unknown_mass }.lines

      def as_json(*)
        @as_json ||= {
          "name" => name,
          "mass" => kg && Figure.kg(kg, digits: 1).as_json,
          "at" => at,
          "solids" => solids.map(&:as_json),
          "problems" => problems.map(&:as_json),
          "group" => group?
        }
      end

      # What was understood, field by field: [[name, Figure], ...].
      def readings = @unknown_mass ? {} : understood

      private

      def text(field) = typed[field].to_s.strip

      def problem(field, message, expected) = @problems << Problem.new(field, text(field), message, expected)

      def reading(field)
        yield
      rescue Quantity::Unreadable => error
        problem(field, error.message, error.expected)
        nil
      end

      def read_common
        @count = read_count
        word = text("basis").downcase
        @basis = word.empty? ? "calculated" : word
        unless BASES.include?(@basis)
          problem(
            "basis",
            "“#{text("basis")}” is not a way to know a weight",
            "one of #{BASES.join(", ")}, or nothing for calculated"
          )
        end
        @lie = reading("lies") { text("lies").empty? ? standing : Lie.read(text("lies")) }
        word = text("to").downcase
        @to = word.empty? ? usual_to : TO[word]
        if @to.nil? || (@to == "origin" && !group?)
          problem("to", "“#{text("to")}” does not tell what x, y and z are measured to", "centre or corner")
        end
        @place = read_place
      end

      def group? = false
      def usual_to = "centre"
      def standing = Lie.read((Shape.named(text("shape")) || Shape::ALL.fetch("box")).lies)

      def read_count
        return 1 if text("quantity").empty?

        match = COUNT.match(text("quantity"))
        unless match
          return problem(
            "quantity",
            "“#{text("quantity")}” is not a number of pieces",
            "a whole number, below zero for a cut-out"
          ) && nil
        end
        if match[2].to_i.zero?
          return problem("quantity", "none of it: take the row out", "a whole number, below zero for a cut-out") && nil
        end

        match[2].to_i * (match[1].match?(/[-−]/) ? -1 : 1)
      end

      # [x, y, z] in m, or nil when one of them is not given or cannot be read.
      def read_place
        places =
          AXES.map do |axis|
            if text(axis).empty?
              nil
            else
              reading(axis) { text(axis) == "0" ? 0.0 : Quantity::Reader.read(text(axis), :length) }
            end
          end
        places unless places.include?(nil)
      end

      def missing_place
        axis = AXES.find { |one| text(one).empty? }
        Problem.new(axis, "", "#{axis} is not given", "where the part is, such as 2.4 m")
      end

      def read_own
        if text("shape").empty?
          return problem("shape", "no shape is given", "a shape, such as plate, angle or box, or known item")
        end

        @shape = Shape.named(text("shape")) or
          return problem(
            "shape",
            "“#{text("shape")}” is not a shape that is known " \
              "here#{Spelling.meant(text("shape").downcase, Shape::BY_WORD.keys)}",
            "a shape, such as plate, angle or box, or known item"
          )
        @size = reading("size") { Size.read(text("size"), @shape) }
        @material = reading("material") { read_material } unless @shape.by_mass?
        unless FLUID.key?(text("fluid").downcase)
          problem("fluid", "“#{text("fluid")}” does not tell whether the fluid can move", "free or held")
        end
        if @shape.fluid? && @count.to_i.negative?
          problem("quantity", "a fluid cannot be cut out", "a whole number above zero")
        end
        solve if @size && problems.none? { |one| one.field == "size" }
      end

      def read_material
        if text("material").empty?
          raise Quantity::Unreadable.new("no material is given", typed: "", expected: Materials::EXPECTED)
        end

        @materials.find(text("material"))
      end

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
          @slack = FLUID.fetch(text("fluid").downcase, true) ? Fluid.shift(reach, @level.share) : nil
        else
          @level = Fluid.level({ share: 1.0 }, 1.0)
        end
        [ *sides, @level.share ]
      end

      def settle
        result = @size.variant.result
        @each_kg = result == "m" ? steps["m"] : steps["V"] * material.density
        return absurd unless (@each_kg * @count).abs <= MOST_KG && (@each_kg * @count).finite?

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

      def middle_of_leaves
        return if leaves.empty? || leaves.any? { |leaf| leaf.at.nil? }

        total = leaves.sum(&:kg)
        [ 0, 1, 2 ].map { |axis| leaves.sum { |leaf| leaf.kg * leaf.at[axis] } / total } unless total.zero?
      end

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
          "place" => place && AXES.zip(place.map { |one| Figure.m(one) })
        }.compact
      end
    end
  end
end
