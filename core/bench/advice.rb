# Times ways out of the demo's plans that stop or are tight, each for its weakest rung, the limits of every figure, and
# a strip; without a store. Run it after the demo's data is made (bin/demo or bin/test makes it):
#   bundle exec ruby --yjit core/bench/advice.rb
$LOAD_PATH.unshift File.expand_path("../lib", __dir__)
require "dust_ladder"

AIM_S = 1.0
ADVICE = DustLadder::Advice
now = -> { Process.clock_gettime(Process::CLOCK_MONOTONIC) }

Dir[File.expand_path("../../demo/plans/*.json", __dir__)].sort.each do |file|
  document = DustLadder::PlanFile.read(File.read(file))
  next if DustLadder.check(document).rungs.none? { |rung| %w[stop tight].include?(rung.verdict) }

  base = ADVICE::Base.new(document)
  from = now.call
  ways = ADVICE::WaysOut.new(base)
  found = ways.found
  took = now.call - from
  from = now.call
  ADVICE::Limits.new(base).each { nil }
  limits = now.call - from
  input = ADVICE::Input.all(base.lift).first
  from = now.call
  ADVICE::WhatIf.new(base, input, input.now * 0.5, input.now * 2.0).told if input
  puts format(
    "%-24s %-12s %5.2f s, %4.1f of the aim, %d cure, %4d pairs; limits %5.2f s; strip %5.2f s",
    File.basename(file, ".json"),
    ways.rung&.id,
    took,
    took / AIM_S,
    found.count(&:cures),
    ways.pairs_tried.to_i,
    limits,
    now.call - from
  )
end
