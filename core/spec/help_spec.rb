RSpec.describe DustLadder::Ladder::Help do
  # Those of the core, and the one that the house adds.
  let(:ids) { [ *DustLadder::Ladder::Climb::CHECKS.map { |check| check::ID }.uniq, "signatures" ] }

  it "tells of every rung that there can be, and of no other" do
    expect(described_class::ALL.keys).to match_array(ids)
  end

  it "says what each asks, where its figures come from and what is measured, in whole short sentences" do
    described_class::ALL.each do |id, help|
      expect([ id, help.keys ]).to eq([ id, described_class::PARTS ])
      expect(help["asks"]).to end_with("?")
      expect(help.values.map(&:size)).to all(be_between(25, 240))
      expect(help.values).to all(match(/\A[A-Z].*[.?]\z/))
    end
  end

  it "gives no figure of its own: those stand in the working, by the plan's own rule set" do
    expect(described_class::ALL.values.flat_map(&:values).grep(/\d/)).to eq([])
  end
end
