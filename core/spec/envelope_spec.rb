# The corners that are left out bring nothing to its worst: against every corner, on random rigs.
RSpec.describe DustLadder::Statics::Envelope do
  include RigHelp

  def envelopes(rig, body, mass)
    given = { body: body, masses: [ 0.92 * mass, mass ], half_widths: [ 0.08, 0.04, 0.05 ], tolerance: 0.005 }
    [ described_class.new(rig, **given), described_class.new(rig, every: true, **given) ]
  end

  # By line: the least and the greatest angle from the horizontal.
  def angles(envelope)
    envelope.rig.lines.each_index.map do |line|
      envelope.corners.map { |corner| corner.hang.deg_from_horizontal(line) }.minmax
    end
  end

  def expect_the_same(some, every)
    expect(some.worst_tensions).to match(
      every.worst_tensions.map { |tension| be_within(1e-6 * every.rig.weight).of(tension) }
    )
    expect(some.least_tensions).to match(
      every.least_tensions.map { |tension| be_within(1e-6 * every.rig.weight).of(tension) }
    )
    expect(angles(some).flatten).to match(angles(every).flatten.map { |angle| be_within(2e-3).of(angle) })
    expect(some.steepest.tilt_deg).to be_within(0.02).of(every.steepest.tilt_deg)
    expect(some.stable?).to eq(every.stable?)
  end

  it "finds the worst of soft and of stiff four-leg rigs in fewer corners, or in all when a leg can go slack" do
    sizes =
      [ [ 20, 0.2, 0.1 ], [ 25, -0.4, 0.2 ], [ 200, 0.1, 0.0 ], [ 800, 0.3, -0.2 ] ].map do |stiff, along, across|
        four = rig(RigHelp::FOUR, cg: [ 2.3 + along, 1.3 + across, 0.7 ], stiffness: 5000.0 * stiff)
        some, every = envelopes(four, 0, 5000.0)
        expect_the_same(some, every)
        some.corners.size
      end
    expect(sizes).to match([ be < 256, be < 256, 256, 256 ])
  end

  it "finds the worst under a spreader, whose legs hang plumb, in fewer corners" do
    [ -0.2, 0.0, 0.15 ].each do |shift|
      some, every = envelopes(spreader(shift: shift), 1, 4480.0)
      expect_the_same(some, every)
      expect(some.corners.size).to be < every.corners.size
    end
  end
end
