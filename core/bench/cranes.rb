# Times a full turn at fine steps on a chart of 60 x 12 cells with four sectors, and reading 200 charts.
#   bundle exec ruby core/bench/cranes.rb
$LOAD_PATH.unshift File.expand_path("../lib", __dir__)
require "dust_ladder"
require_relative "median"
require_relative "../spec/support/plan_help"
include PlanHelp

radii, booms = (1..60).map { |row| row + 2.0 }, (1..12).map { |column| 8.0 + 5 * column }
tables =
  %w[rear left front right].each_with_index.to_h do |name, side|
    [ name, radii.map { |radius| booms.map { |boom| (200_000 / radius - boom * 20 - side * 100).floor } } ]
  end
sectors =
  tables.keys.each_with_index.map do |name, side|
    { "name" => name, "slew_from_deg" => side * 90, "slew_to_deg" => (side + 1) * 90 % 360, "table" => name }
  end
made = DustLadder::Cranes::Chart.of(radii: radii, booms: booms, tables: tables, sectors: sectors)
turn = ->(out) do
  [ [ 12.0, 0.0 ], [ 12.0 + out, 360.0 ] ].map do |radius, slew|
    DustLadder::Cranes::Path::Station.new(radius: radius, slew: slew, boom: 40.3)
  end
end
charts =
  Array.new(200) do |index|
    chart(
      id: "c-#{index}",
      title: "Chart #{index}",
      radius_m: radii,
      boom_length_m: booms,
      tables: tables,
      sectors: sectors
    )
  end
file = DustLadder::Cranes::ChartFile.write(charts)

puts "ruby #{RUBY_VERSION}, yjit #{defined?(RubyVM::YJIT) && RubyVM::YJIT.enabled? ? "on" : "off"}"
{
  "turn of 360°, one radius" => [ 10.0, 40, -> { DustLadder::Cranes::Path.new(made, turn.(0.0)).least } ],
  "turn of 360°, 20 m out" => [ 10.0, 40, -> { DustLadder::Cranes::Path.new(made, turn.(20.0)).least } ],
  "200 charts of 2880 cells, read" => [
    5000.0,
    1,
    -> do
      DustLadder::Cranes::ChartFile.read(file, "all.json") do |reading, _|
        reading.data or abort(reading.faults.inspect)
      end
    end
  ]
}.each do |name, (aim, times, work)|
  median = median_ms(times, warm: [ times / 10, 0 ].max, &work)
  puts format("%-34s median %9.2f ms   %.2f of the %g ms aim", name, median, median / aim, aim)
end
