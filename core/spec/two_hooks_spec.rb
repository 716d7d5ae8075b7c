# A load on two hooks: what each carries as it turns, and at the ends of what is not known.
RSpec.describe DustLadder::Statics::TwoHooks do
  let(:random) { Random.new(19) }

  # Head and tail from the CG, m, and a weight.
  def any_hooks
    head = [ random.rand(1.0..9.0), random.rand(-1.0..1.0) ]
    tail = [ -random.rand(1.0..9.0), random.rand(-1.0..1.0) ]
    [ described_class.new(head, tail), random.rand(500.0..60_000.0), head, tail ]
  end

  def each_at
    200.times do
      hooks, weight, head, tail = any_hooks
      tilt = random.rand(-20.0..80.0)
      at = hooks.at(weight, tilt)
      yield at, hooks, weight, tilt, head, tail if at.apart > 0.3
    end
  end

  it "has shares that come to the weight, and whose moments about the CG balance" do
    each_at do |at, _, weight|
      expect(at.head + at.tail).to be_within(1e-9 * weight).of(weight)
      expect(at.head * at.to_head).to be_within(1e-8 * weight).of(at.tail * at.to_tail)
    end
  end

  it "has its places as a turned picture has them" do
    each_at do |at, hooks, _, tilt, head, tail|
      turn = Complex.polar(1, tilt * Math::PI / 180)
      high, low = [ head, tail ].map { |place| Complex(*place) * turn }
      expect(at.to_head).to be_within(1e-9).of(high.real)
      expect(at.to_tail).to be_within(1e-9).of(-low.real)
      expect(hooks.rise(tilt)).to be_within(1e-9).of(high.imag - low.imag)
    end
  end

  it "is mirrored where the picture is" do
    each_at do |at, _, weight, tilt, head, tail|
      other = described_class.new([ -tail[0], tail[1] ], [ -head[0], head[1] ]).at(weight, -tilt)
      expect([ other.head, other.tail ]).to match([ at.tail, at.head ].map { |kg| be_within(1e-6 * weight).of(kg) })
    end
  end

  it "keeps the shares of points on one line through the CG, right up" do
    hooks = described_class.new([ 5.8, 0.0 ], [ -4.4, 0.0 ])
    shares = (0..89).map { |tilt| hooks.at(14_200.0, tilt).head }
    expect(shares).to all(be_within(1e-6).of(14_200 * 4.4 / 10.2))
    expect(hooks.at(14_200.0, 90)).to have_attributes(head: nil, tail: nil, slack?: false)
  end

  it "unloads a tail lug on the upper face, and loads one underneath until all hangs from it" do
    upper, under = [ 0.7, -0.7 ].map { |up| described_class.new([ 5.8, 0.0 ], [ -4.4, up ]) }
    tails = [ 0, 30, 60, 80 ].map { |tilt| [ upper.at(14_200.0, tilt).tail, under.at(14_200.0, tilt).tail ] }
    expect(tails.map(&:first).each_cons(2)).to all(satisfy { |before, after| after < before })
    expect(tails.map(&:last).each_cons(2)).to all(satisfy { |before, after| after > before })
    level = Math.atan2(4.4, 0.7) * 180 / Math::PI
    expect(under.at(14_200.0, level).tail).to be_within(1e-6).of(14_200)
    expect(under.at(14_200.0, level + 1)).to be_slack
  end

  it "finds the tilt of a hook that is so much higher, and none where the points are nearer than that" do
    each_at do |_, hooks, _, tilt|
      higher = hooks.rise(tilt) - hooks.rise(0.0)
      found = hooks.tilt_for(higher)
      expect(hooks.rise(found) - hooks.rise(0.0)).to be_within(1e-9).of(higher)
    end
    hooks = described_class.new([ 3.0, 0.0 ], [ -1.0, 0.0 ])
    expect(hooks.tilt_for(4.0)).to be_within(1e-6).of(90)
    expect(hooks.tilt_for(4.1)).to be_nil
    expect(described_class.new([ 1.0, 0.0 ], [ 1.0, 0.0 ]).tilt_for(0.0)).to be_nil
  end

  it "is never lighter for leaning lines than for plumb ones, nor by more than the lean can do, as by trying pulls" do
    each_at do |at, hooks, weight, tilt|
      next if at.slack?

      leans = [ random.rand(0.0..3.0), random.rand(0.0..3.0) ]
      most = hooks.most_leaning(at, *leans)
      expect(most).to match([ be >= at.head - 1e-9, be >= at.tail - 1e-9 ])
      lever = hooks.rise(tilt) / at.apart
      tried =
        (-400..400).filter_map do |step|
          pull = weight * Math.tan(0.06) * step / 400
          shares = [ at.head + lever * pull, at.tail - lever * pull ]
          fine = shares.zip(leans).all? { |share, deg| pull.abs <= share * Math.tan(deg * Math::PI / 180) + 1e-9 }
          shares if fine
        end
      tried.transpose.map(&:max).zip(most) { |found, told| expect(found).to be <= told + 1e-6 * weight }
      tried.transpose.map(&:max).zip(most) { |found, told| expect(found).to be_within(0.002 * weight).of(told) }
    end
  end
end

RSpec.describe DustLadder::Statics::TwoHooksBox do
  let(:random) { Random.new(23) }

  def hooks(head, tail) = DustLadder::Statics::TwoHooks.new(head, tail)

  # Of one weight, with nothing open.
  def plain(hooks)
    described_class.new(hooks, weights: [ 1000.0 ], half_widths: [ 0.0, 0.0 ], leans: [ 0.0, 0.0 ], long: 9.0)
  end

  def any_box(**changes)
    given = {
      weights: [ 9000.0, 11_000.0 ],
      half_widths: [ random.rand(0.0..0.3), random.rand(0.0..0.1) ],
      leans: [ random.rand(0.0..1.5), random.rand(0.0..1.5) ],
      long: 11.0,
      **changes
    }
    hooks = hooks([ random.rand(3.0..6.0), 0.0 ], [ -random.rand(3.0..5.0), random.rand(-0.8..0.8) ])
    [ hooks, described_class.new(hooks, **given) ]
  end

  it "is never under the nominal one, and no finer sweep finds more than a thousandth more" do
    30.times do
      hooks, box = any_box
      told = box.sweep((0..70).to_a)
      nominal = (0..70).map { |tilt| hooks.at(11_000.0, tilt) }.take_while { |at| !at.slack? }
      expect(told.head.kg).to be >= nominal.map(&:head).max
      expect(told.tail.kg).to be >= nominal.map(&:tail).max
      most = [ told.head.kg, told.tail.kg ]
      next if told.slack_first

      fine = box.sweep((0..280).map { |step| step / 4.0 })
      [ fine.head.kg, fine.tail.kg ].zip(most) { |found, was| expect(found).to be_between(was, was * 1.001) }
    end
  end

  it "ends at the first slack line, and leaves out where the lines meet" do
    told = plain(hooks([ 5.0, 0.0 ], [ -4.0, -0.6 ])).sweep((0..90).to_a)
    expect(told.slack_first).to eq((Math.atan2(4.0, 0.6) * 180 / Math::PI).ceil)
    expect(told.tail.tilt_deg).to eq(told.slack_first - 1)
    straight = plain(hooks([ 5.0, 0.0 ], [ -4.0, 0.0 ]))
    expect(straight.sweep((0..90).to_a)).to have_attributes(slack_first: nil, untold_from: 89)
    expect(straight.sweep([ 90 ])).to have_attributes(head: nil, tail: nil, untold_from: 90)
  end
end
