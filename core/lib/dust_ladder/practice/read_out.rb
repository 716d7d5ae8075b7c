module DustLadder
  module Practice
    # A made-up plan as somebody would read it out: everything that a mistake may hide in, whether it does or not.
    class ReadOut
      include Ladder::Sentences

      # lift: the Lift; data: its document.
      def initialize(lift, data)
        @lift = lift
        @data = data
      end

      # Sentences.
      def facts = [ *load, *rigging, *machine, *way ]

      private

      def crane = @lift.duty.crane
      def sling = @data["snapshots"]["slings"].values.first["data"]
      def identity = crane.chart_data["identity"]

      def load
        points = @lift.load.points
        [
          both { |system| "weight #{Figure.kg(@lift.load.bare_kg).shown(system)}, #{@lift.load.basis}" },
          both { |system|
            "points: " + points.map { |one| "#{one.name} #{Figure.kg(one.wll.value, :down).shown(system)}" }.join(", ")
          }
        ]
      end

      def rigging
        near = @lift.surroundings.near
        [
          both { |system| "hook #{Figure.m(@lift.rigging.hook_height.value).shown(system)} above the load's base" },
          both { |system| "sling 1: #{sling["size"]}, #{tag(system)}, due #{sling["due"]}, #{sling["state"]}" },
          both("chain slings; near them: #{near.empty? ? "nothing that harms" : near.join(", ")}")
        ]
      end

      def tag(system)
        return "tag not legible" unless sling["tag"]["legible"]

        "tag #{Figure.kg(sling["tag"]["vertical_kg"], :down).shown(system)} straight"
      end

      def machine
        rigged = @data["cranes"][0]["as_rigged"]
        [
          both("chart: #{crane.chart_title}; the machine: outriggers #{rigged["outriggers"]}"),
          both { |system| "boom #{Figure.m(crane.booms.max).shown(system)}, #{parts}, level within #{crane["level"]}" }
        ]
      end

      def parts = crane.parts_of_line.then { |count| "#{count} part#{"s" if count > 1} of line" }

      def way
        set, = crane.stations.last(1)
        [
          both do |system|
            out, up = [ set.radius, set.support_height ].map { |field| Figure.m(field.value).shown(system) }
            "set #{out} out, #{crane.chart.sectors_at(set.slew.value).map(&:name).join(" and ")}, on #{up}"
          end,
          both do |system|
            gusts = Figure.speed(crane.wind.value).shown(system)
            "rope #{crane["side_pull"]} from plumb, gusts to #{gusts}, lift on #{MadeUp::AT.slice(0, 10)}"
          end
        ]
      end
    end
  end
end
