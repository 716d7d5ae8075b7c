# The order of work that leads a new plan, and what a machine asks of it.
RSpec.describe DustLadder::Ladder::FirstSteps do
  blank = DustLadder::Plan.blank(title: "New", rule_set: DustLadder::RuleSet.shipped("strict"))
  given = {
    "/load/weight/bare" => "3.2 t",
    "/load/weight/basis" => "estimated",
    "/load/size/length" => "2.4 m",
    "/load/size/width" => "1.1 m",
    "/load/size/height" => "1.5 m"
  }
  middle = { "/load/cg/x" => "1.3 m", "/load/cg/y" => "0.55 m", "/load/cg/z" => "0.6 m", "/load/cg/basis" => "by_eye" }

  def first(document) = DustLadder.check(document).as_json["first"]
  def with(document, changes) = DustLadder::PlanFile::Pointer.with_values(document, changes)
  def step(document, id) = first(document)["steps"].find { |one| one["id"] == id }

  it "asks the load first, and draws nothing of a load without a size" do
    found = first(blank)
    expect(found["steps"].map { |one| one["id"] }).to eq(%w[load points rigging crane site])
    expect(found["steps"].map { |one| one["done"] }.uniq).to eq([ false ])
    expect(found["steps"].first["asks"].map { |one| one["pointer"] }).to eq(
      %w[/load/weight/bare /load/weight/basis /load/size/length]
    )
    expect(found["outline"]).to be_nil
  end

  it "echoes what was typed, how it was read and what is planned, and draws what is known" do
    document = with(blank, given)
    expect(step(document, "load")["echo"]["metric"]).to eq(
      "“3.2 t” read as 3\u202f200\u00a0kg, estimated: +25\u00a0%, so 4\u202f000\u00a0kg planned"
    )
    outline = first(document)["outline"]
    expect(outline.values_at("size", "cg", "points")).to eq([ [ 2.4, 1.1, 1.5 ], nil, [] ])
    expect(outline["planned"]["value"]).to be_within(1e-9).of(4000)
    whole = with(document, middle)
    expect(step(whole, "load")["done"]).to be(true)
    expect(first(whole)["outline"]["cg_half_width"].first).to be_within(1e-9).of(0.24)
  end

  it "asks where two points could be, mirrored about the centre of gravity, until one of them is given" do
    document = with(blank, given.merge(middle))
    proposal = first(document)["outline"]["proposal"]
    expect(proposal["points"].map { |point| point["at"] }).to eq([ [ 0.5, 0.55, 1.5 ], [ 2.1, 0.55, 1.5 ] ])
    expect(proposal["angle"]["value"]).to eq(60.0)
    expect(proposal["leg"]["value"]).to be_within(1e-9).of(1.6)
    expect(proposal["hook_above"]["value"]).to be_within(1e-9).of(0.8 * Math.sqrt(3))
    expect(proposal["typed"]["/load/points/1/x"]).to eq("metric" => "2.1 m", "us" => "6.89 ft")

    taken = with(document, proposal["typed"].transform_values { |typed| typed["metric"] })
    expect(first(taken)["outline"].values_at("points", "proposal")).to eq([ proposal["points"], nil ])
    expect(first(with(document, "/load/points/0/x" => "1 m"))["outline"]["proposal"]).to be_nil
    expect(first(with(blank, given))["outline"]["proposal"]).to be_nil
  end

  it "proposes points between the ends of any load, and none where the centre of gravity is outside it" do
    random = Random.new(13)
    200.times do
      length = random.rand(0.05..40.0).round(3)
      along = (length * random.rand(-0.2..1.2)).round(3)
      document = with(blank, given.merge(middle, "/load/size/length" => "#{length} m", "/load/cg/x" => "#{along} m"))
      proposal = first(document)["outline"]["proposal"]
      next expect(proposal).to be_nil unless along.between?(1e-9, length - 1e-9)

      ends = proposal["points"].map { |point| point["at"].first }
      expect(ends).to all(be_between(0, length))
      expect(ends.sum / 2).to be_within(1e-3).of(along)
    end
  end

  it "says why it asks, and what the load is planned as before its size is known" do
    expect(step(blank, "load")["asks"].map { |one| one["why"] }).to all(match(/[a-z]/))
    expect(first(blank)["planned_kg"]).to be_nil
    weighed = with(blank, given.slice("/load/weight/bare", "/load/weight/basis"))
    expect(first(weighed)["planned_kg"]).to be_within(1e-9).of(4000)
  end

  it "never calls a step done that asks for something, nor an unreadable weight known" do
    expect(step(with(blank, given.merge(middle, "/load/weight/bare" => "3.2")), "load")["done"]).to be(false)
    expect(
      step(with(blank, given.merge(middle, "/load/weight/basis" => "unknown")), "load")["asks"].map { |one|
        one["pointer"]
      }
    ).to eq([ "/load/weight/basis" ])
    DustLadder.check(blank).as_json["first"]["steps"].each { |one|
      expect(one["done"] && one["asks"].any?).to be(false)
    }
    expect(first(plan)["steps"].map { |one| one["done"] }.uniq).to eq([ true ])
  end

  it "opens a step again when one of its rungs is no longer known" do
    expect(
      step(plan("/cranes/0/chart" => nil), "crane")["asks"].map { |one|
        one["pointer"]
      }
    ).to include("/cranes/0/chart")
    document = plan
    document["by_word"].delete("crew")
    expect(step(document, "site")["asks"].map { |one| one["pointer"] }).to eq([ "/by_word/crew/says" ])
  end

  it "says what the chosen machine asks of a plan" do
    asks = ->(changes, **more) { check(changes, **more).as_json["machine"] }
    expect(asks.({})).to include("reads" => "radius", "booms" => true, "falls" => false, "hook_rated" => true)
    expect(asks.({ "/cranes/0/chart" => nil })).to include("booms" => true)
    expect(asks.({}, chart: chart.except("hook_block"))).to include("hook_rated" => false)
  end
end
