# The stand-in blows as it is told, and the core believes it only while it behaves.
RSpec.describe Anemometer do
  let(:device) { described_class.new(random: Random.new(3)) }
  let(:feed) { DustLadder::Devices::AnemometerFeed.new }

  def blow(seconds, from: 0.0)
    (seconds * 5).times.map do |at|
      line = device.tick(0.2)
      feed.take(line, from + at * 0.2) if line
      line && (JSON.parse(line)["wind_m_s"] rescue nil)
    end
  end

  it "blows about its mean, in gusts, never below nothing, and is believed" do
    device.command("do" => "set", "mean" => 6, "gusts" => 0.3, "height" => 20)
    winds = blow(600)
    expect(winds.sum / winds.size).to be_within(0.6).of(6)
    expect(winds.min).to be >= 0
    expect(winds.max).to be_between(7.5, 14)
    expect(feed.answer(600.0)["reading"]).to include("gust_m_s" => winds.max, "wait" => nil)
  end

  it "is believed neither silent, nor mad, nor stuck" do
    blow(5)
    troubles = { "silent" => /silent since/, "mad" => /cannot be read|no sound wind/, "stuck" => /may be stuck/ }
    troubles.each_with_index do |(trouble, why), at|
      device.command("do" => "set", "trouble" => trouble)
      blow(70, from: 10.0 + at * 100)
      expect(feed.answer(80.0 + at * 100)["no_reading"]).to match(why)
    end
  end

  it "keeps its settings within what there is, and does nothing else" do
    device.command("do" => "set", "mean" => 1e9, "gusts" => -1, "height" => "x", "trouble" => "fire")
    expect(JSON.parse(device.tick(0.2)).values_at("wind_m_s", "height_m")).to eq([ 60.0, 45.0 ])
    [ {}, { "do" => "follow" }, { "do" => nil } ].each do |odd|
      expect { device.command(odd) }.to raise_error(DeviceServer::Refused)
    end
  end
end
