module DustLadder
  module Day
    # What a crew is told before a lift, from the plan: who, the way of the load, what stops it, and what is to be
    # watched (handbook, section 10).
    class Brief
      include Ladder::Sentences

      MOST_CAUTIONS = 12
      STOPS = [
        "A line goes slack, or a leg is not tight",
        "Radio or sight of the signaller is lost",
        "Anybody is under the load or in its way",
        "A pad sinks, a mat cracks, the crane leaves its level",
        "Anything is not as planned, or somebody has a bad feeling"
      ].freeze

      SIGNALS = YAML.safe_load_file(File.expand_path("signals.yml", __dir__)).freeze

      # ladder: of the plan as it was issued.
      def initialize(ladder)
        @ladder = ladder
        @lift = ladder.lift
      end

      # [{ "role", "name" }], as named in the plan.
      def crew
        named = @lift.crew.all.reject { |one| one.name.empty? }
        named.map { |one| { "role" => one.role, "name" => one.name } }
      end

      # Ids, as the house gives them, of the people whom the plan names as supervisor.
      def supervisors = @lift.crew.all.select { |one| one.role == "supervisor" }.filter_map { |one| one.id&.to_s }

      # The way, station by station, a sentence each.
      def route
        return two_cranes if @lift.tandem?

        @lift.duties.flat_map do |duty|
          duty.crane.stations.each_index.filter_map { |index| DustLadder.known { station(duty.crane, index) } }
        end
      end

      # What stops the lift, a sentence each: first what has a figure.
      def stops = [ *[ wind, indicator, tilt ].compact, *STOPS.map { |text| both(text) } ]

      # Gust in m/s above which nothing is lifted; nil where it is not known.
      def most_wind = @ladder.rung("wind")&.capacity&.value

      # What its rungs warn of, each once.
      def cautions = @ladder.rungs.flat_map(&:cautions).uniq(&:id).first(MOST_CAUTIONS).map(&:text)

      def as_json(*)
        {
          "crew" => crew,
          "route" => route.map(&:as_json),
          "stops" => stops.map(&:as_json),
          "cautions" => cautions.map { |text| text.is_a?(String) ? both(text).as_json : text.as_json },
          "signals" => SIGNALS
        }
      end

      private

      # What both do, and where it is held.
      def two_cranes
        tandem = @lift.tandem
        does = DOES[tandem["does"]] or return []
        held = DustLadder.known { @lift.turn.hold_points.all.map(&:words) }
        [
          both("#{does} between both cranes, one signal to each in turn"),
          *(held && both("Held, and both hooks read: #{held.join(", ")}")),
          *(tandem.handover? ? DustLadder.known { handed_over } : nil),
          *@lift.duties.filter_map { |duty| DustLadder.known { ends_of(duty) } }
        ]
      end

      DOES = { "stand_up" => "Stood up", "lay_down" => "Laid down", "carry" => "Carried level" }.freeze

      def handed_over = both("The tail lets go at #{Figure.deg(@lift.turn.handover, :near)}")

      def ends_of(duty)
        radii = duty.crane.stations.each_index.map { |index| duty.crane.radius(index) }
        both do |system|
          ends = radii.minmax.map { |radius| Figure.m(radius, :up).shown(system) }.uniq
          "#{duty.who.capitalize} crane, #{duty.crane.chart_title}: radius #{ends.join(" to ")}"
        end
      end

      def station(crane, index)
        name = crane["stations"][index]["name"].capitalize
        radius = crane.radius(index)
        slew = crane.stations[index].slew
        turned = slew&.known? ? ", slewed #{Figure.deg(slew.value, :near)}" : ""
        both { |system| "#{name}: radius #{Figure.m(radius, :up).shown(system)}#{turned}" }
      end

      def wind
        most = most_wind or return
        both { |system| "Gusts over #{Figure.speed(most, :down).shown(system)}" }
      end

      def indicator
        over = 1 + @lift.rules[:indicated_over_planned]
        told = @lift.duties.filter_map { |duty| DustLadder.known { [ duty.who, duty.gross.kg * over ] } }
        return if told.empty?

        both do |system|
          most = told.map { |who, kg| [ Figure.kg(kg, :down).shown(system), *(who && "at the #{who}") ].join(" ") }
          "The indicator shows more than #{most.join(", or ")}"
        end
      end

      def tilt
        return if @lift.tandem? && !@lift.tandem.carry?

        limit = Figure.deg(@lift.rules[:tilt_limit_deg])
        both("It hangs more than #{limit} off level")
      end
    end
  end
end
