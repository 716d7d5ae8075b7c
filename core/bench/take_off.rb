# Times a take-off of 5 000 parts: weight and CG, the whole check with the rows beside it, a CSV file. Run with and
# without --yjit:  bundle exec ruby core/bench/take_off.rb
$LOAD_PATH.unshift File.expand_path("../lib", __dir__)
require "dust_ladder"
require_relative "median"
require_relative "../spec/support/plan_help"
include PlanHelp

PARTS = 5000
AIM_MS = 30.0

rows =
  Array.new(PARTS) do |index|
    part(
      "angle",
      "100 mm x 100 mm x 10 mm x #{1 + index * 0.001} m",
      "steel",
      quantity: "2",
      lies: "z",
      x: "#{index % 100 * 0.05} m",
      y: "#{index / 100 * 0.04} m",
      z: "2 m"
    )
  end
document = JSON.parse(JSON.generate(taken_off(*rows)))
rules = DustLadder::RuleSet.shipped("strict")
sheet = document["load"]["take_off"]
csv = DustLadder::Load::CsvSheet.write(sheet)
first = median_ms(1, warm: 0) { DustLadder::Load::TakeOff.new(sheet, rules).cg }
puts "ruby #{RUBY_VERSION}, yjit #{defined?(RubyVM::YJIT) && RubyVM::YJIT.enabled? ? "on" : "off"}, #{PARTS} parts"
puts format("%-36s %7.1f ms", "first reading of every row", first)
{
  "weight and CG, rows read before" => [ 21, -> { DustLadder::Load::TakeOff.new(sheet, rules).tap(&:cg).planned_kg } ],
  "weight and CG, one row typed anew" => [
    21,
    -> do
      sheet["parts"][7] = sheet["parts"][7].merge("x" => "#{rand(1.0..2.0).round(4)} m")
      DustLadder::Load::TakeOff.new(sheet, rules).tap(&:cg).planned_kg
    end
  ],
  "the ladder, rows beside it, as JSON" => [
    9,
    -> { JSON.generate(DustLadder.check_with_take_off(document, row: 3)) }
  ],
  "taking the document in" => [ 9, -> { DustLadder::PlanFile.accept(document) } ],
  "reading them from CSV" => [ 3, -> { DustLadder::Load::CsvSheet.new(csv).read.to_a } ]
}.each do |name, (times, work)|
  median = median_ms(times, warm: 1, &work)
  puts format("%-36s %7.1f ms", name, median) +
         (name.start_with?("weight") ? format("   %.2f of the %d ms aim", median / AIM_MS, AIM_MS) : "")
end
