# What was changed in a plan, as its history tells it.
RSpec.describe DustLadder::Plan::Changes do
  # Taken of the small plan of the specs: what is changed, and how that reads.
  {
    { "/cranes/0/stations/1/radius" => "10.4 m" } => "set radius 7 m → 10.4 m",
    { "/load/weight/basis" => "estimated" } => "weight basis certified → estimated",
    { "/load/weight/bare" => "5 t" } => "weight 3 t → 5 t",
    { "/rigging/legs/0/sling" => nil } => "West leg sling A-1 taken away",
    { "/load/points/1/x" => "2 m" } => /\Apoint East x .* → 2 m\z/,
    { "/lift_at" => nil } => "time of the lift 2026-12-14T06:30 taken away",
    { "/by_word/ground/says" => "report 14" } => "ground by word looked at on the walk → report 14",
    { "/title" => "Other" } => /\Atitle .* → Other\z/
  }.each do |changes, words|
    it "reads #{changes.keys.first} as #{words.inspect}" do
      before = plan
      after = DustLadder::PlanFile::Pointer.with_values(before, changes)
      found = described_class.new(before, after)
      expect(found.words).to match(words)
      expect(found.all.map(&:pointer)).to eq(changes.keys)
    end
  end

  def changed(before, after) = described_class.new(before, after).words(20)

  it "tells of members that came and went, by their names" do
    before = plan
    station = { "name" => "past the hut", "radius" => "9 m", "slew" => "90°", "support_height" => "1 m" }
    stations = before["cranes"][0]["stations"]
    after = DustLadder::PlanFile::Pointer.with_values(
      before,
      "/cranes/0/stations" => [ stations[0], station, stations[1] ]
    )
    expect(changed(before, after)).to eq("place on the way past the hut")
    expect(changed(after, before)).to eq("place on the way past the hut taken away")
    crew = [ { "role" => "slinger", "name" => "Tam" } ]
    expect(changed(before, before.merge("crew" => crew))).to eq("crew 1 of them")
    other = [ crew[0].merge("name" => "Wren") ]
    expect(changed(before.merge("crew" => crew), before.merge("crew" => other))).to eq("slinger name Tam → Wren")
  end

  it "tells what was taken of the house: another version, other figures, another piece" do
    before = plan
    chart = before["snapshots"]["charts"].values.first["data"]
    id = chart["id"]
    newer = chart.merge("record" => chart["record"].merge("version" => 2))
    same = chart.merge("radius_m" => chart["radius_m"].map { |radius| radius + 0.5 })
    with = ->(data) {
      DustLadder::PlanFile::Pointer.with_values(
        before,
        "/snapshots/charts/#{id}" => DustLadder::PlanFile::Digest.snapshot(data)
      )
    }
    expect(changed(before, with.(newer))).to eq("chart #{id} Test crane, full, version 1 → Test crane, full, version 2")
    expect(changed(before, with.(same))).to end_with("version 1, other figures")
  end

  it "counts what it does not list, and says nothing of what is the same" do
    before = plan
    after = DustLadder::PlanFile::Pointer.with_values(
      before,
      "/title" => "T",
      "/site" => "S",
      "/load/weight/bare" => "5 t",
      "/lift_at" => nil,
      "/rules" => "level-side"
    )
    found = described_class.new(before, after)
    expect([ found.all.size, found.words(2) ]).to match([ 5, end_with(", 3 more") ])
    expect(described_class.new(before, before.merge("core" => "9.9")).all).to eq([])
  end

  it "names every place of the demo's plans without a bare number or an empty name, both ways" do
    all = Dir[File.expand_path("../../demo/plans/*.json", __dir__)].sort.map { |path|
      DustLadder::PlanFile.read(File.read(path))
    }
    all.each_cons(2) do |one, other|
      [ [ one, other ], [ other, one ] ].each do |before, after|
        described_class.new(before, after).all.each do |change|
          expect([ change.pointer, change.what, change.words ]).to match([ %r{\A/}, /\A\p{L}/, /\S/ ])
          expect(change.what).not_to match(/\A\d|_/)
          expect([ change.before, change.after ].compact).not_to be_empty
        end
      end
    end
  end

  it "finds every change that is made, and none that is not" do
    random = Random.new(20)
    places = %w[/title /site /load/weight/bare /rigging/hook_height /cranes/0/stations/0/radius /by_word/crew/by]
    60.times do
      chosen = places.sample(random.rand(places.size), random: random)
      before = plan
      after = DustLadder::PlanFile::Pointer.with_values(
        before,
        chosen.to_h { |place|
          [ place, "other #{random.rand}" ]
        }
      )
      expect(described_class.new(before, after).all.map(&:pointer)).to match_array(chosen)
    end
  end
end
