require_relative "support/rig_help"

RSpec.describe DustLadder::Statics::Equilibrium do
  include RigHelp
  def hang(rig) = described_class.of(rig)

  # Everything that pulls on a body and its weight, and their moments about its CG.
  def balance(hang, body)
    places =
      hang.rig.lines.flat_map { |line| line.nodes.filter_map { |owner, own| owner && hang.pose.place(owner, own) } }
    pulls =
      hang
        .pulls
        .zip(places)
        .select { |(_, owner, _), _| owner == body }
        .map { |(_, _, pull), place| [ place.zip(hang.pose.centres[body]).map { |at, centre| at - centre }, pull ] }
    forces = pulls.map(&:last).transpose.map(&:sum)
    moments = pulls.map { |(x, y, z), (a, b, c)| [ y * c - z * b, z * a - x * c, x * b - y * a ] }.transpose.map(&:sum)
    [ [ forces[0], forces[1], forces[2] - hang.rig.bodies[body].mass ], moments ]
  end

  def expect_balance(hang)
    hang.rig.bodies.each_index do |body|
      forces, moments = balance(hang, body)
      expect(forces).to all(be_within(1e-6 * hang.rig.weight).of(0))
      expect(moments).to all(be_within(1e-6 * hang.rig.weight).of(0))
    end
    expect(hang.off_plumb).to be_within(1e-5).of(0)
  end

  it "balances forces and moments on every body, everything plumb under the hook" do
    PropCheck.forall(some_rigs) { |given| expect_balance(hang(rig_of(*given))) }
    [ 0.0, 0.3, -0.5 ].each { |shift| expect_balance(hang(spreader(shift: shift))) }
  end

  it "carries the weight on its lines from the hook" do
    PropCheck.forall(some_rigs) do |given|
      found = hang(rig_of(*given))
      held =
        found.rig.lines.each_index.sum do |line|
          found.tensions[line] * Math.sin(found.deg_from_horizontal(line) * Math::PI / 180)
        end
      expect(held).to be_within(1e-6 * found.rig.weight).of(found.rig.weight)
    end
  end

  it "mirrors with the rig, and scales with weight and stiffness together" do
    PropCheck.forall(some_rigs) do |given|
      one = rig_of(*given)
      other =
        rig(
          one.bodies[0].points.values.map { |x, y, z| [ x, -y, z ] },
          cg: one.bodies[0].cg.then { |x, y, z| [ x, -y, z ] },
          mass: one.weight,
          stiffness: one.lines[0].stiffness,
          rests: one.lines.map(&:rest)
        )
      first, second = hang(one), hang(other)
      first.tensions.zip(second.tensions) { |a, b| expect(b).to be_within(1e-5 * one.weight).of(a) }
      expect(second.pose.roll_deg(0)).to be_within(1e-4).of(-first.pose.roll_deg(0))
      heavy = hang(one.with(masses: [ one.weight * 3 ], stiffness: 3.0))
      first.tensions.zip(heavy.tensions) { |a, b| expect(b).to be_within(1e-5 * one.weight).of(3 * a) }
    end
  end

  it "pulls no leg less when the load is heavier, where no leg is slack" do
    PropCheck.forall(some_rigs) do |given|
      one = rig_of(*given)
      light, heavy = hang(one), hang(one.with(masses: [ one.weight * 1.2 ], stiffness: 1.0))
      next unless light.slack.empty? && heavy.slack.empty? && one.lines.size < 4

      light.tensions.zip(heavy.tensions) { |a, b| expect(b).to be > a - 1e-6 * one.weight }
    end
  end

  it "agrees with the hand for two and three stiff legs cut to hang level" do
    [ [ RigHelp::TWO, [ 1.9, 1.0, 0.8 ] ], [ RigHelp::THREE, [ 2.1, 1.1, 0.7 ] ] ].each do |points, cg|
      found = hang(rig(points, cg: cg, stiffness: 5e8))
      plan, heights = points.map { |x, y, _| [ x - cg[0], y - cg[1] ] }, points.map { |point| 4.0 - point[2] + cg[2] }
      shares =
        if points.size == 3
          DustLadder::Statics::Level.three_point_shares(5000, plan, heights)
        else
          DustLadder::Statics::Level.two_point_shares(5000, -plan[0][0], plan[1][0], *heights)
        end
      shares.each_index do |index|
        expect(found.tensions[index]).to be_within(1.0).of(
          shares[index] * Math.hypot(Math.hypot(*plan[index]), heights[index]) / heights[index]
        )
      end
      expect(found.pose.tilt_deg(0)).to be_within(0.01).of(0)
    end
  end

  it "finds the same pose of two legs that stretch, wherever it begins near to it" do
    random = Random.new(21)
    points = RigHelp::TWO
    60.times do
      cg = [ random.rand(1.2..2.8), random.rand(0.8..1.2), random.rand(0.2..1.2) ]
      rests = Array.new(2) { random.rand(3.0..4.5) }
      stiff = Array.new(2) { 10.0**random.rand(4.5..7.0) }
      hook = DustLadder::Statics::HookHang.new(points.map { |at| [ at ] }, stiff)
      plain = hook.find(3000.0, cg, rests)
      long = rests.each_with_index.map { |rest, leg| rest * (1 + plain.tensions[leg] / stiff[leg]) }
      begun = hook.find(3000.0, cg, rests, DustLadder::Statics::PlaneHang.rig(points, long).hook(cg))
      expect(begun.hook).to match(plain.hook.map { |at| be_within(1e-7).of(at) })
      expect(begun.tensions).to match(plain.tensions.map { |kg| be_within(1e-5 * 3000).of(kg) })
      expect(begun.holds).to be(plain.holds)
    end
  end

  it "agrees with the plane, stiff two-leg pose" do
    points, cg = RigHelp::TWO, [ 2.0, 1.0, 0.7 ]
    found = hang(rig(points, cg: cg, stiffness: 5e8, rests: [ 3.9, 4.1 ]))
    stiff = DustLadder::Statics::PlaneHang.rig(points, [ 3.9, 4.1 ]).pose(cg)
    expect(found.pose.tilt_deg(0)).to be_within(0.01).of(Math.acos(stiff.up[2]) * 180 / Math::PI)
    expect(DustLadder::Statics::Stability.new(found).margin(0)).to be_within(0.002).of(stiff.margin)
  end

  it "says of four legs that two may carry nearly all, where a stiff pair is short" do
    short = rig(RigHelp::FOUR, cg: [ 2.3, 1.3, 0.7 ], stiffness: 4e6, rests: [ 4.1, 4.16, 4.1, 4.16 ])
    found = hang(short)
    expect(found.tensions.values_at(0, 2).sum / found.tensions.sum).to be > 0.95
    expect(found.slack).to all(satisfy { |leg| [ 1, 3 ].include?(leg) })
  end

  it "tells a rig that would turn over, by its margin, and does not flee to another pose" do
    low = [ [ 0.4, 0.7, 0.5 ], [ 3.2, 0.7, 0.5 ] ]
    [ 0.0, 0.02, -0.05 ].each do |off|
      found = hang(rig(low, cg: [ 1.8 + off, 0.7, 0.75 ], stiffness: 300_000.0, rests: [ 2.9, 2.9 ]))
      expect(found).not_to be_stable
      expect(found.pose.tilt_deg(0)).to be < 25
      expect(DustLadder::Statics::Stability.new(found).margin(0)).to be_within(0.03).of(-0.25)
    end
  end

  # A load by one line: a pendulum that turns freely by itself.
  it "knows what is free to turn" do
    found = hang(rig([ [ 1.0, 0.5, 1.2 ] ], cg: [ 1.0, 0.5, 0.5 ], rests: [ 3.0 ]))
    expect(found).to be_stable
    expect(found.tensions[0]).to be_within(0.01).of(5000)
    expect(DustLadder::Statics::Stability.new(found).margin(0)).to be_within(0.01).of(
      0.7 * 3.7 / 3.0 - 0.7 * 0.7 / 3.0
    )
  end

  it "says in words how steady it is" do
    words = ->(found) { DustLadder::Statics::Stability.new(found).words(0, 0.1) }
    expect(words.(hang(rig(RigHelp::TWO, cg: [ 2.2, 1.0, 0.7 ])))).to match(/as steady as a pendulum of 0\.8/)
    expect(words.(hang(rig(RigHelp::TWO, cg: [ 2.2, 1.0, 1.45 ])))).to match(/tips easily/)
    expect(words.(hang(rig(RigHelp::TWO, cg: [ 2.2, 1.0, 1.7 ], rests: [ 4.0, 4.0 ])))).to match(/turns over/)
  end

  it "tells the thrust into the load: the level part of every pull" do
    found = hang(rig(RigHelp::FOUR, cg: [ 2.3, 1.3, 0.7 ]))
    found.thrusts.each do |line, _, kg|
      expect(kg).to be_within(1e-6).of(
        found.tensions[line] * Math.cos(found.deg_from_horizontal(line) * Math::PI / 180)
      )
    end
  end

  # A third leg beside two in one plane, just as long as it is: it holds nothing, and may not be counted on.
  it "does not count on a line that is only just taut" do
    points = [ [ 0.4, 0.7, 0.5 ], [ 3.2, 0.7, 0.5 ] ]
    low = hang(rig(points, cg: [ 1.8, 0.7, 0.75 ], rests: [ 2.9, 2.9 ], stiffness: 300_000.0))
    body = low.rig.bodies[0]
    far = body.points.merge("S" => [ 1.8, 1.4, 1.0 ], "T" => [ 1.8, 0.0, 1.0 ])
    long = low.pose.place(0, [ 0.0, 0.7, 0.25 ]).then { |place| Math.sqrt(place.sum { |part| part**2 }) }
    lines =
      low.rig.lines.map do |line|
        { name: line.name, nodes: [ "hook", "load.#{line.name}" ], rest: line.rest, stiffness: line.stiffness }
      end +
        %w[S T].map do |name|
          { name: name, nodes: [ "hook", "load.#{name}" ], rest: long * (1 - 1e-12), stiffness: 300_000.0 }
        end
    held =
      hang(
        RigHelp::RIG.new(
          bodies: [ RigHelp::RIG::Body.new(name: "load", mass: body.mass, cg: body.cg, points: far) ],
          lines: lines
        )
      )
    expect(held.pose.tilt_deg(0)).to be < 1
    expect(held).not_to be_stable
  end

  # A block on the hook: one line over it, both ends on the load, runs until both its parts pull alike.
  it "lets a line run without friction through a block, its tension one along its length" do
    load =
      RigHelp::RIG::Body.new(
        name: "load",
        mass: 2000.0,
        cg: [ 1.5, 0.5, 0.4 ],
        points: {
          "A" => [ 0.3, 0.5, 1.0 ],
          "B" => [ 2.7, 0.5, 1.0 ],
          "S" => [ 1.5, 0.9, 1.0 ]
        }
      )
    lines = [
      { name: "reeved", nodes: %w[load.A hook load.B], rest: 6.0, stiffness: 200_000.0 },
      { name: "stay", nodes: %w[hook load.S], rest: 2.9, stiffness: 200_000.0 }
    ]
    found = hang(RigHelp::RIG.new(bodies: [ load ], lines: lines))
    expect_balance(found)
    parts = [ 0, 2 ].map { |at| found.pose.place(0, found.rig.lines[0].nodes[at][1]) }
    expect(parts.sum { |place| Math.sqrt(place.sum { |one| one**2 }) }).to be_within(1e-9).of(
      6.0 * (1 + found.tensions[0] / 200_000.0)
    )
  end

  it "answers for every rig that a planner could draw, and never without an answer" do
    PropCheck.forall(RigHelp::G.tuple(some_rigs, RigHelp::G.choose(0..30))) do |given, off|
      one = rig_of(*given)
      long =
        one.with(
          rests:
            one.lines.each_with_index.map { |line, index| index.zero? ? line.rest * (1 + off / 100.0) : line.rest }
        )
      expect(hang(long).residual).to be < 1e-6
    end
  end

  it "refuses what is no rig, by name" do
    body = RigHelp::RIG::Body.new(name: "load", mass: 1.0, cg: [ 0.0, 0.0, 0.0 ], points: { "A" => [ 0.0, 0.0, 1.0 ] })
    make = ->(**line) do
      RigHelp::RIG.new(
        bodies: [ body ],
        lines: [ { name: "A", nodes: %w[hook load.A], rest: 1.0, stiffness: 1.0 }.merge(line) ]
      )
    end
    expect { make.call(nodes: %w[hook load.B]) }.to raise_error(ArgumentError, /no point B/)
    expect { make.call(nodes: %w[hook beam.A]) }.to raise_error(ArgumentError, /no body beam/)
    expect { make.call(rest: 0.0) }.to raise_error(ArgumentError, /above nothing/)
    expect { make.call(nodes: [ "hook" ]) }.to raise_error(ArgumentError, /two nodes/)
  end
end

RSpec.describe DustLadder::Statics::Envelope do
  include RigHelp

  it "agrees with every corner solved by itself from level, and holds every rig inside the corners" do
    nominal = rig(RigHelp::THREE, cg: [ 2.1, 1.1, 0.7 ], stiffness: 300_000.0)
    envelope =
      described_class.new(
        nominal,
        body: 0,
        masses: [ 4700.0, 5500.0 ],
        half_widths: [ 0.08, 0.05, 0.04 ],
        tolerance: 0.005
      )
    expect(envelope.corners.size).to eq(2 * 8 * 8)
    brute =
      envelope.corners.map do |corner|
        cg = nominal.bodies[0].cg.each_with_index.map { |at, axis| at + corner.cg[axis] * [ 0.08, 0.05, 0.04 ][axis] }
        DustLadder::Statics::Equilibrium.of(
          nominal.with(
            masses: [ corner.weight.positive? ? 5500.0 : 4700.0 ],
            cgs: [ cg ],
            rests: nominal.lines.zip(corner.lengths).map { |line, sign| line.rest * (1 + sign * 0.005) }
          )
        )
      end
    envelope
      .corners
      .zip(brute) do |corner, alone|
        corner.tensions.zip(alone.tensions) { |one, other| expect(one).to be_within(0.01).of(other) }
      end
    PropCheck.forall(RigHelp::G.array(RigHelp::G.choose(0..100), min: 7, max: 7)) do |shares|
      at = ->(index, width) { width * (shares[index] / 50.0 - 1) }
      inside =
        nominal.with(
          masses: [ 4700 + 8.0 * shares[0] ],
          cgs: [
            nominal.bodies[0].cg.each_with_index.map { |place, axis| place + at.(axis + 1, [ 0.08, 0.05, 0.04 ][axis]) }
          ],
          rests: nominal.lines.each_with_index.map { |line, index| line.rest * (1 + at.(index + 4, 0.005)) }
        )
      DustLadder::Statics::Equilibrium
        .of(inside)
        .tensions
        .zip(envelope.worst_tensions, envelope.least_tensions) do |one, worst, least|
          expect(one).to be_between(least - 5, worst + 5)
        end
    end
  end
end
