RSpec.describe "The load, its bridle and its slings" do
  legs = ->(changes) do
    [ 0, 1 ].flat_map { |leg| changes.map { |key, value| [ "/rigging/legs/#{leg}/#{key}", value ] } }.to_h
  end

  it "marks the weight up by how it is known, and knows nothing of an unknown weight" do
    planned = ->(basis) do
      rung("load", { "/load/weight/basis" => basis }).working.find { |line| line.symbol == "W" }&.result&.value
    end
    expect(%w[weighed certified calculated estimated].map(&planned)).to match(
      [ 3060, 3090, 3300, 3750 ].map { |kg| be_within(1e-9).of(kg) }
    )
    unknown = check("/load/weight/basis" => "unknown").rungs.select { |rung| rung.verdict == "not_known" }
    expect(unknown.map(&:id)).to eq(%w[load level points slings hook hoist wraps height crane wind])
    expect(rung("load", { "/load/weight/bare" => "0 kg" }).verdict).to eq("not_known")
    expect(check("/load/weight/bare" => "-5 kg").verdict).to eq("not_known")
  end

  it "stops when the CG can lie outside the points" do
    expect(rung("load", { "/load/cg/x" => "3.45 m" }).verdict).to eq("stop")
    expect(rung("level", { "/load/cg/x" => "3.45 m" }).note["metric"]).to match(/one leg hangs slack/)
    expect(rung("slings", { "/load/cg/x" => "3.45 m" }).verdict).to eq("not_known")
  end

  it "puts the nearer point under more load, and the worst corner above the nominal" do
    parts = rung("slings", { "/load/cg/x" => "1.5 m" }).parts
    expect(parts[0].demand.value).to be > parts[1].demand.value
    parts.first(2).each { |part| expect(part.demand.value).to be > part.nominal.value }
  end

  it "stops points below the CG, and warns of points little above it" do
    expect(rung("level", { "/load/cg/z" => "2.2 m" }).note["metric"]).to match(/turns over/)
    expect(rung("level", { "/load/cg/z" => "1.9 m", "/load/cg/y" => "0.5 m" }).cautions.map(&:id)).to include(
      "unsteady"
    )
  end

  it "stops an impossible geometry at its field" do
    short =
      rung(
        "level",
        {
          "/rigging/set_by" => "leg_lengths",
          "/rigging/legs/0/length" => "1.4 m",
          "/rigging/legs/1/length" => "1.4 m"
        }
      )
    expect([ short.verdict, short.missing.first.pointer, short.note["metric"] ]).to match(
      [ "stop", "/rigging/legs/0/length", /do not meet/ ]
    )
    expect(rung("level", { "/rigging/hook_height" => "1.9 m" }).missing.first.pointer).to eq("/rigging/hook_height")
    expect(check("/rigging/hook_height" => "1.9 m").verdict).to eq("stop")
  end

  it "hangs a load with unequal legs as it will hang" do
    uneven = {
      "/rigging/set_by" => "leg_lengths",
      "/rigging/legs/0/length" => "4.6 m",
      "/rigging/legs/1/length" => "4.0 m"
    }
    expect(rung("level", uneven).subject).to eq("West end low")
    expect(rung("level", uneven).verdict).to eq("stop")
  end

  it "tells every angle in three conventions, rounded against the user, and stops below the floor" do
    flat = rung("angle", { "/rigging/hook_height" => "2.8 m" })
    expect(flat.verdict).to eq("stop")
    expect(
      rung("angle").demand.value + rung("angle").working.find { |line| line.symbol == "h" }.result.value
    ).to be_within(1e-9).of(90)
    angle = DustLadder::Rigging::Angle
    expect(
      [ angle.read(30, :from_plumb), angle.read(60, :included), angle.read(60, :from_horizontal) ].map(
        &:deg_from_horizontal
      )
    ).to eq([ 60, 60, 60 ])
    expect { angle.read(95, :from_horizontal) }.to raise_error(ArgumentError, /between 0 and 90/)
    expect([ angle.new(30.0), angle.new(29.99) ].map { |one| one.allowed?(30.0) }).to eq([ true, false ])
  end

  it "rates by the tag, fills in what the tag leaves out, and takes the lowest of a contradictory tag" do
    rules = DustLadder::RuleSet.shipped("strict")
    rating = ->(hitch, tag, **more) do
      DustLadder::Slings::Tag.new(sling("A-1", tag: tag, **more), rules).rating(hitch)
    end
    expect(rating.("choker", {}).kg).to eq(3200)
    expect(rating.("choker", { "choker_kg" => nil }).kg).to eq(3200.0)
    expect(rating.("choker", { "choker_kg" => nil }, kind: "wire_rope").kg).to eq(3000.0)
    expect(rating.("basket", { "basket_kg" => nil }).kg).to eq(8000.0)
    expect(rating.("choker", { "choker_kg" => 5000 })).to have_attributes(kg: 4000, contradictory: true)
    expect(rating.("basket", { "basket_kg" => 9000 })).to have_attributes(kg: 8000, contradictory: true)
    expect { rating.("vertical", { "vertical_kg" => nil }) }.to raise_error(DustLadder::NotKnown, /no figure/)
  end

  it "takes a sling out of use, or finds that it does not fit, with the reason" do
    why = ->(**piece) { rung("slings", {}, slings: [ sling("A-1", **piece), sling("A-2", **piece) ]).note["metric"] }
    expect(why.(tag: { "legible" => false })).to match(/no legible rating/)
    expect(why.(reach_m: 4.0)).to match(/too short/)
    expect(why.(kind: "wire_rope")).to match(/cannot be shortened/)
    expect(rung("slings", {}, slings: [ sling("A-1") ]).note["metric"]).to match(/one leg and is planned on two/)
    expect(
      rung("slings", {}, slings: [ sling("A-1"), sling("A-2", kind: "wire_rope", reach_m: 4.272) ]).note["metric"]
    ).to match(/different kinds/)
    expect(rung("slings", { "/rigging/legs/1/sling" => nil })).to have_attributes(
      verdict: "not_known",
      missing: [ have_attributes(pointer: "/rigging/legs/1/sling") ]
    )
  end

  it "reduces a choker by its angle of choke, worse bands worse, and asks for that angle" do
    capacity = ->(degrees) do
      rung(
        "slings",
        legs.("hitch" => "choker", "choke_angle" => degrees, **held),
        rules: "level-side"
      ).parts[
        0
      ].capacity.value
    end
    expect(%w[180° 120° 119.9° 90° 60° 30° 10°].map(&capacity)).to match(
      [ 1, 1, 0.87, 0.87, 0.74, 0.62, 0.49 ].map { |factor| be_within(1e-9).of(3200 * factor) }
    )
    expect(rung("slings", legs.("hitch" => "choker", **held)).missing.first.pointer).to eq(
      "/rigging/legs/0/choke_angle"
    )
    expect(rung("slings", legs.("hitch" => "choker", "choke_angle" => "200°", **held)).verdict).to eq(
      "not_known"
    )
    expect(
      rung(
        "slings",
        legs.("hitch" => "choker", "choke_angle" => "130°", "round" => "1 m")
      ).note["metric"]
    ).to match(
      /slides along the load: say by what/
    )
  end

  it "counts a basket double only while it hangs plumb" do
    basket =
      lambda do |width, rules|
        document =
          plan(
            {
              "/rigging/legs/0/hitch" => "basket",
              "/rigging/legs/0/basket_width" => width,
              "/rigging/legs/0/bend" => width,
              "/rigging/legs/0/round" => width,
              "/load/points/0/x" => "2 m"
            },
            rules: rules,
            slings: [ sling("L-1", reach_m: 30.0, diameter_m: 0.013), sling("L-2") ]
          )
        [ document["load"]["points"], document["rigging"]["legs"] ].each(&:pop)
        DustLadder.check(document).rung("slings").parts[0].capacity.value
      end
    expect(basket.("0.2 m", "level-side")).to eq(8000.0)
    expect(basket.("0.2 m", "strict")).to be_between(7900, 7999.9)
    expect(basket.("6 m", "level-side")).to be < 8000 * 0.82
    expect(basket.("6 m", "level-side")).to be > basket.("7 m", "level-side")
  end

  it "rates alike legs by bands in the school that does, and stops past the last band" do
    both = ->(hook, rules) do
      rung("slings", { "/rigging/hook_height" => hook, "/load/cg/x" => "2 m" }, rules: rules).parts.find do |part|
        part.name == "both legs, uniform load"
      end
    end
    expect(both.("6 m", "plumb-side").capacity.value).to be_within(1e-9).of(5600)
    expect(both.("3.2 m", "plumb-side").capacity.value).to be_within(1e-9).of(4000)
    expect(both.("2.7 m", "plumb-side")).to have_attributes(verdict: "stop", utilisation: be > 1)
    expect(both.("6 m", "level-side")).to be_nil
    tagged = sling("B-1", legs: 2, tag: { "multi_leg" => [ { "upto_deg_from_plumb" => 45, "kg" => 5000 } ] })
    banded = ->(hook) do
      rung("slings", { "/rigging/hook_height" => hook }, slings: [ tagged ], rules: "level-side").parts.last
    end
    expect(banded.("6 m").capacity.value).to eq(5000)
    expect(banded.("3.2 m").verdict).to eq("stop")
  end

  it "hangs one leg plumb, and stops a single basket under the CG" do
    document = plan
    document["load"]["points"].pop
    document["rigging"]["legs"].pop
    change(document, "/load/points/0/x", "2.02 m")
    one = DustLadder.check(document)
    expect(one.rung("angle").demand.value).to be_within(1e-6).of(0)
    expect(one.rung("slings").parts.first.demand.value).to be_within(1e-6).of(3090)
    expect(one.rung("load").cautions.map(&:id)).to include("single_point")
    change(document, "/rigging/legs/0/hitch", "basket")
    expect(DustLadder.check(document).rung("level").note["metric"]).to match(/slides out/)
  end
end
