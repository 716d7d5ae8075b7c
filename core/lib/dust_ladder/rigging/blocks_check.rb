module DustLadder
  module Rigging
    # A block that turns a line carries more than the line: 2 T cos(half the angle between its two parts). Block, its
    # eye and what it is anchored to are each held against it (handbook, section 15). Asked of every reeved pair.
    class BlocksCheck < Ladder::Check
      ID = "blocks"
      LABEL = "Blocks"
      FLIGHT = "rigging"
      PARTS = { "wll" => "block", "eye_wll" => "eye", "anchor_wll" => "anchor" }.freeze

      def self.applies?(lift) = lift.rigging.pairs.any?

      # What a block carries, kg. tension: of the line, kg; deg: between its two parts.
      def self.load_kg(tension, deg) = 2 * tension * Math.cos(deg * Math::PI / 360)

      private

      def examine
        bridle = lift.bridle
        found = lift.rigging.pairs.each_with_index.flat_map { |pair, index|
          block(bridle, pair, index)
        }
        found.each { |name, kg, limit, _| loaded_part(name, kg, limit, rules[:attention, :slings]) }
        name, kg, limit, write = found.max_by { |_, one, rated, _| one / rated }
        write.call
        judge(
          Figure.kg(kg, :up),
          Figure.kg(limit, :down),
          attention: rules[:attention, :slings],
          subject: name,
          note: both { |system|
            "#{name}: #{Figure.kg(kg, :up).bare(system)} of #{Figure.kg(limit, :down).shown(system)}"
          }
        )
      end

      def block(bridle, pair, index)
        worst = bridle.poses.max_by { |pose| carried(bridle, pose, pair) }
        kg = carried(bridle, worst, pair)
        line = worst.tension(pair[0])
        deg = between(bridle, worst, pair)
        PARTS.map do |key, words|
          name = "#{words} of #{pair.map { |leg| bridle.names[leg] }.join(" to ")}"
          limit = lift.rigging.reeved.mass("the rating of the #{name}", "blocks", index, key).positive
          [ name, kg, limit, -> { work(line, deg, kg, limit, name) } ]
        end
      end

      def carried(bridle, pose, pair) = self.class.load_kg(pose.tension(pair[0]), between(bridle, pose, pair))

      def between(bridle, pose, pair)
        one, other = pair.map { |leg| bridle.direction(pose, leg) }
        cosine = Statics::Vector.dot(one, other) / (Statics::Vector.length(one) * Statics::Vector.length(other))
        Math.acos(cosine.clamp(-1.0, 1.0)) * 180 / Math::PI
      end

      def work(tension, deg, kg, limit, name)
        pull, angle = Figure.kg(tension, :up), Figure.deg(deg, :down)
        line("T", pull, source: "line tension, at worst")
        line("a", angle, source: "between its two parts, there")
        line(
          "B",
          Figure.kg(kg, :up),
          formula: "2 × T × cos(a / 2)",
          from: { T: pull, a: angle },
          source: "what the block carries"
        )
        line("C", Figure.kg(limit, :down), source: "#{name}, as marked")
      end
    end
  end
end
