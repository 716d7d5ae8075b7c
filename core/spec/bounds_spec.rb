# Every value of a plan and of what it carries has a kind and bounds, and no work is begun that has no end.
RSpec.describe DustLadder::PlanFile do
  include PlanHelp

  def nodes(schema, place = "", &look)
    case schema
    when Hash
      look.call(schema, place)
      schema.each { |key, one| nodes(one, "#{place}/#{key}", &look) }
    when Array
      schema.each_with_index { |one, index| nodes(one, "#{place}/#{index}", &look) }
    end
  end

  def kinds(node) = node["type"].is_a?(Array) || node["type"].is_a?(String) ? Array(node["type"]) : []

  it "has both bounds for every number, a most for every list, map and text of the plan's schema" do
    open = []
    nodes(DustLadder::PlanFile::Schema::PLAN) do |node, place|
      number = kinds(node).intersect?(%w[number integer])
      open << place if number && !(node.key?("maximum") && (node.keys & %w[minimum exclusiveMinimum]).any?)
      open << place if kinds(node).include?("array") && !node.key?("maxItems")
      open << place if kinds(node).include?("string") && (node.keys & %w[maxLength pattern]).empty?
      free = kinds(node).include?("object") && node["additionalProperties"] != false
      open << place if free && !node.key?("maxProperties")
    end
    expect(open).to eq([])
  end

  it "has a schema of its own for every value of the rule sets that are shipped" do
    named = DustLadder::PlanFile::Schema::PLAN.dig("$defs", "rule_set", "properties", "values", "properties").keys
    DustLadder::RuleSet::SHIPPED.each do |id|
      expect(DustLadder::RuleSet.shipped(id).data["values"].keys - named).to eq([])
      expect(DustLadder::PlanFile::RuleFaults.of(DustLadder::RuleSet.shipped(id).data)).to eq([])
    end
  end

  # [value of a rule set, what it is changed to, where the fault is told]
  [
    [ "allowance", { "weighed" => -0.5 }, "/value/weighed" ],
    [ "allowance", "0.02", "/value" ],
    [ "radius_allowance", { "fraction" => 1e9, "least_m" => 0.3 }, "/value/fraction" ],
    [ "radius_allowance", { "fraction" => 0.02 }, "/value" ],
    [ "least_wraps", -1, "/value" ],
    [ "obstacle_clearance_m", -0.5, "/value" ],
    [ "attention", { "crane" => 1.5 }, "/value/crane" ],
    [ "choke_angle_bands", [ [ 0.0, 1.0 ], [ 120.0, 0.5 ] ], "/value/1" ],
    [ "shackle_angle", [ [ 10, 0.5 ], [ 20, 0.9 ] ], "/value/1" ],
    [ "shackle_angle", [ [ 20, 1.0 ], [ 10, 0.9 ] ], "/value/1" ],
    [ "shackle_angle", [], "/value" ],
    [ "dynamic_factor", { "least" => 1.5, "most" => 1.2 }, "/value" ],
    [ "side_pull_deg", { "caution" => 5, "stop" => 3, "fixed_hoist" => 10 }, "/value" ],
    [ "good_band", [ 0.9, 0.2 ], "/value" ],
    [ "multi_leg_school", "kinder", "/value" ],
    [ "temperature_bands", { "x" => { "least" => -40, "bands" => [ [ 200, 0.5 ], [ 300, 0.9 ] ] } },
      "/value/x/bands/1" ],
    [ "power_lines", { "zone_m" => { "below" => 20, "above" => 6 }, "clearance_m" => [ [ 50, 3 ] ] }, "/value/zone_m" ]
  ].each do |name, value, place|
    it "refuses #{name} as #{value.inspect[0, 60]}, at its place" do
      data = JSON.parse(JSON.generate(DustLadder::RuleSet.shipped("strict").data))
      data["values"][name]["value"] = value
      document = plan
      document["snapshots"]["rule_sets"] = { "strict" => DustLadder::PlanFile::Digest.snapshot(data) }
      expect { described_class.accept(document) }.to raise_error(DustLadder::PlanFile::Invalid) do |error|
        expect(error.errors.map { |one| one["pointer"] }).to include(
          "/snapshots/rule_sets/strict/data/values/#{name}#{place}"
        )
      end
    end
  end

  it "lets a value stand that this version does not know, within bounds" do
    data = JSON.parse(JSON.generate(DustLadder::RuleSet.shipped("strict").data))
    accepted = ->(value) do
      data["values"]["of_a_later_version"] = { "value" => value, "reason" => "later" }
      document = plan
      document["snapshots"]["rule_sets"] = { "strict" => DustLadder::PlanFile::Digest.snapshot(data) }
      described_class.accept(document)
    end
    expect(accepted.call({ "a" => [ 1, "b" ] })).to be_a(Hash)
    expect { accepted.call({ "a" => [ 1e300 ] }) }.to raise_error(DustLadder::PlanFile::Invalid)
  end

  describe DustLadder::Budget do
    it "makes every rung that ends after its time not known, and draws nothing" do
      ladder = DustLadder.check(plan, most_s: -1.0)
      expect(ladder.rungs.map(&:verdict).uniq).to eq([ "not_known" ])
      expect(ladder.rungs.map { |rung| rung.note["metric"] }.uniq).to eq([ "this took too long to work out" ])
      answer = JSON.parse(JSON.generate(ladder.as_json))
      expect(DustLadder::PlanFile::Schema.ladder_errors(answer)).to eq([])
      expect(answer.values_at("drawing", "reach", "crane")).to eq([ nil, nil, nil ])
    end

    it "ends work on the way, keeps the earlier end of two, and lets go afterwards" do
      expect { described_class.within(-1.0) { described_class.ask! } }.to raise_error(described_class::Spent)
      described_class.within(-1.0) do
        described_class.within(60.0) { expect(described_class.spent?).to be(true) }
      end
      described_class.within(60.0) do
        described_class.within(-1.0) { expect(described_class.spent?).to be(true) }
        expect(described_class.spent?).to be(false)
      end
      expect(described_class.spent?).to be(false)
    end

    it "stops a search for how a load hangs" do
      hang = DustLadder::Statics::HookHang.new([ [ [ -1, 0, 0 ] ], [ [ 1, 0, 0 ] ] ], [ 1e5, 1e5 ])
      expect { described_class.within(-1.0) { hang.find(1000.0, [ 0, 0, -0.5 ], [ 2.0, 2.0 ]) } }.to raise_error(
        described_class::Spent
      )
    end
  end
end
