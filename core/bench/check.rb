# Times one full check of a two-leg plan, and what is around it. Run with and without --yjit:
#   bundle exec ruby core/bench/check.rb [--yjit is a flag of ruby itself]
$LOAD_PATH.unshift File.expand_path("../lib", __dir__)
require "dust_ladder"
require_relative "median"
require_relative "../spec/support/plan_help"
include PlanHelp

AIM_US = 5000.0

document = plan
text = DustLadder::PlanFile.write(document)
puts "ruby #{RUBY_VERSION}, yjit #{defined?(RubyVM::YJIT) && RubyVM::YJIT.enabled? ? 'on' : 'off'}"
{
  "full check" => -> { DustLadder.check(document).verdict },
  "check and its JSON" => -> { JSON.generate(DustLadder.check(document).as_json) },
  "reading the plan file" => -> { DustLadder::PlanFile.read(text) }
}.each do |name, work|
  median = median_ms(2000, warm: 200, &work) * 1000
  puts format("%-22s median %7.0f µs   %.2f of the 5 ms aim", name, median, median / AIM_US)
end
