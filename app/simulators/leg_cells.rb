# A stand-in for load cells in the legs of a lift (docs/trial-instruments.md): noise, a drift, a dead cell, two in each
# other's place.
class LegCells < SimulatedDevice
  FORMAT = DustLadder::Devices::CellsFeed::FORMAT
  # noise: share of the reading; drift: share a minute, of the first cell.
  SETTINGS = { "noise" => 0.0..0.1, "drift" => -0.2..0.2 }.freeze
  TROUBLES = [ nil, "silent", "mad" ].freeze

  def initialize(random: Random.new)
    @random = random
    @settings = { "noise" => 0.005, "drift" => 0.0 }
    @seq = 0
    @drifted = 0.0
    @cells = [ 0.0, 0.0 ]
  end

  # do: hang (with plan, truth and lengths), down, or set: settings, trouble, dead (a leg or null), swapped (two legs or
  # null). Raises Refused.
  def command(words)
    case words["do"]
    when "hang" then @cells = HungLoad.new(words).cells
    when "down" then @cells = @cells.map { 0.0 }
    when "set" then tell(words)
    else raise Refused, "#{words["do"].inspect} is not known; expected hang, down or set"
    end
  end

  def tick(seconds)
    @seq += 1
    @drifted += @settings["drift"] * seconds / 60
    return if @trouble == "silent"

    @trouble == "mad" ? %({"format":"#{FORMAT}","cells_kg":["x",#{@seq}) : JSON.generate(reading)
  end

  private

  def tell(words)
    set(words)
    @drifted = 0.0 if words["drift"] == 0
    @dead = words["dead"] if words.key?("dead") && (words["dead"].nil? || leg?(words["dead"]))
    two = words["swapped"]
    @swapped = two if words.key?("swapped") && (two.nil? || (two.is_a?(Array) && two.size == 2 && two.all? { |one|
      leg?(one)
    }))
  end

  def leg?(leg) = leg.is_a?(Integer) && leg.between?(0, @cells.size - 1)

  def reading
    read = @cells.map { |kg| kg * (1 + @settings["noise"] * (2 * @random.rand - 1)) }
    read[0] += @cells.sum * @drifted
    read[@swapped[0]], read[@swapped[1]] = read[@swapped[1]], read[@swapped[0]] if @swapped&.all? { |one| leg?(one) }
    read = read.map { |kg| kg.round(1) }
    read[@dead] = nil if @dead && leg?(@dead)
    { "format" => FORMAT, "seq" => @seq, "cells_kg" => read }
  end
end
