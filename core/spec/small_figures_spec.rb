# What is measured by a calliper, and what ground and mats bear: read and shown in both systems.
RSpec.describe "Small figures" do
  def plain(text) = text.tr("\u00a0\u202f", "  ")

  # m, rounded up, near and down, in both systems.
  [
    [ 0.01558, "15.58 mm", "15.58 mm", "15.58 mm", "0.614 in", "0.613 in", "0.613 in" ],
    [ 0.0154, "15.40 mm", "15.40 mm", "15.40 mm", "0.607 in", "0.606 in", "0.606 in" ],
    [ 0.0009, "0.90 mm", "0.90 mm", "0.90 mm", "0.036 in", "0.035 in", "0.035 in" ],
    [ 0.053333333, "53.34 mm", "53.33 mm", "53.33 mm", "2.100 in", "2.100 in", "2.099 in" ],
    [ 4.0, "4 000.00 mm", "4 000.00 mm", "4 000.00 mm", "157.481 in", "157.480 in", "157.480 in" ],
    [ 0.0, "0.00 mm", "0.00 mm", "0.00 mm", "0.000 in", "0.000 in", "0.000 in" ]
  ].each do |metres, *shown|
    it "shows #{metres} m as #{shown.join(", ")}" do
      found =
        %i[metric us].flat_map do |system|
          %i[up near down].map { |round| plain(DustLadder::Figure.small(metres, round).shown(system)) }
        end
      expect(found).to eq(shown)
    end
  end

  it "never rounds a limit in the user's favour" do
    random = Random.new(21)
    300.times do
      metres = random.rand * 0.2
      %i[metric us].each do |system|
        worth = { metric: 1000.0, us: 1 / 0.0254 }[system]
        up, down = %i[up down].map { |round| DustLadder::Figure.small(metres, round).bare(system).delete(",").to_f }
        expect(up).to be >= metres * worth - 1e-9
        expect(down).to be <= metres * worth + 1e-9
        expect(up - down).to be <= 0.0101
      end
    end
  end

  # What is typed for a pressure, and kPa.
  {
    "400 kPa" => 400.0,
    "400kpa" => 400.0,
    "40 kN/m2" => 40.0,
    "40 kN/m²" => 40.0,
    "40 t/m2" => 392.266,
    "40 t/m²" => 392.266,
    "2,000 lb/ft2" => 95.7605179,
    "2000 psf" => 95.7605179,
    "10 psi" => 68.9475729
  }.each do |typed, kpa|
    it "reads #{typed.inspect} as #{kpa} kPa" do
      expect(DustLadder::Quantity::Reader.read(typed, :pressure)).to be_within(1e-6).of(kpa)
    end
  end

  [ "400", "4 bar", "kPa", "", "400 kg", "1e9 kPa", "999999 kPa", "4,00 kPa" ].each do |typed|
    it "asks #{typed.inspect} back for a pressure" do
      expect { DustLadder::Quantity::Reader.read(typed, :pressure) }.to raise_error(DustLadder::Quantity::Unreadable)
    end
  end
end
