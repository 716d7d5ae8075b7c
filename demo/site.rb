# The site of Saltpan Array as its surveyor drew it, and the lifts that are planned on it. Metres east and north of the
# nail in the road; heights above it. All made up.
def said(kind, name, by: "M. Quell", on: "2026-12-08", **more)
  { "kind" => kind, "name" => name, "by" => by, "on" => on, **more.transform_keys(&:to_s) }
end

def block(west, south, east, north) = [ [ west, south ], [ east, south ], [ east, north ], [ west, north ] ]

EAST_YARD = {
  "id" => "saltpan-east",
  "title" => "Saltpan Array, east yard",
  "peg" => "nail in the road, south-west corner of the yard",
  "version" => 1,
  "boundary_m" => block(-20, -20, 120, 100),
  "looked" => {
    "lines" => { "by" => "M. Quell", "on" => "2026-12-08" },
    "cuts" => { "by" => "M. Quell", "on" => "2026-12-08" },
    "obstacles" => { "by" => "T. Alder", "on" => "2026-12-20" },
    "people" => { "by" => "T. Alder", "on" => "2026-12-20" }
  },
  "features" => [
    said(
      "ground",
      "Rolled gravel",
      outline_m: [ [ 12, -5 ], [ 29, -5 ], [ 30.5, 26 ], [ 37, 44 ], [ 34, 49 ], [ 25, 50 ], [ 16, 46 ], [ 14, 30 ] ],
      allowable_kpa: 240,
      found: "plate_test",
      confirmed_by: "M. Quell"
    ),
    said(
      "ground",
      "Salt crust",
      outline_m: [ [ 29, -5 ], [ 70, -5 ], [ 70, 55 ], [ 34, 55 ], [ 34, 49 ], [ 37, 44 ], [ 30.5, 26 ] ],
      allowable_kpa: 140,
      found: "probe"
    ),
    said(
      "ground",
      "Soft pan",
      outline_m: [ [ -15, 50 ], [ 25, 50 ], [ 34, 49 ], [ 34, 55 ], [ 20, 75 ], [ -15, 75 ] ],
      allowable_kpa: 50,
      found: "by_eye"
    ),
    said(
      "ground",
      "Crawler road",
      outline_m: block(70, -10, 112, 60),
      allowable_kpa: 160,
      found: "plate_test",
      confirmed_by: "M. Quell"
    ),
    said("cut", "Cable trench", edge_m: [ [ 32, 13 ], [ 32, 18 ], [ 56, 22 ], [ 56, 17 ] ], closed: true, depth_m: 1.8),
    said(
      "line",
      "Overhead line",
      wire_m: [ [ 2, -20, 10.4 ], [ 4.5, 30, 9.5 ], [ 7, 90, 10.4 ] ],
      kilovolts: 11,
      blow_out_m: 0.8,
      on_towers: false,
      agreed_by: "grid desk, G. Sorrel"
    ),
    said("obstacle", "Control hut", outline_m: block(46.5, 23.5, 53, 29.5), top_m: 4.2),
    said("obstacle", "Survey pillar", outline_m: block(36.6, 25.3, 37.0, 25.7), top_m: 1.0),
    said(
      "walkway",
      "Walkway",
      outline_m: [ [ 39, 52 ], [ 41, 52 ], [ 41, 34 ], [ 60, 34 ], [ 60, 32 ], [ 39, 32 ] ],
      closed_from: "2026-12-23T06:30",
      closed_to: "2026-12-23T09:00",
      closed_by: "I. Rowan"
    ),
    said("live_plant", "Brine main", outline_m: block(58, 40, 61, 55)),
    said(
      "landing",
      "Antenna pad 3",
      outline_m: [ [ 33, 32 ], [ 38, 32 ], [ 41, 35 ], [ 41, 40 ], [ 38, 43 ], [ 33, 43 ], [ 30, 40 ], [ 30, 35 ] ],
      allowable_kpa: 150
    ),
    said("landing", "Laydown north", outline_m: block(8, 8, 27, 31)),
    said("landing", "Reel bay", outline_m: block(33, 23, 40, 31)),
    said("landing", "Laydown east", outline_m: block(72, 20, 110, 40)),
    said("escape", "Way out south", edge_m: [ [ 22, 4 ], [ 22, -18 ] ]),
    said("peg", "Nail", at_m: [ 0, 0 ])
  ]
}.freeze

PUMP_FIELD = {
  "id" => "saltpan-pumps",
  "title" => "Saltpan Array, pump field",
  "peg" => "survey post at the pump house's south-west corner",
  "version" => 1,
  "boundary_m" => block(-60, -60, 70, 70),
  "looked" => %w[lines cuts obstacles people].to_h { |kind| [ kind, { "by" => "T. Alder", "on" => "2026-12-20" } ] },
  "features" => [
    said(
      "ground",
      "Rolled road",
      outline_m: block(-40, -40, 60, 40),
      allowable_kpa: 330,
      found: "plate_test",
      confirmed_by: "M. Quell"
    ),
    said(
      "line",
      "Old line to the pump",
      wire_m: [ [ -50, 30, 8.6 ], [ 65, 33, 8.6 ] ],
      kilovolts: nil,
      blow_out_m: 0.5,
      on_towers: false,
      agreed_by: "grid desk, G. Sorrel"
    ),
    said("obstacle", "Pump house", outline_m: block(0, 0, 5, 4), top_m: 3.4),
    said("walkway", "Track to the pump", outline_m: block(-10, 6, 40, 8)),
    said("landing", "Pump slab", outline_m: block(-10, 8.5, 30, 24), allowable_kpa: 20),
    said("exclusion", "Valve pit", outline_m: block(-8, -14, -2, -9)),
    said("peg", "Post", at_m: [ 0, 0 ])
  ]
}.freeze
SITES = [ EAST_YARD, PUMP_FIELD ].to_h { |site| [ site["id"], site ] }.freeze
