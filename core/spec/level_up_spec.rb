require_relative "support/rig_help"

RSpec.describe DustLadder::Statics::LevelUp do
  include RigHelp
  def tilted = rig(RigHelp::TWO, cg: [ 2.0, 1.0, 0.7 ], rests: [ 4.0, 4.0 ])
  def level_up(rig, limit: 0.5) = described_class.new(rig, body: 0, limit_deg: limit)

  it "levels two legs by either one, and the change is the one that makes them hang level" do
    rig = tilted
    expect(level_up(rig).now.pose.tilt_deg(0)).to be > 3
    options = level_up(rig).options
    expect(options.map(&:tilt_deg)).to all(be < 0.01)
    options.each do |option|
      rests = rig.lines.map(&:rest)
      rests[option.line] += option.change
      again = DustLadder::Statics::Equilibrium.of(rig.with(rests: rests))
      expect(again.pose.tilt_deg(0)).to be_within(1e-6).of(option.tilt_deg)
      expect(again.tensions.zip(option.tensions)).to all(satisfy { |one, other| (one - other).abs < 1e-3 })
    end
    expect(options.sort_by(&:line).map { |option| option.change.positive? }).to eq([ false, true ])
  end

  it "counts whole links, takes the best of a list, and puts what is enough and least first" do
    up = level_up(tilted)
    links = up.by_links(0, 0.039)
    expect(links.change).to be_within(1e-12).of(links.links * 0.039)
    expect([ -1, 1 ].map { |more| up.send(:option, 0, change: (links.links + more) * 0.039).tilt_deg }).to all(
      be >= links.tilt_deg
    )
    expect(up.from_list(0, [ 3.0, 3.6, 3.8, 4.0 ]).length).to eq(
      [ 3.0, 3.6, 3.8, 4.0 ].min_by { |length| up.send(:option, 0, change: length - 4.0).tilt_deg }
    )
    expect(up.enough?(up.options.first)).to be(true)
  end

  it "never tilts it more than it was, whichever of four legs is asked" do
    PropCheck.forall(some_rigs) do |given|
      rig = rig_of(*given)
      up = level_up(rig)
      next unless up.now.slack.empty? && up.now.stable? && up.now.pose.tilt_deg(0) < 8

      up.options.each { |option| expect(option.tilt_deg).to be <= up.now.pose.tilt_deg(0) + 0.02 }
    end
  end

  it "finds the hole of a lifting beam that brings the hook over the load" do
    beam =
      RigHelp::RIG::Body.new(
        name: "beam",
        mass: 200.0,
        cg: [ 2.0, 0.0, 0.0 ],
        points: {
          "M" => [ 2.0, 0.0, 0.2 ],
          "A" => [ 0.2, 0.0, -0.1 ],
          "B" => [ 3.8, 0.0, -0.1 ]
        }
      )
    load =
      RigHelp::RIG::Body.new(
        name: "load",
        mass: 3000.0,
        cg: [ 2.3, 0.5, 0.5 ],
        points: {
          "A" => [ 0.2, 0.5, 1.0 ],
          "B" => [ 3.8, 0.5, 1.0 ]
        }
      )
    lines = [ [ "main", "hook", "beam.M", 1.5 ], [ "a", "beam.A", "load.A", 1.0 ], [ "b", "beam.B", "load.B", 1.0 ] ]
    rig =
      RigHelp::RIG.new(
        bodies: [ beam, load ],
        lines:
          lines.map { |name, from, to, rest| { name: name, nodes: [ from, to ], rest: rest, stiffness: 500_000.0 } }
      )
    holes = [ 1.8, 2.0, 2.2, 2.4 ].map { |x| [ x, 0.0, 0.2 ] }
    best = described_class.new(rig, body: 0, limit_deg: 2.0).by_holes(0, 1, holes)
    expect(best.hole[0]).to eq(2.2) # the whole hangs plumb at 2.28
    expect { described_class.new(rig, body: 0, limit_deg: 2.0).by_holes(0, 0, holes) }.to raise_error(
      ArgumentError,
      /not on a body/
    )
  end
end

RSpec.describe DustLadder::Statics::CellReadings do
  include RigHelp

  # Of a rig as it hangs, with each cell off by a share. All in the load's own axes.
  def readings(rig, offs = [ 0 ] * rig.lines.size)
    hang = DustLadder::Statics::Equilibrium.of(rig)
    pose, turn = hang.pose, hang.pose.turns[0]
    legs =
      rig.lines.zip(hang.tensions, offs).map do |line, tension, off|
        point = line.nodes[1][1]
        run = rig.hook.zip(pose.place(0, point)).map { |hook, place| hook - place }
        back = [ 0, 1, 2 ].map { |axis| (0..2).sum { |row| turn[3 * row + axis] * run[row] } }
        at = rig.bodies[0].cg.zip(point).map(&:sum)
        described_class::Leg.new(line.name, at, at.zip(back).map(&:sum), tension * (1 + off))
      end
    described_class.new(legs, pitch_deg: pose.pitch_deg(0), roll_deg: pose.roll_deg(0), consistent_upto: 0.03)
  end

  it "tells weight and plumb line, with the CG on it" do
    PropCheck.forall(some_rigs) do |given|
      rig = rig_of(*given)
      told = readings(rig)
      expect(told.residual).to be < 1e-6
      expect(told.weight).to be_within(1e-5 * rig.weight).of(rig.weight)
      cg = rig.bodies[0].cg
      expect(told.plumb_line(cg[2])).to match(cg.first(2).map { |at| be_within(1e-4).of(at) })
    end
  end

  it "is off by no more than its cells are" do
    rig = rig(RigHelp::FOUR, cg: [ 2.1, 1.4, 0.7 ])
    PropCheck.forall(RigHelp::G.array(RigHelp::G.choose(-20..20), min: 4, max: 4)) do |offs|
      told = readings(rig, offs.map { |off| off / 1000.0 })
      expect(told.weight).to be_within(0.02 * rig.weight).of(rig.weight)
      told.plumb_line(0.7).zip([ 2.1, 1.4 ]) { |is, was| expect(is).to be_within(0.1).of(was) }
    end
  end
end

RSpec.describe DustLadder::Statics::Inference do
  include RigHelp

  it "finds the CG that hangs at a tilt, and says that a tilt tells no weight" do
    [ [ 2.2, 1.2, 0.7 ], [ 2.5, 1.45, 0.7 ] ].each do |cg|
      rig = rig(RigHelp::FOUR, cg: cg, rests: [ 4.1 ] * 4, stiffness: 200_000.0)
      pose = DustLadder::Statics::Equilibrium.of(rig).pose
      guess = rig.with(cgs: [ [ 2.3, 1.3, 0.7 ] ])
      told =
        described_class.from_tilt(
          guess,
          body: 0,
          roll_deg: pose.roll_deg(0),
          pitch_deg: pose.pitch_deg(0),
          error_deg: 0.1
        )
      expect(told.cg).to match(cg.map { |at| be_within(1e-5).of(at) })
      expect(told.cg_error.first(2)).to all(be_between(1e-4, 0.2))
      expect(told.cannot_tell.join).to match(/weight/)
    end
    sideways = rig(RigHelp::TWO, cg: [ 2.2, 1.0, 0.7 ])
    expect {
      described_class.from_tilt(sideways, body: 0, roll_deg: 0.0, pitch_deg: 170.0, error_deg: 0.1)
    }.to raise_error(DustLadder::NotKnown)
  end
end

RSpec.describe DustLadder::Statics::Wrap do
  include RigHelp

  # A basket under a load: from the hook, under two corners, and back.
  def basket(cg_x, friction: 0.15)
    load =
      RigHelp::RIG::Body.new(
        name: "load",
        mass: 2000.0,
        cg: [ cg_x, 0.5, 0.3 ],
        points: {
          "A" => [ 0.8, 0.5, 0.0 ],
          "B" => [ 1.6, 0.5, 0.0 ],
          "C" => [ 0.8, 0.0, 0.6 ],
          "D" => [ 0.8, 1.0, 0.6 ]
        }
      )
    stays =
      %w[C D].map { |point| { name: point, nodes: [ "hook", "load.#{point}" ], rest: 2.55, stiffness: 150_000.0 } }
    described_class.new(
      bodies: [ load ],
      lines: stays,
      wrapped: [ {
        name: "basket",
        nodes: %w[hook load.A load.B hook],
        parts: [ 3.0, 0.8, 3.0 ],
        stiffness: 100_000.0
      } ],
      friction: friction
    )
  end

  it "takes the worse of gripped and running, and tells where friction holds" do
    wrap = basket(1.15)
    sides = wrap.gripped.tensions.values_at(2, 4)
    expect(wrap.tensions.first).to be >= [ *sides, wrap.sliding.tensions[2] ].max - 1e-9
    expect(wrap.contacts.first.size).to eq(2)
    wrap.contacts.first.each do |contact|
      expect(contact.holds).to eq(contact.tensions.max / contact.tensions.min <= Math.exp(0.15 * contact.bend) + 1e-9)
    end
    expect(basket(1.15, friction: 0.0)).to be_may_slip
  end

  it "multiplies the pull in a flat inner loop" do
    loop = DustLadder::Statics::InnerLoop
    expect(loop.tension(1000.0, 30)).to be_within(1e-9).of(1000)
    expect(loop.tension(1000.0, 90)).to be_within(1e-9).of(500)
    expect { loop.tension(1000.0, 0) }.to raise_error(DustLadder::NotKnown)
  end

  it "measures the room of a CG above its points in the pyramid under the hook" do
    base = [ [ 0.0, 0.0, 0.0 ], [ 4.0, 0.0, 0.0 ], [ 4.0, 2.0, 0.0 ], [ 0.0, 2.0, 0.0 ] ]
    hook = [ 2.0, 1.0, 4.0 ]
    room = ->(points, cg) { DustLadder::Statics::Pyramid.new(hook, points, cg, [ 0.0, 0.0, 0.0 ]).least_level.level }
    expect(room.(base, [ 2.0, 1.0, 2.0 ])).to be_within(1e-9).of(0.5)
    expect(room.(base.reverse, [ 2.0, 1.4, 2.0 ])).to be_within(1e-9).of(0.1)
    expect(room.(base, [ 2.0, 1.6, 2.0 ])).to be < 0
    expect(DustLadder::Statics::Pyramid.new(hook, base, [ 2.0, 1.0, -0.1 ], [ 0.0, 0.0, 0.0 ])).not_to be_below
  end
end
