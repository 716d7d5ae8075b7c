RSpec.describe DustLadder::Cranes::Boom do
  g = PropCheck::Generators
  some =
    g.tuple(
      g.choose(80..600),
      g.choose(-20..20),
      g.choose(10..40),
      g.choose(0..120),
      g.choose(0..40),
      g.choose(20..82)
    )
  made = ->(length, foot, height, jib, offset) do
    described_class.new(
      length: length / 10.0,
      foot_radius: foot / 10.0,
      foot_height: height / 10.0,
      jib: jib / 10.0,
      offset: offset.to_f
    )
  end

  it "finds the angle of a radius and the radius of an angle, with and without a jib" do
    PropCheck.forall(some) do |*size, angle|
      boom = made.call(*size)
      next if angle <= boom.flattest + 0.5 # a chart with such a row is refused: see the chart files

      expect(boom.angle_at(boom.radius_at(angle.to_f))).to be_within(1e-7).of(angle)
    end
  end

  it "has its tip at the end of its line, at the lengths given" do
    PropCheck.forall(some) do |length, foot, height, jib, offset, angle|
      boom = made.call(length, foot, height, jib, offset)
      next if angle <= boom.flattest + 0.5

      radius = boom.radius_at(angle.to_f)
      line = boom.line(radius)
      expect(line.last).to match([ be_within(1e-7).of(radius), be_within(1e-7).of(boom.tip_height(radius)) ])
      expect(Math.hypot(line[1][0] - line[0][0], line[1][1] - line[0][1])).to be_within(1e-9).of(length / 10.0)
      expect(line.size).to eq(jib.zero? ? 2 : 3)
    end
  end

  it "tells what a degree of boom angle is worth: about 0.9 m for 60 m at 60 degrees, as two radii a degree apart do" do
    expect(made.call(600, 0, 20, 0, 0).then { |boom| boom.radius_per_degree(boom.radius_at(60.0)) }).to be_within(
      0.01
    ).of(0.907)
    PropCheck.forall(some) do |*size, angle|
      boom = made.call(*size)
      next if angle <= boom.flattest + 0.5

      apart = boom.radius_at(angle - 0.01) - boom.radius_at(angle + 0.01)
      expect(boom.radius_per_degree(boom.radius_at(angle.to_f))).to be_within(1e-4 * apart.abs * 50 + 1e-6).of(
        (apart / 0.02).abs
      )
    end
  end

  it "measures from the underside to a corner, less as the load comes nearer, and below nothing on the far side" do
    boom = described_class.new(length: 20, foot_radius: 0, foot_height: 2, depth: 1.0)
    radius = boom.radius_at(60.0)
    rooms = [ 0.5, 1.0, 2.0, 4.0, 8.0 ].map { |reach| boom.clearance(radius, [ radius - reach, 8.0 ]) }
    expect(rooms).to eq(rooms.sort.reverse)
    expect(rooms.last).to be_negative
    expect(boom.clearance(radius, [ radius - 1.0, 8.0 ])).to be_within(1e-9).of(
      (radius - 1.0 - 6.0 / Math.tan(Math::PI / 3)) * Math.sin(Math::PI / 3) - 0.5
    )
  end

  it "does not reach past its length" do
    boom = described_class.new(length: 10, foot_radius: -1, foot_height: 2)
    expect([ boom.angle_at(9.1), boom.tip_height(9.1), boom.line(9.1), boom.clearance(9.1, [ 0, 0 ]) ]).to all(be_nil)
  end
end
