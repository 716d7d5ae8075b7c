module DustLadder
  module Practice
    # Made-up lifts, by chance, that drills are asked about: plan documents like any other, checked by the same core. No
    # word of a person is in them, so that what only people can answer stays not known.
    class MadeUp
      DATA = YAML.safe_load_file(File.expand_path("made_up.yml", __dir__)).freeze
      AT = "2026-05-04T07:30".freeze

      def initialize(random)
        @random = random
      end

      # A load on two lugs on top, lifted by Larkspur. degrees: about how steep its legs stand, from the horizontal;
      # off: how far its centre of gravity is from the middle, as a share of its length.
      def lift(degrees: @random.rand(48..70), kg: 50 * @random.rand(40..100), off: nil)
        length, width, height = [ 0.1 * @random.rand(24..60), 0.1 * @random.rand(12..20), 0.1 * @random.rand(8..20) ]
        at = off || 0.05 * @random.rand(-3..3)
        box = Box.new(length, width, height, [ length * (0.5 + at), width / 2, height * 0.45 ])
        document = blank
        load(document, box, kg)
        rigging(document, box, degrees)
        crane(document)
        PlanFile.accept(document)
      end

      # Sides, m, and the centre of gravity.
      Box = Struct.new(:length, :width, :height, :cg)

      private

      def blank = Plan.blank(title: "Practice", rule_set: RuleSet.shipped("strict")).merge("lift_at" => AT)
      def copy(data) = JSON.parse(JSON.generate(data))
      def metres(value) = format("%.2f m", value)

      # Names of its lugs, each so far from the west end, as a share of the length.
      LUGS = { "West" => 0.1, "East" => 0.9 }.freeze

      def load(document, box, kg)
        document["load"].merge!(
          "name" => DATA["names"].sample(random: @random),
          "weight" => { "bare" => "#{kg} kg", "basis" => "calculated", "source" => "practice" },
          "size" => { "length" => metres(box.length), "width" => metres(box.width), "height" => metres(box.height) },
          "cg" => {
            "x" => metres(box.cg[0]),
            "y" => metres(box.cg[1]),
            "z" => metres(box.cg[2]),
            "basis" => "drawing"
          },
          "points" => LUGS.map { |name, share|
            at = [ share * box.length, box.width / 2, box.height ].map { |one| metres(one) }
            { "name" => name, **%w[x y z].zip(at).to_h, "wll" => "12 t" }
          }
        )
      end

      def rigging(document, box, degrees)
        run = [ box.cg[0], box.length - box.cg[0] ].max - 0.1 * box.length
        slings = Array.new(LUGS.size) { |at| DATA["sling"].merge("number" => "P-#{at + 1}", "due" => due) }
        document["rigging"].merge!(
          "hook_height" => metres(box.height + run * Math.tan(degrees * Math::PI / 180)),
          "legs" => slings.map { |one| Plan::Leg::BLANK.merge("sling" => one["number"], "load_end" => "own") },
          "surroundings" => DATA["surroundings"]
        )
        document["snapshots"]["slings"] = slings.to_h { |one| [ one["number"], Gear::Piece.snapshot(one) ] }
      end

      def due = Date.new(2026, 6, 1).next_month(@random.rand(60)).iso8601

      def crane(document)
        chart = copy(DATA["chart"])
        document["cranes"][0].merge!(copy(DATA["crane"]), "as_rigged" => chart["identity"])
        radii = [ 0.1 * @random.rand(52..64), 0.1 * @random.rand(66..84) ]
        slews = [ "#{@random.rand(100..150)}°", "#{@random.rand(190..250)}°" ]
        document["cranes"][0]["stations"].each_with_index do |station, at|
          station.merge!("radius" => metres(radii[at]), "slew" => slews[at], "support_height" => "0.5 m")
        end
        document["cranes"][0].merge!("level" => "0.#{@random.rand(1..8)} %", "wind" => "#{@random.rand(1..5)} m/s")
        document["snapshots"]["charts"] = { chart["id"] => PlanFile::Digest.snapshot(chart) }
      end
    end
  end
end
