RSpec.describe DustLadder::RuleSet do
  # What the sets must hold, name by name: [name, entry, strict, level-side, plumb-side].
  [
    [ :allowance, :weighed, 0.02, 0.02, 0.02 ],
    [ :allowance, :certified, 0.03, 0.03, 0.03 ],
    [ :allowance, :calculated, 0.10, 0.10, 0.10 ],
    [ :allowance, :estimated, 0.25, 0.25, 0.25 ],
    [ :cg_half_width, :take_off, 0.02, 0.02, 0.02 ],
    [ :cg_half_width, :drawing, 0.02, 0.02, 0.02 ],
    [ :cg_half_width, :by_eye, 0.10, 0.10, 0.10 ],
    [ :cg_half_width, :contents_unknown, 0.20, 0.20, 0.20 ],
    [ :leg_length_tolerance, nil, 0.005, 0.005, 0.005 ],
    [ :angle_floor_deg_from_horizontal, nil, 30.0, 30.0, 30.0 ],
    [ :angle_aim_deg_from_horizontal, nil, 60.0, 60.0, 45.0 ],
    [ :choker_factor, :wire_rope, 0.75, 0.75, 0.80 ],
    [ :choker_factor, :alloy_chain, 0.80, 0.80, 0.80 ],
    [ :choker_factor, :polyester_round, 0.80, 0.80, 0.80 ],
    [ :choker_factor, :unclear, 0.75, 0.75, 0.75 ],
    [ :basket_factor, nil, 2.0, 2.0, 2.0 ],
    [ :basket_true_double_within_deg_from_plumb, nil, 5.0, 5.0, 5.0 ],
    [ :basket_full_within_that_limit, nil, false, true, false ],
    [ :friction, nil, 0.15, 0.15, 0.15 ],
    [ :multi_leg_school, nil, "both", "trigonometric", "uniform_load" ],
    [ :attention, :crane, 0.75, 0.75, 0.75 ],
    [ :attention, :slings, 0.90, 0.90, 0.90 ],
    [ :radius_allowance, :fraction, 0.02, 0.02, 0.02 ],
    [ :radius_allowance, :least_m, 0.3, 0.3, 0.3 ],
    [ :row_tolerance_m, nil, 0.001, 0.001, 0.001 ],
    [ :obstacle_clearance_m, nil, 0.5, 0.5, 0.5 ],
    [ :tilt_limit_deg, nil, 5.0, 5.0, 5.0 ],
    [ :tilt_aim_deg, nil, 2.0, 2.0, 2.0 ]
  ].each do |name, entry, *wanted|
    it "holds #{[ name, entry ].compact.join(" ")} as #{wanted.uniq.join(", ")}" do
      expect(described_class::SHIPPED).to eq(%w[strict level-side plumb-side])
      expect(described_class::SHIPPED.map { |set| described_class.shipped(set)[name, entry] }).to eq(wanted)
    end
  end

  it "has falling bands: a tighter choke and a flatter leg never keep more" do
    rules = described_class.shipped("strict")
    angles, factors = rules[:choke_angle_bands].transpose
    expect(angles).to eq(angles.sort.reverse)
    expect(factors).to eq(factors.sort.reverse)
    rules[:uniform_load_bands].each_cons(2) do |(upto, steep), (further, flat)|
      expect(further).to be > upto
      steep.each { |legs, factor| expect(flat[legs]).to be < factor }
    end
  end

  it "cites the set and the reason" do
    expect(described_class.shipped("level-side").cite(:friction)).to eq(
      "rule set level-side: dry steel on steel; a basket or choke leaning further than this holds slides"
    )
  end

  it "takes a site's own copy, tightened, from a plan's snapshot" do
    data = Marshal.load(Marshal.dump(described_class.shipped("strict").data))
    data["values"]["angle_floor_deg_from_horizontal"]["value"] = 45
    document = plan("/rigging/hook_height" => "3.2 m")
    expect(DustLadder.check(document).rung("angle").verdict).to eq("holds").or eq("tight")
    document["snapshots"]["rule_sets"] = { "strict" => DustLadder::PlanFile::Digest.snapshot(data) }
    expect(DustLadder.check(DustLadder::PlanFile.accept(document)).rung("angle").verdict).to eq("stop")
  end

  it "makes what a rule set leaves out not known, and says which value" do
    data = Marshal.load(Marshal.dump(described_class.shipped("strict").data))
    data["values"].delete("tilt_limit_deg")
    document = plan
    document["snapshots"]["rule_sets"] = { "strict" => DustLadder::PlanFile::Digest.snapshot(data) }
    level = DustLadder.check(document).rung("level")
    expect(level.verdict).to eq("not_known")
    expect(level.note["metric"]).to eq("rule set strict has no figure for tilt limit deg")
  end
end
