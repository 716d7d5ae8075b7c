module DustLadder
  module Rigging
    # Is every leg on a point that its maker rated, and does that point hold its worst pull? Looked at when the load's
    # rated points are given. Demand: tension; capacity: the point's rating as marked.
    class PointsCheck < Ladder::Check
      ID = "points"
      LABEL = "Lifting points"
      FLIGHT = "rigging"
      COVERS = [ "lifting points" ].freeze
      NEAR_M = 0.01

      # A basket or choke holds the load itself.
      def self.applies?(lift) = lift.load.rated.any? && lift.legs.any? { |leg| leg["hitch"] == "vertical" }

      private

      def examine
        bridle = lift.bridle
        found =
          bridle
            .names
            .each_index
            .select { |index| lift.legs[index]["hitch"] == "vertical" }
            .map { |index| [ index, rated_at(bridle.points[index]) ] }
        off = found.reject { |_, point| point }
        off.each do |index, _|
          part(
            name: bridle.names[index],
            verdict: "stop",
            utilisation: nil,
            demand: nil,
            capacity: nil,
            nominal: nil,
            note: both("not at a rated point")
          )
        end
        unless off.empty?
          return stop(
            both("#{off.map { |index, _| bridle.names[index] }.join(", ")}: not at a rated point of the load"),
            subject: "#{bridle.names[off[0][0]]} point"
          )
        end

        twice = found.group_by { |_, point| point }.find { |_, some| some.size > 1 }
        if twice
          return stop(
            both(
              "#{twice[0].name}: #{twice[1].map { |index, _|
                bridle.names[index]
              }.join(" and ")} are both planned on it"
            ),
            subject: twice[0].name
          )
        end

        figures = found.map { |index, point| [ index, bridle.worst[index].tension, point.wll.positive, point ] }
        figures.each do |index, pull, kg, _|
          loaded_part(bridle.names[index], pull, kg, rules[:attention, :slings])
        end
        index, pull, kg, point = figures.max_by { |_, one, rated, _| one / rated }
        line("T", Figure.kg(pull, :up), source: "leg tension, at worst", about: "leg:#{index}")
        line(
          "C",
          Figure.kg(kg, :down),
          source: "rated point #{point.name}, as marked, in the direction of the pull",
          about: "leg:#{index}"
        )
        caution("points", "A point's rating holds for the directions its maker names: see the drawing of the load.")
        judge(
          Figure.kg(pull, :up),
          Figure.kg(kg, :down),
          attention: rules[:attention, :slings],
          subject: "#{bridle.names[index]} point",
          note:
            both do |system|
              "#{bridle.names[index]} point: #{Figure.kg(pull, :up).bare(system)} of " \
                "#{Figure.kg(kg, :down).shown(system)}"
            end
        )
      end

      def rated_at(place) =
        lift
          .load
          .rated
          .min_by { |point| distance(point.at, place) }
          .then { |point| distance(point.at, place) <= NEAR_M ? point : nil }
      def distance(one, other) = Math.sqrt(one.zip(other).sum { |a, b| (a - b)**2 })
    end
  end
end
