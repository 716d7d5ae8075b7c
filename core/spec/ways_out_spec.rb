RSpec.describe DustLadder::Advice::WaysOut do
  def ways(document, store = []) = ways_out(document, slings: store).found
  def way(document, id, store = []) = ways(document, store).find { |one| one.id == id }

  let(:flat) { plan("/rigging/hook_height" => "2.7 m") }
  let(:heavier) do
    sling("H-1", legs: 2, mass_kg: 40, tag: { "vertical_kg" => 9000, "choker_kg" => 7200, "basket_kg" => 18_000 })
  end

  it "has none when everything holds, and none before what is needed is given" do
    expect(ways(plan)).to eq([])
    expect(ways(plan("/load/weight/bare" => nil))).to eq([])
  end

  it "raises the hook just enough: a step lower does not do" do
    found = way(flat, "hook")
    height = DustLadder::Quantity::Reader.read(found.changes["/rigging/hook_height"], :length)
    expect(DustLadder.check(flat).verdict).to eq("stop")
    expect(found.ladder.verdict).to eq("tight")
    lower = plan("/rigging/hook_height" => format("%.2f m", height - 0.02))
    expect(DustLadder.check(lower).verdict).to eq("stop")
  end

  it "brings the set nearer, to a radius that grows to the row it needs" do
    changes = {
      "/cranes/0/stations/1/radius" => "10.5 m",
      "/load/weight/bare" => "5.9 t",
      "/load/weight/basis" => "weighed"
    }
    far = plan(changes, rules: "level-side")
    nearer = way(far, "nearer-1")
    radius = DustLadder::Quantity::Reader.read(nearer.changes["/cranes/0/stations/1/radius"], :length)
    expect(radius + 0.3).to be <= 10.001
    expect(nearer.ladder.rung("crane").utilisation).to be < DustLadder.check(far).rung("crane").utilisation
  end

  it "takes a heavier sling of the store, its snapshot with it" do
    heavy = plan("/load/weight/bare" => "7 t", "/rigging/hook_height" => "5 m", "/cranes/0/stations/1/radius" => "5 m")
    expect(DustLadder.check(heavy).governing.map(&:id)).to eq([ "slings" ])
    expect(ways(heavy).select(&:cures)).to eq([])
    found = way(heavy, "sling-H-1", [ heavier ])
    expect(found.changes["/snapshots/slings"].keys).to eq([ "H-1" ])
    expect(%w[holds tight]).to include(found.ladder.verdict)
  end

  it "reeves more parts where the rope is what stops" do
    thin = plan("/cranes/0/parts_of_line" => 1, "/load/weight/bare" => "3.9 t", "/load/weight/basis" => "weighed")
    expect(DustLadder.check(thin).governing.map(&:id)).to eq([ "hoist" ])
    expect(way(thin, "parts").changes).to eq({ "/cranes/0/parts_of_line" => 2 })
  end

  it "offers only what makes the whole ladder better, and leaves the plan as it was" do
    kept = JSON.generate(flat)
    store = [ heavier, sling("S-1", legs: 2, tag: { "vertical_kg" => 500 }) ]
    ways(flat, store).each do |found|
      expect(DustLadder::Ladder::Verdict.rank(found.ladder.verdict)).to be >= DustLadder::Ladder::Verdict.rank("stop")
      expect(found.ladder.verdict).not_to eq("not_known")
    end
    expect(ways(flat, store).map(&:id)).not_to include("sling-S-1")
    expect(JSON.generate(flat)).to eq(kept)
  end
end

RSpec.describe "Levelling a load by its legs" do
  it "offers the leg to change in whole links, with the tilt that follows, and it does follow" do
    tilted =
      plan(
        "/rigging/set_by" => "leg_lengths",
        "/rigging/legs/0/length" => "4.27 m",
        "/rigging/legs/1/length" => "4.00 m"
      )
    expect(DustLadder.check(tilted).rung("level").verdict).not_to eq("holds")
    ways = ways_out(tilted).found.select { |way| way.id.start_with?("level-") }
    expect(ways).not_to be_empty
    ways.each do |way|
      expect(way.words["metric"]).to match(/leg 0\.\d+.m (shorter|longer), \d+ links: it hangs \d\.\d° off level/)
      length = way.changes.values.first.to_f
      expect(
        (
          (
            length -
              { "/rigging/legs/0/length" => 4.27, "/rigging/legs/1/length" => 4.0 }.fetch(way.changes.keys.first)
          ) / 0.03
        ).round(6) % 1
      ).to eq(0)
      expect(way.ladder.rung("level").demand.value).to be < DustLadder.check(tilted).rung("level").demand.value
    end
  end
end

RSpec.describe DustLadder::Advice::WaysOut, "told in full" do
  # A plan whose legs are hardly longer than their points are apart: shorter ones cannot be.
  let(:tight) do
    plan(
      "/rigging/set_by" => "leg_lengths",
      "/rigging/legs/0/length" => "1.56 m",
      "/rigging/legs/1/length" => "1.56 m"
    )
  end

  it "tells of what was tried and cannot be, without a word that it does not know" do
    ways = ways_out(tight)
    told = JSON.parse(JSON.generate("ways" => ways.found.map(&:as_json), "misses" => ways.misses.map(&:as_json)))
    expect(ways.tried).to include("longer legs")
    expect(told["ways"].map { |way| way["minutes"] }).to all(be_positive)
    words = ways.found.map(&:words) + ways.misses.map(&:words)
    expect(words.map { |one| one["us"] }).to all(be_a(String))
  end

  it "puts what cures before what does not, least to do first, and tells how long it takes" do
    heavy = plan("/load/weight/bare" => "7 t", "/rigging/hook_height" => "5 m", "/cranes/0/stations/1/radius" => "9 m")
    found = ways_out(heavy, rung: "crane").found
    cures = found.map(&:cures)
    expect(cures).to eq(cures.sort_by { |cure| cure ? 0 : 1 })
    minutes = found.select(&:cures).map { |way| way.trial.minutes }
    expect(minutes).to eq(minutes.sort)
  end

  it "cures all that stops together where that is asked for" do
    far = { "/cranes/0/stations/1/radius" => "11.9 m", "/load/weight/bare" => "4 t" }
    both = plan("/rigging/hook_height" => "2.7 m", **far)
    stops = DustLadder.check(both).rungs.select { |rung| rung.verdict == "stop" }.map(&:id)
    expect(stops).to include("crane").and include("slings").or include("hook")
    ways = ways_out(both, whole: true)
    expect(ways.question).to eq(stops)
    way = ways.found.find(&:cures)
    expect(way.trial.changes.size).to eq(2)
    after = DustLadder.check(DustLadder::PlanFile::Pointer.with_values(both, way.changes))
    expect(after.rungs.map(&:verdict)).not_to include("stop")
  end

  it "shows of each rung that would differ how it would stand, and none that would not" do
    flat = plan("/rigging/hook_height" => "2.7 m")
    way = ways_out(flat).found.first
    before, after = DustLadder.check(flat), way.ladder
    told = way.as_json["rungs"].to_h { |rung| [ rung["id"], rung ] }
    after.rungs.each do |rung|
      was = before.rung(rung.id)
      differs = was.verdict != rung.verdict || was.percent.to_s != rung.percent.to_s
      expect([ rung.id, told.key?(rung.id) ]).to eq([ rung.id, differs ])
    end
  end

  it "asks nothing of what holds, and of a rung that there is not" do
    expect(%w[slings nothing].map { |id| ways_out(plan, rung: id).found }).to eq([ [], [] ])
  end
end
