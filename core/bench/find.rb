# Times finding a lift for plans of the demo, with its charts and without a store: the first answer and all of it, as
# ratios to what is aimed at. Run it after the demo's data is made (bin/demo or bin/test makes it):
#   bundle exec ruby --yjit core/bench/find.rb [NAME ...]
$LOAD_PATH.unshift File.expand_path("../lib", __dir__)
require "dust_ladder"

FIRST_S = 3.0
ALL_S = 30.0
DEMO = File.expand_path("../../demo", __dir__)
now = -> { Process.clock_gettime(Process::CLOCK_MONOTONIC) }
charts = Dir[File.join(DEMO, "charts/*.json")].sort.map { |file|
  DustLadder::PlanFile::Digest.snapshot(JSON.parse(File.read(file)))
}
stock = DustLadder::Advice::Base::Stock.new(charts: charts)
names = ARGV.empty? ? %w[cabin-on-salt cabin-on-gravel gearbox azimuth-bearing panel-by-the-line] : ARGV

names.each do |name|
  document = DustLadder::PlanFile.read(File.read(File.join(DEMO, "plans/#{name}.json")))
  base = DustLadder::Advice::Base.new(document, stock: stock)
  from, first, found, far = now.call, nil, 0, nil
  DustLadder::Finding::Search.new(base).each do |lift, so_far|
    far = so_far
    next unless lift

    found += 1
    first ||= now.call - from
  end
  all = now.call - from
  puts format(
    "%-20s %2d found of %7d; first %5.2f s, %4.2f of the aim; all %5.1f s, %4.2f of the aim",
    name,
    found,
    far.of,
    first || all,
    (first || all) / FIRST_S,
    all,
    all / ALL_S
  )
end
