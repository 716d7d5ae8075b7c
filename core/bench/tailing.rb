# Times the whole turn of a load between two cranes, in quarters of a degree, at every corner of weight and box, with
# both charts and their exact worst: nothing that was worked out before serves again.
#   bundle exec ruby --yjit core/bench/tailing.rb
$LOAD_PATH.unshift File.expand_path("../lib", __dir__)
require "dust_ladder"
require_relative "median"

AIM_MS = 150.0
RADII = (5..24).to_a.freeze
T = DustLadder::Tailing

def chart(kg)
  cells = RADII.map { |radius| [ (kg / radius).round ] }
  DustLadder::Cranes::Chart.all_round(DustLadder::Cranes::Table.new(RADII, [ 30.0 ], cells))
end

def sweep(by)
  hooks = DustLadder::Statics::TwoHooks.new([ 5.8 + by, 0.0 ], [ -4.4, 0.7 ])
  box =
    DustLadder::Statics::TwoHooksBox.new(
      hooks,
      weights: [ 13_100.0, 15_200.0 ],
      half_widths: [ 0.14, 0.05 ],
      leans: [ 0.5, 0.5 ],
      long: 10.9
    )
  course = T::Course.new(hooks, head: [ 0.0, 0.0 ], bearing: 90.0)
  head = T::Side.new(chart: chart(390_000.0), boom: 30.0, rigging: 520.0, stands: [ 10.0, 0.0 ])
  tail = T::Side.new(chart: chart(140_000.0), boom: 30.0, rigging: 360.0, stands: [ -15.6, 0.0 ])
  T::Sweep.new(box, course, head: head, tail: tail)
end

step = 0
median =
  median_ms(60, warm: 20) do
    sweep((step += 1) / 1e5).then { |both| %i[head tail].map { |side| both.worst(side).use } }
  end
puts format("whole turn of two cranes  median %6.1f ms   %.2f of the %d ms aim", median, median / AIM_MS, AIM_MS)
