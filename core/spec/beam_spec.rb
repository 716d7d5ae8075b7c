require_relative "support/rig_help"

RSpec.describe DustLadder::Rigging::Beam do
  include RigHelp
  def spreader_of(**more)
    described_class.new("spreader", mass: 310.0, spans: [ [ 2.4, 8000 ], [ 3.6, 6000 ] ], **more)
  end
  def part(parts, name) = parts.find { |one| one.name.include?(name) }

  # Upper legs 3.0 m to ends 1.8 m out: h = acos(1.8 / 3.0). Half of load and bar on each: thrust = V / tan h.
  it "is pressed by the thrust of the legs above, V / tan h, as it hangs level" do
    hang = DustLadder::Statics::Equilibrium.of(spreader(stretchy: 1e8, bar: 310.0).with(stiffness: 50.0))
    beam = spreader_of(compression_rating: 4000.0)
    height = Math.sqrt(3.0**2 - 1.8**2)
    expect(beam.compression(hang, 0)).to be_within(2.0).of((4480 + 310) / 2.0 * 1.8 / height)
    parts = beam.parts(hang, 0, 3.6)
    expect(part(parts, "beam at").demand).to be_within(0.5).of(4480)
    expect(part(parts, "beam at").capacity).to eq(6000)
    expect(parts.select { |one| one.name.start_with?("hole") }.map(&:demand)).to all(be_within(0.5).of(2240))
    expect(parts).to all(satisfy { |one| !one.stop? })
  end

  it "loads one end more when the CG is off, each end by itself against half the beam or its own rating" do
    hang = DustLadder::Statics::Equilibrium.of(spreader(shift: 0.6))
    ends = spreader_of.parts(hang, 0, 3.6).select { |one| one.name.start_with?("hole") }
    expect(ends.sum(&:demand)).to be_within(2.0).of(4480)
    expect(ends.map(&:demand).minmax.reduce(:-).abs).to be > 800
    expect(ends.map(&:capacity).uniq).to eq([ 3000.0 ])
    expect(spreader_of(end_rating: 2500.0).parts(hang, 0, 3.6).count(&:stop?)).to eq(1)
  end

  it "takes the lower rating between two spans, and none outside them" do
    expect([ 2.4, 2.4005, 3.0, 3.6 ].map { |span| spreader_of.wll(span) }).to eq([ 8000, 8000, 6000, 6000 ])
    expect([ 2.0, 4.0 ].map { |span| spreader_of.wll(span) }).to eq([ nil, nil ])
    hang = DustLadder::Statics::Equilibrium.of(spreader)
    expect(part(spreader_of.parts(hang, 0, 4.0), "beam at")).to be_stop
  end

  it "bends a lifting beam by what hangs from its holes and by its own weight" do
    beam =
      RigHelp::RIG::Body.new(
        name: "beam",
        mass: 200.0,
        cg: [ 2.0, 0.0, 0.0 ],
        points: {
          "M" => [ 2.0, 0.0, 0.0 ],
          "A" => [ 0.2, 0.0, 0.0 ],
          "B" => [ 3.8, 0.0, 0.0 ]
        }
      )
    load =
      RigHelp::RIG::Body.new(
        name: "load",
        mass: 3000.0,
        cg: [ 2.0, 0.5, 0.5 ],
        points: {
          "A" => [ 0.2, 0.5, 1.0 ],
          "B" => [ 3.8, 0.5, 1.0 ]
        }
      )
    lines = [ [ "main", "hook", "beam.M", 1.5 ], [ "a", "beam.A", "load.A", 1.0 ], [ "b", "beam.B", "load.B", 1.0 ] ]
    hang =
      DustLadder::Statics::Equilibrium.of(
        RigHelp::RIG.new(
          bodies: [ beam, load ],
          lines:
            lines.map { |name, from, to, rest| { name: name, nodes: [ from, to ], rest: rest, stiffness: 500_000.0 } }
        )
      )
    lifting = described_class.new("lifting", mass: 200.0, spans: [ [ 3.6, 4000 ] ], bending_rating: 3000.0)
    expect(lifting.bending(hang, 0)).to be_within(1.0).of(1500 * 1.8)
    expect(part(lifting.parts(hang, 0, 3.6), "bending").share).to be_within(0.001).of(0.9)
    expect { described_class.new("yoke", mass: 1.0, spans: [ [ 1.0, 1.0 ] ]) }.to raise_error(ArgumentError)
    expect { described_class.new("lifting", mass: 0.0, spans: [ [ 1.0, 1.0 ] ]) }.to raise_error(ArgumentError)
  end
end

RSpec.describe DustLadder::Rigging::AsRigged do
  it "judges shorter legs at once, beside the plan, and tells which rungs are worse" do
    rigged = described_class.new(plan, lengths: { 0 => "3.0 m", 1 => "3.0 m" })
    beside = rigged.beside.to_h { |one| [ one.id, one ] }
    expect(beside["angle"].measured.utilisation).to be > beside["angle"].planned.utilisation
    expect(beside.values.select(&:worse?).map(&:id)).to include("angle", "level")
    expect(rigged.planned.verdict).to eq("holds")
  end

  it "keeps what was not measured as planned, takes points and hook height, and compares an angle" do
    one = described_class.new(plan, lengths: { 0 => "4.30 m" }, angles: { 0 => 65.0 })
    expect(one.measured.lift.bridle.lengths).to match([ 4.3, be_within(1e-3).of(one.planned.lift.bridle.lengths[1]) ])
    leg, read, worked = one.angles_beside.first
    expect([ leg, read ]).to eq([ 0, 65.0 ])
    expect(worked).to be_within(2).of(69.4)
    expect(
      described_class.new(plan, points: { 1 => { "x" => "3.0 m" } }).measured.rung("level").demand.value
    ).not_to eq(check.rung("level").demand.value)
    expect(described_class.new(plan, hook_height: "3.4 m").measured.rung("angle").utilisation).to be >
      check.rung("angle").utilisation
  end

  it "knows nothing of what was measured and cannot be read" do
    expect(described_class.new(plan, lengths: { 0 => "four metres" }).measured.verdict).to eq("not_known")
  end
end
