# A stand-in for an inclinometer laid on the load (docs/trial-instruments.md).
class Inclinometer < SimulatedDevice
  FORMAT = DustLadder::Devices::LevelFeed::FORMAT
  # degrees.
  SETTINGS = { "noise" => 0.0..2.0, "offset" => -5.0..5.0 }.freeze
  TROUBLES = [ nil, "silent", "mad" ].freeze

  def initialize(random: Random.new)
    @random = random
    @settings = { "noise" => 0.05, "offset" => 0.0 }
    @seq = 0
    @along = @across = 0.0
  end

  # As of LegCells. Raises Refused.
  def command(words)
    case words["do"]
    when "hang" then HungLoad.new(words).then { |hung| @along, @across = hung.along, hung.across }
    when "down" then @along = @across = 0.0
    when "set" then set(words)
    else raise Refused, "#{words["do"].inspect} is not known; expected hang, down or set"
    end
  end

  def tick(_seconds)
    @seq += 1
    return if @trouble == "silent"

    @trouble == "mad" ? "{\"format\":\"#{FORMAT}\",\u0000" : JSON.generate(reading)
  end

  private

  def reading
    along, across = [ @along, @across ].map { |deg| (deg + @settings["offset"] + noise).clamp(-60.0, 60.0).round(2) }
    { "format" => FORMAT, "seq" => @seq, "along_deg" => along, "across_deg" => across }
  end

  def noise = @settings["noise"] * (2 * @random.rand - 1)
end
