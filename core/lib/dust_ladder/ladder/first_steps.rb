module DustLadder
  class Ladder
    # Where a new plan stands in the order of work (handbook, section 1): five steps, what each still asks for, and what
    # was understood so far. It only leads; a step says nothing of whether the lift holds.
    class FirstSteps
      include Sentences

      MOST_ASKED = 3
      # Why something is asked, by its place.
      WHY = {
        %r{\A/load/weight/bare} => "everything is judged from it",
        %r{\A/load/weight/basis} => "the poorer it is known, the more is added",
        %r{\A/load/size} => "for the drawing, the wind, and how far the centre of gravity may be off",
        %r{\A/load/cg} => "the hook stands plumb over it, wherever the points are",
        %r{\A/load/points/\d+/[xyz]} => "their spread sets the angle, the angle sets the pull",
        %r{\A/load/points/\d+/wll} => "not known? leave it: the rung stays dashed",
        %r{\A/rigging} => "its length sets the angle, its tag what it may carry",
        %r{\A/cranes} => "the chart is read at the radius that it has to reach"
      }.freeze

      # answer: the ladder of the plan.
      def initialize(answer)
        @answer = answer
        @lift = answer.lift
      end

      def as_json(*)
        {
          "steps" => [
            step(
              "load",
              "Know the load",
              "weight, size, centre of gravity",
              @lift.load.asked,
              %w[load],
              echo: load_echo
            ),
            step("points", "Where to hold it", "points, and what each carries", points_asked, %w[load]),
            of_flights("rigging", "How", "slings, hitch, lengths", %w[rigging], %r{\A/rigging}),
            of_flights("crane", "Crane", "which, from where, to where", %w[crane], %r{\A/cranes}),
            of_flights(
              "site",
              "Ground and site",
              "ground, lines, people, crew",
              %w[ground_and_site gear_and_people],
              //
            )
          ],
          "planned_kg" => DustLadder.known { @lift.load.planned_kg },
          "outline" => DustLadder.known { outline }
        }
      end

      private

      # A step that is done when the rungs of some flights are known. places: of what it asks for itself; what else
      # they wait for has a step of its own.
      def of_flights(id, label, about, flights, places)
        open = @answer.rungs.select { |rung| flights.include?(rung.flight) && rung.verdict == "not_known" }
        asked = open.flat_map(&:missing).uniq(&:pointer).select { |one| places.match?(one.pointer.to_s) }
        step(id, label, about, asked, flights, done: open.empty?)
      end

      # flights: those whose rungs wait for what it asks.
      def step(id, label, about, asked, flights, done: asked.empty?, echo: nil)
        {
          "id" => id,
          "label" => label,
          "about" => about,
          "flights" => flights,
          "done" => done,
          "asks" =>
            asked.first(MOST_ASKED).map do |one|
              { "what" => one.what, "pointer" => one.pointer, "why" => why(one.pointer) }
            end,
          "echo" => echo&.as_json
        }
      end

      def why(pointer) = WHY.find { |place, _| place.match?(pointer.to_s) }&.last

      def points_asked
        straight = @lift.legs.select(&:straight?).map(&:index)
        fields = @lift.load.points.flat_map { |point| [ point.x, point.y, point.z ] }
        fields += straight.map { |index| @lift.load.points[index].wll } if @lift.load.rated.empty?
        fields.reject(&:known?).map { |field| Missing.new(what: field.label, pointer: field.pointer) }
      end

      # What was typed of the weight, and what it is planned as.
      def load_echo
        load = @lift.load
        return if load.from_take_off?(:weight)

        DustLadder.known do
          both do |system|
            "“#{@lift.load.data.dig("weight", "bare")}” read as " \
              "#{Figure.kg(load.bare_kg).shown(system)}, #{load.basis}: +" \
              "#{Figure.percent(load.allowance).shown(system)}, " \
              "so #{Figure.kg(load.planned_kg, :up).shown(system)} planned"
          end.tap { load.planned_kg }
        end
      end

      # What can be drawn before there is a hook to hang it from, m.
      def outline
        load = @lift.load
        {
          "size" => load.size,
          "cg" => DustLadder.known { load.cg },
          "cg_half_width" => DustLadder.known { load.cg && load.cg_half_width },
          "points" =>
            load.points.filter_map { |point| DustLadder.known { { "name" => point.name, "at" => point.at } } },
          "planned" => DustLadder.known { Figure.kg(load.planned_kg, :up).as_json },
          "proposal" => DustLadder.known { PointsProposal.new(load, @lift.rules).as_json }
        }
      end
    end
  end
end
