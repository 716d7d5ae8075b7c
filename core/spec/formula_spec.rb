RSpec.describe DustLadder::Ladder::Formula do
  it "reckons names, numbers and signs, and evaluates nothing else" do
    expect(described_class.value("√(a² + b²) × 2 − 1", { a: 3.0, b: 4.0 })).to eq(9.0)
    expect(described_class.value("7 / 2", {})).to eq(3.5)
    [
      "`touch owned`",
      "a; raise",
      'a "x"',
      "a, b",
      "a = 1",
      "$stdout",
      "a { }",
      "(a",
      "a b",
      "a %w[x]",
      "a : b",
      "a ? 1"
    ].each { |text| expect(described_class.value(text, { a: 1.0, b: 1.0 })).to be_nil, text }
  end
end
