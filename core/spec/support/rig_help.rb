# Rigs to hang, as a planner would draw them and at random.
module RigHelp
  RIG = DustLadder::Statics::Rig
  G = PropCheck::Generators

  # A load on legs to points [[x, y, z], ...]; tops: rests of the legs, or nil to cut them to hang level at a drop.
  def rig(points, cg:, mass: 5000.0, stiffness: 400_000.0, rests: nil, drop: 4.0)
    names = points.each_index.map { |index| "P#{index}" }
    rests ||=
      points.map { |point| Math.sqrt((point[0] - cg[0])**2 + (point[1] - cg[1])**2 + (drop - point[2] + cg[2])**2) }
    load = RIG::Body.new(name: "load", mass: mass, cg: cg, points: names.zip(points).to_h)
    RIG.new(
      bodies: [ load ],
      lines:
        names
          .zip(rests)
          .map { |name, rest| { name: name, nodes: [ "hook", "load.#{name}" ], rest: rest, stiffness: stiffness } }
    )
  end

  FOUR = [ [ 0.4, 0.3, 1.6 ], [ 4.2, 0.3, 1.6 ], [ 4.2, 2.3, 1.6 ], [ 0.4, 2.3, 1.6 ] ].freeze
  THREE = [ [ 0.4, 0.3, 1.6 ], [ 4.2, 0.5, 1.8 ], [ 2.0, 2.4, 1.5 ] ].freeze
  TWO = [ [ 0.5, 1.0, 1.5 ], [ 4.0, 1.0, 1.5 ] ].freeze

  # A spreader over a load, each with its own weight.
  def spreader(mass: 4480.0, shift: 0.0, bar: 310.0, stretchy: 130_000.0)
    beam =
      RIG::Body.new(
        name: "bar",
        mass: bar,
        cg: [ 1.8, 0.0, 0.0 ],
        points: {
          "TA" => [ 0.0, 0.0, 0.1 ],
          "TB" => [ 3.6, 0.0, 0.1 ],
          "BA" => [ 0.0, 0.0, -0.1 ],
          "BB" => [ 3.6, 0.0, -0.1 ]
        }
      )
    load =
      RIG::Body.new(
        name: "load",
        mass: mass,
        cg: [ 2.1 + shift, 0.8, 0.62 ],
        points: {
          "PA" => [ 0.3, 0.8, 1.4 ],
          "PB" => [ 3.9, 0.8, 1.4 ]
        }
      )
    top, low = [ %w[TA hook bar.TA], %w[TB hook bar.TB] ], [ %w[LA bar.BA load.PA], %w[LB bar.BB load.PB] ]
    RIG.new(
      bodies: [ beam, load ],
      lines:
        top.map { |name, *nodes| { name: name, nodes: nodes, rest: 3.0, stiffness: 1_500_000.0 } } +
          low.map { |name, *nodes| { name: name, nodes: nodes, rest: 2.1, stiffness: stretchy } }
    )
  end

  # Random rigs: which points, and how far CG and lengths are off, in thousandths.
  def some_rigs =
    G.tuple(
      G.choose(0..2),
      G.choose(-150..150),
      G.choose(-120..120),
      G.choose(-300..300),
      G.array(G.choose(-12..12), min: 4, max: 4),
      G.choose(100..20_000)
    )

  def rig_of(which, along, across, up, lengths, mass)
    points = [ TWO, THREE, FOUR ][which]
    middle = points.transpose.map { |places| places.sum / places.size }
    cg = [
      middle[0] + along / 300.0,
      which.zero? ? middle[1] : middle[1] + across / 300.0,
      middle[2] - 0.7 + up / 1000.0
    ]
    straight = rig(points, cg: [ middle[0], middle[1], cg[2] ]).lines.map(&:rest)
    rig(
      points,
      cg: cg,
      mass: mass.to_f,
      stiffness: mass * 60.0,
      rests: straight.zip(lengths).map { |rest, off| rest * (1 + off / 1000.0) }
    )
  end
end
