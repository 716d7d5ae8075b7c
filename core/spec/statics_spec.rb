RSpec.describe DustLadder::Statics do
  G = PropCheck::Generators
  hang = described_class::PlaneHang

  # A random two-leg rig whose load hangs between its points, CG below them.
  rig =
    G
      .tuple(
        G.choose(1..400),
        G.choose(-30..30),
        G.choose(5..95),
        G.choose(5..300),
        G.choose(-80..80),
        G.choose(20..300),
        G.choose(20..300)
      )
      .map do |spread, rise, along, depth, across, extra_a, extra_b|
        s = 0.5 + spread / 100.0
        a, b = [ 0.4, 0.7, 2.0 ], [ 0.4 + s, 0.9, 2.0 + rise / 100.0 ]
        {
          points: [ a, b ],
          cg: [ 0.4 + s * along / 100.0, 0.8 + across / 400.0, 1.6 - depth / 100.0 ],
          lengths: [ s / 2 + extra_a / 100.0, s / 2 + extra_b / 100.0 + 0.2 ]
        }
      end

  def tensions(pose, weight = 1000.0)
    shares =
      DustLadder::Statics::Level.two_point_shares(
        weight,
        pose.legs[0].run,
        pose.legs[1].run,
        pose.legs[0].height,
        pose.legs[1].height
      )
    shares.zip(pose.legs).map { |share, leg| DustLadder::Statics::Level.leg_tension(share, leg.length, leg.height) }
  end

  def legs_meet?(points, lengths)
    spread = Math.sqrt(points[0].zip(points[1]).sum { |one, other| (one - other)**2 })
    lengths.sum > spread && (lengths[0] - lengths[1]).abs < spread
  end

  it "balances forces and moments in three dimensions, CG plumb under the hook, legs of their length" do
    tried = 0
    PropCheck.forall(rig) do |given|
      next unless legs_meet?(given[:points], given[:lengths])

      pose = hang.pose(given[:points], given[:lengths], given[:cg])
      next unless pose.between?

      tried += 1
      expect(hang.rig(given[:points], given[:lengths]).hook(given[:cg])).to eq(pose.hook)
      pulls =
        tensions(pose)
          .zip(given[:points])
          .map { |tension, point| direction(point, pose.hook).map { |part| part * tension } }
      3.times { |axis| expect(pulls.sum { |pull| pull[axis] }).to be_within(1e-6 * 1000).of(1000 * pose.up[axis]) }
      moments = pulls.zip(given[:points]).map { |pull, point| cross(minus(point, given[:cg]), pull) }
      3.times { |axis| expect(moments.sum { |moment| moment[axis] }).to be_within(1e-5 * 1000).of(0) }
      given[:points].zip(given[:lengths]) do |point, length|
        expect(norm(minus(pose.hook, point))).to be_within(1e-9 * length).of(length)
      end
      expect(norm(cross(pose.hook_from_cg, pose.up))).to be < 1e-9 * 100
    end
    expect(tried).to be > 20
  end

  it "answers a mirrored rig with the mirrored pose, and a scaled rig with scaled lengths and equal tensions" do
    PropCheck.forall(rig) do |given|
      next unless legs_meet?(given[:points], given[:lengths])

      pose = hang.pose(given[:points], given[:lengths], given[:cg])
      next unless pose.between?

      mirror = ->(place) { [ -place[0], place[1], place[2] ] }
      other = hang.pose(given[:points].map(&mirror).reverse, given[:lengths].reverse, mirror.(given[:cg]))
      expect(other.tilt_deg).to be_within(1e-6).of(pose.tilt_deg)
      expect(
        tensions(other).reverse.zip(tensions(pose)).map { |one, two| (one - two).abs / (1 + two.abs) }.max
      ).to be < 1e-7
      larger =
        hang.pose(
          given[:points].map { |point| point.map { |part| part * 3 } },
          given[:lengths].map { |length| length * 3 },
          given[:cg].map { |part| part * 3 }
        )
      expect(tensions(larger).zip(tensions(pose)).map { |one, two| (one - two).abs / (1 + two.abs) }.max).to be < 1e-7
      expect(larger.margin).to be_within(1e-8 * 300).of(pose.margin * 3)
    end
  end

  it "agrees with the hand method when the legs are cut to hang level" do
    a, b, cg, hook = [ 0.0, 0.5, 2.0 ], [ 4.0, 0.5, 1.4 ], [ 1.5, 0.5, 0.6 ], [ 1.5, 0.5, 5.0 ]
    pose = hang.pose([ a, b ], [ norm(minus(hook, a)), norm(minus(hook, b)) ], cg)
    expect(pose.tilt_deg).to be_within(1e-5).of(0)
    expect(tensions(pose)).to match(
      tensions_by_hand(1000, 1.5, 2.5, 3.0, 3.6).map { |tension| be_within(1e-6).of(tension) }
    )
  end

  it "knows a load that would turn over, one free about its points, and one leg" do
    points = [ [ 0.0, 0.5, 1.0 ], [ 3.0, 0.5, 1.0 ] ]
    expect(hang.pose(points, [ 3, 3 ], [ 1.5, 0.5, 1.3 ]).margin).to be_within(1e-9).of(-0.3)
    expect(hang.pose(points, [ 3, 3 ], [ 1.5, 0.5, 1.0 ]).margin).to be_within(1e-9).of(0)
    rolled = hang.pose(points, [ 3, 3 ], [ 1.5, 0.6, 0.5 ])
    expect(rolled.roll_deg.abs).to be_within(1e-9).of(Math.atan2(0.1, 0.5) * 180 / Math::PI)
    single = hang.pose([ [ 1.0, 0.5, 1.0 ] ], [ 2.0 ], [ 1.2, 0.5, 0.5 ])
    expect(single.tilt_deg).to be_within(1e-9).of(Math.atan2(0.2, 0.5) * 180 / Math::PI)
    expect(single.pitch_deg).to be > 0
  end

  it "refuses legs that do not meet" do
    expect { hang.pose([ [ 0, 0, 1 ], [ 4, 0, 1 ] ], [ 1.9, 2.0 ], [ 2, 0, 0 ]) }.to raise_error(
      DustLadder::NotKnown,
      /do not meet/
    )
    expect {
      hang.pose([ [ 0, 0, 1 ], [ 0, 0, 1 ] ], [ 2, 2 ], [ 0, 0, 0 ])
    }.to raise_error(DustLadder::NotKnown, /one place/)
  end

  def tensions_by_hand(weight, a, b, height_a, height_b)
    shares = DustLadder::Statics::Level.two_point_shares(weight, a, b, height_a, height_b)
    [ shares[0] * Math.hypot(a, height_a) / height_a, shares[1] * Math.hypot(b, height_b) / height_b ]
  end

  def minus(one, other) = one.zip(other).map { |left, right| left - right }
  def norm(vector) = Math.sqrt(vector.sum { |part| part * part })
  def direction(from, to) = minus(to, from).map { |part| part / norm(minus(to, from)) }
  def cross(u, v) = [ u[1] * v[2] - u[2] * v[1], u[2] * v[0] - u[0] * v[2], u[0] * v[1] - u[1] * v[0] ]
end
