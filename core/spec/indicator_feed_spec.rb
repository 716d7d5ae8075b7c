RSpec.describe DustLadder::Cranes::IndicatorFeed do
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
