# A stand-in of an outside device of a spec's own, and the app's line to it, by the name of that line.
module DeviceHelp
  def stand_in(name, device, feed)
    secret = SecureRandom.hex(16)
    over = false
    server = DeviceServer.new(device, secret: secret)
    thread = Thread.new { server.run { over } }
    link = DeviceLink.new(server.port, secret, feed)
    DeviceLink.public_send("#{name}=", link)
    Timeout.timeout(10) { sleep 0.02 until link.answer.key?("reading") }
    ending = -> do
      over = true
      thread.join
    end
    [ server.port, secret, ending ]
  end

  def unplug(name, ending)
    DeviceLink.public_send(name).close
    DeviceLink.public_send("#{name}=", nil)
    ending.call
  end
end

RSpec.shared_context "with an indicator" do
  include DeviceHelp

  before do
    @port, @secret, @ending = stand_in(:indicator, LoadIndicator.new, DustLadder::Devices::IndicatorFeed.new)
  end
  after { unplug(:indicator, @ending) }

  def secret = @secret
  def end_indicator = @ending.call
end

RSpec.shared_context "with an anemometer" do
  include DeviceHelp

  before do
    @anemometer = Anemometer.new(random: Random.new(5))
    @ending_wind = stand_in(:anemometer, @anemometer, DustLadder::Devices::AnemometerFeed.new).last
  end
  after { unplug(:anemometer, @ending_wind) }

  def end_anemometer = @ending_wind.call
end
