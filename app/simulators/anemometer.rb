# A stand-in for an anemometer on a mast: a wind about a mean, with gusts that come and go (docs/anemometer.md). No
# device, only arithmetic and chance.
class Anemometer < SimulatedDevice
  FORMAT = DustLadder::Devices::AnemometerFeed::FORMAT
  # m/s; gusts as a share of the mean; m above the ground.
  SETTINGS = { "mean" => 0.0..60.0, "gusts" => 0.0..1.0, "height" => 0.5..400.0 }.freeze
  TROUBLES = [ nil, "silent", "mad", "stuck" ].freeze
  # How long a gust lasts, s, about.
  LASTS_S = 4.0

  def initialize(random: Random.new)
    @random = random
    @settings = { "mean" => 4.0, "gusts" => 0.25, "height" => 45.0 }
    @seq = 0
    @off = 0.0
    @wind = @settings["mean"]
  end

  # One command: { "do": "set" } with settings and trouble. Raises Refused.
  def command(words)
    raise Refused, "#{words["do"].inspect} is not known; expected set" unless words["do"] == "set"

    set(words)
  end

  # Blows on by seconds and answers with what it says then: a line of text, or nil while it is silent.
  def tick(seconds)
    @seq += 1
    blow(seconds) unless @trouble == "stuck"
    return if @trouble == "silent"

    @trouble == "mad" ? mad : JSON.generate(reading(@wind))
  end

  private

  # What is off the mean dies away and is pushed anew, so that it wanders about as far as the gusts say.
  def blow(seconds)
    stays = Math.exp(-seconds / LASTS_S)
    push = (Array.new(6) { @random.rand - 0.5 }.sum * Math.sqrt(2)).clamp(-3.0, 3.0)
    @off = @off * stays + push * Math.sqrt(1 - stays**2)
    @wind = [ @settings["mean"] * (1 + @settings["gusts"] * @off), 0.0 ].max
  end

  def reading(wind)
    { "format" => FORMAT, "seq" => @seq, "wind_m_s" => wind.round(2), "height_m" => @settings["height"] }
  end

  # What a device with a wet plug might send.
  def mad = [ "{\"format\":\"#{FORMAT}\",\"wind", "\u0000~#{@seq}", JSON.generate(reading(-40.0)) ][@seq % 3]
end
