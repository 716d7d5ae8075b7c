# Makes the demo data: the cranes' charts, a store of slings, and the plans of one week at Saltpan Array, as files
# beside this one. They are made anew at every start of the demo and of the tests, and are not kept.
require "dust_ladder"
require "fileutils"
require_relative "charts"
require_relative "take_offs"
require_relative "site"
require_relative "people"
require_relative "gear"

FOLDER = __dir__
PLAN_FILE = DustLadder::PlanFile

# What a sling is made of, as its size tells.
def makeup(kind, size)
  diameter = size[/\A(\d+) mm/, 1]
  return { "grade" => size[/gr\. (\d+)/, 1], "diameter_m" => diameter.to_f / 1000 } if kind == "alloy_chain"
  return {} unless kind == "wire_rope"

  mm = diameter.to_f / 1000
  {
    "core" => "steel",
    "splice" => "mechanical",
    "construction" => "6x36",
    "diameter_m" => mm,
    "outer_wire_m" => (mm / 18).round(5),
    "eye_m" => mm * 10
  }
end

def sling(number, kind, size, reach, mass, vertical, choker: nil, basket: nil, legs: 1, pitch: nil, bands: [])
  {
    "number" => number,
    "kind" => kind,
    "size" => size,
    "legs" => legs,
    "reach_m" => reach,
    "mass_kg" => mass,
    "link_pitch_m" => pitch,
    **makeup(kind, size),
    "tag" => {
      "legible" => true,
      "vertical_kg" => vertical,
      "choker_kg" => choker,
      "basket_kg" => basket,
      "multi_leg" => bands
    }
  }
end

SLINGS =
  [
    sling(
      "C-14",
      "alloy_chain",
      "8 mm, gr. 80, two legs",
      3.0,
      11,
      2000,
      choker: 1600,
      legs: 2,
      pitch: 0.024,
      bands: [ { "upto_deg_from_plumb" => 45, "kg" => 2800 }, { "upto_deg_from_plumb" => 60, "kg" => 2000 } ]
    ),
    sling(
      "C-22",
      "alloy_chain",
      "10 mm, gr. 100, two legs",
      6.0,
      32,
      4000,
      choker: 3200,
      legs: 2,
      pitch: 0.030,
      bands: [ { "upto_deg_from_plumb" => 45, "kg" => 5600 }, { "upto_deg_from_plumb" => 60, "kg" => 4000 } ]
    ),
    sling(
      "C-31",
      "alloy_chain",
      "13 mm, gr. 80, two legs",
      6.0,
      52,
      5300,
      choker: 4240,
      legs: 2,
      pitch: 0.039,
      bands: [ { "upto_deg_from_plumb" => 45, "kg" => 7420 }, { "upto_deg_from_plumb" => 60, "kg" => 5300 } ]
    ),
    sling(
      "C-40",
      "alloy_chain",
      "16 mm, gr. 80, two legs",
      7.0,
      88,
      8000,
      choker: 6400,
      legs: 2,
      pitch: 0.048,
      bands: [ { "upto_deg_from_plumb" => 45, "kg" => 11_200 }, { "upto_deg_from_plumb" => 60, "kg" => 8000 } ]
    ),
    sling("W-07", "wire_rope", "16 mm, steel core, swaged", 4.0, 9, 2700, choker: 2000, basket: 5400),
    sling("W-08", "wire_rope", "16 mm, steel core, swaged", 4.0, 9, 2700, choker: 2000, basket: 5400),
    sling("W-15", "wire_rope", "22 mm, steel core, swaged", 6.0, 22, 5100, basket: 10_200),
    sling("W-16", "wire_rope", "22 mm, steel core, swaged", 6.0, 22, 5100, basket: 10_200),
    sling("W-61", "wire_rope", "60 mm, steel core, swaged", 4.0, 92, 34_000, basket: 68_000),
    *%w[W-63 W-64].map do |number|
      sling(number, "wire_rope", "28 mm, steel core, swaged", 3.0, 20, 8200, basket: 16_400)
    end,
    *%w[W-65 W-66].map do |number|
      sling(number, "wire_rope", "28 mm, steel core, swaged", 6.0, 34, 8200, basket: 16_400)
    end,
    sling("R-03", "polyester_round", "2 t, endless", 8.0, 6, 2000, choker: 1600, basket: 4000),
    sling("R-04", "polyester_round", "2 t, endless", 8.0, 6, 2000, choker: 1600, basket: 4000),
    sling("R-11", "polyester_round", "3 t, endless", 10.0, 11, 3000, choker: 2400, basket: 6000),
    sling("R-12", "polyester_round", "3 t, endless", 10.0, 11, 3000, choker: 2400, basket: 6000),
    *%w[R-41 R-42 R-43 R-44].map do |number|
      sling(number, "polyester_round", "3 t, with fittings", 3.0, 5, 3000, choker: 2400, basket: 6000)
    end,
    *%w[R-61 R-62].map do |number|
      sling(number, "polyester_round", "3 t, with fittings", 6.0, 8, 3000, choker: 2400, basket: 6000)
    end,
    *%w[R-71 R-72].map do |number|
      sling(number, "polyester_round", "4 t, endless", 12.0, 17, 4000, choker: 3200, basket: 8000)
    end,
    sling(
      "C-51",
      "alloy_chain",
      "8 mm, gr. 100, four legs",
      4.0,
      34,
      2500,
      choker: 2000,
      legs: 4,
      pitch: 0.024,
      bands: [ { "upto_deg_from_plumb" => 45, "kg" => 5300 }, { "upto_deg_from_plumb" => 60, "kg" => 3750 } ]
    ),
    *%w[R-21 R-22 R-23 R-24].map do |number|
      sling(number, "polyester_round", "3 t, with fittings", 4.0, 6, 3000, choker: 2400, basket: 6000)
    end
  ].to_h { |data| [ data["number"], data ] }

def beam(
  number, size, mass, spans, kind: "spreader", depth: 0.3, holes: [], eyes: [], bails: [], end_kg: nil, least: 45
)
  {
    "number" => number,
    "kind" => kind,
    "size" => size,
    "mass_kg" => mass,
    "depth_m" => depth,
    "spans" => spans.map { |span, kg| { "span_m" => span, "kg" => kg } },
    "holes_m" => holes,
    "eyes_m" => eyes,
    "end_kg" => end_kg,
    "compression_kg" => nil,
    "bending_kg_m" => nil,
    "least_deg_from_horizontal" => least,
    **(bails.empty? ? {} : { "bails_m" => bails })
  }
end

BEAMS =
  [
    beam(
      "Saltbush",
      "spreader, 2.4 to 4.0 m, 8 t",
      210,
      [ [ 2.4, 8000 ], [ 3.0, 8000 ], [ 3.6, 7500 ], [ 4.0, 7000 ] ],
      end_kg: 4000
    ),
    beam(
      "Greasewood",
      "spreader, 1.6 to 2.4 m, 4 t",
      95,
      [ [ 1.6, 4000 ], [ 2.0, 4000 ], [ 2.4, 3600 ] ],
      depth: 0.22,
      end_kg: 2000
    ),
    beam(
      "Ironwood",
      "lifting beam, five holes a side, 5 t",
      260,
      [ [ 2.0, 6000 ], [ 3.0, 5000 ], [ 4.0, 4000 ] ],
      kind: "lifting",
      depth: 0.45,
      holes: [ -2.0, -1.75, -1.5, -1.25, -1.0, 1.0, 1.25, 1.5, 1.75, 2.0 ],
      bails: (-8..8).map { |step| (step * 0.05).round(2) },
      end_kg: 3000,
      least: nil
    )
  ].to_h { |data| [ data["number"], data ] }

# What the keeper knows beside: when each was examined, where it hangs; one is out of date, one in quarantine.
EXAMINED =
  Hash.new("2026-09-14").merge(
    "R-03" => "2026-05-02",
    "R-04" => "2026-07-20",
    "C-40" => "2026-10-05",
    "Saltbush" => "2026-08-18"
  )
NOTES = {
  "R-04" => [ "quarantined", "cut near the label, found on 18 November" ],
  "W-07" => [ "out", "with the mast crew" ]
}
RACKS = {
  "alloy_chain" => "rack 1, chain",
  "wire_rope" => "rack 2, rope",
  "polyester_round" => "rack 3, synthetics",
  "spreader" => "yard, beam stand",
  "lifting" => "yard, beam stand"
}
STORE =
  (SLINGS.values + BEAMS.values).map do |data|
    state, note = NOTES.fetch(data["number"], [ "ready", "" ])
    DustLadder::Gear::Piece
      .new(
        DustLadder::Gear::PieceFields.of(data).merge(
          "state" => state,
          "use" => "normal",
          "note" => note,
          "examined" => EXAMINED[data["number"]],
          "place" => RACKS.fetch(data["kind"])
        )
      )
      .fields
      .reject { |_, text| text.empty? }
  end + DemoGear::ALL

# Every piece as a plan takes it from the store.
PIECES = STORE.to_h { |fields| [ fields["number"], DustLadder::Gear::Piece.new(fields).data ] }

def word(says, by, on, **more) =
  { "says" => says, "by" => by, "on" => on, "until" => nil, **more.transform_keys(&:to_s) }

# What was answered in words on the site walk of the week before the lift, unless a plan says otherwise.
def by_word(walked = nil, **other)
  {
    "ground" => word("ground report GR-14: rolled gravel, pads on steel mats", "M. Quell", "2026-12-08"),
    "power_lines" => word("none on this side of the road", "M. Quell", "2026-12-08", lines: "none", looked: "40 m"),
    "obstacles" => word("way walked, tape and two posts at the track", "T. Alder", walked),
    "crew" => word(
      "operator B. Yucca, slinger T. Alder, signaller J. Rue, supervisor R. Alder", "R. Alder", "2026-12-10"
    )
  }.merge(other.transform_keys(&:to_s)).compact
end

# Where the slings work, in the salt desert by day.
SURROUNDINGS = {
  "temperature" => "38 °C",
  "near" => [],
  "edges" => "none",
  "no_sparks" => false,
  "no_current" => false,
  "site_factor" => nil,
  "site_reason" => "",
  "surface" => "plain"
}.freeze

# A straight leg: its point is rated, its sling's own end holds it where nothing else does.
def joined(load, rigging, lug)
  straight = rigging["legs"].map { |leg| leg["hitch"] == "vertical" }
  unless load["rated_points"]
    points = load["points"].each_with_index.map { |point, at| straight[at] ? point.merge("wll" => lug) : point }
    load = load.merge("points" => points)
  end
  legs = rigging["legs"].each_with_index.map do |leg, at|
    straight[at] && !leg["fittings"] ? leg.merge("load_end" => "own") : leg
  end
  [ load, rigging.merge("legs" => legs, "surroundings" => SURROUNDINGS) ]
end

# hours: how long the crane and the gear are taken. crew: who is named, by role; nil where that is answered by word.
# lug: what each lifting point carries, as marked; nil: nobody has said, nor how the slings are joined to the load.
# stands: where its crane stands on the site, and on what; nil where that is answered by word.
def plan(
  title, lift_at:, load:, rigging:, crane:, rules: "strict", lug: "6.5 t", words: by_word, scope: nil, stands: nil,
  hours: 1, crew: nil
)
  load, rigging = joined(load, rigging, lug) if lug
  document =
    DustLadder::Plan.blank(title: title, rule_set: DustLadder::RuleSet.shipped(rules)).merge(
      "site" => "Saltpan Array",
      "lift_at" => lift_at,
      "lift_until" => (DateTime.iso8601(lift_at) + Rational(hours, 24)).strftime("%Y-%m-%dT%H:%M"),
      "load" => load,
      "rigging" => rigging,
      "cranes" => [ crane ],
      "by_word" => words
    )
  document["scope"] = scope if scope
  DemoPeople.name(document, crew) if crew
  stand(document, stands) if stands
  # The way is walked on the day before, where nothing else is said.
  walk = document["by_word"]["obstacles"]
  walk["on"] ||= (Date.iso8601(lift_at[0, 10]) - 1).iso8601 if walk
  numbers = rigging["legs"].filter_map { |leg| leg["sling"] }.uniq
  # A chain whose legs are cut to hang level is no longer what its tag rates for all legs together.
  cut = numbers.size == 1 && SLINGS.fetch(numbers[0])["legs"] > 1
  document["rigging"] = rigging.merge("unlike_decided_by" => "R. Alder, appointed person") if cut
  document["snapshots"]["slings"] = numbers.to_h do |number|
    [ number, PLAN_FILE::Digest.snapshot(PIECES.fetch(number)) ]
  end
  document["snapshots"]["charts"] = {
    crane["chart"] => PLAN_FILE::Digest.snapshot(CHARTS.fetch(crane["chart"]))
  } if crane["chart"]
  PLAN_FILE.accept(document)
end

def load(name, bare, basis, source, size, cg, cg_basis, points)
  {
    "name" => name,
    "weight" => {
      "bare" => bare,
      "basis" => basis,
      "source" => source
    },
    "size" => %w[length width height].zip(size).to_h,
    "cg" => %w[x y z].zip(cg).to_h.merge("basis" => cg_basis),
    "points" => points.map { |point, *place| { "name" => point }.merge(%w[x y z].zip(place).to_h) }
  }
end

# The load's lugs as its maker rated them: "name x y, ...", all at one height.
def rated(wll, places, height, load)
  load.merge(
    "rated_points" =>
      places
        .split(",")
        .map do |place|
          place.split.then do |name, x, y|
            { "name" => "#{name} lug", "x" => "#{x} m", "y" => "#{y} m", "z" => height, "wll" => wll }
          end
        end
  )
end

# What it may take along the level.
def thin(limit, load, marks: []) = load.merge("thrust" => { "marks" => marks, "limit" => limit })

# What the take-off gives is taken from it: weight, size and CG, or only some of them.
def taken_off(load, sheet, *parts)
  parts = %w[weight size cg] if parts.empty?
  parts.each { |part| load[part]["by"] = "take_off" }
  load.merge("take_off" => sheet)
end

# held: what keeps a choke from sliding along the load; round: what of its sling goes round it.
def leg(sling, hitch = "vertical", length: nil, choke: nil, width: nil, held: nil, round: nil, **more)
  {
    "sling" => sling,
    "hitch" => hitch,
    "length" => length,
    "choke_angle" => choke,
    "basket_width" => width,
    "held_by" => "",
    **(round ? { "round" => round } : {}),
    **(held ? { "prevents" => { "along" => prevented(*held), "round" => nil } } : {}),
    **more.transform_keys(&:to_s)
  }
end

def prevented(means, by, words = "") = { "means" => means, "words" => words, "by" => by }

def hung(hook_height, *legs) = { "set_by" => "hook_height", "hook_height" => hook_height, "legs" => legs }
def by_length(*legs) = { "set_by" => "leg_lengths", "hook_height" => nil, "legs" => legs }

def crane(id, boom, parts, pick, set, turn, obstacle: "0 m", rigged: {}, past: {}, **more)
  stations =
    { "pick" => pick, **past, "set" => set }.map do |name, (radius, slew, support)|
      { "name" => name, "radius" => radius, "slew" => slew, "support_height" => support }
    end
  {
    "chart" => id,
    "as_rigged" => CHARTS.fetch(id)["identity"].merge(rigged),
    "boom_length" => boom,
    "parts_of_line" => parts,
    "radius_measured_loaded" => false,
    "turn" => turn,
    "stations" => stations,
    "obstacle_height" => obstacle,
    "deductions" => [],
    "hook" => {
      "off_centre" => "0",
      "latch" => "closes",
      "ring" => nil
    },
    "level" => "0.3 %",
    "side_pull" => "0°",
    "wind" => "1.5 m/s"
  }.merge(more.transform_keys(&:to_s))
end

EYEBOLT = {
  "end" => "load",
  "kind" => "eyebolt_shouldered",
  "wll" => "2 t",
  "axis" => "z",
  "across" => "y",
  "mass" => "1.1 kg",
  "through" => false,
  "thread" => "24 mm",
  "shank" => "36 mm",
  "hole" => "50 mm",
  "into" => "cast housing, maker's drawing EG-1-04"
}.freeze

PLANS = {
  "receiver-cabin" =>
    plan(
      "Receiver cabin RC-7 to antenna pad 3",
      lift_at: "2026-12-15T06:30",
      load:
        load(
          "RC-7",
          "3 420 kg",
          "weighed",
          "load cell LC-2, 9 November",
          [ "4.80 m", "2.30 m", "2.60 m" ],
          [ "2.28 m", "1.15 m", "1.10 m" ],
          "take_off",
          [ [ "West", "0.40 m", "1.15 m", "2.60 m" ], [ "East", "4.40 m", "1.15 m", "2.60 m" ] ]
        ),
      rigging: hung("7.60 m", leg("C-22"), leg("C-22")),
      crane:
        crane(
          "juniper-full",
          "27.4 m",
          4,
          [ "10.4 m", "140°", "1.20 m" ],
          [ "14.6 m", "215°", "0.60 m" ],
          "clockwise",
          obstacle: "3.4 m"
        )
    ),
  "feed-horn" =>
    plan(
      "Feed horn crate FH-2",
      lift_at: "2026-12-14T06:30",
      load:
        load(
          "FH-2",
          "1 040 kg",
          "certified",
          "maker's packing list 88-214",
          [ "2.40 m", "1.20 m", "1.50 m" ],
          [ "1.18 m", "0.60 m", "0.70 m" ],
          "drawing",
          [ [ "West", "0.30 m", "0.60 m", "1.50 m" ], [ "East", "2.10 m", "0.60 m", "1.50 m" ] ]
        ),
      rigging: hung("3.90 m", leg("C-14"), leg("C-14")),
      crane:
        crane(
          "acacia-full",
          "18.5 m",
          2,
          [ "6.0 m", "120°", "1.10 m" ],
          [ "9.0 m", "200°", "2.40 m" ],
          "clockwise",
          obstacle: "2.4 m"
        )
    ),
  "counterweight-block" =>
    plan(
      "Counterweight block CW-4",
      hours: 3,
      lug: "8 t",
      lift_at: "2026-12-14T13:00",
      load:
        load(
          "CW-4",
          "8.05 t",
          "certified",
          "casting certificate 1207",
          [ "3.60 m", "0.80 m", "1.40 m" ],
          [ "1.80 m", "0.40 m", "0.70 m" ],
          "drawing",
          [ [ "West", "0.50 m", "0.40 m", "1.40 m" ], [ "East", "3.10 m", "0.40 m", "1.40 m" ] ]
        ),
      rigging: hung("5.40 m", leg("C-40"), leg("C-40")),
      crane:
        crane(
          "juniper-full",
          "22.0 m",
          4,
          [ "9.5 m", "150°", "0.30 m" ],
          [ "13.4 m", "210°", "1.80 m" ],
          "clockwise",
          obstacle: "2.0 m"
        )
    ),
  "cable-girder" =>
    plan(
      "Cable tray girder GD-12 under the gantry",
      lug: "20,000 lb",
      lift_at: "2026-12-16T05:45",
      load:
        load(
          "GD-12",
          "7,050 lb",
          "calculated",
          "take-off sheet 12",
          [ "22'0\"", "1'6\"", "2'6\"" ],
          [ "11'1\"", "9 in", "1'3\"" ],
          "take_off",
          [ [ "West", "1'0\"", "9 in", "2'6\"" ], [ "East", "21'0\"", "9 in", "2'6\"" ] ]
        ),
      rigging: hung("7'9\"", leg("C-40"), leg("C-40")),
      crane:
        crane(
          "juniper-full",
          "22.0 m",
          4,
          [ "9.0 m", "100°", "0.90 m" ],
          [ "10.0 m", "160°", "4.20 m" ],
          "clockwise",
          obstacle: "4.2 m",
          hook: { "off_centre" => "0", "latch" => "closes", "ring" => { "what" => "ring M-12", "wll" => "10 t" } }
        )
    ),
  "azimuth-drive" =>
    plan(
      "Azimuth drive AD-1",
      lift_at: "2026-12-17T06:30",
      lug: nil,
      words: {},
      load:
        load(
          "AD-1",
          nil,
          "unknown",
          "asked of the maker on 20 November",
          [ "3.00 m", "1.10 m", "1.50 m" ],
          [ "1.45 m", "0.55 m", "0.65 m" ],
          "drawing",
          [ [ "West", "0.30 m", "0.55 m", "1.50 m" ], [ "East", "2.60 m", "0.55 m", "1.50 m" ] ]
        ),
      rigging: by_length(leg("W-15", length: "6.00 m"), leg("W-16", length: "6.00 m")),
      crane:
        crane(
          "juniper-full",
          "22.0 m",
          4,
          [ "9.0 m", "150°", "1.10 m" ],
          [ "12.0 m", "230°", "3.00 m" ],
          "clockwise",
          obstacle: "3.0 m"
        )
    ),
  "waveguide-duct" =>
    plan(
      "Waveguide duct WD-5, two chokers",
      lift_at: "2026-12-18T07:00",
      load:
        load(
          "WD-5",
          "1 450 kg",
          "calculated",
          "take-off sheet 15",
          [ "7.20 m", "0.62 m", "0.62 m" ],
          [ "3.70 m", "0.31 m", "0.31 m" ],
          "take_off",
          [ [ "West", "1.90 m", "0.31 m", "0.62 m" ], [ "East", "5.50 m", "0.31 m", "0.62 m" ] ]
        ),
      rigging:
        by_length(
          leg("R-11", "choker", length: "7.40 m", choke: "125°", held: [ "collar", "T. Alder" ], round: "2.60 m"),
          leg("R-12", "choker", length: "7.40 m", choke: "125°", held: [ "lug", "T. Alder" ], round: "2.60 m")
        ),
      crane:
        crane(
          "acacia-full",
          "18.5 m",
          2,
          [ "7.0 m", "90°", "0.80 m" ],
          [ "10.0 m", "90°", "0.80 m" ],
          "none",
          obstacle: "1.5 m"
        )
    ),
  "generator" =>
    plan(
      "Generator GN-2 to the power hut",
      lift_at: "2026-12-18T14:00",
      load:
        load(
          "GN-2",
          "4 280 kg",
          "certified",
          "plate on the skid",
          [ "3.40 m", "1.40 m", "1.90 m" ],
          [ "1.55 m", "0.70 m", "0.80 m" ],
          "drawing",
          [ [ "West", "0.50 m", "0.70 m", "1.90 m" ], [ "East", "2.90 m", "0.70 m", "1.90 m" ] ]
        ),
      rigging: hung("6.20 m", leg("C-31"), leg("C-31")),
      crane:
        crane(
          "juniper-full",
          "22.0 m",
          4,
          [ "7.5 m", "110°", "1.20 m" ],
          [ "9.5 m", "190°", "0.40 m" ],
          "clockwise",
          obstacle: "2.6 m",
          rigged: {
            "counterweight" => "5.8 t"
          }
        )
    ),
  "chiller" =>
    plan(
      "Chiller CH-3 on four round slings",
      lift_at: "2026-12-14T15:30",
      load:
        load(
          "CH-3",
          "5 150 kg",
          "certified",
          "plate on the frame",
          [ "4.20 m", "2.10 m", "2.20 m" ],
          [ "2.00 m", "1.08 m", "0.90 m" ],
          "drawing",
          [
            [ "NW", "0.30 m", "1.95 m", "2.20 m" ],
            [ "NE", "3.90 m", "1.95 m", "2.20 m" ],
            [ "SE", "3.90 m", "0.15 m", "2.20 m" ],
            [ "SW", "0.30 m", "0.15 m", "2.20 m" ]
          ]
        ),
      rigging: by_length(*%w[R-21 R-22 R-23 R-24].map { |sling| leg(sling, length: "4.00 m") }),
      crane:
        crane(
          "juniper-full",
          "22.0 m",
          4,
          [ "8.0 m", "120°", "1.20 m" ],
          [ "10.5 m", "190°", "0.60 m" ],
          "clockwise",
          obstacle: "2.6 m"
        )
    ),
  "receiver-cabin-four" =>
    plan(
      "Receiver cabin RC-9 on four legs, racks at one end",
      lift_at: "2026-12-15T15:00",
      load:
        rated(
          "4 t",
          ("NW 0.60 2.10,NE 4.20 2.10,SE 4.20 0.20,SW 0.60 0.20"),
          "2.60 m",
          load(
            "RC-9",
            "4 150 kg",
            "weighed",
            "load cell LC-2, 16 November",
            [ "4.80 m", "2.30 m", "2.60 m" ],
            [ "2.05 m", "1.32 m", "1.05 m" ],
            "drawing",
            [
              [ "NW", "0.60 m", "2.10 m", "2.60 m" ],
              [ "NE", "4.20 m", "2.10 m", "2.60 m" ],
              [ "SE", "4.20 m", "0.20 m", "2.60 m" ],
              [ "SW", "0.60 m", "0.20 m", "2.60 m" ]
            ]
          )
        ),
      rigging: by_length(*Array.new(4) { leg("C-51", length: "4.00 m") }),
      crane:
        crane(
          "juniper-full",
          "27.4 m",
          4,
          [ "9.0 m", "120°", "1.20 m" ],
          [ "12.0 m", "190°", "0.60 m" ],
          "clockwise",
          obstacle: "2.6 m"
        )
    ),
  "duct-section" =>
    plan(
      "Air duct section AD-4, three legs taken up by links",
      lift_at: "2026-12-16T16:00",
      hours: 2,
      lug: "4 t",
      words: by_word.except("crew"),
      crew: { "operator" => "bram", "slinger" => "teo", "signaller" => "mara", "supervisor" => "ines" },
      load:
        load(
          "AD-4",
          "2 100 kg",
          "certified",
          "maker's list DL-4 of 3 November",
          [ "4.20 m", "2.20 m", "1.80 m" ],
          [ "2.10 m", "1.10 m", "0.80 m" ],
          "drawing",
          [
            [ "W", "0.50 m", "1.10 m", "1.80 m" ],
            [ "NE", "3.70 m", "1.90 m", "1.80 m" ],
            [ "SE", "3.70 m", "0.30 m", "1.80 m" ]
          ]
        ),
      rigging: hung("4.90 m", *Array.new(3) { leg("C-51") }),
      crane:
        crane(
          "acacia-full",
          "14.0 m",
          2,
          [ "6.0 m", "120°", "0.60 m" ],
          [ "8.0 m", "190°", "1.20 m" ],
          "clockwise"
        )
    ),
  "pipe-bundle" =>
    plan(
      "Cooling pipe bundle CP-7, two chokers",
      lift_at: "2026-12-18T08:30",
      load:
        load(
          "CP-7",
          "1 720 kg",
          "calculated",
          "take-off sheet 21, 14 pipes",
          [ "6.00 m", "0.70 m", "0.60 m" ],
          [ "3.02 m", "0.35 m", "0.28 m" ],
          "take_off",
          [ [ "West", "1.80 m", "0.35 m", "0.60 m" ], [ "East", "4.20 m", "0.35 m", "0.60 m" ] ]
        ).merge("made_of" => "bundle"),
      rigging:
        by_length(
          leg(
            "R-11",
            "choker",
            length: "7.40 m",
            choke: "125°",
            held: [ "choke_double_wrapped", "T. Alder" ],
            round: "2.60 m",
            wraps: 2,
            beaten_down: false
          ),
          leg(
            "R-12",
            "choker",
            length: "7.40 m",
            choke: "125°",
            held: [ "choke_double_wrapped", "T. Alder" ],
            round: "2.60 m",
            wraps: 2,
            beaten_down: false
          )
        ),
      crane:
        crane(
          "acacia-full",
          "23.0 m",
          2,
          [ "6.0 m", "90°", "0.80 m" ],
          [ "8.0 m", "150°", "0.80 m" ],
          "clockwise",
          obstacle: "1.5 m"
        )
    ),
  "gearbox" =>
    plan(
      "Elevation gearbox EG-1 on its eyebolts",
      lift_at: "2026-12-17T09:00",
      load:
        thin(
          "900 kg",
          load(
            "EG-1",
            "1 260 kg",
            "certified",
            "plate on the housing",
            [ "1.80 m", "1.40 m", "1.20 m" ],
            [ "0.90 m", "0.70 m", "0.50 m" ],
            "drawing",
            [ [ "West", "0.20 m", "0.70 m", "1.20 m" ], [ "East", "1.60 m", "0.70 m", "1.20 m" ] ]
          )
        ),
      rigging:
        hung(
          "2.10 m",
          *Array.new(2) do
            leg("C-14").merge(
              "fittings" => [
                EYEBOLT,
                {
                  "end" => "hook",
                  "kind" => "shackle",
                  "wll" => "3.25 t",
                  "axis" => nil,
                  "across" => nil,
                  "mass" => "1.4 kg",
                  "plane" => "in"
                }
              ]
            )
          end
        ),
      crane:
        crane(
          "acacia-full",
          "18.5 m",
          2,
          [ "6.0 m", "120°", "1.10 m" ],
          [ "9.0 m", "200°", "2.40 m" ],
          "clockwise",
          obstacle: "2.4 m"
        )
    ),
  "receiver-cabin-racks" =>
    plan(
      "Receiver cabin RC-8 with its racks",
      lift_at: "2026-12-15T13:00",
      load:
        taken_off(
          load(
            "RC-8",
            nil,
            "unknown",
            "take-off of 19 November",
            [ nil, nil, nil ],
            [ nil, nil, nil ],
            "take_off",
            [ [ "West", "0.40 m", "1.15 m", "2.60 m" ], [ "East", "4.40 m", "1.15 m", "2.60 m" ] ]
          ),
          TakeOffs.receiver_cabin
        ),
      rigging: hung("7.60 m", leg("C-22"), leg("C-22")),
      crane:
        crane(
          "juniper-full",
          "27.4 m",
          4,
          [ "10.4 m", "140°", "1.20 m" ],
          [ "14.6 m", "215°", "0.60 m" ],
          "clockwise",
          obstacle: "3.4 m"
        )
    ),
  "brine-tank" =>
    plan(
      "Brine tank BT-3, half full",
      lift_at: "2026-12-16T13:00",
      load:
        taken_off(
          load(
            "BT-3",
            nil,
            "unknown",
            "take-off of 20 November",
            [ nil, nil, nil ],
            [ nil, nil, nil ],
            "take_off",
            [ [ "West", "0.15 m", "0.70 m", "1.62 m" ], [ "East", "2.45 m", "0.70 m", "1.62 m" ] ]
          ),
          TakeOffs.brine_tank
        ),
      rigging: hung("4.40 m", leg("C-22"), leg("C-22")),
      crane:
        crane(
          "acacia-full",
          "18.5 m",
          4,
          [ "6.0 m", "120°", "1.10 m" ],
          [ "8.0 m", "180°", "0.40 m" ],
          "clockwise",
          obstacle: "2.0 m"
        )
    ),
  "mast-section" =>
    plan(
      "Lattice mast section LM-6",
      words: by_word(
        power_lines: word(
          "20 kV to the pump house, seen by the watcher J. Rue",
          "M. Quell",
          "2026-12-08",
          lines: "known",
          voltage: "20 kV",
          nearest: "9.5 m"
        )
      ),
      lift_at: "2026-12-17T13:00",
      load:
        taken_off(
          load(
            "LM-6",
            nil,
            "unknown",
            "take-off of 18 November",
            [ nil, nil, nil ],
            [ nil, nil, nil ],
            "take_off",
            [ [ "West", "1.50 m", "0.50 m", "1.00 m" ], [ "East", "4.50 m", "0.50 m", "1.00 m" ] ]
          ),
          TakeOffs.mast_section
        ),
      rigging: hung("3.30 m", leg("C-14"), leg("C-14")),
      crane:
        crane(
          "acacia-full",
          "18.5 m",
          2,
          [ "6.0 m", "110°", "1.10 m" ],
          [ "9.0 m", "200°", "3.00 m" ],
          "clockwise",
          obstacle: "3.0 m"
        )
    ),
  "dish-panel" =>
    plan(
      "Dish panel DP-41 in its crate",
      words: by_word("2026-12-09"),
      lift_at: "2026-12-18T10:00",
      load:
        taken_off(
          load(
            "DP-41",
            nil,
            "unknown",
            "crate measured, panel estimated",
            [ "2.60 m", "1.40 m", "1.10 m" ],
            [ "1.35 m", "0.70 m", "0.50 m" ],
            "by_eye",
            [ [ "West", "0.30 m", "0.70 m", "1.10 m" ], [ "East", "2.30 m", "0.70 m", "1.10 m" ] ]
          ),
          TakeOffs.dish_panel,
          "weight"
        ),
      rigging: hung("3.60 m", leg("C-14"), leg("C-14")),
      crane:
        crane(
          "acacia-full",
          "18.5 m",
          2,
          [ "6.0 m", "100°", "1.10 m" ],
          [ "10.0 m", "170°", "2.00 m" ],
          "clockwise",
          obstacle: "2.4 m"
        )
    ),
  "transformer" =>
    plan(
      "Transformer TX-3, set over the side",
      lift_at: "2026-12-21T06:30",
      load:
        load(
          "TX-3",
          "6 350 kg",
          "certified",
          "plate on the tank",
          [ "2.40 m", "1.30 m", "1.80 m" ],
          [ "1.20 m", "0.65 m", "0.80 m" ],
          "drawing",
          [ [ "West", "0.45 m", "0.65 m", "1.80 m" ], [ "East", "1.95 m", "0.65 m", "1.80 m" ] ]
        ),
      rigging: hung("5.20 m", leg("C-40"), leg("C-40")),
      crane:
        crane(
          "juniper-half",
          "22.0 m",
          4,
          [ "9.0 m", "180°", "1.10 m" ],
          [ "11.2 m", "105°", "0.60 m" ],
          "anticlockwise",
          obstacle: "1.8 m"
        )
    ),
  "azimuth-bearing" =>
    plan(
      "Azimuth bearing AB-1 round the power hut",
      lift_at: "2026-12-21T13:00",
      load:
        load(
          "AB-1",
          "6 900 kg",
          "certified",
          "foundry certificate 553",
          [ "3.20 m", "2.40 m", "1.90 m" ],
          [ "1.60 m", "1.20 m", "0.60 m" ],
          "drawing",
          [ [ "West", "0.40 m", "1.20 m", "1.90 m" ], [ "East", "2.80 m", "1.20 m", "1.90 m" ] ]
        ),
      rigging: hung("6.40 m", leg("C-40"), leg("C-40")),
      crane:
        crane(
          "sagebrush-main",
          "42.0 m",
          4,
          [ "14.0 m", "150°", "1.20 m" ],
          [ "24.0 m", "290°", "3.40 m" ],
          "clockwise",
          obstacle: "6.0 m",
          past: {
            "past the hut" => [ "12.0 m", "215°", "6.50 m" ]
          },
          wind: "3 m/s",
          zones: [
            {
              "name" => "power hut",
              "slew_from" => "200°",
              "slew_to" => "222°",
              "radius_from" => "19.0 m",
              "radius_to" => "30.0 m"
            }
          ]
        )
    ),
  "feed-cone" =>
    plan(
      "Feed cone FC-2 to the platform, Ocotillo",
      lift_at: "2026-12-22T06:30",
      load:
        load(
          "FC-2",
          "1 540 kg",
          "weighed",
          "load cell LC-2, 17 November",
          [ "2.20 m", "2.20 m", "1.60 m" ],
          [ "1.10 m", "1.10 m", "0.60 m" ],
          "drawing",
          [ [ "West", "0.30 m", "1.10 m", "1.60 m" ], [ "East", "1.90 m", "1.10 m", "1.60 m" ] ]
        ),
      rigging: hung("4.30 m", leg("C-14"), leg("C-14")),
      crane:
        crane(
          "ocotillo-50",
          nil,
          2,
          [ "36.0 m", "40°", "0.20 m" ],
          [ "22.0 m", "130°", "21.50 m" ],
          "clockwise",
          obstacle: "18.0 m",
          second_trolley: "not fitted",
          zones: [
            {
              "name" => "access road",
              "slew_from" => "340°",
              "slew_to" => "25°",
              "radius_from" => "20.0 m",
              "radius_to" => nil
            }
          ]
        )
    ),
  "isolator" =>
    plan(
      "Isolator IS-2 from the platform, Yarrow",
      lift_at: "2026-12-22T09:00",
      load:
        load(
          "IS-2",
          "165 kg",
          "certified",
          "maker's sheet 40",
          [ "1.20 m", "0.40 m", "0.50 m" ],
          [ "0.60 m", "0.20 m", "0.20 m" ],
          "drawing",
          [ [ "West", "0.25 m", "0.20 m", "0.50 m" ], [ "East", "0.95 m", "0.20 m", "0.50 m" ] ]
        ),
      rigging: hung("1.60 m", leg("C-14"), leg("C-14")),
      crane:
        crane(
          "yarrow",
          nil,
          nil,
          [ nil, nil, nil ],
          [ nil, nil, nil ],
          nil,
          obstacle: nil,
          wind: "3 m/s",
          hook: { "off_centre" => "0", "latch" => "closes", "ring" => nil, "wll" => "500 kg" },
          platform: {
            "lower_boom_from" => "35°",
            "lower_boom_to" => "55°",
            "upper_boom_from" => "25°",
            "upper_boom_to" => "45°",
            "load_radius" => "1.20 m",
            "aboard" => [
              { "what" => "two people with harness", "mass" => "195 kg" },
              { "what" => "liner", "mass" => "24 kg" },
              { "what" => "tools", "mass" => "32 kg" }
            ]
          }
        )
    ),
  "drive-motor" =>
    plan(
      "Drive motor DM-1 in the workshop, Teasel",
      lift_at: "2026-12-22T13:00",
      scope: { "kind" => "workshop", "by" => "R. Alder" },
      load:
        load(
          "DM-1",
          "1 980 kg",
          "certified",
          "plate on the motor",
          [ "1.60 m", "0.90 m", "1.00 m" ],
          [ "0.80 m", "0.45 m", "0.45 m" ],
          "drawing",
          [ [ "West", "0.30 m", "0.45 m", "1.00 m" ], [ "East", "1.30 m", "0.45 m", "1.00 m" ] ]
        ),
      rigging: hung("2.60 m", leg("C-22"), leg("C-22")),
      crane:
        crane(
          "teasel",
          nil,
          nil,
          [ "3.0 m", nil, "0.40 m" ],
          [ "11.0 m", nil, "0.90 m" ],
          "none",
          obstacle: "1.2 m",
          side_pull: "2°",
          level: nil,
          wind: nil
        )
    )
}

def stand(document, stands)
  site = SITES.fetch(stands.fetch(:on, "saltpan-east"))
  document["site_document"] = site["id"]
  document["snapshots"]["sites"] = { site["id"] => PLAN_FILE::Digest.snapshot(site) }
  document["cranes"][0]["stand"] = {
    "ground" => "0 m",
    "load_turned" => "with_boom",
    "load_axis" => "90°",
    "watcher" => "",
    "dunnage" => TIMBERS
  }.merge(stands.except(:on).transform_keys(&:to_s))
end
TIMBERS = { "count" => 2, "length" => "2.4 m", "width" => "0.25 m" }.freeze

require_relative "site_plans"
require_relative "tandem_plans"

def write(folder, name, text)
  FileUtils.mkdir_p(File.join(FOLDER, folder))
  File.write(File.join(FOLDER, folder, "#{name}.json"), text)
end

CHARTS.each { |id, data| write("charts", id, "#{JSON.pretty_generate(data)}\n") }
write(".", "store", "#{JSON.pretty_generate(STORE)}\n")
write(".", "people", "#{JSON.pretty_generate(DemoPeople::ALL)}\n")
write(".", "sites", "#{JSON.pretty_generate(SITES.values)}\n")
{ **PLANS, **SITE_PLANS, **TANDEM_PLANS }.each { |name, document| write("plans", name, PLAN_FILE.write(document)) }
