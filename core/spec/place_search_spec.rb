# Where else a crane could stand: what it finds holds when the whole plan is climbed there, and what it needs is told.
RSpec.describe DustLadder::Site::PlaceSearch do
  soft = ->(spec) {
    spec.feature("ground", "salt", outline_m: spec.box(-1, -30, 30, 30), allowable_kpa: 30, found: "probe")
  }

  def search(document) = described_class.new(DustLadder::Lift.new(DustLadder::PlanFile.accept(document)).duty)

  def found(document)
    rows = []
    search(document).tap { |one| one.each_row { |places, _| rows << places } }.then { |one| [ one, rows.flatten ] }
  end

  it "offers places off the soft ground, each holding on every rung of crane, ground and site when it is climbed" do
    document = on_site(soft.(self))
    expect(DustLadder.check(document).rung("pads").verdict).to eq("stop")
    one, places = found(document)
    expect(places.map(&:governs)).to include("ground", "crane")
    expect(one.best).not_to be_empty
    one.best.each do |place|
      there = DustLadder::PlanFile.accept(DustLadder::PlanFile::Pointer.with_values(document, one.changes(place)))
      rungs = DustLadder.check(there).rungs.to_h { |rung| [ rung.id, rung.verdict ] }
      expect(rungs.values_at("pads", "crane", "cut", "clearance", "tail_swing", "people")).to all(
        satisfy { |verdict| %w[holds tight].include?(verdict) }
      )
      expect(one.words(place)["us"]).to match(/Stand .*'.* east/)
    end
  end

  it "looks round pick and set too for a crane that stands where its boom does not reach them" do
    document = on_site
    setup = DustLadder::Lift.new(DustLadder::PlanFile.accept(document)).duty.setup
    off = [ [ 0.0, 30.0 ], [ -45.0, -20.0 ] ].map do |at|
      there = DustLadder::Site::Standing.new(axis: [ *at, 0.0 ], bearing: setup.standing.bearing)
      DustLadder::PlanFile::Pointer.with_values(document, setup.stood_at(there))
    end
    own = found(document)[1]
    off.each do |far|
      expect(DustLadder.check(far).rung("crane").verdict).not_to eq("holds")
      one, places = found(far)
      expect(places.map(&:at)).to eq(own.map(&:at))
      held, = one.climbed(far)
      expect(held).not_to be_empty
    end
  end

  it "leaves out where the boom would strike what the load passes by, so that all that holds is clear when climbed" do
    mast = feature("obstacle", "mast", outline_m: box(-0.2, -3.5, 0.2, -3.2), bottom_m: 9, top_m: 11)
    document = on_site(mast)
    expect(DustLadder.check(document).rung("clearance").note["metric"]).to match(/boom to mast/)
    one, places = found(document)
    expect(places.select { |place| place.governs == "obstacles" && !place.holds? }).not_to be_empty
    held, stopped = one.climbed(document)
    expect(held.map { |offer| offer.ladder.rung("clearance").verdict }).to all(satisfy { |word| word != "stop" })
    expect(held.size).to be_between(1, described_class::OFFERED)
    expect(stopped).to eq([])
  end

  # A site made up at random: things to strike high and low, a line, a trench, soft ground, a walkway.
  def strewn(random)
    within = ->(low, high) { low + random.rand * (high - low) }
    some = ->(least, most, wide) do
      west, south = within.(least, most), within.(least, most)
      box(west, south, west + within.(*wide), south + within.(*wide))
    end
    things =
      Array.new(2) do |index|
        top = within.(0.6, 24)
        low = random.rand < 0.3 ? [ top - within.(0.5, 4), 0 ].max : 0
        feature("obstacle", "thing #{index}", outline_m: some.(-18, 18, [ 0.4, 5 ]), bottom_m: low, top_m: top)
      end
    wire = [ [ within.(-30, 30), -50, within.(6, 25) ], [ within.(-30, 30), 50, within.(6, 25) ] ]
    [
      *things,
      feature("line", "wire", wire_m: wire, kilovolts: 33, blow_out_m: within.(0, 1), agreed_by: "grid desk"),
      feature("cut", "trench", edge_m: some.(-20, 15, [ 1, 8 ]), closed: true, depth_m: within.(0.5, 4)),
      feature("ground", "soft", outline_m: some.(-30, 10, [ 5, 30 ]), allowable_kpa: within.(40, 150), found: "probe"),
      feature("walkway", "walk", outline_m: some.(-30, 20, [ 1, 10 ]))
    ].select { random.rand < 0.7 }
  end

  # What its steps hide, as a share.
  hidden = 0.02
  [ 3, 4, 5, 6 ].each do |seed|
    it "tells cells that hold from those that stop as the rungs do, on a site made up at random (#{seed})" do
      random = Random.new(seed)
      stand = { carried: "#{(0.3 + random.rand * 5).round(1)} m", watcher: "T. Varga" }
      document = DustLadder::PlanFile.accept(on_site(*strewn(random), stand: stand, chart: { boom_head_m: 0.7 }))
      one, places = found(document)
      looked = places.reject { |place| place.margin.nil? || place.margin.abs < hidden }.partition(&:holds?)
      looked.flat_map { |some| some.sample(4, random: random) }.each do |place|
        there = DustLadder::PlanFile::Pointer.with_values(document, one.changes(place))
        rungs = DustLadder.check(DustLadder::PlanFile.accept(there)).rungs
        stops = rungs.select { |rung| rung.verdict == "stop" && described_class::FLIGHTS.include?(rung.flight) }
        expect([ place.at, place.governs, stops.empty? ]).to eq([ place.at, place.governs, place.holds? ])
      end
    end
  end

  it "offers nothing that stops when it is climbed, whatever stops it there, and tells what does" do
    weak = chart["hoist"].merge("rope_wll_kg" => 100)
    document = on_site(chart: { "hoist" => weak })
    one, = found(document)
    held, stopped = one.climbed(document)
    expect(held).to eq([])
    expect(stopped.size).to be_between(1, described_class::MOST_CLIMBED)
    expect(stopped[0].ladder.headlines["metric"]).to match(/Stop: gross load/)
  end

  it "keeps pick and set where they are on the site" do
    document = on_site(soft.(self))
    one, = found(document)
    there = DustLadder::PlanFile.accept(
      DustLadder::PlanFile::Pointer.with_values(
        document,
        one.changes(one.best.first)
      )
    )
    before, after = [ document, there ].map { |plan| DustLadder::Lift.new(plan).duty.setup.places }
    before.flatten.zip(after.flatten) { |a, b| expect(b).to be_within(0.03).of(a) }
  end

  it "finds no place where the whole site is soft, walled in or under a line, and says what rules them out" do
    {
      "ground" => feature("ground", "pan", outline_m: box(-60, -60, 60, 60), allowable_kpa: 20, found: "probe"),
      "people" => feature("walkway", "walk", outline_m: box(-60, -60, 60, 60)),
      "line" => feature("line", "wire", wire_m: [ [ -60, -5, 6 ], [ 60, -5, 6 ] ], kilovolts: 110, blow_out_m: 0)
    }.each do |governs, thing|
      one, places = found(on_site(thing))
      expect(one.best).to eq([])
      expect(places.map(&:governs)).to include(governs)
    end
  end

  # [ what is not known, what it says ]
  {
    "how high the load is carried" => ->(s) { s.on_site(stand: { carried: nil }) },
    "where the machine's masses are" => ->(s) { s.on_site(machine: SiteHelp::STAND.except("parts")) },
    "where the machine's pads are" => ->(s) { s.on_site(machine: SiteHelp::STAND.except("pads"), stand: { mat: nil }) },
    "how far its tail swings" => ->(s) { s.on_site(machine: SiteHelp::STAND.except("tail")) },
    "the slew at pick" => ->(s) { s.on_site("/cranes/0/stations/0/slew" => nil) }
  }.each do |what, make|
    it "says that it needs #{what}" do
      expect { found(make.(self)) }.to raise_error(DustLadder::NotKnown, /#{what}/)
    end
  end

  it "tells of a machine on tracks that it is for pads" do
    expect { found(on_site(machine: tracks_stand)) }.to raise_error(DustLadder::NotKnown, /pads/)
  end
end
