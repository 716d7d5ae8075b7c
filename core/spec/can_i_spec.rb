# What a chart answers either way round: never more than the plan would.
RSpec.describe DustLadder::Cranes::CanI do
  include PlanHelp

  let(:page) { JSON.parse(JSON.generate(plan["snapshots"]["charts"].values.first["data"])) }
  let(:block) { page["hook_block"]["mass_kg"] }
  let(:list) { page["deductions"].to_a.sum { |item| item["kg"] } }
  let(:rope) { page["hoist"]["rope_kg_per_m"] }

  def answer(data = page, boom: 20.0, parts: 4, loaded: true, **asked)
    described_class.new(data, boom: boom, parts: parts, loaded: loaded).answers(**asked).first["booms"].first
  end

  def may(...) = answer(...)["capacity"]&.fetch("value")

  def cell(radius, boom)
    page["tables"].values.first[page["radius_m"].index(radius)][page["boom_length_m"].index(boom)]
  end

  # What the rope carries in the hook in so many parts, with 20 m of boom.
  def carried(parts)
    hoist = page["hoist"]
    pull = [ hoist["line_pull_kg"], hoist["rope_wll_kg"], *hoist.dig("drum", "layer_pulls_kg") ].min
    DustLadder::Cranes::Reeving.capacity(pull, parts, hoist["lead_sheaves"], hoist["efficiency_per_sheave"]) - block -
      parts * 20.0 * rope
  end

  it "counts the block, the chart's own list and the rope as long as the boom, by hand" do
    radius = page["radius_m"][2]
    on_top = block + list + 4 * 20.0 * rope
    exact = cell(radius, 20.0) - on_top
    expect(answer(radius: radius)["deducted"]["value"]).to be_within(1e-6).of(on_top)
    expect(may(radius: radius)).to be_within(1e-6).of([ exact, carried(4) ].min)
    page["hoist"].merge!("line_pull_kg" => 1e6, "rope_wll_kg" => 1e6).delete("drum")
    page["hook_block"]["wll_kg"] = 1e6
    expect(answer(hung: exact)["reach_m"]).to be >= radius
    expect(answer(hung: exact + 1)["reach_m"].to_f).to be < radius
  end

  it "lets the radius grow under load, unless it was measured so" do
    radius = page["radius_m"][2]
    expect(described_class.new(page).read_at(radius)).to be_within(1e-9).of(radius + [ radius * 0.02, 0.3 ].max)
    expect(described_class.new(page, loaded: true).read_at(radius)).to eq(radius)
    found = answer(hung: 2000, loaded: false)
    reach = found["reach"]["value"]
    expect(reach + [ reach * 0.02, 0.3 ].max).to be_within(1e-6).of(found["reach_m"])
  end

  it "reads any boom length at the lower of both columns, and none beyond them" do
    radius = page["radius_m"][2]
    sides = [ 15.0, 20.0 ].map { |boom| may(radius: radius, boom: boom) }
    expect(may(radius: radius, boom: 17.0)).to be_within(4 * 5 * rope).of(sides.min)
    expect([ may(radius: radius, boom: 99.0), answer(hung: 1000, boom: 99.0)["reach"] ]).to eq([ nil, nil ])
  end

  it "takes the fewest parts that carry it, and no more than the chart gives" do
    page["hoist"]["most_parts"] = 6
    parts = answer(hung: 9000, parts: nil)["parts"]
    expect([ carried(parts) >= 9000, parts == 1 || carried(parts - 1) < 9000 ]).to eq([ true, true ])
    expect(answer(hung: 1000, parts: 7)).to include("reach" => nil, "why" => "more parts than the chart's 6")
    expect(answer(hung: 500_000, parts: nil)).to include("reach" => nil, "why" => "more than rope and block carry")
  end

  it "is not known where the chart does not say what hangs" do
    expect(answer(page.except("hook_block"), hung: 1000, radius: 6.0)).to include(
      "reach" => nil,
      "capacity" => nil,
      "why" => /hook block weighs/
    )
    expect(answer(page.except("hoist"), radius: 6.0)).to include("capacity" => nil, "why" => /rope weighs/)
  end

  it "never says more than a plan with that weight at that radius" do
    random = Random.new(15)
    looked = 0
    12.times do
      radius = random.rand(5.0..11.0).round(2)
      may = may(radius: radius, loaded: false) or next
      stations = plan["cranes"][0]["stations"].map { |one| one.merge("radius" => "#{radius} m") }
      ladder =
        check(
          "/load/weight/bare" => "#{[ may * random.rand(0.5..1.0), 500 ].max.floor} kg",
          "/cranes/0/stations" => stations,
          "/cranes/0/boom_length" => "20 m",
          "/cranes/0/parts_of_line" => 4
        )
      next if ladder.lift.duty.gross.in_hook_kg > may

      looked += 1
      expect(%w[holds tight]).to include(ladder.rung("crane").verdict)
    end
    expect(looked).to be > 2
  end

  it "answers for a tower by its falls, and for a hoist by its plate" do
    demo = ->(id) { JSON.parse(File.read(File.expand_path("../../demo/charts/#{id}.json", __dir__))) }
    tables = described_class.new(demo.("ocotillo-50")).answers(hung: 1500, radius: 20.0)
    expect(tables.map { |one| [ one["name"], one["booms"][0]["parts"] ] }).to eq([ [ "2 falls", 2 ], [ "4 falls", 4 ] ])
    row = described_class.new(demo.("teasel")).answers(hung: 4900, radius: 3.0).first["booms"].first
    expect([ row["parts"], row["capacity"]["value"] ]).to eq([ nil, 5000 ])
  end
end
