module DustLadder
  module Practice
    # Which piece of four stays out: by state, date, tag, kind (handbook, sections 4 and 9).
    class StaysOut < Drill
      KIND = "stays_out".freeze
      TOPIC = "gear".freeze
      DATA = YAML.safe_load_file(File.expand_path("pieces.yml", __dir__)).freeze
      DUE = "2027-05-01".freeze

      def words = both("Today, #{MadeUp::AT.slice(0, 10)}: which piece stays out?")
      def right = fault["id"]

      # Why it does, by the rules of the store and of the choice of slings: for each piece, sentences.
      def reasons
        @reasons ||= pieces.to_h { |row| [ row["id"], reasons_of(row) ] }
      end

      private

      def rules = @rules ||= RuleSet.shipped("strict")
      def fault = @fault ||= DATA["faults"].sample(random: chance("fault"))
      def pieces = [ *DATA["good"].map { |row| row.merge("id" => row["kind"]) }, fault ]
      def made_choices = pieces.map { |row| choice(row["id"], row["words"]) }

      # As the store has it.
      def piece(row)
        data = row["data"].to_h
        tag = data.key?("tag") ? { "legible" => false } : { "legible" => true }
        {
          "number" => row["id"],
          "kind" => row["kind"],
          "size" => "13 mm",
          "legs" => 1,
          "reach_m" => 3.0,
          "mass_kg" => 10.0,
          "grade" => "80",
          "state" => "ready",
          "due" => DUE,
          **data.except("tag"),
          "tag" => { "vertical_kg" => 5000.0, "choker_kg" => 4000.0, "basket_kg" => 10_000.0, "multi_leg" => [] }
            .merge(tag)
        }
      end

      def reasons_of(row)
        one = piece(row)
        need = Slings::Selection::Need.new(tension: 1000.0, on: MadeUp::AT.slice(0, 10))
        Slings::Selection.new([ one ], need, rules).rejected.flat_map(&:reasons)
      end

      def working
        told = reasons.fetch(right).map { |why| both("#{fault["words"]}: #{why}") }
        [ *told, both("Out means out: a label on it, off the rack, and its keeper told.") ]
      end
    end
  end
end
