# Tries needed until a simulated load hangs level with all lines tight: with the advice after each try, and by eye,
# where the leg at the lowest corner is taken up by what the corner is low. And how often the truth lies within what
# is told.
#   bundle exec ruby --yjit core/bench/trials.rb [LOADS] [SEED]
$LOAD_PATH.unshift File.expand_path("../lib", __dir__)
require "dust_ladder"
require_relative "../spec/support/trial_help"
include TrialHelp

LOADS = Integer(ARGV[0] || 200)
SEED = Integer(ARGV[1] || 1)
MOST = 6
Trial = DustLadder::Trial

def level?(lift, hung) = hung.holds && hung.tilt <= lift.rules[:tilt_aim_deg] && hung.tensions.all?(&:positive?)

# By eye: the lowest corner's leg shorter by its part of the difference of height, in whole links.
def by_eye(lift, lengths, hung)
  low = ->(at) {
    x, y = lift.load.points[at].at
    x * Math.sin(hung.pitch * Trial::Hanging::DEG) - y * Math.sin(hung.roll * Trial::Hanging::DEG)
  }
  order = lift.legs.each_index.sort_by(&low)
  links = [ ((low.(order[-1]) - low.(order[0])) / 2 / 0.03).round, 1 ].max
  lengths.each_with_index.map { |long, leg| leg == order[-1] ? long - links * 0.03 : long }
end

def tries_until_level(load)
  lengths = load.lift.bridle.lengths.dup
  (1..MOST).each do |count|
    hung = load.hung(lengths)
    return count if level?(load.lift, hung)

    lengths = yield(lengths, hung, count) or return nil
  end
  nil
rescue DustLadder::NotKnown
  nil
end

random = Random.new(SEED)
inside = Hash.new { |all, name| all[name] = [ 0, 0 ] }
advised, eyed, seconds, first = [], [], [], []
not_by_legs = 0
LOADS.times do |index|
  lift = DustLadder::Lift.new(chained(2 + index % 3, random))
  load = Trial::Simulated.by_chance(lift, random)
  next unless load.hung.holds && load.hung.tilt < 25
  next if level?(lift, load.hung)

  tries = []
  second = nil
  unless Trial::Tries.new(lift.document.data, [ load.try(lift.bridle.lengths) ]).advice.lengths
    next not_by_legs += 1
  end
  advised << tries_until_level(load) do |lengths, _, count|
    tries << load.try(lengths)
    from = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    all = Trial::Tries.new(lift.document.data, tries)
    advice = all.advice
    seconds << Process.clock_gettime(Process::CLOCK_MONOTONIC) - from
    told = all.learnt
    if told && count == 1
      inside[:weight][(told.weight - load.truth.weight).abs <= told.weight_error ? 0 : 1] += 1 if told.weight
      2.times { |axis|
        inside[axis][(told.cg[axis] - load.truth.cg[axis]).abs <= told.cg_errors[axis] ? 0 : 1] += 1 if told.cg[axis]
      }
    end
    second = advice&.lengths && lengths_of(advice, lengths) if count == 1
    advice&.lengths && lengths_of(advice, lengths)
  end
  first << load.hung(second) if second
  eyed << tries_until_level(load) { |lengths, hung| by_eye(lift, lengths, hung) }
rescue DustLadder::NotKnown => error
  warn "#{index}: #{error.message}"
end

def spread(name, counts)
  told = (1..MOST).map { |tries| "#{counts.count(tries)} in #{tries}" }.join(", ")
  puts format(
    "%-12s %s, %d never in %d; mean %.2f",
    name,
    told,
    counts.count(nil),
    MOST,
    counts.sum { |one|
      one || MOST + 1
    } / counts.size.to_f
  )
end

puts "#{advised.size} loads that did not hang level at the first try; #{not_by_legs} more that no two legs level"
spread("with advice", advised)
spread("by eye", eyed)
within = first.count { |hung| hung.holds && hung.tilt <= 2.0 }
puts format(
  "within 2° at the second try where a leg was advised: %d of %d (%.1f %%)",
  within,
  first.size,
  100.0 * within / first.size
)
inside.each { |name, (yes, no)|
  puts format("truth within what is told, %s: %d of %d (%.1f %%)", name, yes, yes + no, 100.0 * yes / (yes + no))
}
puts format(
  "an answer: median %.0f ms, p95 %.0f ms",
  1000 * seconds.sort[seconds.size / 2],
  1000 * seconds.sort[(seconds.size * 0.95).floor]
)
