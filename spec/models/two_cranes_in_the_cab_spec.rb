# The cab's stand-in plays both cranes of a plan: two indicators, each with its own share, at one tilt.
RSpec.describe LoadIndicator do
  def quiet
    described_class.new(random: Random.new(1)).tap { |one| one.command("do" => "set", "noise" => 0.0, "rate" => 50) }
  end

  def told(device, seconds) = JSON.parse(device.tick(seconds))

  it "shows what either hook has at every tilt of a turn, and comes to its end" do
    document = demo_document("vessel-by-lug")
    turn = DustLadder::Lift.new(document).turn
    device = quiet
    device.command("do" => "follow", "plan" => document)
    device.command("do" => "play")
    seen = Array.new(400) { told(device, 0.2) }
    feed = DustLadder::Devices::IndicatorFeed.new
    seen.each_with_index { |one, index| feed.take(JSON.generate(one), index * 0.2) }
    expect(feed.answer(80.0)).to include("reading")
    expect(seen.map { |one| one["at"] }).to eq(seen.map { |one| one["at"] }.sort)
    expect(seen.last).to include("at" => 90.0, "playing" => false, "state" => "normal")
    seen.select { |one| turn.steps.include?(one["at"]) && one["at"] < 85 }.each do |one|
      at = turn.box.most_at(one["at"])
      head, tail = turn.lift.duties.map { |duty| duty.side.rigging }
      expect(one["load_kg"]).to be_within(2).of(at[0] + head)
      expect(one.dig("other", "load_kg")).to be_within(2).of(at[1] + tail)
    end
    # Let go at 88°.
    expect(seen.last.dig("other", "load_kg")).to be < 2000
    expect(seen.last["load_kg"]).to be > 23_000
  end

  it "stops both where either limiter does, and says which" do
    device = quiet
    device.command("do" => "follow", "plan" => demo_document("vessel-by-trunnion"))
    device.command("do" => "set", "cut_out" => 0.8)
    device.command("do" => "play")
    last = Array.new(400) { told(device, 0.2) }.last
    expect(last["why"]).to eq("tail: load moment")
    expect(last.values_at("playing", "state")).to eq([ false, "cut_out" ])
  end

  it "is not believed where the other crane's figures are unsound" do
    device = quiet
    device.command("do" => "follow", "plan" => demo_document("vessel-by-lug"))
    feed = DustLadder::Devices::IndicatorFeed.new
    good = told(device, 0.2)
    other = good["other"]
    [
      { "other" => 3 },
      { "other" => other.merge("load_kg" => 9e9) },
      { "other" => other.except("state") },
      { "at" => nil }
    ].each_with_index do |odd, index|
      feed.take(JSON.generate(good.merge("seq" => 10 + 2 * index)), index)
      expect(feed.answer(index)).to include("reading")
      feed.take(JSON.generate(good.merge("seq" => 11 + 2 * index).merge(odd)), index)
      expect(feed.answer(index)).to include("no_reading")
    end
  end
end
