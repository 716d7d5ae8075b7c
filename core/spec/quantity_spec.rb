RSpec.describe DustLadder::Quantity do
  def read(text, kind) = DustLadder::Quantity::Reader.read(text, kind)

  {
    [ "3.2 t", :mass ] => 3200,
    [ "7 540 1/2 lb", :mass ] => 7540.5 * 0.45359237,
    [ "7,540 1/2 lb", :mass ] => 7540.5 * 0.45359237,
    [ "3,250.5 kg", :mass ] => 3250.5,
    [ "0", :mass ] => 0,
    [ "0", :length ] => 0,
    [ "1,200 mm", :length ] => 1.2,
    [ "half", :share ] => 0.5,
    [ "1/2", :share ] => 0.5,
    [ "0.5", :share ] => 0.5,
    [ "0.5 %", :share ] => 0.005,
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
    "1/0 lb" => /divides by nothing/,
    "0,500 t" => /nought does not begin/,
    "0 500 kg" => /nought does not begin/,
    "3,250 t" => /thousands or a decimal comma/,
    "3,250 kN" => /thousands or a decimal comma/,
    "2 500,000 kg" => /spaces and commas/,
    "2,500 000 kg" => /cannot be read|comma/,
    "1 3/2 lb" => /not less than one/,
    "7,05,000 lb" => /comma/,
    "99999 kN kg" => /not a unit/,
    "9" * 70 => /too long/,
    "1e9 t" => /not a unit/,
    "NaN kg" => /cannot be read/
  }.each do |text, message|
    it("asks #{text.inspect[0, 30]} back") do
      expect { read(text, :mass) }.to raise_error(described_class::Unreadable, message)
    end
  end

  {
    [ "1,200 ft", :length ] => [ "1.200 ft", "1200 ft" ],
    [ "3,250 t", :mass ] => [ "3.250 t", "3250 t" ],
    [ "0,500 t", :mass ] => [ "0.500 t" ],
    [ "5'14\"", :length ] => [ "6'2\"" ],
    [ "12", :mass ] => [ "12 kg", "12 t", "12 lb" ],
    [ "1", :share ] => [ "1 %" ],
    [ "2 ton", :mass ] => [ "2 t", "2 short ton", "2 long ton" ]
  }.each do |(text, kind), choices|
    it "offers what #{text} may have been meant as, each of which can be read" do
      read(text, kind)
      raise "it was read"
    rescue described_class::Unreadable => error
      expect(error.choices).to eq(choices)
      expect(
        error.choices.reject { |choice|
          choice.end_with?("t") && choice.start_with?("3250")
        }.map { |choice| read(choice, kind) }
      ).to all(be_a(Float))
    end
  end

  it "asks nought back where it is not the same in every unit, and feet that are no whole ones" do
    expect { read("0", :temperature) }.to raise_error(described_class::Unreadable, /unit is missing/)
    expect { read("5.5'6\"", :length) }.to raise_error(described_class::Unreadable, /whole/)
  end

  # Every way in which a number may be written is that number; every way that is nearly one of them is refused.
  it "reads a number in every way that it is written, and no other" do
    ints = PropCheck::Generators.tuple(PropCheck::Generators.choose(0..99_999), PropCheck::Generators.choose(0..99))
    PropCheck.forall(ints) do |(whole, part)|
      comma, space = [ ",", " ", "" ].first(2).map { |mark| whole.to_s.reverse.scan(/\d{1,3}/).join(mark).reverse }
      decimal = format("%02d", part)
      [ whole.to_s, comma, space, "0#{whole}" ].each do |written|
        next if written.start_with?("0") && written.match?(/[, ]/)

        expect(read("#{written}.#{decimal} kg", :mass)).to be_within(1e-6).of(whole + part / 100.0)
        expect(read("#{written} lb", :mass)).to be_within(1e-6).of(whole * 0.45359237)
        expect(read("#{written} 3/4 in", :length)).to be_within(1e-6).of((whole + 0.75) * 0.0254) if whole < 30_000
        expect(
          read(
            "#{written}'#{part % 12} 1/2\"",
            :length
          )
        ).to be_within(1e-6).of((whole * 12 + part % 12 + 0.5) * 0.0254) if whole < 1000
      end
      grouped = whole >= 1000
      refused = [ "#{whole},#{decimal} kg", "#{whole} #{decimal} kg", "0,#{format("%03d", part)} t",
        "#{whole}.#{decimal}.#{decimal} kg" ]
      refused += [ "#{comma} t", "#{comma} ft", "#{comma},#{decimal} kg",
        "#{comma.tr(",", ".")},#{decimal} kg" ] if grouped
      refused += [ "#{whole}'#{12 + part}\"", "#{whole} #{part + 2}/#{part + 1} in" ]
      refused.each do |written|
        kind = written.match?(/ft|in|["']/) ? :length : :mass
        expect { read(written, kind) }.to raise_error(described_class::Unreadable), written
      end
    end
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
      [ figure.percent(1.0001).shown, figure.percent(1.0).shown, figure.deg(68.79).shown, figure.m(-0.0001).shown ]
    ).to eq([ "101\u00a0%", "100\u00a0%", "68.7°", "0.000\u00a0m" ])
  end
end
