RSpec.describe DustLadder::Slings::QuickCheck do
  def quick(**given) = described_class.new(given.transform_keys(&:to_s), DustLadder::RuleSet.shipped("strict"))
  def said(check) = check.as_json

  # 3 t weighed: 3 060 kg on two legs; at 60° 1 530 / sin 60 = 1 767 kg of 2 t.
  it "tells tension, factor and verdict from weight, legs, angle and rating" do
    check =
      quick(
        weight: "3 t",
        basis: "weighed",
        legs: "2",
        angle: "60° from horizontal",
        hitch: "vertical",
        rating: "2 t"
      )
    expect(said(check).values_at("verdict", "angle")).to eq(
      [ "holds", "60.0° from horizontal, 30.0° from plumb, 60.0° included" ]
    )
    expect(said(check)["tension"]["value"]).to be_within(1e-6).of(1530 / Math.sin(Math::PI / 3))
    expect(said(check)["utilisation"]["metric"]).to eq("89\u00a0%")
  end

  it "takes length and height for the angle, counts four as three, and takes the poorest basis where none is said" do
    check = quick(weight: "3 t", legs: "4", length: "5 m", height: "4 m", hitch: "vertical", rating: "4 t")
    expect(said(check)["tension"]["value"]).to be_within(1e-6).of(3750 / 3.0 * 5 / 4)
  end

  it "stops under the floor whatever the rating, and a choke keeps less" do
    flat = quick(weight: "1 t", legs: "2", angle: "29° from horizontal", rating: "50 t")
    expect([ flat.verdict, said(flat)["flat"] ]).to match([ "stop", /under 30°/ ])
    share = ->(hitch) { said(quick(weight: "1 t", legs: "1", hitch: hitch, rating: "2 t"))["capacity"]["value"] }
    expect([ share.("vertical"), share.("choker") ]).to eq([ 2000.0, 1500.0 ])
  end

  it "knows nothing without what it needs, asks a bare angle back, and refuses nothing and what cannot be" do
    expect(said(quick).values_at("verdict", "missing")).to eq([ "not_known", "the weight" ])
    expect(said(quick(weight: "3 t", legs: "2"))["missing"]).to match(/angle/)
    bare = said(quick(weight: "3 t", legs: "2", angle: "30", rating: "2 t"))
    expect(bare["problems"].first["choices"]).to eq([ "30° from horizontal", "30° from plumb", "30° included" ])
    expect(said(quick(weight: "0 t", legs: "2"))["problems"].first["message"]).to match(/more than nothing/)
    tall = said(quick(weight: "3 t", legs: "2", length: "3 m", height: "4 m", rating: "2 t"))
    expect(tall["problems"].first["pointer"]).to eq("/height")
  end

  it "becomes a plan that the format takes, with what was typed" do
    plan =
      quick(weight: "3 t", basis: "weighed", legs: "3", angle: "60° from horizontal", hitch: "choker").plan(
        "Three legs"
      )
    expect(DustLadder::PlanFile.accept(plan)["load"]["weight"]).to include("bare" => "3 t", "basis" => "weighed")
    expect([ plan["rigging"]["set_by"], plan["rigging"]["legs"].size ]).to eq([ "leg_angles", 3 ])
  end
end

RSpec.describe "An angle that is typed" do
  def angled(west, east = nil, **more)
    { "/rigging/set_by" => "leg_angles", "/rigging/legs/0/angle" => west, "/rigging/legs/1/angle" => east }.merge(
      more.transform_keys(&:to_s)
    )
  end

  it "sets the legs' length, from whichever convention" do
    [ "60° from horizontal", "30° from plumb", "60° included", "60 deg horizontal" ].each do |text|
      expect(check(angled(text)).lift.bridle.lengths).to all(be_within(1e-9).of(3.0))
    end
    reading = check(angled("60° included")).as_json["readings"]["/rigging/legs/0/angle"]
    expect(reading["metric"]).to eq("60.0° from horizontal, 30.0° from plumb, 60.0° included")
  end

  it "asks a bare one back, with what each convention would mean in kilograms" do
    problem = check(angled("60")).as_json["problems"].first
    expect(problem["message"]).to match(
      /from horizontal 1\W785\Wkg in the leg; from plumb 3\W090\Wkg in the leg; included/
    )
    expect(problem["choices"]).to all(satisfy { |choice| check(angled(choice)).rung("angle").verdict != "not_known" })
  end

  it "names legs whose angles contradict each other, and an angle that the geometry does not bear out" do
    apart = check(angled("60° from horizontal", "45° from horizontal")).rung("level")
    expect([ apart.verdict, apart.note["metric"] ]).to match([ "stop", /1\.098\Wm apart/ ])
    beside = rung("angle", { "/rigging/legs/0/angle" => "60° from horizontal" })
    expect(beside.cautions.map(&:id)).to include("contradiction")
    expect(rung("angle", { "/rigging/legs/0/angle" => "69.4° from horizontal" }).cautions.map(&:id)).not_to include(
      "contradiction"
    )
  end

  it "asks whether half the spread was typed for a leg's length" do
    half = {
      "/rigging/set_by" => "leg_lengths",
      "/rigging/legs/0/length" => "1.5 m",
      "/rigging/legs/1/length" => "4 m"
    }
    expect(rung("level", half).note["metric"]).to match(/was half the spread typed/)
  end
end

RSpec.describe "Ways out where something is not known" do
  it "are judged by the rungs that are known, and what was tried is told" do
    flat = plan("/rigging/hook_height" => "2.7 m", "/cranes/0/hook" => nil, "/lift_at" => nil)
    ways = ways_out(flat)
    expect(DustLadder.check(flat).rungs.map(&:verdict)).to include("not_known", "stop")
    expect(ways.found.map(&:id)).to include("hook")
    expect(ways.tried).to include("a higher hook")
    ways.found.each do |way|
      expect(
        way
          .ladder
          .rungs
          .map { |one| DustLadder::Ladder::Verdict.rank(one.verdict) }
          .zip(DustLadder.check(flat).rungs.map { |one| DustLadder::Ladder::Verdict.rank(one.verdict) })
      ).to all(satisfy { |after, before| after >= before })
    end
  end

  it "say how what is known stands, beside what is not" do
    expect(check({ "/cranes/0/hook" => nil, "/lift_at" => nil }).headline).to match(
      /\ANot known: .* and 5 more\. What is known holds, slings at \d+/
    )
  end

  it "loosen a tight choke, and lengthen legs with the angle and the pull that follow" do
    chokes =
      [ 0, 1 ].flat_map do |leg|
        held
          .merge("hitch" => "choker", "choke_angle" => "40°")
          .map { |key, value| [ "/rigging/legs/#{leg}/#{key}", value ] }
      end
        .to_h
    tight = plan(chokes.merge("/load/weight/bare" => "4.4 t"))
    expect(ways_out(tight).found.map(&:id)).to include("choke")
    short =
      plan(
        {
          "/rigging/set_by" => "leg_lengths",
          "/rigging/legs/0/length" => "1.7 m",
          "/rigging/legs/1/length" => "1.7 m"
        }
      )
    longer = ways_out(short).found.find { |way| way.id == "legs" }
    expect(longer.words["metric"]).to match(/the longest \d\.\d+\Wm: \d+\.\d° from horizontal, [\d\W]+kg at most/)
  end
end
