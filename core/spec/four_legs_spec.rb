# Three and four legs in a plan: how they really hang, beside how a school counts them.
RSpec.describe "A bridle of three or four legs" do
  corners = { "NW" => [ 0.4, 2.3 ], "NE" => [ 4.2, 2.3 ], "SE" => [ 4.2, 0.3 ], "SW" => [ 0.4, 0.3 ] }

  # A box of 4 t on legs of one kind to its upper corners, cut to hang level unless lengths are given.
  def on_legs(
    places,
    kind: "polyester_round",
    cg: [ "2.3 m", "1.3 m", "0.7 m" ],
    lengths: nil,
    rating: 6000,
    rules: "strict",
    **changes
  )
    slings =
      places.keys.map do |name|
        sling(
          "S-#{name}",
          kind: kind,
          reach_m: 4.24,
          tag: {
            "vertical_kg" => rating,
            "choker_kg" => rating * 0.8,
            "basket_kg" => rating * 2
          }
        )
      end
    points = places.map { |name, (x, y)| { "name" => name, "x" => "#{x} m", "y" => "#{y} m", "z" => "1.6 m" } }
    legs =
      places.keys.each_with_index.map do |name, index|
        {
          "sling" => "S-#{name}",
          "hitch" => "vertical",
          "length" => lengths&.at(index),
          "choke_angle" => nil,
          "basket_width" => nil,
          "held_by" => ""
        }
      end
    DustLadder::PlanFile.accept(
      plan(
        {
          "/load/points" => points,
          "/load/size" => {
            "length" => "4.6 m",
            "width" => "2.6 m",
            "height" => "1.6 m"
          },
          "/load/cg" => %w[x y z].zip(cg).to_h.merge("basis" => "drawing"),
          "/load/weight/bare" => "4 t",
          "/rigging/legs" => legs,
          "/rigging/set_by" => lengths ? "leg_lengths" : "hook_height",
          "/rigging/hook_height" => "5.26 m"
        }.merge(changes),
        slings: slings,
        rules: rules
      )
    )
  end

  def answer(...) = DustLadder.check(on_legs(...))
  def bridle(...) = DustLadder::Lift.new(on_legs(...)).bridle
  def figure(rung, symbol) = rung.working.find { |line| line.symbol == symbol }.result.value

  it "shares alike over four alike legs, and counts each as one of three" do
    four = bridle(corners)
    expect(four.nominal.map(&:tension)).to all(be_within(1e-3).of(four.nominal.first.tension))
    expect(four.nominal.sum(&:share)).to be_within(1e-3).of(4120)
    sharing = answer(corners).rung("sharing")
    expect(figure(sharing, "V")).to be_within(1e-6).of(4120 / 3.0)
    expect(sharing.demand.value).to be_within(1e-9).of(figure(sharing, "T"))
  end

  it "hangs plumb, its worst never below its nominal, and its worst above a quarter of the load" do
    [ corners, corners.first(3).to_h ].each do |places|
      four = bridle(places, cg: [ "2.6 m", "1.5 m", "0.7 m" ])
      four.poses.each do |pose|
        expect(pose.hook_from_cg.zip(pose.up).sum { |one, other| one * other }).to be_within(1e-4).of(
          Math.sqrt(pose.hook_from_cg.sum { |side| side**2 })
        )
      end
      four.worst.zip(four.nominal) { |worst, nominal| expect(worst.tension).to be >= nominal.tension }
      # Nominal as made and stretched; each corner stretched under either weight, and as made under the greater.
      expect(four.poses.size).to eq(2 + 3 * 8 * 2**places.size)
    end
  end

  it "says that stiff legs leave nearly all to two, and that the worse governs" do
    chain, soft = answer(corners, kind: "alloy_chain"), answer(corners)
    expect(chain.rung("sharing").cautions.map(&:id)).to include("sharing", "slack")
    expect(soft.rung("sharing").cautions.map(&:id)).not_to include("slack")
    worst = ->(ladder) { ladder.rung("slings").parts.first(4).map { |part| part.demand.value }.max }
    expect(worst.(chain)).to be > worst.(soft)
    expect(worst.(chain)).to be > chain.rung("sharing").demand.value
  end

  it "turns a sling down that would do for one of three, but not for how it hangs" do
    weak = answer(corners, kind: "alloy_chain", rating: 1900)
    expect(weak.rung("sharing").verdict).not_to eq("stop")
    expect(weak.rung("slings").verdict).to eq("stop")
  end

  it "stops three legs whose CG can come outside the triangle, and needs their slings to know anything" do
    three = corners.first(3).to_h
    expect(answer(three, cg: [ "2.3 m", "1.3 m", "0.7 m" ]).rung("level").verdict).to eq("stop")
    expect(answer(three, cg: [ "3.0 m", "1.7 m", "0.7 m" ]).rung("sharing").verdict).to eq("holds")
    without = on_legs(corners).tap { |document| document["rigging"]["legs"][2]["sling"] = nil }
    ladder = DustLadder.check(without)
    expect(ladder.verdict).to eq("not_known")
    expect(ladder.rung("level").missing.first.pointer).to eq("/rigging/legs/2/sling")
  end

  it "cautions a load that stands in its legs, points below the CG" do
    high =
      answer(
        corners,
        :cg => [ "2.3 m", "1.3 m", "1.9 m" ],
        "/load/size" => {
          "length" => "4.6 m",
          "width" => "2.6 m",
          "height" => "3 m"
        }
      )
    expect(high.rung("level").cautions.map(&:id)).to include("points_below")
    expect(high.rung("load").verdict).not_to eq("not_known")
  end

  it "takes typed lengths: one leg long leaves its diagonal to the other two" do
    four = bridle(corners, kind: "alloy_chain", lengths: [ "4.24 m", "4.38 m", "4.24 m", "4.24 m" ])
    carried = four.nominal.map(&:tension)
    expect(carried[1] + carried[3]).to be < 0.1 * carried.sum
  end

  it "answers with a drawing and parts that fit the format, under every school, strict never the mildest" do
    ranks =
      %w[strict level-side plumb-side].map do |school|
        ladder = answer(corners, rules: school)
        expect(DustLadder::PlanFile::Schema.ladder_errors(JSON.parse(JSON.generate(ladder.as_json)))).to be_empty
        expect(ladder.as_json["drawing"]["legs"].size).to eq(4)
        DustLadder::Ladder::Verdict.rank(ladder.verdict)
      end
    expect(ranks.first).to eq(ranks.min)
  end

  it "shows arithmetic that can be worked again" do
    %w[alloy_chain polyester_round].each do |kind|
      answer(corners, kind: kind, cg: [ "2.5 m", "1.4 m", "0.7 m" ])
        .rungs
        .flat_map(&:working)
        .select(&:formula)
        .each do |line|
          value = line.result.value * (line.result.unit == :percent ? 100 : 1)
          expect(rework(line)).to be_within(1e-6 * [ 1, value.abs ].max).of(value), "#{line.symbol} = #{line.formula}"
        end
    end
  end
  include Arithmetic
end
