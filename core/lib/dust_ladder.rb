require "json"
require "yaml"
require "digest"
require "stringio"

# Checks a lift plan. Give a plan document to DustLadder.check and read the ladder it answers with.
# Masses and tensions in kg, lengths in m, angles in degrees at the edges and radians inside.
module DustLadder
  VERSION = "0.1.0"

  # The ladder of a plan document (Hash, as PlanFile.read returns it).
  def self.check(document)
    Ladder::Climb.new(Lift.new(document)).ladder
  end

  # The same as JSON data, with the take-off beside it. of: a group's number, or nil for the load's own list; row:
  # whose working is asked for, or nil.
  def self.check_with_take_off(document, of: nil, row: nil)
    ladder = check(document)
    ladder.as_json.merge("take_off" => Load::Sheet.new(ladder.lift, of: of, row: row).as_json)
  end
end

require_relative "dust_ladder/quantity"
require_relative "dust_ladder/rules/rule_set"
require_relative "dust_ladder/ladder/verdict"
require_relative "dust_ladder/ladder/working"
require_relative "dust_ladder/ladder/rung"
require_relative "dust_ladder/ladder/check"
require_relative "dust_ladder/statics/linear"
require_relative "dust_ladder/statics/level"
require_relative "dust_ladder/statics/rig"
require_relative "dust_ladder/statics/pose"
require_relative "dust_ladder/statics/energy"
require_relative "dust_ladder/statics/stability"
require_relative "dust_ladder/statics/equilibrium"
require_relative "dust_ladder/statics/envelope"
require_relative "dust_ladder/statics/level_up"
require_relative "dust_ladder/statics/inference"
require_relative "dust_ladder/statics/wrap"
require_relative "dust_ladder/statics/plane_hang"
require_relative "dust_ladder/plan_file/digest"
require_relative "dust_ladder/plan_file/schema"
require_relative "dust_ladder/plan_file/reader"
require_relative "dust_ladder/plan_file/writer"
require_relative "dust_ladder/plan_file/document"
require_relative "dust_ladder/load/shape"
require_relative "dust_ladder/load/lie"
require_relative "dust_ladder/load/material"
require_relative "dust_ladder/load/size"
require_relative "dust_ladder/load/standard_parts"
require_relative "dust_ladder/load/fluid"
require_relative "dust_ladder/load/row"
require_relative "dust_ladder/load/group_row"
require_relative "dust_ladder/load/take_off"
require_relative "dust_ladder/load/planned_load"
require_relative "dust_ladder/load/sanity"
require_relative "dust_ladder/load/load_check"
require_relative "dust_ladder/load/sheet"
require_relative "dust_ladder/load/csv_sheet"
require_relative "dust_ladder/rigging/angle"
require_relative "dust_ladder/rigging/bridle"
require_relative "dust_ladder/rigging/level_check"
require_relative "dust_ladder/rigging/angle_check"
require_relative "dust_ladder/fittings/bands"
require_relative "dust_ladder/fittings/fitting"
require_relative "dust_ladder/slings/tag"
require_relative "dust_ladder/slings/derating"
require_relative "dust_ladder/slings/multi_leg"
require_relative "dust_ladder/slings/fit"
require_relative "dust_ladder/slings/outcome"
require_relative "dust_ladder/slings/leg"
require_relative "dust_ladder/slings/straight_leg"
require_relative "dust_ladder/slings/basket_leg"
require_relative "dust_ladder/slings/pair"
require_relative "dust_ladder/slings/sling_check"
require_relative "dust_ladder/cranes/table"
require_relative "dust_ladder/cranes/chart"
require_relative "dust_ladder/cranes/path"
require_relative "dust_ladder/cranes/reeving"
require_relative "dust_ladder/cranes/gross_load"
require_relative "dust_ladder/cranes/crane"
require_relative "dust_ladder/cranes/hoist_check"
require_relative "dust_ladder/cranes/height_check"
require_relative "dust_ladder/cranes/identity_check"
require_relative "dust_ladder/cranes/capacity_check"
require_relative "dust_ladder/lift"
require_relative "dust_ladder/ladder/drawing"
require_relative "dust_ladder/ladder/reach"
require_relative "dust_ladder/ladder/ladder"
require_relative "dust_ladder/ladder/climb"
require_relative "dust_ladder/ladder/ways_out"
require_relative "dust_ladder/load/indicated"
