RSpec.describe DustLadder::Devices::IndicatorFeed do
  line = ->(seq, **more) do
    JSON.generate(
      {
        "format" => "dust-ladder-indicator",
        "seq" => seq,
        "boom_m" => 20.0,
        "radius_m" => 9.0,
        "slew_deg" => 120.0,
        "hook_m" => 7.0,
        "load_kg" => 3200,
        "rated_kg" => 9000,
        "state" => "normal"
      }.merge(more.transform_keys(&:to_s))
    )
  end
  feed = nil
  before { feed = described_class.new }

  it "gives a reading only while it is fresh" do
    expect(feed.answer(0)).to eq("no_reading" => "the indicator has said nothing yet")
    feed.take(line.(1), 10.0)
    expect(feed.answer(11.4)["reading"]).to include("load_kg" => 3200)
    expect(feed.answer(11.6)).to eq("no_reading" => "the indicator is silent since 2 s")
  end

  {
    "garbage" => "\u0000\u0001~~",
    "half a line" => "{\"format\":\"dust-ladder-ind",
    "another format" => "{\"format\":\"other\"}",
    "a list" => "[1]",
    "a load that is text" => line.(2, load_kg: "3200"),
    "no radius" => line.(2, radius_m: nil),
    "a boom below nothing" => line.(2, boom_m: -4),
    "a load beyond belief" => line.(2, load_kg: 1e9),
    "an unknown state" => line.(2, state: "fine"),
    "no count" => line.(2, seq: "x"),
    "a count that goes back" => line.(1),
    "a radius that jumps" => line.(2, radius_m: 20.0),
    "a slew that jumps" => line.(2, slew_deg: 200.0)
  }.each do |words, text|
    it "shows no reading on #{words}, not the last figures" do
      feed.take(line.(1), 10.0)
      feed.take(text, 10.2)
      expect(feed.answer(10.3).keys).to eq([ "no_reading" ])
    end
  end

  it "believes it again as soon as two lines agree" do
    feed.take(line.(1), 10.0)
    feed.take(line.(2, radius_m: 20.0), 10.2)
    feed.take(line.(3, radius_m: 20.1), 10.4)
    expect(feed.answer(10.5)["reading"]["radius_m"]).to eq(20.1)
    feed.lost("no connection")
    expect(feed.answer(10.6)).to eq("no_reading" => "no connection")
    feed.take(line.(1), 11.0)
    expect(feed.answer(11.1)).to have_key("reading")
  end

  it "does not call nothing rated a fault of the device" do
    feed.take(line.(1, rated_kg: nil, state: "cut_out"), 1.0)
    expect(feed.answer(1.1)["reading"]["rated_kg"]).to be_nil
  end
end

RSpec.describe DustLadder::Devices::AnemometerFeed do
  def line(seq, wind, **more)
    JSON.generate(
      { "format" => "dust-ladder-anemometer", "seq" => seq, "wind_m_s" => wind, "height_m" => 24.0 }.merge(
        more.transform_keys(&:to_s)
      )
    )
  end

  let(:feed) { described_class.new }
  # Figures in a row, five a second.
  def blow(winds, from: 0.0, seq: 1)
    winds.each_with_index { |wind, at| feed.take(line(seq + at, wind), from + at * 0.2) }
  end

  def reading(now) = feed.answer(now)["reading"]
  def why(now) = feed.answer(now)["no_reading"]
  # Wind about a mean that is never twice the same.
  def some(count, mean = 5.0) = Array.new(count) { |at| (mean + Math.sin(at * 0.7) + at % 7 * 0.01).round(2) }

  it "tells the wind, the greatest of it, how high that was and how long it listened" do
    winds = some(50)
    blow(winds)
    expect(reading(9.9)).to include("wind_m_s" => winds.last, "gust_m_s" => winds.max, "heard_s" => 9)
    expect(reading(9.9)["height"]).to eq("metric" => "24.0 m", "us" => "78 ft")
    expect(reading(9.9).values_at("take", "wait")).to match([ nil, /120 s/ ])
    expect(why(11.5)).to match(/silent since 2 s/)
  end

  {
    "garbage" => "\u0000~~",
    "half a line" => "{\"format\":\"dust-ladder-anem",
    "another device" => "{\"format\":\"dust-ladder-indicator\",\"seq\":2}",
    "a wind that is text" => [ "5" ],
    "no wind" => [ nil ],
    "wind below nothing" => [ -0.1 ],
    "a wind beyond belief" => [ 75.1 ],
    "a height of nothing" => [ 5.0, { height_m: 0 } ],
    "no height" => [ 5.0, { height_m: nil } ],
    "a wind that jumps" => [ 31.0 ],
    "a count that goes back" => [ 5.0, { seq: 1 } ],
    "no count" => [ 5.0, { seq: nil } ]
  }.each do |words, odd|
    it "shows no reading on #{words}, and begins its gust anew" do
      feed.take(line(1, 5.0), 10.0)
      feed.take(odd.is_a?(String) ? odd : line(2, odd[0], **odd[1].to_h), 10.2)
      expect(feed.answer(10.3).keys).to eq([ "no_reading" ])
      3.times { |at| feed.take(line(9 + at, 5.0 + at * 0.1), 10.4 + at * 0.2) }
      expect(reading(10.9)["gust_m_s"]).to be_within(1e-9).of(5.2)
      expect(reading(10.9)["heard_s"]).to eq(0)
    end
  end

  it "offers a gust to be taken only when it was listened to for two minutes without a gap, and never rounds it down" do
    blow(some(610).tap { |winds| winds[3] = 9.411 })
    taken = reading(122.0)["take"]
    { "metric" => taken["metric"], "us" => taken["us"] }.each_value do |text|
      expect(text).to match(/\A[\d.]+ (m.s|mph)\z/) # as a hand would type it
      expect(DustLadder::Quantity::Reader.read(text, :speed)).to be_between(9.411, 9.6)
    end
    feed.take(line(900, 5.0), 125.0)
    expect(reading(125.1).values_at("take", "heard_s", "gust_m_s")).to eq([ nil, 0, 5.0 ])
  end

  it "forgets a gust after ten minutes, not before" do
    winds = some(3050).tap { |all| all[0] = 12.5 }
    blow(winds.first(2990))
    expect(reading(597.9)["gust_m_s"]).to eq(12.5)
    blow(winds.drop(2990), from: 598.0, seq: 2991)
    expect(reading(609.9)["gust_m_s"]).to eq(winds.drop(50).max)
    expect(reading(609.9)["heard_s"]).to eq(600)
  end

  it "does not believe a figure that never changes, nor that it is calm for long" do
    blow(Array.new(299, 4.2))
    expect(reading(59.7)["wind_m_s"]).to eq(4.2)
    blow(Array.new(10, 4.2), from: 59.8, seq: 300)
    expect(why(61.7)).to match(/the same for 61 s: it may be stuck/)
    blow(Array.new(300, 0.0), from: 61.8, seq: 310)
    expect(reading(121.7)["wind_m_s"]).to eq(0.0)
    blow([ 0.0, 0.0 ], from: 121.8, seq: 610)
    expect(why(122.1)).to match(/calm for 60 s, or does not turn: look at it/)
    # Once it turns it is believed, and its gust is of the time from then on.
    blow(some(5), from: 122.2, seq: 612)
    expect(reading(123.0)["heard_s"]).to eq(0)
  end

  it "begins anew where the cup is put at another height, and when its line was lost" do
    feed.take(line(1, 9.0), 1.0)
    feed.take(line(2, 5.0, height_m: 10), 1.2)
    expect(reading(1.3).values_at("gust_m_s", "heard_s")).to eq([ 5.0, 0 ])
    feed.lost("no connection")
    expect(why(1.4)).to eq("no connection")
    feed.take(line(1, 3.0, height_m: 10), 1.5)
    expect(reading(1.6)["gust_m_s"]).to eq(3.0)
  end
end
