RSpec.describe DustLadder::Slings::MultiLeg do
  bands = DustLadder::RuleSet.shipped("plumb-side")[:uniform_load_bands]

  # [legs, degrees from plumb, factor on one leg's rating]
  [
    [ 2, 0, 1.4 ], [ 2, 45, 1.4 ], [ 2, 45.01, 1.0 ], [ 2, 60, 1.0 ],
    [ 3, 30, 2.1 ], [ 3, 50, 1.5 ], [ 4, 45, 2.1 ], [ 4, 60, 1.5 ]
  ].each do |legs, plumb, factor|
    it "allows #{factor} times one leg on #{legs} legs #{plumb}° from plumb" do
      expect(described_class.uniform_load(legs, 1000.0, plumb, bands)).to be_within(1e-9).of(1000 * factor)
      expect(described_class.uniform_load(legs, 1000.0, plumb, bands, choker: 0.8)).to be_within(1e-9).of(800 * factor)
    end
  end

  it "gives no figure past 60° from plumb in either school" do
    expect(described_class.uniform_load(2, 1000.0, 60.01, bands)).to be_nil
    expect(described_class.trigonometric(2, 1000.0, 60.01)).to be_nil
  end

  it "falls with the sine of the angle from the horizontal in the trigonometric school" do
    { 0 => 2.0, 30 => Math.sqrt(3), 45 => Math.sqrt(2), 60 => 1.0 }.each do |plumb, factor|
      expect(described_class.trigonometric(2, 1000.0, plumb)).to be_within(1e-9).of(1000 * factor)
    end
  end
end
