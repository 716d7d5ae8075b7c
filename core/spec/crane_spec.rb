RSpec.describe DustLadder::Cranes do
  cells = [
    [ 22_400, 18_900, nil ],
    [ 17_800, 16_300, 13_900 ],
    [ 11_900, nil, 10_800 ],
    [ 7300, 7450, 7600 ],
    [ nil, 5050, 5300 ]
  ]
  table = described_class::Table.new([ 3.5, 5.0, 7.0, 9.5, 12.0 ], [ 11.5, 17.0, 22.5 ], cells)

  {
    [ 6.1, 11.5 ] => 11_900,
    [ 5.0, 17.0 ] => 16_300,
    [ 5.0009, 17.0 ] => 16_300,
    [ 5.0011, 17.0 ] => nil,
    [ 8.0, 17.0 ] => nil,
    [ 9.5, 17.0 ] => 7450,
    [ 10.0, 19.2 ] => 5050,
    [ 4.0, 22.5 ] => nil,
    [ 3.4, 11.5 ] => nil,
    [ 12.1, 17.0 ] => nil,
    [ 10.0, 11.5 ] => nil,
    [ 6.0, 23.0 ] => nil,
    [ 6.0, 11.0 ] => nil,
    [ 4.0, 12.0 ] => 16_300,
    [ 4.9, 19.0 ] => nil
  }.each do |(radius, boom), kg|
    it("reads #{kg.inspect} at #{radius} m with #{boom} m of boom") { expect(table.capacity(radius, boom)).to eq(kg) }
  end

  it "is one thing or the other at the very edge of a row's tolerance" do
    [ 7.001, 7.001 + 1e-15, 7.001 - 1e-15, 6.999, 6.999 - 1e-15, 6.6 - (6.6 - 6.999) ].each do |radius|
      expect(table.capacity(radius, 11.5)).to eq(11_900).or eq(7300)
    end
  end

  it "never reads more than the smaller row gives, even where a chart rises" do
    rising = described_class::Table.new([ 4, 6, 8 ], [ 10 ], [ [ 5000 ], [ 6000 ], [ 3000 ] ])
    expect(rising.capacity(5.0, 10)).to eq(5000)
  end

  it "answers the other way round within the unbroken run" do
    expect(table.largest_radius(11_000, 11.5)).to eq(7.0)
    expect(table.largest_radius(11_900, 11.5)).to eq(7.0)
    expect(table.largest_radius(5000, 17.0)).to eq(5.0)
    expect(table.largest_radius(30_000, 11.5)).to be_nil
    expect(table.largest_radius(5000, 40)).to be_nil
  end

  it "refuses a ragged table" do
    expect { described_class::Table.new([ 4, 6 ], [ 10, 20 ], [ [ 1, 2 ], [ 3 ] ]) }.to raise_error(
      ArgumentError,
      /row 1 has 1 cells for 2/
    )
  end

  it "finds the least along a way, as fine steps do, and in a zone touched only for a moment" do
    data = chart
    made =
      described_class::Chart.of(
        radii: data["radius_m"],
        booms: data["boom_length_m"],
        tables: data["tables"],
        sectors: data["sectors"]
      )
    g = PropCheck::Generators
    PropCheck.forall(
      g.tuple(g.choose(400..1200), g.choose(400..1200), g.choose(-360..720), g.choose(-400..400), g.choose(150..250))
    ) do |r1, r2, slew, turn, boom|
      ends =
        [ [ r1, slew ], [ r2, slew + turn ] ].map do |radius, angle|
          described_class::Path::Station.new(radius: radius / 100.0, slew: angle.to_f, boom: boom / 10.0)
        end
      least = described_class::Path.new(made, ends).least.kg
      stepped =
        (0..400).map do |step|
          made.capacity(r1 / 100.0 + (r2 - r1) / 100.0 * step / 400, boom / 10.0, slew + turn * step / 400.0).first
        end
      expect(least || 0).to be <= stepped.map { |kg| kg || 0 }.min
    end
    touch = [ 85.0, 95.0, 85.0 ].map { |slew| described_class::Path::Station.new(radius: 6.0, slew: slew, boom: 20.0) }
    expect(described_class::Path.new(made, touch.reverse).least).to have_attributes(kg: 16_000, sector: "front")
  end

  it "shares borders between sectors and takes the turn as stated" do
    expect(
      rung(
        "crane",
        { "/cranes/0/stations/0/slew" => "90°", "/cranes/0/stations/1/slew" => "90°", "/cranes/0/turn" => "none" }
      ).capacity.value
    ).to eq(11_000)
    clockwise = { "/cranes/0/stations/0/slew" => "120°", "/cranes/0/stations/1/slew" => "200°" }
    expect(rung("crane", clockwise).capacity.value).to eq(14_000)
    expect(rung("crane", clockwise.merge("/cranes/0/turn" => "anticlockwise")).capacity.value).to eq(11_000)
    expect(rung("crane", clockwise.merge("/cranes/0/turn" => nil))).to have_attributes(
      verdict: "not_known",
      missing: [ have_attributes(pointer: "/cranes/0/turn") ]
    )
    expect(rung("crane", clockwise.merge("/cranes/0/turn" => "none")).verdict).to eq("not_known")
  end

  it "lets the radius grow unless it was measured loaded" do
    expect(rung("crane", { "/cranes/0/stations/1/radius" => "7.9 m" }).capacity.value).to eq(9500)
    expect(
      rung(
        "crane",
        { "/cranes/0/stations/1/radius" => "7.9 m", "/cranes/0/radius_measured_loaded" => true }
      ).capacity.value
    ).to eq(14_000)
  end

  it "stops past the chart and in a hole of it" do
    expect(rung("crane", { "/cranes/0/stations/1/radius" => "12.5 m" })).to have_attributes(
      verdict: "stop",
      utilisation: nil
    )
    holed = chart
    holed["tables"].each_value { |rows| rows[1][1] = nil }
    expect(check({}, chart: holed).rung("crane").verdict).to eq("stop")
  end

  it "believes a chart only for the machine as it stands" do
    differs = check("/cranes/0/as_rigged/counterweight" => "5 t")
    expect(differs.rung("chart")).to have_attributes(verdict: "stop", subject: "counterweight")
    expect(differs.rung("crane").verdict).to eq("not_known")
    expect(differs.as_json["reach"]).to be_nil
    expect(check("/cranes/0/as_rigged/counterweight" => " ").rung("chart")).to have_attributes(verdict: "not_known")
    expect(check("/cranes/0/as_rigged/counterweight" => " 9  T ").rung("chart").verdict).to eq("holds")
    without = check("/cranes/0/chart" => nil)
    expect(%w[hoist wraps height boom chart crane wind].map { |id| without.rung(id).verdict }.uniq).to eq(
      [ "not_known" ]
    )
  end

  it "stacks all that hangs from the tip" do
    document = plan
    document["cranes"][0]["deductions"] << { "what" => "ball", "mass" => "110 kg", "hangs" => "elsewhere" }
    lift = DustLadder::Lift.new(document)
    rope = 4 * lift.duty.crane.most_rope_m(lift.bridle.hook_range.first) * 1.5
    expect(lift.duty.gross.kg).to be_within(1e-9).of(3090 + 15 + 15 + 250 + rope + 110)
    expect(lift.duty.gross.on_rope_kg).to be_within(1e-9).of(lift.duty.gross.kg - 110)
    document["snapshots"]["slings"]["A-1"]["data"]["mass_kg"] = nil
    expect(DustLadder.check(document).rung("hoist").note["metric"]).to match(/mass of sling A-1/)
  end

  it "measures the height under the tip, and over what stands in the way" do
    tip = 2 + Math.sqrt(20**2 - (7.3 + 1)**2)
    height = rung("height")
    expect(height.subject).to eq("set")
    expect(height.capacity.value).to be_within(1e-9).of(tip - 2)
    expect(height.demand.value).to be_between(7, 7.08)
    over = rung("height", { "/cranes/0/obstacle_height" => "12 m" })
    expect(over).to have_attributes(verdict: "stop", subject: "over the obstacle")
    expect(over.demand.value).to be_between(18.5, 18.58)
    expect(rung("height", { "/cranes/0/boom_length" => "7 m" }).verdict).to eq("stop")
  end

  it "reeves more with more parts, less at each" do
    capacities = (1..8).map { |parts| described_class::Reeving.capacity(4000, parts, 1, 0.98) }
    expect(capacities).to eq(capacities.sort)
    expect(capacities.each_with_index.map { |kg, index| kg / (index + 1) }).to eq(
      capacities.each_with_index.map { |kg, index| kg / (index + 1) }.sort.reverse
    )
    expect(described_class::Reeving.capacity(4000, 3, 1, 1)).to eq(12_000)
    expect(described_class::Reeving.least_parts(4000, 1e9, 1, 0.98, 16)).to be_nil
  end
end
