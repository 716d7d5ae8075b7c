module DustLadder
  module Slings
    # Has somebody looked at heat, chemicals, edges and surface where the slings work, and do they suit? What they take
    # off a rating is reckoned with the slings (handbook, sections 3.3, 4 and 15).
    class SurroundingsCheck < Ladder::Check
      ID = "surroundings"
      LABEL = "Edges and heat"
      FLIGHT = "rigging"
      EDGES = { "none" => "no edges", "padded" => "edges padded", "sharp" => "sharp edges" }.freeze

      private

      def examine
        place = lift.surroundings or
          lift.rigging.surroundings.missing("heat, chemicals and edges")
        celsius, edges = place.celsius, EDGES.fetch(place.edges)
        lift.legs.each_with_index do |leg, index|
          sling = lift.sling_of(leg) or
            leg.missing("no sling is chosen", "sling")
          reason = place.unsuited(sling)
          return stop(both("#{lift.load.points[index].name} leg: #{reason}")) if reason
        end
        near = place.near.empty? ? "no chemicals" : place.near.join(" and ")
        answer(
          "holds",
          note: both { |system| "#{Figure.new(celsius, :celsius).shown(system)}, #{edges}, #{near}" }
        )
      end
    end
  end
end
