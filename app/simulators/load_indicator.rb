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

  # One crane's way with what hangs in it at every station, and the zones that are closed to it.
  class Way
    attr_reader :duty, :stations

    def initialize(duty)
      @duty = duty
      @zones = DustLadder::Cranes::Zone.all(duty)
      @stations =
        duty.crane.path_stations.each_with_index.map do |station, index|
          station.dup.tap do |one|
            one.hook = duty.crane.stations[index].support_height.value + above_base(duty, index)
            one.kg = duty.gross_at(index)
          end
        end
    end

    def at(between, share) = DustLadder::Cranes::Path.between(*@stations[between, 2], share)
    def rated(at) = duty.crane.chart.capacity(at.radius, at.boom, at.slew).first

    # What its limiter stops it for at a place, in words; nil for nothing. over: what its load cell and its setting make
    # of the load.
    def limit(at, over)
      kg = rated(at)
      return "nothing is rated here" if kg.nil?
      return "load moment" if at.kg * over > kg * (1 + 1e-9)

      zone = @zones.find { |one| one.hold?(at.radius, at.slew, DustLadder::Cranes::Zone::STEP_M / 2) }
      "zone #{zone.name}" if zone
    end

    private

    def above_base(duty, index) = duty.tandem? ? duty.hook_above(index) : duty.lift.bridle.hook_above_base
  end

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
    @ways = lift.duties.map { |duty| Way.new(duty) }
    @lift, @stations, @steps = lift, @ways[0].stations, (lift.turn.steps if lift.tandem?)
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
      legs = @ways.map { |way| way.stations[@between, 2] }
      takes = legs.map { |leg| duration(*leg) }.max
      step = [ seconds, takes / legs.map { |leg| fine_steps(*leg) }.max ].min
      share = [ @share + step / takes, 1.0 ].min
      @why, @ahead = stopped_at(share)
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

  # Why a limiter stops it there, and what would be allowed; of two cranes either stops both.
  def stopped_at(share)
    found = @ways.map { |way| [ way, way.at(@between, share) ] }
    way, at = found.find { |one, place| one.limit(place, over) }
    return [ nil, @ways[0].rated(found[0][1]) ] unless way

    [ [ way.duty.who, way.limit(at, over) ].compact.join(": "), way.rated(at) ]
  end

  # What a load is to the limiter: by its cell, against its setting.
  def over = (1 + @settings["offset"]) / @settings["cut_out"]

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

    head, *others = @ways.map { |way| shown(way) }
    {
      "format" => FORMAT,
      "seq" => @seq,
      **head,
      "why" => @why,
      "ahead_kg" => @why && @ahead && (@ahead * @settings["cut_out"]).floor,
      "plan" => @title,
      "between" => @between,
      "share" => @share.round(4),
      "playing" => @playing,
      **(others.any? ? { "at" => step_now, "other" => others[0] } : {})
    }
  end

  # What one crane's indicator shows.
  def shown(way)
    at = way.at(@between, @share)
    kg = way.rated(at)
    {
      "boom_m" => at.boom.round(2),
      "radius_m" => noisy(at.radius, 0.2).round(2),
      "slew_deg" => at.slew && (at.slew % 360).round(1),
      "hook_m" => at.hook.round(2),
      "load_kg" => noisy(at.kg * (1 + @settings["offset"])).round,
      "rated_kg" => kg && (kg * @settings["cut_out"]).floor,
      "state" => state(at.kg, kg)
    }
  end

  # The tilt, or the hundredth of the way, of a lift by two cranes.
  def step_now
    from, to = @steps[@between, 2]
    (from + (to - from) * @share).round(2)
  end

  def state(load, kg)
    return "cut_out" if @why || kg.nil?

    load * over > WARNS_AT * kg ? "warning" : "normal"
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
