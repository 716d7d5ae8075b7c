module DustLadder
  module Practice
    # What hangs from the tip: the load is not all of it (handbook, section 6).
    class OnTheHook < Drill
      KIND = "on_the_hook".freeze
      TOPIC = "gross load".freeze

      def words
        both do |system|
          told = gross.items.drop(1).map { |item| "#{item.name} #{Figure.kg(item.kg, :up).shown(system)}" }
          "#{Figure.kg(load.bare_kg).shown(system)} by calculation, +#{Figure.percent(load.allowance).shown(system)} " \
            "on it; #{told.join(", ")}. What does the chart have to hold?"
        end
      end

      def right = "right"
      def views = { "drawing" => ladder.drawing }

      private

      def ladder = @ladder ||= DustLadder.check(MadeUp.new(chance("lift")).lift)
      def load = ladder.lift.load
      def gross = ladder.lift.duty.gross

      def made_choices
        hook = gross.in_hook_kg
        wrong = {
          "load" => load.bare_kg,
          "planned" => load.planned_kg,
          "hook" => hook,
          "bare" => gross.kg - load.planned_kg + load.bare_kg
        }
        figures(Figure.kg(gross.kg, :up), wrong.transform_values { |kg| Figure.kg(kg, :up) })
      end

      def working = lines(ladder, "hoist").first(gross.items.size + 1)
    end
  end
end
