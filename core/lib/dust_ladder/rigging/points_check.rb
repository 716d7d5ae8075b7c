module DustLadder
  module Rigging
    # Does every point that a leg pulls at hold its worst pull? A point is rated by itself, or the load's maker rated
    # some places of it: then every leg must be on one. Demand: tension; capacity: the point's rating as marked.
    class PointsCheck < Ladder::Check
      ID = "points"
      LABEL = "Lifting points"
      FLIGHT = "rigging"
      NEAR_M = 0.01

      # A basket or choke holds the load itself.
      def self.applies?(lift) = lift.tandem? || lift.legs.any?(&:straight?)

      private

      def examine
        bridle = lift.bridle
        pulled = lift.legs.select { |leg| leg.straight? || lift.tandem? }.map(&:index)
        if lift.load.rated.any?
          found = pulled.map { |index| [ index, rated_at(bridle.points[index]) ] }
          wrong = off_a_point(bridle, found) || two_on_one(bridle, found)
          return wrong if wrong
        else
          found = pulled.map { |index| [ index, lift.load.points[index] ] }
        end

        figures = found.map { |index, point| [ index, bridle.at_point(index), point.wll.positive, point ] }
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

      def off_a_point(bridle, found)
        off = found.reject { |_, point| point }.map { |index, _| bridle.names[index] }
        return if off.empty?

        off.each { |name| part(name: name, verdict: "stop", note: both("not at a rated point")) }
        stop(both("#{off.join(", ")}: not at a rated point of the load"), subject: "#{off.first} point")
      end

      def two_on_one(bridle, found)
        twice = found.group_by { |_, point| point }.find { |_, some| some.size > 1 } or return
        names = twice[1].map { |index, _| bridle.names[index] }.join(" and ")
        stop(both("#{twice[0].name}: #{names} are both planned on it"), subject: twice[0].name)
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
