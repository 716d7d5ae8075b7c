# What a site costs: reactions of a full circle, the rungs of a crane on its site beside the same plan answered by word,
# and the search for the best place. Prints medians and ratios.
#   bundle exec ruby --yjit core/bench/site.rb
$LOAD_PATH.unshift File.expand_path("../lib", __dir__)
require "dust_ladder"
require_relative "median"

PLANS = File.expand_path("../../demo/plans", __dir__)

def document(name) = DustLadder::PlanFile.read(File.read(File.join(PLANS, "#{name}.json")))

def by_word(document)
  said = { "says" => "walked", "by" => "M. Quell", "on" => document["lift_at"][0, 10], "until" => nil }
  words = { "ground" => said, "power_lines" => said.merge("lines" => "none", "looked" => "60 m"), "obstacles" => said }
  document.merge("site_document" => nil, "by_word" => document["by_word"].to_h.merge(words))
end

stand = JSON.parse(File.read(File.join(PLANS, "cabin-on-salt.json"))).dig("snapshots", "charts").values[0].dig(
  "data",
  "stand"
)
pads = DustLadder::Ground::Outriggers.new(
  stand["pads"].map { |pad| pad["name"] },
  stand["pads"].map { |pad|
    pad["at_m"]
  }
)
deck =
  DustLadder::Ground::Deck.new(
    stand["axis_m"],
    stand["parts"].map { |part|
      DustLadder::Ground::Deck::Part.new(name: "", kg: part["kg"].to_f, at: part["at_m"], toward: part["toward_boom_m"])
    }
  )
circle = median_ms(30) { (0..3600).each { |tenth| pads.reactions(deck.weight(tenth / 10.0, 9000.0, 70_000.0)) } }
puts format("reactions over 360°, 3 601 steps:  %.1f ms", circle)

%w[cabin-on-salt panel-by-the-line].each do |name|
  plan = document(name)
  word = by_word(plan)
  here, there = [ plan, word ].map { |one|
    median_ms(20) {
      DustLadder.check(one, hasty: true).as_json(open: [ "pads" ])
    }
  }
  puts format("%-18s on its site %.1f ms, by word %.1f ms: %.1f times", name, here, there, here / there)
end

first = nil
whole =
  median_ms(3) do
    search = DustLadder::Site::PlaceSearch.new(DustLadder::Lift.new(document("cabin-on-salt")).duty)
    begun = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    search.each_row { first ||= (Process.clock_gettime(Process::CLOCK_MONOTONIC) - begun) * 1000 }
  end
puts format("best place: first row %.0f ms, all %.0f ms", first, whole)
