module DustLadder
  module Practice
    # Which figure of the chart counts: the row at or above the radius as it grows, the column, the side (handbook,
    # section 6).
    class FindRow < Drill
      KIND = "find_row".freeze
      TOPIC = "charts".freeze

      def words
        both do |system|
          "#{chart["title"]}: boom #{Figure.m(boom).shown(system)}, the load #{Figure.m(radius).shown(system)} out " \
            "as measured under load, #{sector["name"]}. What does the chart allow?"
        end
      end

      def right = "right"
      def views = { "chart" => chart }

      private

      def chart = MadeUp::DATA["chart"]
      def booms = chart["boom_length_m"]
      def radii = chart["radius_m"]
      def rows = chart["tables"].fetch(sector["table"])
      def sector = @sector ||= chart["sectors"].sample(random: chance("sector"))
      def boom = booms[column]
      def read = Cranes::Chart.of(radii: radii, booms: booms, tables: chart["tables"], sectors: chart["sectors"])

      # A place between two rows, both of which the column has.
      def place
        @place ||=
          begin
            random = chance("place")
            column = random.rand(booms.size)
            filled = radii.each_index.select { |row| row.positive? && rows[row][column] && rows[row - 1][column] }
            [ filled.sample(random: random), column, 0.1 * random.rand(3..7) ]
          end
      end

      def row = place[0]
      def column = place[1]
      def radius = (radii[row - 1] + place[2] * (radii[row] - radii[row - 1])).round(2)

      def kilograms = read.capacity(radius, boom, sector["slew_from_deg"] + 90.0).first

      def made_choices
        other = chart["tables"].values.find { |table| table != rows }
        between = rows[row - 1][column] + place[2] * (rows[row][column] - rows[row - 1][column])
        wrong = {
          "nearer" => rows[row - 1][column],
          "between" => between.round(-1),
          "column" => rows[row][column - 1] || rows[row][column + 1],
          "side" => other[row][column]
        }
        figures(Figure.kg(kilograms, :down), wrong.compact.transform_values { |kg| Figure.kg(kg.to_f, :down) })
      end

      def working
        [
          both do |system|
            "Between #{Figure.m(radii[row - 1]).shown(system)} and #{Figure.m(radii[row]).shown(system)} the next " \
              "larger radius counts: row #{Figure.m(radii[row]).shown(system)}"
          end,
          both do |system|
            allowed = Figure.kg(kilograms, :down).shown(system)
            "#{sector["name"]}, boom #{Figure.m(boom).shown(system)}: #{allowed} gross"
          end,
          both("Of that block, rope, slings and all that hangs is still to be taken off.")
        ]
      end
    end
  end
end
