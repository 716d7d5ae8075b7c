module DustLadder
  module Load
    # One row of a take-off as it was typed, read. Whatever cannot be read is a problem of its field and leaves the
    # mass, or the place, not known; nothing is put in its stead.
    class Row
      include RowBody
      include RowWorking

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

      def middle_of_leaves
        return if leaves.empty? || leaves.any? { |leaf| leaf.at.nil? }

        total = leaves.sum(&:kg)
        [ 0, 1, 2 ].map { |axis| leaves.sum { |leaf| leaf.kg * leaf.at[axis] } / total } unless total.zero?
      end
    end
  end
end
