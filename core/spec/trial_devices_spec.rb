RSpec.describe "What the instruments of a trial say" do
  def line(format, **more) = JSON.generate({ "format" => format, "seq" => 1 }.merge(more.transform_keys(&:to_s)))
  def answer(feed, text) = feed.tap { |one| one.take(text, 0.0) }.answer(0.2)

  describe DustLadder::Devices::CellsFeed do
    def cells(kg, **more) = answer(described_class.new, line("dust-ladder-cells", cells_kg: kg, **more))

    it "are figures as a try takes them; a dead cell is dead, and nothing hangs below nothing" do
      told = cells([ 1132.4, nil, -3.0 ])["reading"]["cells"]
      expect(told.map { |one| one["metric"] }).to eq([ "1 132 kg", "dead", "0 kg" ])
      expect(told.map { |one| one["us"] }).to eq([ "2,497 lb", "dead", "0 lb" ])
      told.each { |one| one.each_value { |text| DustLadder::Quantity::Reader.read(text, :mass) unless text == "dead" } }
    end

    [ nil, [], "many", [ "x" ], [ 9e9 ], [ -9e4 ], Array.new(9, 1.0), [ [] ], { "a" => 1 } ].each do |kg|
      it("are none of #{kg.inspect}") { expect(cells(kg)).to match("no_reading" => /no sound/) }
    end

    it "are silent after a moment, and when they count backward" do
      feed = described_class.new
      feed.take(line("dust-ladder-cells", cells_kg: [ 1.0 ], seq: 5), 0.0)
      expect(feed.answer(1.6)).to match("no_reading" => /silent since/)
      feed.take(line("dust-ladder-cells", cells_kg: [ 1.0 ], seq: 4), 2.0)
      expect(feed.answer(2.1)).to match("no_reading" => /counts backward/)
    end
  end

  describe DustLadder::Devices::LevelFeed do
    def level(along, across)
      answer(described_class.new, line("dust-ladder-level", along_deg: along, across_deg: across))
    end

    it "is two tilts" do
      expect(level(4.62, -0.7)["reading"]).to eq("seq" => 1, "along_deg" => 4.62, "across_deg" => -0.7)
    end

    [ [ nil, 0 ], [ 0, "1" ], [ 61, 0 ], [ 0, -61 ], [ [], 0 ] ].each do |two|
      it("is none of #{two}") { expect(level(*two)).to match("no_reading" => /no sound tilt/) }
    end

    it "does not jump" do
      feed = described_class.new
      feed.take(line("dust-ladder-level", along_deg: 0, across_deg: 0), 0.0)
      feed.take(line("dust-ladder-level", along_deg: 40, across_deg: 0, seq: 2), 0.2)
      expect(feed.answer(0.3)).to match("no_reading" => /jumps/)
    end
  end
end
