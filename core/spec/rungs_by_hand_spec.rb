# Each rung once, worked on paper beside it.
RSpec.describe "The rungs, by hand" do
  def figure(rung, symbol) = rung.working.find { |line| line.symbol == symbol }.result.value

  # 3 000 kg certified: x 1.03. Points at 0.5 and 3.5, CG at 2: middle. Box 2 % of 4 m.
  it "load: 3 000 kg certified plans 3 090 kg; the CG may be 0.08 of 1.5 m off the middle" do
    load = rung("load")
    expect(figure(load, "W")).to be_within(1e-9).of(3090)
    expect(load.demand.value).to be_within(1e-9).of(0.08)
    expect(load.capacity.value).to be_within(1e-9).of(1.5)
    expect(load.percent.shown).to eq("6\u00a0%")
  end

  # CG 0.4 m toward the east point: off = 0.4 + 0.08 of 1.5 = 32 %.
  it "load: an off-centre CG counts with its box" do
    expect(rung("load", { "/load/cg/x" => "2.4 m" }).utilisation).to be_within(1e-9).of(0.48 / 1.5)
  end

  # Hook 6 m up, points at 2 m: H = 4, d = 1.5: h = atan(4 / 1.5) = 69.44°, nominal.
  it "angle: legs 1.5 m out and 4 m up stand 69.4° from the horizontal" do
    nominal = rung("angle").parts.map { |part| part.nominal.value }
    expect(nominal).to all(be_within(1e-9).of(90 - Math.atan2(4, 1.5) * 180 / Math::PI))
  end

  # T = V x L / H with V = W / 2 = 1545, L = 4.272, H = 4: 1 650 kg.
  it "slings: each of two alike legs pulls 1 650 kg, nominal" do
    nominal = rung("slings").parts.first(2).map { |part| part.nominal.value }
    expect(nominal).to all(be_within(1e-6).of(1545 * Math.hypot(1.5, 4) / 4))
  end

  # One leg carries all: T = W, plumb.
  it "slings: one leg pulls the planned weight" do
    document = plan("/load/points/0/x" => "2 m")
    [ document["load"]["points"], document["rigging"]["legs"] ].each(&:pop)
    slings = DustLadder.check(document).rung("slings")
    expect(slings.demand.value).to be_within(1e-9).of(3090)
    expect(slings.utilisation).to be_within(1e-9).of(3090 / 4000.0)
  end

  # Pull 4 000, 4 parts, 1 lead sheave, 0.98: 4 000 x 0.98 x (1 - 0.98^4) / 0.02 = 15 216 kg.
  it "hoist: four parts of a 4 000 kg line hold 15 216 kg" do
    expect(rung("hoist").capacity.value).to be_within(0.5).of(15_216)
  end

  # Two parts, and the block's own mark becomes irrelevant: 7 762 kg.
  it "hoist: two parts hold 7 762 kg" do
    expect(rung("hoist", { "/cranes/0/parts_of_line" => 2 }).capacity.value).to be_within(0.5).of(7761.6)
  end

  it "hoist: the block's mark governs where it is less than the rope" do
    weak = chart(hook_block: { "mass_kg" => 250, "length_m" => 1.0, "wll_kg" => 3500 })
    hoist = check({}, chart: weak).rung("hoist")
    expect(hoist.subject).to eq("hook block")
    expect(hoist.demand.value).to be_within(1e-9).of(3090 + 30)
    expect(hoist.capacity.value).to eq(3500)
  end

  # Set: support 1 m, hook bearing 6 m over the base: 7 m needed, and a few centimetres for longer legs and tilt.
  # Loaded radius 7.3, boom 20 from -1 / 2: tip = 2 + sqrt(400 - 8.3^2) = 20.196; less 1 and 1: 18.196.
  it "height: 7 m of 18.2 m at set" do
    height = rung("height")
    expect(height.demand.value).to be_between(7, 7.08)
    expect(height.capacity.value).to be_within(0.001).of(18.196)
  end

  # Rope: highest tip over pick: 2 + sqrt(400 - 6^2) = 21.079; hook at 7: 14.079 m x 4 x 1.5 = 84.5 kg.
  it "gross: 3 090 + 30 + 250 + 84.5 kg of rope" do
    expect(figure(rung("hoist"), "G")).to be_within(0.1).of(3454.5)
  end

  # Set 7 m, grown by 0.3: row 8, 20 m of boom, over the rear: 14 000.
  it "crane: 3 454 kg of 14 000 kg at the 8 m row" do
    crane = rung("crane")
    expect(crane.capacity.value).to eq(14_000)
    expect(figure(crane, "r")).to be_within(1e-9).of(7.3)
    expect(figure(crane, "row")).to eq(8.0)
    expect(crane.utilisation).to be_within(1e-4).of(3454.5 / 14_000)
  end

  # 18 m of radius grows by 2 %, 0.36 m, which is more than 0.3.
  it "crane: far out the radius grows by its share" do
    far = chart(radius_m: [ 4.0, 6.0, 8.0, 18.2, 18.5 ])
    expect(
      check({ "/cranes/0/stations/1/radius" => "18 m" }, chart: far)
        .rung("crane")
        .working
        .find { |line| line.symbol == "g" }
        .result
        .value
    ).to be_within(1e-9).of(0.36)
  end

  it "chart: counts its fields, and names those that differ or are missing" do
    expect(rung("chart").note["metric"]).to eq("13 of 13 fields match")
    expect(rung("chart", { "/cranes/0/as_rigged" => {} }).missing.map(&:pointer)).to eq(
      PlanHelp::IDENTITY.keys.sort.map { |name| "/cranes/0/as_rigged/#{name}" }
    )
    expect(
      rung("chart", { "/cranes/0/as_rigged" => PlanHelp::IDENTITY.merge("model" => "Other") }).note["metric"]
    ).to eq("model of the machine differs from the chart")
  end

  describe "cautions, where they matter and nowhere else" do
    def cautions(id, ...) = rung(id, ...).cautions.map(&:id)

    it "warns of flat legs, narrow bridles and a wide hook" do
      expect(cautions("angle")).to eq([])
      expect(cautions("angle", { "/rigging/hook_height" => "4 m" })).to include("below_aim")
      narrow = { "/rigging/hook_height" => "9 m", "/load/cg/z" => "1.75 m" }
      expect(cautions("angle", narrow)).to include("narrow")
      wide = rung("hook", { "/rigging/hook_height" => "3.4 m" })
      expect([ wide.verdict, wide.note["metric"] ]).to match([ "stop", /legs \d+\.\d° apart in the hook, at most 90°/ ])
    end

    it "warns of an estimate and of a CG outside the load" do
      expect(cautions("load")).to eq(%w[tag_lines])
      expect(cautions("load", { "/load/weight/basis" => "estimated" })).to include("estimated")
      expect(cautions("load", { "/load/cg/z" => "-0.2 m" })).to include("cg_outside")
    end

    it "warns of two-blocking close by" do
      expect(cautions("height", { "/cranes/0/obstacle_height" => "11 m" })).to include("two_block")
      expect(cautions("height")).to eq([])
    end

    it "tells how far to shorten a chain, in metres and links" do
      advice = rung("slings").cautions.find { |caution| caution.id == "shorten" }.text
      expect(advice["metric"]).to eq(
        "West leg: shorten A-1 by 1.728\u00a0m, 58 links, with a clutch only, the loaded end leaving by the bottom."
      )
      expect(advice["us"]).to include("5'8 1/16\"")
    end
  end
end
