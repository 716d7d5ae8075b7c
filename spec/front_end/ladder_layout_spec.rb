# Where landings and rungs stand on the screen: apart enough for their words, whatever the ladder has.
RSpec.describe "The ladder's layout in the front end" do
  layout_ts = "ladder/layout.ts"
  flights = %w[load rigging gear crane ground_and_site]
  define_method(:layout) { |ladder, selected, top: 6, ground: 790|
    front(layout_ts, "layoutLadder", ladder, selected, top, ground)
  }

  # rungs: how many of each flight; stops: which of all are a stop.
  define_method(:ladder) do |rungs, stops: [], legs: 0|
    all =
      flights.zip(rungs).flat_map do |flight, count|
        Array.new(count) { |at| { "id" => "#{flight}_#{at}", "flight" => flight, "verdict" => "holds", "parts" => [] } }
      end
    stops.each { |id| all.find { |rung| rung["id"] == id }["verdict"] = "stop" }
    all.select { |rung| rung["flight"] == "rigging" }.each do |rung|
      rung["parts"] = Array.new(legs) { { "utilisation" => { "value" => 0.5 } } }
    end
    { "rungs" => all, "governs" => stops.first(1), "flights" => flights.map { |id| { "id" => id } } }
  end

  it "stacks five landings from the ground up, the open flight between its own and the one below" do
    found = layout(ladder([ 2, 9, 1, 12, 6 ]), "crane_3")
    expect(found["open"]).to eq("crane")
    tops = flights.map { |id| found["landings"][id] }
    expect(tops).to eq(tops.sort.reverse)
    gaps = tops.each_cons(2).map { |lower, upper| lower - upper }
    expect(gaps.each_with_index.map { |gap, at| at == 2 ? gap > 300 : gap == 42 }).to all(be(true))
    expect(tops.min).to be >= 6
  end

  it "keeps rungs at least 50 px apart and inside their flight, for any number of them on any screen" do
    random = Random.new(8)
    60.times do
      counts = Array.new(5) { random.rand(1..14) }
      one = ladder(counts, stops: counts.each_with_index.map { |count, at| "#{flights[at]}_#{random.rand(count)}" })
      selected = "#{flights.sample(random: random)}_0"
      ground = random.rand(500..1400)
      found = layout(one, selected, ground: ground)
      own = one["rungs"].select { |rung| rung["flight"] == found["open"] }
      within = own.map { |rung| found["within"][rung["id"]] }
      expect(within.each_cons(2).map { |lower, upper| lower - upper }.min || 50).to be >= 50 - 1e-9
      expect(within).to all(be_between(-1e-9, found["flight"]["whole"] - 50 + 1e-9))
      expect(found["flight"]["top"] + found["flight"]["height"]).to be <= ground + 1e-9
      # What does not fit is scrolled to, and then nothing points at it from outside.
      expect(found["tops"].empty?).to eq(found["flight"]["scrolls"])
      expect(found["flight"]["whole"] > found["flight"]["height"] + 1e-9).to eq(found["flight"]["scrolls"])
    end
  end

  it "gives a stop more air, and three or four legs their bars, on the rung that is looked at or governs" do
    room = ->(ladder, id, selected) {
      front(layout_ts, "roomOf", ladder["rungs"].find { |one| one["id"] == id }, ladder["governs"], selected)
    }
    four = ladder([ 1, 3, 1, 1, 1 ], stops: [ "rigging_1" ], legs: 4)
    expect(room.(four, "rigging_0", "rigging_0")).to eq(45)
    expect(room.(four, "rigging_0", "load_0")).to eq(0)
    expect(room.(four, "rigging_1", "load_0")).to eq(8 + 45)
    two = ladder([ 1, 3, 1, 1, 1 ], stops: [ "rigging_1" ], legs: 2)
    expect(room.(two, "rigging_1", "rigging_1")).to eq(8)
    expect(room.(four, "crane_0", "crane_0")).to eq(0)
  end

  it "opens the flight of what is looked at, else of what governs, else the first, and stands empty without a ladder" do
    open = ->(ladder, selected) { front(layout_ts, "openFlight", ladder, selected) }
    one = ladder([ 1, 1, 1, 1, 1 ], stops: [ "gear_0" ])
    expect(open.(one, "crane_0")).to eq("crane")
    expect(open.(one, "nothing")).to eq("gear")
    expect(open.(ladder([ 1, 1, 1, 1, 1 ]), "nothing")).to eq("load")
    expect(open.({ "rungs" => [], "governs" => [] }, "load")).to be_nil
    expect(layout(nil, "load")).to include("open" => nil, "landings" => {}, "tops" => {})
  end
end
