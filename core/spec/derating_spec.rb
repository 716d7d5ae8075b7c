RSpec.describe DustLadder::Slings::Derating do
  rules = DustLadder::RuleSet.shipped("strict")
  usual = { kind: "wire_rope", hitch: "vertical", hitch_factor: 1.0, deg_from_horizontal: 90 }
  make = ->(**given) { described_class.new(rules, **usual, **given) }
  g = PropCheck::Generators

  # [what is given, factor of the named step, or nil for a stop]
  [
    [ { hitch: "choker", choke_deg: 120 }, "choke angle", 1.0 ],
    [ { hitch: "choker", choke_deg: 119.9 }, "choke angle", 0.87 ],
    [ { hitch: "choker", choke_deg: 90 }, "choke angle", 0.87 ],
    [ { hitch: "choker", choke_deg: 60 }, "choke angle", 0.74 ],
    [ { hitch: "choker", choke_deg: 30 }, "choke angle", 0.62 ],
    [ { hitch: "choker", choke_deg: 10 }, "choke angle", 0.49 ],
    [ { hitch: "choker" }, "choke angle", nil ],
    [ { choke_deg: 10 }, "choke angle", 1.0 ],
    [ { bend: 25.0 }, "bend", 1.0 ],
    [ { bend: 40.0 }, "bend", 1.0 ],
    [ { bend: 8.0 }, "bend", (1 - 0.5 / Math.sqrt(8)) / 0.9 ],
    [ { bend: 7.9 }, "bend", nil ],
    [ { bend: 30.0, bend_rated_at: 40 }, "bend", (1 - 0.5 / Math.sqrt(30)) / (1 - 0.5 / Math.sqrt(40)) ],
    [ { kind: "alloy_chain", bend: 4.0 }, "bend", 1.0 ],
    [ { kind: "alloy_chain", bend: 3.9 }, "bend", nil ],
    [ { kind: "polyester_round", bend: 20.0 }, "bend", nil ],
    [ { temperature_row: "alloy_chain_grade_80", celsius: 200 }, "temperature", 1.0 ],
    [ { temperature_row: "alloy_chain_grade_80", celsius: 200.1 }, "temperature", 0.9 ],
    [ { temperature_row: "alloy_chain_grade_80", celsius: 400 }, "temperature", 0.75 ],
    [ { temperature_row: "alloy_chain_grade_80", celsius: 401 }, "temperature", nil ],
    [ { temperature_row: "alloy_chain_grade_80", celsius: -40 }, "temperature", 1.0 ],
    [ { temperature_row: "alloy_chain_grade_80", celsius: -41 }, "temperature", nil ],
    [ { temperature_row: "alloy_chain_grade_100", celsius: 250 }, "temperature", nil ],
    [ { temperature_row: "wire_rope_steel_core_swaged", celsius: 350 }, "temperature", 0.65 ],
    [ { temperature_row: "wire_rope_fibre_core", celsius: 101 }, "temperature", nil ],
    [ { temperature_row: "polyester", celsius: 91 }, "temperature", nil ],
    [ { temperature_row: "polypropylene", celsius: 80 }, "temperature", 1.0 ],
    [ { temperature_row: "wire_mesh", celsius: -31 }, "temperature", nil ],
    [ { temperature_row: "hemp", celsius: 20 }, "temperature", nil ],
    [ { deg_from_horizontal: 30 }, "leg angle", 0.5 ],
    [ { deg_from_horizontal: 0 }, "leg angle", nil ],
    [ { site_factor: 0.8 }, "site", 0.8 ]
  ].each do |given, name, factor|
    it "takes #{given.to_a.join(" ")} as #{factor ? factor.round(3) : "a stop"}" do
      derating = make.(**given)
      step = derating.steps.find { |one| one.name == name }
      factor ? expect(step.factor).to(be_within(1e-12).of(factor)) : expect(step.reason).not_to(be_empty)
      expect(derating.capacity(1000.0)).to(
        if factor
          be_within(1e-9).of(1000 * derating.steps.map(&:factor).reduce(:*))
        else
          be_nil
        end
      )
      expect(derating.steps.map(&:name)).to eq([ "hitch", "leg angle", "choke angle", "bend", "temperature", "site" ])
      expect(step.source).not_to be_empty
    end
  end

  it "refuses a site factor that would give capacity" do
    expect { make.(site_factor: 1.1) }.to raise_error(ArgumentError)
    expect { make.(site_factor: 0.0) }.to raise_error(ArgumentError)
  end

  it "never gives more for a flatter leg, a tighter choke, a thinner bend or a hotter place" do
    left = ->(**given) { make.(**given).factor || 0.0 }
    PropCheck.forall(g.tuple(g.choose(1..90), g.choose(1..90))) do |one, other|
      expect(left.(deg_from_horizontal: [ one, other ].min)).to be <= left.(deg_from_horizontal: [ one, other ].max)
    end
    PropCheck.forall(g.tuple(g.choose(0..180), g.choose(0..180))) do |one, other|
      expect(left.(hitch: "choker", choke_deg: [ one, other ].min)).to be <=
        left.(hitch: "choker", choke_deg: [ one, other ].max)
    end
    PropCheck.forall(g.tuple(g.choose(1..60), g.choose(1..60))) do |one, other|
      expect(left.(bend: [ one, other ].min.to_f)).to be <= left.(bend: [ one, other ].max.to_f) + 1e-12
    end
    rules[:temperature_bands].each_key do |row|
      PropCheck.forall(g.tuple(g.choose(-30..450), g.choose(-30..450))) do |one, other|
        expect(left.(temperature_row: row, celsius: [ one, other ].max)).to be <=
          left.(temperature_row: row, celsius: [ one, other ].min)
      end
    end
  end
end

RSpec.describe DustLadder::Fittings::Fitting do
  rules = ->(school) { DustLadder::RuleSet.shipped(school) }
  make = ->(kind, school: "strict", **more) { described_class.new(kind, wll: 1000.0, rules: rules.(school), **more) }

  # [kind, school, angle or share, what is left]
  [
    [ "hook", "strict", 0.0, 1.0 ],
    [ "hook", "strict", 0.1, 0.86 ],
    [ "hook", "strict", 0.5, 0.8 ],
    [ "hook", "strict", 0.75, 0.7 ],
    [ "hook", "strict", 0.76, nil ],
    [ "shackle", "strict", 10, 1.0 ],
    [ "shackle", "strict", 10.1, 0.85 ],
    [ "shackle", "strict", 45, 0.7 ],
    [ "shackle", "strict", 90, 0.5 ],
    [ "shackle", "strict", 91, nil ],
    [ "eyebolt_plain", "strict", 5, 1.0 ],
    [ "eyebolt_plain", "strict", 5.1, nil ],
    [ "eyebolt_shouldered", "strict", 15, 0.5 ],
    [ "eyebolt_shouldered", "strict", 45, 0.25 ],
    [ "eyebolt_shouldered", "strict", 46, nil ],
    [ "eyebolt_shouldered", "level-side", 15, 0.8 ],
    [ "eyebolt_shouldered", "level-side", 45, 0.3 ],
    [ "eyebolt_shouldered", "level-side", 60, 0.25 ],
    [ "eyebolt_shouldered", "plumb-side", 15, 0.63 ],
    [ "eyebolt_shouldered", "plumb-side", 45, 0.25 ],
    [ "eyebolt_shouldered", "plumb-side", 46, nil ],
    [ "hoist_ring", "strict", 90, 1.0 ],
    [ "hoist_ring", "strict", 91, nil ]
  ].each do |kind, school, at, factor|
    it "leaves #{factor || "nothing"} of a #{kind.tr("_", " ")} at #{at}, #{school}" do
      outcome = make.(kind, school: school).outcome(at)
      expect(outcome.capacity).to factor ? be_within(1e-9).of(1000 * factor) : be_nil
      expect(outcome.stop?).to be(factor.nil?)
    end
  end

  it "stops a pull out of the plane of the eye, or across the bow; the maker's own table wins" do
    expect(make.("eyebolt_shouldered").outcome(3, off_plane_deg: 5.1).reason).to match(/out of the plane/)
    expect(make.("eyebolt_shouldered").outcome(3, off_plane_deg: 5)).not_to be_stop
    expect(make.("shackle").outcome(0, off_plane_deg: 90)).to be_stop
    expect(make.("eyebolt_shouldered", own: [ [ 45, 0.6 ] ]).outcome(45).factor).to eq(0.6)
    expect { make.("carabiner") }.to raise_error(ArgumentError, /no fitting is called carabiner/)
    expect { make.("hook").outcome(Float::NAN) }.to raise_error(ArgumentError)
  end

  it "is never more generous under strict than under either school, at any angle" do
    %w[hook shackle eyebolt_plain eyebolt_shouldered hoist_ring].product((0..90).to_a) do |kind, at|
      at /= 90.0 if kind == "hook"
      strict, *others =
        %w[strict level-side plumb-side].map { |school| make.(kind, school: school).outcome(at).capacity || 0.0 }
      expect(strict).to be <= others.min + 1e-9
    end
  end

  it "lets a master link over the hook only with room" do
    fits = ->(**more) do
      DustLadder::Fittings::MasterLink.misfit(
        inside_length: 0.27,
        inside_width: 0.14,
        hook_depth: 0.15,
        hook_width: 0.12,
        rules: rules.("strict"),
        **more
      )
    end
    expect(fits.()).to be_nil
    expect(fits.(hook_width: 0.13)).to match(/too wide/)
    expect(fits.(hook_depth: 0.25)).to match(/too deep/)
  end

  it "finds the angles of a real pull" do
    along, out = described_class.angles([ 0.0, 1.0, 1.0 ], [ 0.0, 0.0, 1.0 ], [ 1.0, 0.0, 0.0 ])
    expect([ along, out ]).to match([ be_within(1e-9).of(45), be_within(1e-9).of(0) ])
    expect(
      described_class.angles(
        [ 1.0, 0.0, 1.0 ],
        [ 0.0, 0.0, 1.0 ],
        [ 1.0, 0.0, 0.0 ]
      ).last
    ).to be_within(1e-9).of(45)
  end
end

RSpec.describe "Four points by hand" do
  level = DustLadder::Statics::Level
  square = [ [ -2.0, -1.0 ], [ 2.0, -1.0 ], [ 2.0, 1.0 ], [ -2.0, 1.0 ] ]
  heights = [ 4.0 ] * 4
  g = PropCheck::Generators

  it "shares alike when equalised and centred; by diagonals half on each" do
    expect(level.least_norm_shares(1000, square, heights)).to all(be_within(1e-9).of(250))
    expect(level.by_diagonals(1000, square, heights)).to all(be_within(1e-9).of(500))
  end

  it "balances in every way of sharing, and by diagonals is never below what any three say" do
    PropCheck.forall(g.tuple(g.choose(-150..150), g.choose(-70..70), g.choose(0..80))) do |x, y, lift|
      points = square.map { |px, py| [ px - x / 100.0, py - y / 100.0 ] }
      tall = [ 4.0, 4.0 + lift / 100.0, 4.0, 4.0 ]
      shares = level.least_norm_shares(1000.0, points, tall)
      expect(shares.sum).to be_within(1e-6).of(1000)
      [ 0, 1 ].each do |axis|
        expect(points.zip(tall, shares).sum { |point, height, share| share * point[axis] / height }).to be_within(
          1e-6
        ).of(0)
      end
      next if shares.min.negative?

      expect(level.by_diagonals(1000.0, points, tall).zip(shares)).to all(
        satisfy { |worst, equal| worst >= equal - 1e-6 }
      )
    end
  end

  it "has no answer for points in one line, or where no three hold the load" do
    expect { level.three_point_shares(1000, [ [ -1, 0 ], [ 0, 0 ], [ 1, 0 ] ], [ 3, 3, 3 ]) }.to raise_error(
      DustLadder::NotKnown,
      /one line/
    )
    expect { level.by_diagonals(1000, square.map { |x, y| [ x + 3, y ] }, heights) }.to raise_error(
      DustLadder::NotKnown,
      /no three/
    )
    expect { level.least_norm_shares(1000, [ [ -1, 0 ], [ 0, 0 ], [ 1, 0 ], [ 2, 0 ] ], heights) }.to raise_error(
      DustLadder::NotKnown
    )
  end
end
