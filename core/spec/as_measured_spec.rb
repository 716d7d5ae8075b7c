RSpec.describe DustLadder::Day::Spreads do
  def spreads(points) = described_class.new(points.keys.map(&:to_s), points.values.map { |at| [ *at, 2.0 ] })

  it "is one distance where the points lie on a line, whichever way it runs" do
    ways = spreads(West: [ 1.0, 0.5 ], East: [ 3.0, 0.5 ]).ways
    expect(ways.map { |way| [ way.label, way.planned ] }).to eq([ [ "from West to East", 2.0 ] ])
    oblique = spreads(B: [ 4.0, 4.0 ], A: [ 1.0, 0.0 ], Between: [ 2.5, 2.0 ]).ways
    expect(oblique.map { |way| [ way.label, way.planned.round(9) ] }).to eq([ [ "from A to B", 5.0 ] ])
  end

  it "is along and across the load elsewhere, and nothing for one point or points at one place" do
    ways = spreads(NW: [ 0.5, 0.9 ], NE: [ 3.5, 0.9 ], SE: [ 3.5, 0.1 ]).ways
    expect(ways.map { |way| [ way.label, way.planned.round(9) ] }).to eq(
      [ [ "along the load", 3.0 ], [ "across the load", 0.8 ] ]
    )
    expect(spreads(Only: [ 1.0, 1.0 ]).ways).to eq([])
    expect(spreads(One: [ 1.0, 1.0 ], Same: [ 1.02, 1.0 ]).ways).to eq([])
  end

  it "is as far as was measured once moved, with the other end where it was: by chance, whichever side" do
    random = Random.new(11)
    60.times do
      points = (1..random.rand(2..4)).to_h { |at| [ :"p#{at}", [ random.rand(0.0..6.0), random.rand(0.0..4.0) ] ] }
      one = spreads(points)
      measured = one.ways.map { |way| way.planned * random.rand(0.8..1.2) }
      sides = one.ways.map { [ -1, 0, 1 ].sample(random: random) }
      places = points.values.map.with_index { |at, index| one.moved(measured, sides).fetch(index, [ *at, 2.0 ]) }
      one.ways.each_with_index do |way, at|
        seen = places.map { |place| place[0] * way.along[0] + place[1] * way.along[1] }
        expect(seen.max - seen.min).to be_within(1e-9).of(measured[at])
        still = { -1 => seen.max - way.ends[1], 1 => seen.min - way.ends[0], 0 => seen.minmax.sum - way.ends.sum }
        expect(still[sides[at]]).to be_within(1e-9).of(0)
      end
      expect(places.map(&:last).uniq).to eq([ 2.0 ])
    end
  end

  it "moves nothing where it is as planned, or was not measured" do
    one = spreads(West: [ 1.0, 0.5 ], East: [ 3.0, 0.5 ])
    expect(one.moved([ nil ], [ 1 ])).to eq({})
    expect(one.moved([ 2.0 ], [ 1 ])).to eq({})
  end
end

RSpec.describe DustLadder::Day::AsMeasured do
  def judged(document = plan, **data)
    described_class.new(DustLadder::PlanFile.accept(document), JSON.parse(JSON.generate(data))).tap do |one|
      expect(one.faults).to eq([])
    end
  end

  def faults(document = plan, **data)
    described_class.new(DustLadder::PlanFile.accept(document), JSON.parse(JSON.generate(data))).faults.map do |one|
      one["pointer"]
    end
  end

  def words(one) = one.beyond.map { |text| text.as_json["metric"].tr("\u00A0\u2009\u202F", " ") }
  def asked(document) = described_class.asked(DustLadder::Lift.new(DustLadder::PlanFile.accept(document)))

  # What is marked on a lifting beam of four holes.
  let(:lifting) do
    beam(
      number: "B-2",
      kind: "lifting",
      spans: [ { "span_m" => 3.0, "kg" => 6000 } ],
      holes_m: [ -1.5, -1.25, 1.25, 1.5 ],
      eyes_m: [ -0.6, 0.6 ],
      bending_kg_m: 9000
    )
  end
  let(:on_beam) do
    under_beam(beam: lifting, "/rigging/beam/span" => nil).tap do |document|
      document["rigging"]["legs"].each { |leg| leg["hole"] = leg["hole"].zero? ? 1 : 2 }
    end
  end

  it "stops a spread that is not the plan's, which the plan's own legs no longer fit" do
    planned = asked(plan)["spread"][0]["planned"]["value"]
    expect(judged(spread: [ "#{planned} m" ])).to have_attributes(verdict: "holds", beyond: [])
    wide = judged(spread: [ "#{planned + 0.6} m" ])
    expect(wide.verdict).to eq("stop")
    expect(words(wide)).to match([ /\AThe spread from West to East is 0.600 m wider than planned\.\z/ ])
    expect(wide.changed.select(&:worse?).map(&:id)).to include("angle")
    expect(wide.as_json["note"]["metric"]).to include("which point is off")
  end

  it "judges a spread as the worst of where it may be off" do
    planned = asked(plan)["spread"][0]["planned"]["value"]
    told = judged(spread: [ "#{planned - 0.5} m" ]).changed.to_h { |one| [ one.id, one.measured ] }
    lift = DustLadder::Lift.new(DustLadder::PlanFile.accept(plan))
    west, east = lift.load.points.map { |point| point.x.value }
    worst =
      [ [ west, east - 0.5 ], [ west + 0.5, east ], [ west + 0.25, east - 0.25 ] ].map do |places|
        points = places.each_with_index.to_h { |x, index| [ index, { "x" => "#{x} m" } ] }
        rigged = DustLadder::Rigging::AsRigged.new(DustLadder::PlanFile.accept(plan), points: points).measured
        [ DustLadder::Ladder::Verdict.rank(rigged.verdict), rigged.rung("level").demand&.value ]
      end
    expect(told["level"].demand&.value).to eq(worst.map(&:last).compact.max)
    expect(told["level"].verdict).to eq("tight")
  end

  it "judges spreads below a beam at either end, each in no more than three looks" do
    looks = 0
    allow(DustLadder::Rigging::AsRigged).to receive(:new).and_wrap_original { |make, *given, **more|
      looks += 1
      make.call(*given, **more)
    }
    along, across = asked(under_beam)["spread"].map { |way| way["planned"]["value"] }
    told = judged(under_beam, spread: [ "#{along + 0.3} m", "#{across} m" ])
    expect(told.verdict).to eq("stop")
    expect(told.changed.map(&:id)).to include("level")
    expect(looks).to eq(3)
  end

  it "does not make the legs anew for what was found beside them" do
    planned = judged(on_beam, holes: [ 1, 2, 2, 1 ])
    expect(planned).to have_attributes(verdict: "holds", beyond: [])
    off = judged(on_beam, holes: [ 1, nil, 3, 1 ])
    expect(words(off)).to eq([ "SE hangs from hole 4 of the beam, planned in hole 3." ])
    expect(off.verdict).to eq("stop")
    expect(off.changed.map(&:id)).to include("level")
  end

  it "judges slings above a beam, and its span" do
    told = asked(under_beam)
    expect(told["uppers"].map { |one| one["label"] }).to eq([ "upper sling 1", "upper sling 2" ])
    long = told["uppers"][0]["planned"]["value"]
    expect(judged(under_beam, uppers: [ "#{long} m", nil ], span: "3.0 m").beyond).to eq([])
    off = judged(under_beam, uppers: [ "#{long + 0.2} m", nil ])
    expect(words(off)).to match([ /\AUpper sling 1 is 0.200 m longer than planned\.\z/ ])
    short = words(judged(under_beam, span: "2.9 m"))
    expect(short).to match([ /\AThe beam's span is 0.100 m shorter than planned\.\z/ ])
  end

  it "says what can be measured of a plan, and what is planned" do
    expect(asked(plan)).to include("uppers" => [], "places" => [], "holes" => [], "span" => nil)
    expect(asked(plan)["lengths"].map { |one| one["value"] }).to all(be > 0)
    expect(asked(on_points)["spread"].map { |one| one["label"] }).to eq([ "along the load", "across the load" ])
    expect(asked(on_beam)).to include("holes" => [ 1, 2, 2, 1 ], "bails" => [])
    expect(asked(on_beam)["places"].map { |one| one["value"] }).to eq([ -1.5, -1.25, 1.25, 1.5 ])
  end

  it "tells where what was typed cannot be" do
    [
      [ { spread: [ "0 m" ] }, %w[/spread/0] ],
      [ { spread: [ "wide" ] }, %w[/spread/0] ],
      [ { spread: [ "1 m", "1 m" ] }, %w[/spread] ],
      [ { spread: "1 m" }, %w[/spread] ],
      [ { uppers: [ "1 m" ] }, %w[/uppers] ],
      [ { holes: [ 0, 1 ] }, %w[/holes] ],
      [ { holes: [ nil, nil ] }, [ "" ] ],
      [ { span: "3 m" }, %w[/span] ],
      [ { bail: 0 }, %w[/bail] ],
      [ { hook_height: 3 }, %w[/hook_height] ],
      [ { hook_height: "8 m", lengths: [ "3 m", nil ] }, %w[/hook_height] ],
      [ { breadth: "1 m" }, %w[/breadth] ],
      [ { spread: [ "999 km" ] }, %w[/spread/0] ]
    ].each { |data, places| expect([ data, faults(**data) ]).to eq([ data, places ]) }
    expect(faults(on_beam, holes: [ 0, 1, 2, 4 ])).to eq(%w[/holes])
    expect(faults(on_beam, holes: [ 0, 1, 2, -1 ])).to eq(%w[/holes])
    expect(faults(on_beam, holes: [ 0, 1, 2, 1.5 ])).to eq(%w[/holes])
    expect(faults(on_beam, span: "3 m")).to eq(%w[/span])
    expect(faults(under_beam, span: "-3 m")).to eq(%w[/span])
  end
end
