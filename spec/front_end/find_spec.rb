# What a found lift says in words, and how a search's counts go on.
RSpec.describe "Words of find" do
  file = "rooms/find/found.ts"

  {
    0 => "ready as it is",
    1 => "0.5 h until ready",
    30 => "0.5 h until ready",
    31 => "1.0 h until ready",
    60 => "1.0 h until ready",
    330 => "5.5 h until ready"
  }.each do |minutes, words|
    it "promises nobody less than #{minutes} minutes" do
      expect(front(file, "hours", minutes)).to eq(words)
    end
  end

  it "calls a lift by its machine's first name and how it is held" do
    told = ->(machine, kind) { front(file, "title", { "machine" => machine, "kind" => kind }) }
    expect(told.("Juniper RT 60", "bridle")).to eq([ "Juniper", "straight legs" ])
    expect(told.(nil, "spreader")).to eq([ "No crane", "under a spreader" ])
  end

  it "keeps as circles what was found and is not shown" do
    kept = %w[a b c].map { |id| { "id" => id, "minutes" => 1, "kg" => 1, "hold" => "bridle", "machine" => nil } }
    position = { "mark" => "m", "at" => 3, "kept" => kept }
    expect(front(file, "others", position, [ { "id" => "b" } ]).map { |one| one["id"] }).to eq(%w[a c])
    expect(front(file, "others", nil, [])).to eq([])
  end

  it "counts on what fell before a search was stopped, the most first" do
    row = ->(id, count) { { "id" => id, "label" => id.capitalize, "count" => count } }
    before, now = [ row.("crane", 5), row.("pads", 1) ], [ row.("slings", 9), row.("pads", 2) ]
    rows = front(file, "addedFalls", before, now).map { |row| row.values_at("id", "count") }
    expect(rows).to eq([ [ "slings", 9 ], [ "crane", 5 ], [ "pads", 3 ] ])
    expect(front(file, "addedFalls", [], [])).to eq([])
    far = { "done" => 9, "of" => 10, "found" => 2, "passed" => 3, "fallen" => 1, "minutes" => 0 }
    more = { "found" => 1, "passed" => 4 }
    expect(front(file, "countedOn", far, more)).to include("found" => 3, "passed" => 7, "done" => 9)
  end

  {
    [ 6000, 4 ] => [ 0, 2000, 4000, 6000 ],
    [ 1.06, 6 ] => [ 0, 0.2, 0.4, 0.6, 0.8, 1 ],
    [ 5.8, 6 ] => [ 0, 1, 2, 3, 4, 5 ],
    [ 37, 4 ] => [ 0, 10, 20, 30 ],
    [ 0.04, 4 ] => [ 0, 0.01, 0.02, 0.03, 0.04 ]
  }.each do |(most, about), told|
    it "divides #{most} in round figures" do
      expect(front("drawing/scale/ticks.ts", "ticks", most, about)).to eq(told)
    end
  end

  it "looks at nothing outside of what was looked at" do
    range = "rooms/what_if/range.ts"
    look = ->(at, values: [ 1000.0, 2000.0 ]) { front(range, "lookedAt", values, "mass", at, "metric") }
    expect([ look.(1500.4), look.(10), look.(99_999) ]).to eq([ 1500, 1000, 2000 ])
    expect(look.(0.4, values: nil)).to eq(0)
  end
end
