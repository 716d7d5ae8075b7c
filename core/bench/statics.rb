# Times how a load hangs: one pose of four legs, one of a spreader, every corner of four legs, a check of a four-leg
# plan, and a choice from 50 000 pieces. Run with and without --yjit:  bundle exec ruby core/bench/statics.rb
$LOAD_PATH.unshift File.expand_path("../lib", __dir__)
require "dust_ladder"
require "prop_check"
require_relative "median"
require_relative "../spec/support/plan_help"
require_relative "../spec/support/rig_help"
include PlanHelp
include RigHelp

four = rig(RigHelp::FOUR, cg: [ 2.2, 1.35, 0.7 ], rests: [ 4.12, 4.1, 4.1, 4.1 ], stiffness: 200_000.0)
beam = spreader(shift: 0.1)
envelope = -> do
  DustLadder::Statics::Envelope.new(
    four,
    body: 0,
    masses: [ 4800.0, 5600.0 ],
    half_widths: [ 0.08, 0.05, 0.04 ],
    tolerance: 0.005
  ).corners
end
plan = JSON.parse(File.read(File.expand_path("../../demo/plans/chiller.json", __dir__)))
heights = 0
kinds = %w[alloy_chain wire_rope polyester_round polyester_web nylon_web]
pieces =
  Array.new(50_000) do |index|
    rating = [ 1000, 2000, 4000, 5300, 8000 ][index / 5 % 5]
    sling(
      "P-#{index}",
      kind: kinds[index % 5],
      reach_m: [ 2.0, 3.0, 4.0, 6.0 ][index / 25 % 4],
      state: index % 17 == 0 ? "out" : "ready",
      due: format("2026-%02d-10", 1 + index % 12),
      tag: {
        "vertical_kg" => rating,
        "choker_kg" => rating * 0.8,
        "basket_kg" => rating * 2
      }
    )
  end
store = DustLadder::Slings::Selection::Store.new(pieces).tap(&:sorts)
need = DustLadder::Slings::Selection::Need.new(tension: 2100.0, length: 4.0, celsius: 35, legs: 2, on: "2026-06-01")
rules = DustLadder::RuleSet.shipped("strict")

puts "ruby #{RUBY_VERSION}, yjit #{defined?(RubyVM::YJIT) && RubyVM::YJIT.enabled? ? "on" : "off"}"
{
  "pose of four legs" => [ 1.5, 200, -> { DustLadder::Statics::Equilibrium.of(four) } ],
  "pose of a spreader and its load" => [ 4.0, 200, -> { DustLadder::Statics::Equilibrium.of(beam) } ],
  "256 corners of four legs" => [ 50.0, 9, envelope ],
  "check of a four-leg plan" => [
    25.0,
    9,
    -> do
      plan["rigging"]["legs"].each { |leg| leg["length"] = format("%.3f m", 4 + 0.001 * (heights += 1)) }
      DustLadder.check(plan).as_json
    end
  ],
  "choice from 50 000 pieces" => [
    100.0,
    5,
    -> { DustLadder::Slings::Selection.new(store, need, rules).then { |choice| [ choice.choices, choice.rejected ] } }
  ]
}.each do |name, (aim, times, work)|
  median = median_ms(times, &work)
  puts format("%-34s median %7.2f ms   %.2f of the %.1f ms aim", name, median, median / aim, aim)
end
