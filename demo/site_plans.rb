# The lifts that are planned on the drawn site, each with something to look at there.
MATS = { "side" => "1.10 m", "mass" => "260 kg", "rated" => "30 t" }.freeze
SMALL_MATS = { "side" => "0.60 m", "mass" => "40 kg", "rated" => "30 t" }.freeze
LARGE_MATS = { "side" => "1.50 m", "mass" => "410 kg", "rated" => "30 t" }.freeze
TWO_SHORT = { "count" => 2, "length" => "0.60 m", "width" => "0.10 m" }.freeze

def cabin(name) =
  load(
    name,
    "5 600 kg",
    "weighed",
    "load cell LC-2, 9 November",
    [ "4.80 m", "2.30 m", "2.60 m" ],
    [ "2.28 m", "1.15 m", "1.10 m" ],
    "take_off",
    [ [ "West", "0.40 m", "1.15 m", "2.60 m" ], [ "East", "4.40 m", "1.15 m", "2.60 m" ] ]
  )

def small(name, bare = "1 040 kg") =
  load(
    name,
    bare,
    "certified",
    "maker's packing list 88-301",
    [ "2.40 m", "1.20 m", "1.50 m" ],
    [ "1.18 m", "0.60 m", "0.70 m" ],
    "drawing",
    [ [ "West", "0.30 m", "0.60 m", "1.50 m" ], [ "East", "2.10 m", "0.60 m", "1.50 m" ] ]
  )

def juniper(pick, set, turn, **more) = crane("juniper-full", "22.0 m", 4, pick, set, turn, **more)
def acacia(pick, set, turn, **more) = crane("acacia-full", "14.0 m", 2, pick, set, turn, **more)

SITE_PLANS = {
  "cabin-on-salt" =>
    plan(
      "Receiver cabin RC-11 to antenna pad 3, from the salt's edge",
      lift_at: "2026-12-23T07:30",
      words: by_word.except("crew"),
      crew: { "operator" => "bram", "slinger" => "teo", "signaller" => "mara", "supervisor" => "ines" },
      load: cabin("RC-11"),
      rigging: hung("7.60 m", leg("C-22"), leg("C-22")),
      crane: juniper([ "10.8 m", "195°", "0 m" ], [ "13.0 m", "20°", "0.60 m" ], "clockwise", obstacle: "1.8 m"),
      stands: { east: "27.0 m", north: "26.0 m", bearing: "20°", mat: MATS, carried: "2.2 m", watcher: "L. Broom" }
    ),
  "cabin-on-gravel" =>
    plan(
      "Receiver cabin RC-12 to antenna pad 3, all pads on gravel",
      lift_at: "2026-12-23T08:30",
      load: cabin("RC-12"),
      rigging: hung("7.60 m", leg("C-22"), leg("C-22")),
      crane: juniper([ "9.6 m", "190°", "0 m" ], [ "12.9 m", "26°", "0.60 m" ], "clockwise", obstacle: "1.8 m"),
      stands: {
        east: "25.0 m",
        north: "27.0 m",
        bearing: "20°",
        mat: LARGE_MATS,
        carried: "2.2 m",
        watcher: "L. Broom"
      }
    ),
  "panel-by-the-line" =>
    plan(
      "Solar panel crate PV-3 beside the overhead line",
      lift_at: "2026-12-23T13:00",
      load: small("PV-3"),
      rigging: hung("3.90 m", leg("C-14"), leg("C-14")),
      crane: acacia(
        [ "6.0 m", "200°", "0 m" ],
        [ "7.0 m", "320°", "0 m" ],
        "clockwise",
        obstacle: "0 m",
        wind: "3.4 m/s"
      ),
      stands: { east: "17.5 m", north: "20.0 m", bearing: "0°", mat: MATS, carried: "1.5 m", watcher: "L. Broom" }
    ),
  "pump-over-the-track" =>
    plan(
      "Brine pump BP-2 straight over the track",
      lift_at: "2026-12-24T07:00",
      load: small("BP-2", "1 900 kg"),
      rigging: hung("3.90 m", leg("C-22"), leg("C-22")),
      crane: acacia([ "7.0 m", "160°", "0 m" ], [ "9.0 m", "340°", "0 m" ], "anticlockwise", obstacle: "3.4 m"),
      stands: { on: "saltpan-pumps", east: "8.5 m", north: "4.0 m", bearing: "0°", mat: MATS, carried: "4.4 m" }
    ),
  "mast-on-tracks" =>
    plan(
      "Mast foot MF-2 on the crawler road",
      lug: "14 t",
      lift_at: "2026-12-24T10:00",
      load: small("MF-2", "3 900 kg"),
      rigging: hung("3.90 m", leg("C-40"), leg("C-40")),
      crane: crane(
        "sagebrush-main",
        "36.0 m",
        4,
        [ "14.0 m", "150°", "0 m" ],
        [ "20.0 m", "40°", "0 m" ],
        "anticlockwise",
        obstacle: "3.4 m"
      ),
      stands: { east: "80.0 m", north: "12.0 m", bearing: "0°", mat: nil, carried: "4.2 m" }
    ),
  "crate-by-the-line" =>
    plan(
      "Inverter crate IN-2 as near to the line as it may come",
      lift_at: "2026-12-23T15:00",
      load: small("IN-2"),
      rigging: hung("3.90 m", leg("C-14"), leg("C-14")),
      crane: acacia(
        [ "7.3 m", "200°", "0 m" ],
        [ "7.3 m", "20°", "0 m" ],
        "clockwise",
        obstacle: "0 m",
        wind: "3.4 m/s",
        level: "0.9 %"
      ),
      stands: {
        east: "17.3 m",
        north: "20.0 m",
        bearing: "0°",
        mat: SMALL_MATS,
        carried: "1.5 m",
        watcher: "L. Broom",
        dunnage: { "count" => 2, "length" => "0.26 m", "width" => "0.10 m" }
      }
    ),
  "reel-by-the-hut" =>
    plan(
      "Cable reel CR-1 between trench and control hut",
      lift_at: "2026-12-23T08:00",
      load: small("CR-1"),
      rigging: hung("3.90 m", leg("C-14"), leg("C-14")),
      crane: acacia([ "6.0 m", "230°", "0 m" ], [ "6.0 m", "300°", "0 m" ], "clockwise", obstacle: "1.0 m"),
      stands: { east: "42.8 m", north: "25.6 m", bearing: "0°", mat: MATS, carried: "1.6 m" }
    ),
  "tank-under-the-line" =>
    plan(
      "Wash tank WT-4 under the old line to the pump",
      lift_at: "2026-12-24T16:00",
      load: small("WT-4", "1 900 kg"),
      rigging: hung("3.90 m", leg("C-22"), leg("C-22")),
      crane: acacia(
        [ "7.0 m", "200°", "0 m" ],
        [ "8.0 m", "60°", "0 m" ],
        "clockwise",
        past: { "over the valves" => [ "10.4 m", "10°", "0 m" ] },
        obstacle: "0 m",
        wind: "12 m/s",
        level: "1.8 %"
      ),
      stands: {
        on: "saltpan-pumps",
        east: "14.0 m",
        north: "16.5 m",
        bearing: "0°",
        mat: MATS,
        carried: "1.0 m",
        dunnage: TWO_SHORT
      }
    ),
  "filter-over-the-pit" =>
    plan(
      "Filter FL-7 straight over the valve pit",
      lift_at: "2026-12-24T17:00",
      load: small("FL-7", "1 900 kg"),
      rigging: hung("3.90 m", leg("C-22"), leg("C-22")),
      crane: acacia([ "7.0 m", "160°", "0 m" ], [ "7.0 m", "240°", "0 m" ], "clockwise", obstacle: "0 m"),
      stands: { on: "saltpan-pumps", east: "-3.0 m", north: "-6.0 m", bearing: "0°", mat: MATS, carried: "1.0 m" }
    ),
  "sledge-on-the-pan" =>
    plan(
      "Survey sledge SS-1 out on the soft pan, before anybody looked",
      lift_at: "2027-02-10T10:00",
      load: small("SS-1"),
      rigging: hung("3.90 m", leg("C-14"), leg("C-14")),
      crane: acacia(
        [ "6.0 m", "270°", "0 m" ],
        [ "7.0 m", "30°", "0 m" ],
        "clockwise",
        obstacle: "0 m",
        wind: nil,
        level: nil
      ),
      stands: { east: "8.0 m", north: "64.0 m", bearing: "0°", mat: LARGE_MATS, carried: nil }
    ),
  "drum-by-the-trench" =>
    plan(
      "Cable drum CD-6 beside the trench",
      lift_at: "2026-12-24T14:00",
      load: small("CD-6", "1 450 kg"),
      rigging: hung("3.90 m", leg("C-14"), leg("C-14")),
      crane: acacia([ "6.0 m", "270°", "0 m" ], [ "7.0 m", "30°", "0 m" ], "clockwise", obstacle: "0 m"),
      stands: {
        east: "28.5 m",
        north: "10.0 m",
        bearing: "0°",
        mat: MATS,
        carried: nil,
        load_turned: nil,
        dunnage: nil
      }
    )
}.freeze
