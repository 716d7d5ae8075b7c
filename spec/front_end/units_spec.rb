# Lengths as the screen writes them where the core does not.
RSpec.describe "Units of the front end" do
  def words(metres, system) = front("units/units.ts", "lengthWords", metres, system)

  it "are without the noise of numbers, to the millimetre" do
    {
      0.7160000000001 => "0.716 m",
      10 => "10 m",
      0.1 + 0.2 => "0.3 m",
      33.0 => "33 m",
      0 => "0 m"
    }.each do |metres, said|
      expect(words(metres, "metric")).to eq(said)
    end
    expect(words(10 * 0.3048, "us")).to eq("10.0 ft")
  end
end
