# What pads and tracks carry, and what the ground under them bears (handbook, section 7).
RSpec.describe DustLadder::Ground do
  g = PropCheck::Generators
  part = described_class::Deck::Part
  metres = ->(least, most) { g.choose(least..most).map { |number| number / 10.0 } }
  some =
    g.tuple(
      g.tuple(metres.(25, 40), metres.(25, 40), metres.(20, 35), metres.(20, 35)),
      g.tuple(g.choose(9000..30_000), g.choose(8000..25_000), g.choose(0..12_000)),
      metres.(40, 140),
      g.choose(0..3599).map { |tenths| tenths / 10.0 }
    )

  def pads((front, rear, right, left)) =
    described_class::Outriggers.new(
      %w[FR RR RL FL],
      [ [ front, right ], [ -rear, right ], [ -rear, -left ], [ front, -left ] ]
    )

  define_method(:deck) do |(carrier, upper, load), radius|
    described_class::Deck.new(
      [ -0.3, 0.0 ],
      [
        part.new(name: "carrier", kg: carrier.to_f, at: [ 0.5, 0.0 ]),
        part.new(name: "upper", kg: upper.to_f, toward: -1.8),
        part.new(name: "load", kg: load.to_f, toward: radius)
      ]
    )
  end

  it "carries the weight and both its moments on the pads, none of which pulls" do
    PropCheck.forall(some) do |places, masses, radius, slew|
      stand, weight = pads(places), deck(masses, radius).weight(slew)
      kg = stand.reactions(weight) or next
      sums = [ [ 1, 1, 1, 1 ], stand.places.map(&:first), stand.places.map(&:last) ]
      [ weight.kg, weight.x, weight.y ].zip(sums).each do |want, by|
        expect(kg.zip(by).sum { |one, at| one * at }).to be_within(1e-6 * weight.kg * 10).of(want)
      end
      expect(kg).to all(be >= 0)
    end
  end

  it "mirrors left and right" do
    PropCheck.forall(some) do |places, masses, radius, slew|
      one = pads(places).reactions(deck(masses, radius).weight(slew)) or next
      front, rear, right, left = places
      other = pads([ front, rear, left, right ]).reactions(deck(masses, radius).weight(-slew))
      expect(other).to match([ one[3], one[2], one[1], one[0] ].map { |kg| be_within(1e-3).of(kg) })
    end
  end

  it "tips where all of it weighs down outside of the pads, and does not where it weighs down well within" do
    PropCheck.forall(some) do |places, masses, radius, slew|
      stand, weight = pads(places), deck(masses, radius).weight(slew)
      x, y = weight.middle
      front, rear, right, left = places
      outside = x > front || x < -rear || y > right || y < -left
      expect(stand.reactions(weight)).to be_nil if outside
      within = x.abs < [ front, rear ].min / 4 && y.abs < [ right, left ].min / 4
      expect(stand.reactions(weight)).not_to be_nil if within
    end
  end

  it "has no answer for pads in a line or too few of them" do
    weight = deck([ 20_000, 9000, 1000 ], 6.0).weight(0)
    expect(described_class::Outriggers.new(%w[a b c], [ [ 0, 0 ], [ 1, 1 ], [ 2, 2 ] ]).reactions(weight)).to be_nil
    expect(described_class::Outriggers.new(%w[a b], [ [ 0, 3 ], [ 0, -3 ] ]).reactions(weight)).to be_nil
  end

  describe "tracks" do
    let(:tracks) { described_class::Tracks.new(length: 5.2, width: 0.8, gauge: 3.8, middle: [ 0.0, 0.0 ]) }

    it "presses with the whole weight, whatever the eccentricity" do
      PropCheck.forall(some) do |_, masses, radius, slew|
        weight = deck(masses, radius).weight(slew)
        stand = tracks.stand(weight)
        next if stand.tips

        newtons =
          stand.shares.keys.sum do |track|
            (stand.front[track] + stand.rear[track]) / 2 * stand.bearing * tracks.width
          end
        expect(newtons).to be_within(1e-6 * newtons).of(weight.kg * DustLadder::G)
        expect([ *stand.front.values, *stand.rear.values ]).to all(be >= 0)
      end
    end

    it "tips over the side or end beyond which it weighs down" do
      at = ->(x, y) { tracks.stand(described_class::Deck::Weight.new(1000.0, x * 1000, y * 1000)) }
      expect([ at.(0, 2.0), at.(0, -2.0), at.(2.6, 0), at.(-2.7, 0) ].map(&:tips)).to eq(%w[right left front rear])
      expect(at.(0, 1.9).shares).to match("left" => be_within(1e-9).of(0), "right" => be_within(1e-9).of(1000))
      expect(at.(0.8, 0)).to have_attributes(tips: nil, kern: false)
      expect(at.(0.9, 0)).to have_attributes(tips: nil, kern: true)
      expect(at.(0.9, 0).worst.drop(1)).to eq(%w[left front])
    end
  end

  it "presses less under a larger mat of the same mass, and more under a heavier one" do
    mat = ->(side, kg) { described_class::Mat.new(name: "FR", middle: [ 0, 0 ], side: side, kg: kg, bearing: 0) }
    expect(mat.(1.5, 200).pressure(12_000)).to be < mat.(1.2, 200).pressure(12_000)
    expect(mat.(1.5, 400).pressure(12_000)).to be > mat.(1.5, 200).pressure(12_000)
    side = mat.(1.5, 200).side_needed(12_000, 90)
    expect(mat.(side, 200).pressure(12_000)).to be_within(1e-9).of(90)
  end

  it "takes the weakest of the zones that a mat touches, and tells of bare ground" do
    zone = ->(name, from, to, kpa) {
      described_class::Zones::Zone.new(
        name: name,
        outline: [ [ from, -9 ], [ to, -9 ], [ to, 9 ], [ from, 9 ] ],
        kpa: kpa
      )
    }
    zones = described_class::Zones.new([ zone.("gravel", -9, 0, 240), zone.("salt", 0, 9, 140) ])
    at = ->(x) {
      zones.under(described_class::Mat.new(name: "a", middle: [ x, 0 ], side: 2.0, kg: 0, bearing: 0).outline)
    }
    expect(at.(-4)).to have_attributes(weakest: have_attributes(name: "gravel"), bare: false)
    expect(at.(-1)).to have_attributes(weakest: have_attributes(name: "salt"), bare: false)
    expect(at.(8.5)).to have_attributes(weakest: have_attributes(name: "salt"), bare: true)
    expect(at.(20)).to have_attributes(weakest: nil, bare: true)
  end

  it "keeps off a cut by its depth, nothing being left of it inside a pit" do
    mat = DustLadder::Site::Plane.square([ 0, 0 ], 2, 0)
    trench = described_class::Cut.new(name: "t", edge: [ [ 3, -9 ], [ 3, 9 ] ], depth: 1.8)
    pit = described_class::Cut.new(
      name: "p",
      edge: [ [ -5, -5 ], [ 5, -5 ], [ 5, 5 ], [ -5, 5 ] ],
      depth: 1,
      closed: true
    )
    expect(trench.distance(mat)).to be_within(1e-9).of(2)
    expect(trench.needed(1.5)).to be_within(1e-9).of(2.7)
    expect(pit.distance(mat)).to eq(0)
  end
end

RSpec.describe DustLadder::Cranes::ChartGridStand do
  def read(lines)
    head = CSV.generate { |csv| csv << [ "chart", "Test" ] << [ "machine model", "T" ] }
    tail = "capacity in,kg\nsector,all round,0,360\nradius (m) / boom (m),10\n4,5000\n"
    DustLadder::Cranes::ChartGrid.new("#{head}#{lines.map { |cells| CSV.generate_line(cells) }.join}#{tail}", "t").read
  end

  it "comes back from its lines as it was written" do
    [ SiteHelp::STAND, tracks_stand, SiteHelp::STAND.merge("jib" => { "kg" => 400, "along_m" => 3.2 }) ].each do |stand|
      lines = described_class.lines(stand)
      # A jib's mass wants a jib.
      lines = lines.reject { |cells| cells[0] == "jib mass" } if stand.key?("jib")
      expect(read(lines).data["stand"]).to eq(DustLadder.floats(stand.except("jib")))
    end
  end

  it "reads feet and pounds, and tells of what it cannot read by its line" do
    lines = [ [ "slewing axis", "0 ft", "0 ft" ], [ "tail", "12'6\"", "4 ft", "10 ft" ], [ "total mass", "90,000 lb" ] ]
    found = read(lines).data["stand"]
    expect(found["tail"]["radius_m"]).to be_within(1e-9).of(3.81)
    expect(found["total_kg"]).to be_within(1e-6).of(90_000 * 0.45359237)
    {
      [ "pad FR", "3 m", "2 m" ] => /line 3, column 2: pad FR has 2 figures; expected 3/,
      [ "pad FR", "3", "2 m", "0.6 m" ] => /line 3, column 2/,
      [ "boom mass", "20 m", "heavy", "8 m" ] => /line 3, column 2/,
      [ "part carrier", "9 t" ] => /part carrier has 1 figures/,
      # A hole never moves what comes after it.
      [ "part carrier", "9 t", "", "0.5 m" ] => /line 3, column 3: part carrier lacks a figure/,
      [ "pad FR", "", "2 m", "0.6 m" ] => /line 3, column 2: pad FR lacks a figure/,
      [ "tail" ] => /tail has 0 figures/
    }.each do |cells, words|
      faults = read([ cells ]).faults.map { |fault|
        "#{fault["pointer"]}: #{fault["message"]}; expected #{fault["expected"]}"
      }
      expect(faults.join("\n")).to match(words)
    end
  end

  it "takes what there is one of once" do
    {
      "slewing axis" => [ "0 m", "0 m" ],
      "total mass" => [ "40 t" ],
      "tail" => [ "3.9 m", "1 m", "3 m" ]
    }.each do |what, figures|
      found = read([ [ what, *figures ], [ what, *figures ] ]).faults
      expect(found.map { |fault| fault["message"] }.join).to include("#{what} is said twice")
    end
    pads = { "FR" => [ 3, 2 ], "RR" => [ -3, 2 ], "RL" => [ -3, -2 ] }.map do |name, (x, y)|
      [ "pad #{name}", "#{x} m", "#{y} m", "1 m" ]
    end
    expect(read([ [ "slewing axis", "0 m", "0 m" ], *pads ]).faults).to eq([])
  end
end
