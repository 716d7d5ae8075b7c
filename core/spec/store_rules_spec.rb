# The rules that a store goes by: of everything that decides about gear the strictest that the house has.
RSpec.describe DustLadder::Gear::StoreRules do
  strict = DustLadder::RuleSet.shipped("strict").data

  # A set of the site's own with other values.
  def self.changed(id, values)
    data = JSON.parse(JSON.generate(DustLadder::RuleSet.shipped("strict").data)).merge("id" => id, "title" => id)
    values.each { |name, value| data["values"][name]["value"] = value }
    data
  end

  define_method(:changed) { |id, values| self.class.changed(id, values) }

  it "are what ships where the house has no set of its own" do
    rules = described_class.of([ strict ])
    expect(rules.data["values"]).to eq(strict["values"])
    expect(rules.title).to eq("Strict 6")
  end

  # Value, what the site's set has, and what the store goes by.
  [
    [ "broken_wires", { "lay" => 6, "strand" => 7 }, { "lay" => 6, "strand" => 5 } ],
    [ "broken_wires", { "lay" => 12, "strand" => 3 }, { "lay" => 10, "strand" => 3 } ],
    [ "chain_worn", 0.05, 0.05 ],
    [ "chain_worn", 0.2, 0.10 ],
    [ "chain_grown", 0.02, 0.02 ],
    [ "outer_wire_worn", 0.5, 0.3333333333333333 ],
    [ "mesh_wire_worn", 0.1, 0.1 ],
    [ "hook_twist_deg", 5, 5 ],
    [ "hardware_worn", 0.15, 0.1 ],
    [ "hoist_pull_kg", 20, 20 ],
    [ "throat_opened", { "recent" => 0.04, "older" => 0.2 }, { "recent" => 0.04, "older" => 0.15 } ]
  ].each do |name, own, strictest|
    it "have #{strictest} of #{name} where the site's own has #{own}" do
      rules = described_class.of([ strict, changed("own", { name => own }) ])
      expect(rules.data["values"][name]["value"]).to eq(strictest)
    end
  end

  it "have the shorter of two intervals, use by use" do
    uses = { "normal" => 4, "hard" => 6, "heat" => 3, "chemicals" => 1, "sun" => 12 }
    own = changed("own", { "examination_interval" => { "accessory" => uses, "machine" => uses } })
    value = described_class.of([ strict, own ])[:examination_interval]
    expect(value["accessory"]).to eq("normal" => 4, "hard" => 3, "heat" => 3, "chemicals" => 1, "sun" => 3)
    expect(value["machine"]).to eq("normal" => 4, "hard" => 6, "heat" => 3, "chemicals" => 1, "sun" => 6)
  end

  it "take the strictest of many, in whatever order, and name them all" do
    sets = [ 0.08, 0.05, 0.2 ].each_with_index.map { |worn, index| changed("own #{index}", { "chain_worn" => worn }) }
    sets.permutation.each do |some|
      rules = described_class.of([ strict, *some ])
      expect(rules[:chain_worn]).to eq(0.05)
      expect(rules.title).to start_with("Strict 6, own ")
    end
  end

  it "follow nobody to the older school, and take no other value of a set" do
    own = changed("own", { "throat_school" => "older", "tilt_limit_deg" => 1 })
    rules = described_class.of([ strict, own ])
    expect([ rules[:throat_school], rules[:tilt_limit_deg] ]).to eq([ "recent", 5.0 ])
  end

  it "bear a set of before there were such values" do
    old = changed("own", {}).then { |set| set.merge("values" => set["values"].except(*described_class::VALUES)) }
    expect(described_class.of([ strict, old ]).data["values"]).to eq(strict["values"])
  end

  # Whatever a set has, no piece is kept by the store that the set itself would refuse.
  it "never keep what one of the sets refuses" do
    random = Random.new(8)
    piece = { "kind" => "wire_rope", "state" => "ready", "diameter_m" => 0.016, "outer_wire_m" => 0.0009 }
    200.times do
      wires = { "lay" => random.rand(1..15), "strand" => random.rand(1..9) }
      own = changed("own", { "broken_wires" => wires, "outer_wire_worn" => 0.05 + random.rand * 0.9 })
      measured = {
        "lay_wires" => random.rand(0..16),
        "strand_wires" => random.rand(0..9),
        "crown" => 0.0145 + random.rand * 0.0016
      }
      answer = ->(rules) { DustLadder::Gear::Fitness.new(piece.merge("measured" => measured), rules).answer(on: nil) }
      store = answer.(described_class.of([ strict, own ]))
      each = [ strict, own ].map { |set| answer.(DustLadder::RuleSet.new(set)) }
      expect(store.holds?).to be(each.all?(&:holds?))
    end
  end

  it "are listed as stricter the lesser they are, each of them" do
    patterns = DustLadder::OwnRules::STRICTER.select { |place, _|
      described_class::VALUES.include?(place.split("/").first)
    }
    expect(patterns.keys.map { |place| place.split("/").first }).to match_array(described_class::VALUES)
    expect(patterns.values.uniq).to eq([ "down" ])
  end
end
