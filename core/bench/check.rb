# Times one check of a plan whose hook has moved, as while a grip is dragged: nothing that was worked out before serves
# again. Of two legs, and of four with their worst case. Run it with and without --yjit (a flag of ruby itself):
#   bundle exec ruby --yjit core/bench/check.rb
$LOAD_PATH.unshift File.expand_path("../lib", __dir__)
require "dust_ladder"
require_relative "median"
require_relative "../spec/support/plan_help"
include PlanHelp

AIMS_MS = { "two legs" => 6.0, "four legs" => 25.0 }.freeze
BASES = DustLadder::PlanFile::Bases

plans = { "two legs" => plan, "four legs" => on_points("/rigging/set_by" => "hook_height") }
puts "ruby #{RUBY_VERSION}, yjit #{defined?(RubyVM::YJIT) && RubyVM::YJIT.enabled? ? 'on' : 'off'}"
plans.each do |name, document|
  base = BASES.keep(DustLadder::PlanFile.accept(document))
  step = 0
  moved = -> { BASES.changed(base, { "/rigging/hook_height" => "#{(6.0 + (step += 1) / 5000.0).round(4)} m" }) }
  {
    "the change taken" => -> { moved.call },
    "check" => -> { DustLadder.check(moved.call).verdict },
    "check, answer of a drag" => -> {
      DustLadder::Quantity::Systems.only(:metric) do
        JSON.generate(DustLadder.check(moved.call).as_json(open: [ "slings" ]))
      end
    },
    "check, whole answer" => -> { JSON.generate(DustLadder.check(moved.call).as_json) }
  }.each do |what, work|
    median = median_ms(name == "two legs" ? 400 : 150, warm: 100, &work)
    puts format(
      "%-10s %-24s median %6.2f ms   %.2f of the %d ms aim",
      name,
      what,
      median,
      median / AIMS_MS[name],
      AIMS_MS[name]
    )
  end
end
