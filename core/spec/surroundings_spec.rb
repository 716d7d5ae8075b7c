# Heat, chemicals, edges, bends and a site's own factor in a plan; and the fittings in the load path.
RSpec.describe "Slings where they work" do
  def around(**given)
    {
      "temperature" => "25 °C",
      "near" => [],
      "edges" => "none",
      "no_sparks" => false,
      "no_current" => false,
      "site_factor" => nil,
      "site_reason" => "",
      "surface" => "plain"
    }.merge(given.transform_keys(&:to_s))
  end

  def checked(given, changes = {}, **more) =
    DustLadder.check(
      DustLadder::PlanFile.accept(plan({ "/rigging/surroundings" => around(**given) }.merge(changes), **more))
    )
  def slings_of(...) = checked(...).rung("slings")
  def rope(number, **more) = sling(number, kind: "wire_rope", reach_m: 4.27, diameter_m: 0.013, **more)

  it "changes nothing where nothing is against them, and is asked for wherever slings are" do
    plain = check("/rigging/surroundings" => nil)
    expect(slings_of({}).demand.value).to eq(plain.rung("slings").demand.value)
    expect(slings_of({}).utilisation).to eq(plain.rung("slings").utilisation)
    expect(plain.rung("surroundings").missing.map(&:pointer)).to eq([ "/rigging/surroundings" ])
    expect(checked({}).rung("surroundings")).to have_attributes(verdict: "holds", utilisation: nil)
    expect(checked({ temperature: nil }).rung("surroundings").verdict).to eq("not_known")
    expect(checked({ edges: nil }).rung("surroundings").verdict).to eq("not_known")
  end

  # [what is around, kind of the slings, words of the stop]
  [
    [ { near: [ "acid" ] }, "alloy_chain", /acid harms alloy chain/ ],
    [ { near: [ "alkali" ] }, "polyester_round", /alkali harms/ ],
    [ { near: [ "bleach" ] }, "nylon_web", /bleach harms/ ],
    [ { edges: "sharp" }, "polyester_web", /sharp edge/ ],
    [ { no_sparks: true }, "alloy_chain", /may spark/ ],
    [ { no_current: true }, "wire_rope", /conducts/ ],
    [ { temperature: "95 °C" }, "polyester_round", /95 °C is outside/ ],
    [ { temperature: "-45 °C" }, "alloy_chain", /outside/ ]
  ].each do |given, kind, words|
    it "stops #{kind.tr("_", " ")} with #{given}" do
      slings = %w[A-1 A-2].map { |number| sling(number, kind: kind, reach_m: 4.272) }
      expect(slings_of(given, slings: slings).note["metric"]).to match(words)
      expect(slings_of(given, slings: slings).verdict).to eq("stop")
    end
  end

  it "takes heat and the site off every leg's rating, line by line" do
    rung = slings_of({ temperature: "250 °C", site_factor: "80 %", site_reason: "salt dust in the links" })
    parts = rung.parts.select { |part| part.name.match?(/West|East/) }
    expect(parts.map { |part| part.capacity.value }).to all(be_within(1e-9).of(4000 * 0.9 * 0.8))
    shown = rung.working.find { |line| line.symbol == "C" && line.group == "West leg" }
    expect(
      [ shown.formula,
        Arithmetic.instance_method(:rework).bind_call(self, shown) ]
    ).to eq([ "R × kt × ks", 2880.0 ])
    expect(rung.working.map(&:source).join).to include("salt dust in the links")
  end

  it "does not know a leg without its temperature, its edges, or the site's reason" do
    [
      [ { temperature: nil }, "/rigging/surroundings/temperature" ],
      [ { edges: nil }, "/rigging/surroundings/edges" ],
      [ { site_factor: "80 %" }, "/rigging/surroundings/site_reason" ],
      [ { temperature: "warm" }, "/rigging/surroundings/temperature" ]
    ].each do |given, pointer|
      rung = slings_of(given)
      expect([ rung.verdict, rung.missing.map(&:pointer) ]).to eq([ "not_known", [ pointer ] ])
    end
  end

  it "counts a bend by the rope's own diameter, stops a sharp one, and asks for the diameter" do
    ropes = [ rope("A-1"), rope("A-2") ]
    bent = ->(text, slings = ropes) { slings_of({}, { "/rigging/legs/0/bend" => text }, slings: slings) }
    west = ->(rung) { rung.parts.find { |part| part.name == "West" }.capacity.value }
    expect(west.(bent.("325 mm"))).to be_within(1e-9).of(4000)
    expect(west.(bent.("156 mm"))).to be_within(1e-6).of(4000 * (1 - 0.5 / Math.sqrt(12)) / 0.9)
    expect(bent.("90 mm").note["metric"]).to match(/under 8/)
    expect(bent.("156 mm", [ rope("A-1", diameter_m: nil), rope("A-2") ]).missing.first.what).to match(
      /diameter of A-1/
    )
  end
end

RSpec.describe DustLadder::Fittings::FittingsCheck do
  def fitting(kind, wll: "5 t", **more) =
    {
      "end" => "load",
      "kind" => kind,
      "wll" => wll,
      "axis" => nil,
      "across" => nil,
      "mass" => "1 kg",
      "plane" => "in",
      "through" => true,
      "into" => "frame, A. Builder"
    }.merge(
      more.transform_keys(&:to_s)
    )
  def fitted(*west, east: [ fitting("shackle") ], **changes)
    document =
      plan(
        {
          "/rigging/legs/0/fittings" => west,
          "/rigging/legs/1/fittings" => east,
          "/rigging/legs/0/load_end" => nil,
          "/rigging/legs/1/load_end" => nil
        }.merge(
          changes.transform_keys(&:to_s)
        )
      )
    DustLadder.check(DustLadder::PlanFile.accept(document)).rung("fittings")
  end

  it "holds by the slings' own ends, and knows nothing where nobody says what holds a leg to the load" do
    expect(check.rung("fittings")).to have_attributes(verdict: "holds", utilisation: nil)
    expect(check("/rigging/legs/1/load_end" => nil).rung("fittings").missing.first.pointer).to eq(
      "/rigging/legs/1/fittings"
    )
    expect(fitted(fitting("shackle"), east: []).missing.first.pointer).to eq("/rigging/legs/1/fittings")
    expect(fitted(fitting("hook").merge("end" => "hook")).verdict).to eq("not_known")
  end

  # The legs stand 69.4° from the horizontal: 20.6° from plumb, and at worst a little more.
  it "holds a shackle in the pull, a hoist ring anywhere, and takes a shouldered eye by its band" do
    expect(fitted(fitting("shackle")).verdict).to eq("holds")
    ring = fitted(fitting("hoist_ring", axis: "z"))
    expect(ring.parts.first.capacity.value).to eq(5000.0)
    eye = fitted(fitting("eyebolt_shouldered", axis: "z", across: "y", wll: "12 t"))
    expect(eye.working.find { |line| line.symbol == "a" }.result.value).to be_between(20.6, 25)
    expect(eye.parts.first.capacity.value).to be_within(1e-9).of(12_000 * 0.25)
    expect(eye.cautions.map(&:id)).to include("eyebolt", "hoist_ring")
  end

  it "stops an eye without shoulder, one across its plane, and a hook loaded at its tip" do
    expect(fitted(fitting("eyebolt_plain", axis: "z", across: "y")).note["metric"]).to match(/past its table/)
    expect(fitted(fitting("eyebolt_shouldered", axis: "z", across: "x", wll: "12 t")).note["metric"]).to match(
      /out of the plane/
    )
    expect(fitted(fitting("hook", off_centre: "80 %")).verdict).to eq("stop")
    expect(fitted(fitting("hook", off_centre: "20 %")).parts.first.capacity.value).to be_within(1e-9).of(5000 * 0.86)
  end

  it "asks which way a fitting points, how its eye stands, and what it is rated for" do
    {
      { "axis" => nil } => "axis",
      { "across" => nil } => "across",
      { "wll" => nil } => "wll",
      { "wll" => "0 kg" } => "wll"
    }.each do |change, field|
      rung = fitted(fitting("eyebolt_shouldered", axis: "z", across: "y").merge(change))
      expect([ rung.verdict, rung.missing.map(&:pointer) ]).to eq(
        [ "not_known", [ "/rigging/legs/0/fittings/0/#{field}" ] ]
      )
    end
  end

  it "shows arithmetic that can be worked again, and fits the format" do
    document =
      plan(
        "/rigging/legs/0/fittings" => [ fitting("eyebolt_shouldered", axis: "z", across: "y", wll: "12 t") ],
        "/rigging/legs/1/fittings" => [ fitting("shackle") ]
      )
    ladder = DustLadder.check(document)
    expect(DustLadder::PlanFile::Schema.ladder_errors(JSON.parse(JSON.generate(ladder.as_json)))).to be_empty
    ladder
      .rung("fittings")
      .working
      .select(&:formula)
      .each { |line| expect(rework(line)).to be_within(1e-6).of(line.result.value) }
  end
  include Arithmetic
end

RSpec.describe DustLadder::Slings::LoopCheck do
  choked = ->(angle) do
    %w[0 1]
      .flat_map do |leg|
        {
          "/rigging/legs/#{leg}/hitch" => "choker",
          "/rigging/legs/#{leg}/choke_angle" => "125°",
          "/rigging/legs/#{leg}/held_by" => "lugs",
          "/rigging/legs/#{leg}/loop_angle" => angle
        }.to_a
      end
      .to_h
  end

  it "multiplies the pull in a flat loop, against the straight rating" do
    [ [ "60°", Math.sin(60 * Math::PI / 180) ], [ "20°", Math.sin(20 * Math::PI / 180) ] ].each do |angle, sine|
      ladder = check(choked.(angle))
      worst = ladder.lift.bridle.worst.map(&:tension).max
      expect(ladder.rung("loop").demand.value).to be_within(1e-6).of(worst / 2 / sine)
      expect(ladder.rung("loop").capacity.value).to eq(4000.0)
    end
    expect(rung("loop", choked.("8°")).verdict).to eq("stop")
  end

  it "is not known without its angle, and no rung where no loop is told of" do
    expect(rung("loop", choked.(nil)).verdict).to eq("not_known")
    expect(check.rung("loop")).to be_nil
  end
end

RSpec.describe "What is left of a rating" do
  hot = {
    "temperature" => "250 °C",
    "near" => [],
    "edges" => "none",
    "no_sparks" => false,
    "no_current" => false,
    "site_factor" => "80 %",
    "site_reason" => "dust"
  }

  it "is left of the rating of all legs together too, and by a tight choke" do
    pair = ->(changes) {
      rung("slings", changes).parts.find { |part|
        part.name == "both legs, uniform load"
      }.capacity.value
    }
    expect(pair.({ "/rigging/surroundings" => hot })).to be_within(1e-6).of(pair.({}) * 0.9 * 0.8)
    choke = ->(angle) do
      %w[0 1]
        .flat_map do |leg|
          {
            "/rigging/legs/#{leg}/hitch" => "choker",
            "/rigging/legs/#{leg}/choke_angle" => angle,
            "/rigging/legs/#{leg}/held_by" => "lugs"
          }.to_a
        end
        .to_h
    end
    expect(pair.(choke.("100°"))).to be_within(1e-6).of(pair.(choke.("125°")) * 0.87)
    rung("slings", { "/rigging/surroundings" => hot })
      .working
      .select(&:formula)
      .each { |line| expect(rework(line)).to be_within(1e-6 * line.result.value.abs + 1e-9).of(line.result.value) }
  end

  it "is what the leg count is held against, and no figure at all is no pass" do
    corners = { "NW" => [ 0.4, 2.3 ], "NE" => [ 4.2, 2.3 ], "SE" => [ 4.2, 0.3 ], "SW" => [ 0.4, 0.3 ] }
    four = ->(**changes) do
      slings =
        corners.keys.map do |name|
          sling("S-#{name}", kind: "polyester_round", reach_m: 4.24, tag: { "vertical_kg" => 6000 })
        end
      points = corners.map { |name, (x, y)| { "name" => name, "x" => "#{x} m", "y" => "#{y} m", "z" => "1.6 m" } }
      legs =
        corners.keys.map do |name|
          {
            "sling" => "S-#{name}",
            "hitch" => "vertical",
            "length" => nil,
            "choke_angle" => nil,
            "basket_width" => nil,
            "held_by" => ""
          }
        end
      plan(
        {
          "/load/points" => points,
          "/load/size/length" => "4.6 m",
          "/load/size/width" => "2.6 m",
          "/load/cg/x" => "2.3 m",
          "/load/cg/y" => "1.3 m",
          "/rigging/legs" => legs,
          "/rigging/hook_height" => "5.26 m"
        }.merge(changes.transform_keys(&:to_s)),
        slings: slings
      )
    end
    capacity = ->(document) { DustLadder.check(document).rung("sharing").parts.first.capacity.value }
    expect(capacity.(four.("/rigging/surroundings": hot.merge("temperature" => "40 °C")))).to be_within(1e-9).of(
      capacity.(four.()) * 0.8
    )
    burnt = DustLadder.check(four.("/rigging/surroundings": hot))
    expect([ burnt.rung("sharing").verdict, burnt.rung("slings").verdict ]).to eq(%w[not_known stop])
    baskets =
      four
        .()
        .tap do |document|
          document["rigging"]["legs"].each { |leg| leg.merge!("hitch" => "basket", "basket_width" => "0.5 m") }
        end
    expect(DustLadder.check(baskets).rung("sharing").verdict).to eq("not_known")
  end
  include Arithmetic
end
