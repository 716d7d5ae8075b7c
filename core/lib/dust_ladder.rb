require "csv"
require "date"
require "did_you_mean"
require "digest"
require "json"
require "json_schemer"
require "monitor"
require "stringio"
require "yaml"
require "zeitwerk"
require "zlib"

Zeitwerk::Loader.for_gem.setup

# Checks a lift plan. Give a plan document to DustLadder.check and read the ladder it answers with.
# Masses and tensions in kg, lengths in m, angles in degrees at the edges and radians inside.
module DustLadder
  VERSION = "0.2.0"
  Figure = Quantity::Figure
  # What a kilogram weighs, N (handbook, section 0).
  G = 9.80665

  # The ladder of a plan document (Hash, as PlanFile.read returns it).
  # hasty: may worst cases that take long be left pending?
  # standing: how its pieces stand in the store now, as of Lift.
  # house: a House to hold its snapshots against; nil where there is none.
  # overlaps: what other lifts want at the same hours, as of Life::Bookings.
  # most_s: seconds that it may take of the processor; what is not done then is not known.
  def self.check(document, hasty: false, standing: {}, house: nil, overlaps: [], most_s: Budget::MOST_S)
    Budget.within(most_s) do
      lift = Lift.new(document, hasty: hasty, standing: standing, house: house, overlaps: overlaps)
      Ladder::Climb.new(lift).ladder
    end
  end

  # The same as JSON data, with the take-off beside it. of: a group's number, or nil for the load's own list; row:
  # whose working is asked for, or nil. The block is given the ladder before it is told.
  def self.check_with_take_off(document, of: nil, row: nil, **of_house)
    ladder = check(document, **of_house)
    yield ladder if block_given?
    ladder.as_json.merge("take_off" => Load::Sheet.new(ladder.lift, of: of, row: row).as_json)
  end

  # Data with every number as a Float: JSON keeps no difference between 45 and 45.0, and dividing whole
  # numbers would round without a word.
  def self.floats(data)
    case data
    when Integer then data.to_f
    when Hash then data.transform_values { |value| floats(value) }
    when Array then data.map { |value| floats(value) }
    else data
    end
  end

  # What the block answers, or the other when something in it is not known: for what a screen leaves out then, never for
  # a verdict.
  def self.known(otherwise = nil)
    yield
  rescue NotKnown
    otherwise
  end
end
