# Distances on the site, against a slower way of working them out.
RSpec.describe DustLadder::Site do
  let(:plane) { described_class::Plane }
  let(:space) { described_class::Space }
  let(:random) { Random.new(31) }

  def some(least, most) = least + random.rand * (most - least)

  # A star about a place: never crosses itself, mostly not convex.
  def star(x, y, corners: 3 + random.rand(6))
    turns = (0...corners).map { |index| (index + some(0.1, 0.9)) * 2 * Math::PI / corners }
    turns.map { |turn| some(1.0, 4.0).then { |far| [ x + far * Math.cos(turn), y + far * Math.sin(turn) ] } }
  end

  # Places along the edge of an outline, close to each other.
  def edge(outline, closed: true)
    sides = closed ? outline.zip(outline.rotate) : outline.each_cons(2)
    sides.flat_map do |(ax, ay), (bx, by)|
      (0..150).map { |step| [ ax + (bx - ax) * step / 150.0, ay + (by - ay) * step / 150.0 ] }
    end
  end

  it "measures between outlines, from the nearest of their edges, and nothing where they share ground" do
    25.times do
      one, other = star(0, 0), star(some(-9, 9), some(-9, 9))
      got = plane.apart(one, other)
      edges = [ edge(one), edge(other) ]
      sampled = edges[0].map { |x, y| edges[1].map { |a, b| Math.hypot(a - x, b - y) }.min }.min
      shares = edges[0].any? { |place| plane.inside?(place, other) } || edges[1].any? { |at| plane.inside?(at, one) }
      expect(got).to be_within(0.1).of(shares ? 0.0 : sampled)
      expect(got).to be <= sampled + 1e-9
    end
  end

  it "tells how much of an outline lies under none of others, whether they overlap or not" do
    25.times do
      mat = plane.square([ some(-2, 2), some(-2, 2) ], some(1, 3), some(0, 90))
      others = Array.new(random.rand(4)) { star(some(-3, 3), some(-3, 3)) }
      places = Array.new(4000) { [ some(-5, 5), some(-5, 5) ] }
      bare = places.count { |at| plane.inside?(at, mat) && others.none? { |other| plane.inside?(at, other) } }
      expect(described_class::Cover.new(mat, others).bare).to be_within(0.6).of(bare / 4000.0 * 100)
    end
  end

  it "tells of bare ground to the square centimetre" do
    mat = plane.square([ 0, 0 ], 2, 0)
    half = [ [ -5, -5 ], [ 0, -5 ], [ 0, 5 ], [ -5, 5 ] ]
    rest = [ [ 0.0, -5 ], [ 5, -5 ], [ 5, 5 ], [ 0.0, 5 ] ]
    gap = rest.map { |x, y| [ x + 0.01, y ] }
    expect(described_class::Cover.new(mat, [ half ]).bare).to be_within(1e-9).of(2.0)
    expect(described_class::Cover.new(mat, [ half, rest ]).bare).to be_within(1e-9).of(0.0)
    expect(described_class::Cover.new(mat, [ half, gap ]).bare).to be_within(1e-9).of(0.02)
    expect(described_class::Cover.new(mat, []).bare).to be_within(1e-9).of(4.0)
  end

  it "measures from a line in space to another, and to an upright solid" do
    40.times do
      from, to, c, d = Array.new(4) { [ some(-8, 8), some(-8, 8), some(0, 12) ] }
      along = ->(a, b) { (0..120).map { |step| space.mixed(a, b, step / 120.0) } }
      sampled = along.(from, to).map { |a| along.(c, d).map { |b| space.apart(a, b) }.min }.min
      expect(space.sides_apart(from, to, c, d)).to be_between(sampled - 0.2, sampled + 1e-9)

      outline, heights = star(0, 0), [ some(0, 4), some(0, 8) ].minmax
      sampled =
        along
          .(from, to)
          .map { |x, y, z|
            Math.hypot(plane.from_outline([ x, y ], outline), [ heights[0] - z, z - heights[1], 0 ].max)
          }
          .min
      got = described_class::Solid.new(name: "hut", outline: outline, bottom: heights[0], top: heights[1]).apart(
        from,
        to
      )
      expect(got).to be_between(sampled - 0.2, sampled + 1e-9)
    end
  end

  # On whole metres as well, where corners, edges and heights meet exactly.
  def places_about(outline, whole)
    rounded = ->(place) { whole ? place.map { |metres| metres.round.to_f } : place }
    [ outline.map(&rounded), *Array.new(2) { rounded.([ some(-8, 8), some(-8, 8), some(0, 12) ]) } ]
  end

  # Of all edges of all walls, the faces before which an end stands, and the caps over or under which it is.
  def from_everything(from, to, solid)
    walls =
      plane.sides(solid.outline).flat_map do |a, b|
        corners = [ a, b ].product([ solid.bottom, solid.top ]).map { |place, height| [ *place, height ] }
        edges = [ [ 0, 2 ], [ 1, 3 ], [ 0, 1 ] ].map { |ends| space.sides_apart(from, to, *corners.values_at(*ends)) }
        [ *edges, *[ from, to ].filter_map { |place| space.before(place, a, b, solid.bottom, solid.top) } ]
      end
    caps =
      [ from, to ].filter_map do |place|
        [ solid.bottom - place[2], place[2] - solid.top, 0 ].max if plane.inside?(place, solid.outline)
      end
    solid.through?(from, to) ? 0.0 : [ *walls, *caps ].min
  end

  it "passes over no edge of a solid and no side of an outline that is the nearest" do
    300.times do |time|
      outline, from, to = places_about(star(0, 0), time.odd?)
      to[2] = from[2] if (time % 5).zero?
      heights = [ some(0, 5), some(0, 8) ].map { |metres| time.odd? ? metres.round.to_f : metres }.minmax
      solid = described_class::Solid.new(name: "hut", outline: outline, bottom: heights[0], top: heights[1])
      expect(solid.apart(from, to)).to be_within(1e-9).of(from_everything(from, to, solid))

      other = places_about(star(some(-9, 9), some(-9, 9)), time.odd?).first
      next expect(plane.apart(outline, other)).to(eq(0.0)) if plane.overlap?(outline, other)

      corners = [ [ outline, other ], [ other, outline ] ].flat_map { |one, two| one.product(plane.sides(two)) }
      least = corners.map { |place, (a, b)| plane.from_side(place, a, b) }.min
      expect(plane.apart(outline, other)).to be_within(1e-9).of(least)
    end
  end

  it "tells that two outlines touch where they are the same" do
    mat = plane.square([ 3, 4 ], 2, 30)
    expect(plane.touch?(mat, mat)).to be(true)
    expect(plane.touch?(mat, plane.square([ 3, 7 ], 2, 30))).to be(false)
    expect(described_class::Cover.new(mat, [ mat ]).bare).to be_within(1e-9).of(0.0)
  end

  it "refuses an outline that crosses itself or holds nothing" do
    expect(plane.outline?([ [ 0, 0 ], [ 2, 0 ], [ 2, 2 ], [ 0, 2 ] ])).to be(true)
    expect(plane.outline?([ [ 0, 0 ], [ 2, 2 ], [ 2, 0 ], [ 0, 2 ] ])).to be(false)
    expect(plane.outline?([ [ 0, 0 ], [ 1, 1 ], [ 2, 2 ] ])).to be(false)
    expect(plane.outline?([ [ 0, 0 ], [ 1, 1 ] ])).to be(false)
  end

  # A leg of a way of a made-up crane that stands somewhere.
  def sweep(turn: 0.0, shift: [ 0, 0 ])
    numbers = @numbers ||= Array.new(9) { random.rand }
    standing =
      described_class::Standing.new(
        axis: [ *turned([ numbers[0] * 4, numbers[1] * 4 ], turn, shift), 0.5 ],
        bearing: numbers[2] * 360 + turn
      )
    ends =
      [ 0, 1 ].map do |index|
        DustLadder::Cranes::Path::Station.new(
          radius: 6 + numbers[3 + index] * 9,
          slew: numbers[5] * 360 + index * (numbers[6] - 0.5) * 400,
          hook: 3 + numbers[7 + index] * 6,
          boom: 24.0
        )
      end
    boom = DustLadder::Cranes::Boom.new(length: 24, foot_radius: -1.2, foot_height: 2.2)
    described_class::Sweep.new(standing, *ends, ->(_) { boom })
  end

  # A place turned clockwise about the peg, and shifted.
  def turned((x, y, *up), degrees, shift)
    angle = degrees * Math::PI / 180
    [
      x * Math.cos(angle) + y * Math.sin(angle) + shift[0],
      y * Math.cos(angle) - x * Math.sin(angle) + shift[1],
      *up
    ]
  end

  let(:ball) { described_class::Approach::Ball.new(1.6, 1.3) }

  def nearest(sweep, wire) = described_class::Approach.new([ sweep ], ball, wire).parts

  it "finds the nearest of boom, rope and load to a wire wherever on the way it is" do
    12.times do
      @numbers = nil
      wire = Array.new(3) { |index| [ -30 + index * 30 + some(-5, 5), some(8, 22), some(8, 14) ] }
      got = nearest(sweep, wire).values.first
      shares = (0..1500).map { |step| step / 1500.0 }
      sampled =
        shares.flat_map do |share|
          boom, hook = sweep.boom(share), sweep.hook(share)
          wire.each_cons(2).flat_map do |a, b|
            middle = [ *hook.first(2), hook[2] - 1.6 ]
            [
              space.sides_apart(*boom, a, b),
              space.sides_apart(boom.last, hook, a, b),
              [ space.sides_apart(middle, middle, a, b) - 1.3, 0 ].max
            ]
          end
        end
      expect(got.m).to be_between(sampled.min - 0.05, sampled.min + described_class::Least::WITHIN)
    end
  end

  it "does not change when site and crane are turned and shifted together" do
    8.times do
      @numbers = nil
      wire = Array.new(2) { |index| [ -30 + index * 60, some(6, 20), some(8, 14) ] }
      plot = star(some(6, 12), some(-6, 6))
      turn, shift = some(0, 360), [ some(-50, 50), some(-50, 50) ]
      one, other = sweep, sweep(turn: turn, shift: shift)
      moved = ->(places) { places.map { |place| turned(place, turn, shift) } }
      expect(nearest(other, moved.(wire)).values.first.m).to be_within(0.006).of(nearest(one, wire).values.first.m)
      rooms =
        [ [ one, plot ], [ other, moved.(plot) ] ].map do |leg, outline|
          obstacle = described_class::Solid.new(name: "hut", outline: outline, bottom: 0.0, top: 9.0)
          room_of(leg, obstacle)
        end
      rooms[0].zip(rooms[1]).each { |a, b| expect(b).to a ? be_within(0.011).of(a) : be_nil }
    end
  end

  def room_of(leg, obstacle, turned: "with_boom")
    box = { length: 4.0, width: 1.5, height: 1.2, below: 1.8, turned: turned, axis: 30.0 }
    room = described_class::Room.new([ leg ], [ obstacle ])
    box = described_class::Room::Box.new(**box)
    [
      room.load_sideways(box)&.m,
      room.load_upright(box)&.m,
      room.boom(0.4)&.m,
      room.tail(leg.standing, 3.6, 1.0, 3.0)&.m
    ]
  end

  it "never has more room of a load that may turn any way than of one that is turned as planned" do
    12.times do
      @numbers = nil
      obstacle = described_class::Solid.new(name: "a", outline: star(9, 3), bottom: 0.0, top: some(2, 9))
      planned, any = room_of(sweep, obstacle), room_of(sweep, obstacle, turned: nil)
      planned.first(2).zip(any).each { |one, other| expect(other).to be <= one + 0.011 if one }
    end
  end

  it "keeps no more room to a wire that is nearer, and to one that hangs between" do
    10.times do
      @numbers = nil
      leg = sweep
      far = [ [ -40, 26, 12 ], [ 40, 26, 12 ] ]
      near = far.map { |x, y, z| [ x, y - some(0.1, 6), z ] }
      expect(nearest(leg, near).values.first.m).to be <= nearest(leg, far).values.first.m + 0.006
    end
  end
end
