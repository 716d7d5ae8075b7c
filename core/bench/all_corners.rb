# Puts the corners that are left out under a beam to the proof: random rigs, each worked out twice, once as the ladder
# does and once at every corner, as made too. Prints by how much the ladder was kinder, at most, and which rig was.
#   bundle exec ruby --yjit core/bench/all_corners.rb [RIGS] [SEED]
$LOAD_PATH.unshift File.expand_path("../lib", __dir__)
require "dust_ladder"
require_relative "../spec/support/plan_help"
include PlanHelp

# The same rig with no corner left out.
module EveryCorner
  module All
    def initialize(rig, **given) = super(rig, **given, every: true)
  end

  def self.on
    DustLadder::Statics::Envelope.prepend(All)
  end
end

TWO = { "West" => [ 0.5, 0.5 ], "East" => [ 3.5, 0.5 ] }.freeze
STRETCHES = %w[alloy_chain wire_rope polyester_round polyester_web nylon_web].freeze

def spreader_bar(random)
  beam(mass_kg: random.rand(40..600), spans: [ 1.0, 5.0 ].map { |span| { "span_m" => span, "kg" => 6000 } })
end

def lifting_beam(random)
  half = (random.rand * 1.2 + 0.6).round(2)
  eyes = random.rand < 0.5 ? [] : [ -0.3 * half, 0.3 * half ].map { |eye| eye.round(3) }
  beam(
    kind: "lifting",
    mass_kg: random.rand(80..600),
    holes_m: [ -half, half ],
    eyes_m: eyes,
    spans: [ { "span_m" => 2 * half, "kg" => 6000 } ]
  )
end

def changes(random)
  place = ->(middle, width) { format("%.3f m", middle + (random.rand * 2 - 1) * width) }
  {
    "/load/cg/x": place.(2.0, 0.7),
    "/load/cg/y": place.(0.5, 0.1),
    "/load/cg/z": place.(0.8, 0.6),
    "/load/cg/basis": %w[drawing by_eye contents_unknown].sample(random: random),
    "/load/weight/basis": %w[weighed calculated estimated].sample(random: random),
    "/rigging/hook_height": format("%.2f m", random.rand(5.2..9.0)),
    "/rigging/beam/span": format("%.2f m", random.rand(1.6..4.4)),
    "/rigging/beam/headroom": format("%.2f m", random.rand(0.9..2.9))
  }
end

def random_plan(random)
  points = (random.rand < 0.75 ? TWO : PlanHelp::CORNERS).transform_values { |x, y|
    [ (x + (random.rand - 0.5) * 0.6).round(3), (y + (random.rand - 0.5) * 0.1).round(3) ]
  }
  bar = random.rand < 0.5 ? spreader_bar(random) : lifting_beam(random)
  under_beam(points: points, beam: bar, **changes(random)).tap do |plan|
    # Four stiff legs go slack in some corner, and then none is left out.
    kind = (points.size > 2 ? STRETCHES.last(3) : STRETCHES).sample(random: random)
    plan["snapshots"]["slings"].each_value { |kept| kept["data"].merge!("kind" => kind, "grade" => "80") }
    plan["rigging"]["beam"]["legs"] = [] if bar["kind"] != "spreader" && bar["eyes_m"].empty?
  end
end

# Figures of which more is worse: tensions and beam parts by the weight, angles and tilt in degrees, heights in m.
def figures(plan)
  bridle = DustLadder::Lift.new(plan).bridle
  poses = bridle.poses
  legs = bridle.names.size
  low, high = bridle.hook_range
  {
    tension: poses.map(&:tensions).transpose.map { |all| all.max / 3000.0 },
    degrees: [ bridle.steepest.tilt_deg, *bridle.flattest_deg.map { |angle| -angle } ],
    metres: [ -low, high ],
    beam: bridle.hangs.map { |_, hang|
      bridle.rated.parts(hang, 1, bridle.beam.used_span).map { |part|
        part.demand / 3000.0
      }
    }.transpose.map(&:max),
    fitting: Array.new(legs) { |leg| poses.map { |pose| bridle.direction(pose, leg) } }.flat_map { |ways|
      ways.map { |way| way.map { |part| part / Math.sqrt(way.sum { |one| one * one }) } }.transpose.flat_map { |parts|
        [ parts.max, -parts.min ]
      }
    }
  }
end

# The ladder looks at all corners by itself where a line can go slack: nothing to prove there.
def some_left_out?(plan)
  bridle = DustLadder::Lift.new(plan).bridle
  [ bridle.envelope, bridle.made_envelope ].any? { |one| one.corners.size < 2**(4 + one.rig.lines.size) }
rescue DustLadder::NotKnown
  false
end

rigs, seed = (ARGV[0] || 200).to_i, (ARGV[1] || 1).to_i
DustLadder::Rigging::UnderBeam.prepend(Module.new { private def directions? = true })
plans = Array.new(rigs) { |index| random_plan(Random.new(seed * 1_000_000 + index)) }
some = plans.map { |plan| some_left_out?(plan) ? figures(plan) : nil }
DustLadder::Rigging::Worked.clear
EveryCorner.on
worst = Hash.new { |all, name| all[name] = [ 0.0, nil ] }
plans.each_with_index.select { |_, index| some[index] }
  .each do |plan, index|
    figures(plan).each do |name, values|
      kinder = values.zip(some[index][name]).map { |all, one| all - one }.max
      worst[name] = [ kinder, index ] if kinder >= worst[name][0]
    end
  end
$stdout.sync = true
puts "#{some.count(&:itself)} of #{rigs} rigs leave some corners out"
worst.each { |name, (kinder, index)| puts format("%-8s kinder by %.2e at most, rig %s", name, kinder, index) }
