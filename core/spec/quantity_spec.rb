RSpec.describe DustLadder::Quantity do
  def read(text, kind) = DustLadder::Quantity::Reader.read(text, kind)

  {
    [ "3.2 t", :mass ] => 3200,
    [ "7,050 lb", :mass ] => 3197.8262085,
    [ "45 kN", :mass ] => 45_000 / 9.80665,
    [ "1 short ton", :mass ] => 907.18474,
    [ "12 kips", :mass ] => 5443.10844,
    [ "7 050 kg", :mass ] => 7050,
    [ "7\u202f050\u00a0kg", :mass ] => 7050,
    [ "12 KG", :mass ] => 12,
    [ "7050lb", :mass ] => 3197.8262085,
    [ "12'6\"", :length ] => 3.81,
    [ "12' 6 1/2\"", :length ] => 3.8227,
    [ "12 ft 6 in", :length ] => 3.81,
    [ "12′6″", :length ] => 3.81,
    [ "12'", :length ] => 3.6576,
    [ "1 1/2 in", :length ] => 0.0381,
    [ "1/2 in", :length ] => 0.0127,
    [ "-3'6\"", :length ] => -1.0668,
    [ "−0.3 m", :length ] => -0.3,
    [ "2400 mm", :length ] => 2.4,
    [ "0.0 m", :length ] => 0,
    [ "140°", :angle ] => 140,
    [ "-20 deg", :angle ] => -20
  }.each do |(text, kind), value|
    it("reads #{text} as #{value}") { expect(read(text, kind)).to be_within(1e-9 * [ 1, value.abs ].max).of(value) }
  end

  {
    "5 ton" => /three things/,
    "5 T" => /three things/,
    "12" => /unit is missing/,
    "3,2 t" => /comma groups thousands/,
    "1.234,5 kg" => /comma|unit/,
    "about 3 t" => /cannot be read/,
    "" => /nothing is written/,
    "5 m" => /not a unit of mass/,
    "1/0 lb" => /beyond/,
    "99999 kN kg" => /not a unit/,
    "9" * 70 => /too long/,
    "1e9 t" => /not a unit/,
    "NaN kg" => /cannot be read/
  }.each do |text, message|
    it("asks #{text.inspect[0, 30]} back") {
      expect {
        read(text, :mass)
      }.to raise_error(described_class::Unreadable, message)
    }
  end

  it "says what was expected, and keeps what was typed" do
    read("12 ells", :length)
  rescue described_class::Unreadable => error
    expect([ error.typed, error.expected ]).to eq([ "12 ells", %(for example 2.4 m, 12'6", 1 1/2 in) ])
  end

  it "never rounds in the user's favour, in either system" do
    PropCheck.forall(PropCheck::Generators.choose(0..10**9)) do |thousandths|
      value = thousandths / 1000.0
      %i[metric us].each do |system|
        up, down = %i[up down].map { |side| DustLadder::Figure.kg(value, side).bare(system).gsub(/[^\d.]/, "").to_f }
        exact = system == :us ? value / 0.45359237 : value
        expect(up).to be >= exact - 1e-8 * [ 1, exact ].max
        expect(down).to be <= exact + 1e-8 * [ 1, exact ].max
      end
    end
  end

  it "shows figures grouped, with their unit and sign" do
    figure = DustLadder::Figure
    expect(figure.kg(7062.0, :up).shown).to eq("7\u202f062\u00a0kg")
    expect(figure.kg(7062.2, :up).shown(:us)).to eq("15,570\u00a0lb")
    expect(figure.m(5.3249, :down).shown).to eq("5.324\u00a0m")
    expect(figure.m(3.81).shown(:us)).to eq("12'6\"")
    expect(figure.m(3.8224, :up).shown(:us)).to eq("12'6 1/2\"")
    expect(
      [ figure.percent(1.0001).shown, figure.percent(1.0).shown, figure.deg(68.79).shown,
        figure.m(-0.0001).shown ]
    ).to eq([ "101\u00a0%", "100\u00a0%", "68.7°", "0.000\u00a0m" ])
  end
end
