# A stand-in for the load indicator and limiter in a crane's cab: it follows a plan along its way and says five times a
# second what such a device would show, with the noise and the offset that it is given. No device, only arithmetic: the
# core's own chart look-up stands in for the one that a real device has built in (docs/indicator.md).
class LoadIndicator < SimulatedDevice
  FORMAT = DustLadder::Devices::IndicatorFeed::FORMAT
  # How fast a crane moves, per second: degrees of slew, metres of radius, hook height and boom.
  SPEEDS = { slew: 5.0, radius: 0.5, hook: 0.4, boom: 0.25 }.freeze
  # Motion is looked at in steps as small as these, so that it stops where it should.
  FINE = { slew: 0.2, radius: 0.02 }.freeze
  WARNS_AT = 0.9
  MOST_RATE = 50.0
  SETTINGS = { "noise" => 0.0..0.2, "offset" => -0.5..0.5, "cut_out" => 0.1..1.5, "rate" => 0.1..MOST_RATE }.freeze
  TROUBLES = [ nil, "silent", "mad" ].freeze

  def initialize(random: Random.new)
    @random = random
    @settings = { "noise" => 0.004, "offset" => 0.0, "cut_out" => 1.0, "rate" => 1.0 }
    @seq = 0
    @playing = false
  end

  # One command, a Hash with "do": follow (with a "plan"), play, pause, start, set (settings and trouble). Raises
  # Refused.
  def command(words)
    case words["do"]
    when "follow"
      follow(words["plan"], words["cut_out"])
    when "play"
      @lift ? @playing = true : raise(Refused, "it follows no plan yet")
    when "pause"
      @playing = false
    when "start"
      start
    when "set"
      set(words)
    else
      raise Refused, "#{words["do"].inspect} is not known; expected follow, play, pause, start or set"
    end
  end

  # Moves on by seconds and answers with what it says then: a line of text, or nil while it is silent.
  def tick(seconds)
    move(seconds * @settings["rate"]) if @playing
    @seq += 1
    return if @trouble == "silent"
    return mad if @trouble == "mad"

    JSON.generate(reading)
  end

  private

  def follow(plan, cut_out)
    document = DustLadder::PlanFile.accept(plan)
    lift = DustLadder::Lift.new(document)
    stations =
      lift.duty.crane.path_stations.each_with_index.map do |station, index|
        station.dup.tap do |one|
          one.hook = lift.duty.crane.stations[index].support_height.value + lift.bridle.hook_above_base
        end
      end
    @lift, @stations, @gross, @zones = lift, stations, lift.duty.gross.kg, DustLadder::Cranes::Zone.all(lift.duty)
    @settings["cut_out"] = cut_out if cut_out.is_a?(Numeric) && SETTINGS["cut_out"].cover?(cut_out)
    @title = document["title"]
    start
  rescue DustLadder::PlanFile::Invalid, DustLadder::NotKnown => error
    raise Refused, "the plan cannot be followed: #{error.message.lines.first.strip}"
  end

  def start
    @playing = false
    @between, @share, @why = 0, 0.0, nil
    # Its own readings are not a jump for whoever listens: it says that it began anew.
    @seq += 1
  end

  def move(seconds)
    while seconds.positive? && @playing && @between < @stations.size - 1
      from, to = @stations[@between, 2]
      takes = duration(from, to)
      step = [ seconds, takes / fine_steps(from, to) ].min
      share = [ @share + step / takes, 1.0 ].min
      ahead = DustLadder::Cranes::Path.between(from, to, share)
      @why, @ahead = limit(ahead), rated(ahead)
      # Motion that makes it worse is cut out: it stays where it is.
      return @playing = false if @why

      @share = share
      seconds -= step
      @between, @share = @between + 1, 0.0 if @share >= 1.0 && @between < @stations.size - 2
      @playing = false if @share >= 1.0
    end
  end

  def duration(from, to)
    [
      from.slew ? (to.slew - from.slew).abs / SPEEDS[:slew] : 0,
      (to.radius - from.radius).abs / SPEEDS[:radius],
      (to.hook - from.hook).abs / SPEEDS[:hook],
      (to.boom - from.boom).abs / SPEEDS[:boom],
      0.5
    ].max
  end

  def fine_steps(from, to) =
    [ from.slew ? (to.slew - from.slew).abs / FINE[:slew] : 0, (to.radius - from.radius).abs / FINE[:radius], 1 ].max

  def limit(station)
    kg = rated(station)
    return "nothing is rated here" if kg.nil?
    return "load moment" if @gross * (1 + @settings["offset"]) > kg * @settings["cut_out"] * (1 + 1e-9)

    zone = @zones.find { |one| one.hold?(station.radius, station.slew, DustLadder::Cranes::Zone::STEP_M / 2) }
    "zone #{zone.name}" if zone
  end

  def rated(station) = @lift.duty.crane.chart.capacity(station.radius, station.boom, station.slew).first

  def noisy(value, share = 1.0) = value * (1 + @settings["noise"] * share * (2 * @random.rand - 1))

  def reading
    unless @lift
      return {
        "format" => FORMAT,
        "seq" => @seq,
        "boom_m" => 0.0,
        "radius_m" => 0.0,
        "slew_deg" => nil,
        "hook_m" => 0.0,
        "load_kg" => 0.0,
        "rated_kg" => nil,
        "state" => "normal",
        "why" => nil,
        "plan" => nil,
        "between" => 0,
        "share" => 0.0,
        "playing" => false
      }
    end

    at = DustLadder::Cranes::Path.between(*@stations[@between, 2], @share)
    load = noisy(@gross * (1 + @settings["offset"]))
    kg = rated(at)
    {
      "format" => FORMAT,
      "seq" => @seq,
      "boom_m" => at.boom.round(2),
      "radius_m" => noisy(at.radius, 0.2).round(2),
      "slew_deg" => at.slew && (at.slew % 360).round(1),
      "hook_m" => at.hook.round(2),
      "load_kg" => load.round,
      "rated_kg" => kg && (kg * @settings["cut_out"]).floor,
      "state" => state(kg),
      "why" => @why,
      "ahead_kg" => @why && @ahead && (@ahead * @settings["cut_out"]).floor,
      "plan" => @title,
      "between" => @between,
      "share" => @share.round(4),
      "playing" => @playing
    }
  end

  def state(kg)
    return "cut_out" if @why || kg.nil?

    @gross * (1 + @settings["offset"]) > WARNS_AT * kg * @settings["cut_out"] ? "warning" : "normal"
  end

  # What a device with a wet plug might send.
  def mad =
    [
      "{\"format\":\"#{FORMAT}\",\"seq\":#{@seq},\"load_kg\":-999999,\"radius_m\":",
      "\u0000\u0007~#{@seq}",
      JSON.generate(
        "format" => FORMAT,
        "seq" => @seq,
        "boom_m" => 20,
        "radius_m" => @random.rand * 400,
        "slew_deg" => 0,
        "hook_m" => 0,
        "load_kg" => 9e9,
        "rated_kg" => 1,
        "state" => "normal"
      )
    ][
      @seq % 3
    ]
end
