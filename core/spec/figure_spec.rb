RSpec.describe DustLadder::Figure do
  thin = "\u202f"
  gap = "\u00a0"

  # [figure, metric, US]
  [
    [ described_class.kg(0.0), "0#{gap}kg", "0#{gap}lb" ],
    [ described_class.kg(999.4), "999#{gap}kg", "2,203#{gap}lb" ],
    [ described_class.kg(999.6), "1#{thin}000#{gap}kg", "2,204#{gap}lb" ],
    [ described_class.kg(999.01, :up), "1#{thin}000#{gap}kg", "2,203#{gap}lb" ],
    [ described_class.kg(1000.99, :down), "1#{thin}000#{gap}kg", "2,206#{gap}lb" ],
    [ described_class.kg(1_234_567.0), "1#{thin}234#{thin}567#{gap}kg", "2,721,754#{gap}lb" ],
    [ described_class.kg(-12.4), "−12#{gap}kg", "−27#{gap}lb" ],
    [ described_class.m(2.4), "2.400#{gap}m", "7'10 1/2\"" ],
    [ described_class.m(0.0254), "0.0254#{gap}m", "0'1\"" ],
    [ described_class.m(0.3048), "0.305#{gap}m", "1'0\"" ],
    [ described_class.m(3.6575, :up), "3.658#{gap}m", "12'0\"" ],
    [ described_class.m(3.6575, :down), "3.657#{gap}m", "11'11 15/16\"" ],
    [ described_class.m(-1.0668), "−1.067#{gap}m", "−3'6\"" ],
    [ described_class.deg(29.99), "29.9°", "29.9°" ],
    [ described_class.deg(60.01, :up), "60.1°", "60.1°" ],
    [ described_class.percent(0.7301), "74#{gap}%", "74#{gap}%" ],
    [ described_class.percent(1.0), "100#{gap}%", "100#{gap}%" ],
    [ described_class.percent(12.345), "1#{thin}235#{gap}%", "1#{thin}235#{gap}%" ],
    [ described_class.factor(1.15470054, :up), "1.1548", "1.1548" ],
    [ described_class.count(4), "4", "4" ],
    [ described_class.new(1.5, :kg_per_m, :up), "1.50#{gap}kg/m", "1.01#{gap}lb/ft" ],
    [ described_class.kg(Float::INFINITY), "beyond measure#{gap}kg", "beyond measure#{gap}lb" ]
  ].each do |figure, metric, us|
    it "shows #{figure.value} #{figure.unit}, rounded #{figure.round}, as #{metric} and #{us}" do
      expect(figure.shown(:metric)).to eq(metric)
      expect(figure.shown(:us)).to eq(us)
    end
  end

  it "is told in both systems of units, or in the one that is asked for, and in both again afterwards" do
    systems, mass = DustLadder::Quantity::Systems, described_class.kg(10)
    words = ->(system) { systems.only(system) { mass.as_json.keys - %w[value unit] } }
    expect(%i[metric us].map(&words)).to eq([ %w[metric], %w[us] ])
    expect(words.(nil)).to eq(%w[metric us])
    expect(systems.only(:us) { [ words.(:metric), *mass.as_json.keys.last(1) ] }).to eq([ %w[metric], "us" ])
    expect { systems.only(:us) { raise "odd" } }.to raise_error("odd")
    expect { systems.only("us") { mass } }.to raise_error(ArgumentError, /no system of units/)
    expect(mass.as_json.keys).to eq(%w[value unit metric us])
    expect(Thread.new { systems.only(:us) { words.(nil) } }.value).to eq(%w[metric us])
  end

  it "is read back as what it shows" do
    {
      described_class.kg(7062.0) => :mass,
      described_class.m(12.345) => :length,
      described_class.m(-0.25) => :length,
      described_class.deg(141.5) => :angle
    }.each do |figure, kind|
      read = DustLadder::Quantity::Reader.read(figure.shown(:metric), kind)
      expect(read).to be_within(1e-9).of(figure.value)
      next if kind == :angle

      read = DustLadder::Quantity::Reader.read(figure.shown(:us), kind)
      expect(read).to be_within(kind == :mass ? 0.23 : 0.0008).of(figure.value)
    end
  end
end
