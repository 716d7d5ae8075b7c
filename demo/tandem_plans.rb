# The lifts that two cranes share: a vessel stood up by a lug and, as a second thought, by trunnions; a truss carried
# level.
def tail_beam(rated: "16 t") =
  { "name" => "beam TB-2", "mass" => "420 kg", "rated" => rated, "width" => "0.30 m", "high" => "0.60 m" }

# How one end is held.
def held_by(hold, slings: 1, **more)
  DustLadder::Plan::TandemEnd::BLANK.merge("hold" => hold, "slings" => slings, **more.transform_keys(&:to_s))
end

def stands_at(east, north, bearing) =
  { "east" => east, "north" => north, "ground" => "0 m", "bearing" => bearing, "carried" => nil }

# cranes: head and tail; seconds: slings that hang beside a leg's.
def tandem_plan(title, lift_at:, load:, legs:, cranes:, tandem:, seconds: [], hours: 4)
  document =
    plan(title, lift_at: lift_at, load: load, rigging: by_length(*legs), crane: cranes[0], lug: "26 t", hours: hours)
  # What each trunnion bears is on its drawing.
  document["load"]["points"][1]["wll"] ||= "9 t"
  document["cranes"] << cranes[1]
  document["tandem"] = DustLadder::Plan::Tandem::BLANK.merge(tandem.transform_keys(&:to_s))
  numbers = [ *legs.map { |leg| leg["sling"] }, *seconds ].uniq
  document["snapshots"]["slings"] = numbers.to_h do |number|
    [ number, PLAN_FILE::Digest.snapshot(PIECES.fetch(number)) ]
  end
  document["snapshots"]["charts"] = cranes.to_h do |one|
    [ one["chart"], PLAN_FILE::Digest.snapshot(CHARTS.fetch(one["chart"])) ]
  end
  PLAN_FILE.accept(JSON.parse(JSON.generate(document)))
end

def tandem_crane(id, boom, parts, place, **more)
  crane(id, boom, parts, [ nil, nil, nil ], [ nil, nil, nil ], nil, stand: stands_at(*place), **more)
end

def vessel(tail_height) =
  load(
    "HV-1",
    "21 000 kg",
    "certified",
    "maker's certificate 88-417",
    [ "13.60 m", "2.00 m", "2.00 m" ],
    [ "6.20 m", "1.00 m", "1.00 m" ],
    "drawing",
    [ [ "Head", "13.35 m", "1.00 m", "1.00 m" ], [ "Tail", "0.45 m", "1.00 m", tail_height ] ]
  ).tap { |one| one["points"][1]["on"] = "tail lug, drawing HV-1-07" if tail_height == "2.40 m" }

UPRIGHT = {
  does: "stand_up",
  from: "0°",
  to: "90°",
  comes: "tail",
  bearing: "90°",
  head_at: { "east" => "20.0 m", "north" => "10.0 m" },
  under: "0.30 m",
  handover: { "at" => "88°", "by" => "R. Alder, appointed person" },
  holds: [ "20°", "45°", "70°", "85°" ]
}.freeze

TANDEM_PLANS = {
  "vessel-by-lug" =>
    tandem_plan(
      "Helium vessel HV-1 stood up, tail by its lug",
      lift_at: "2026-12-21T08:00",
      load: vessel("2.40 m"),
      legs: [ leg("W-61", length: "4.00 m"), leg("W-63", length: "3.00 m") ],
      seconds: %w[W-64],
      cranes: [
        tandem_crane("sagebrush-main", "30.0 m", 6, [ "31.6 m", "10.0 m", "270°" ]),
        tandem_crane("juniper-full", "22.0 m", 6, [ "11.5 m", "15.5 m", "0°" ])
      ],
      tandem: {
        **UPRIGHT,
        ends: [
          held_by("lug", moves: "stays"),
          held_by("lug", slings: 2, second: "W-64", apart: "1.20 m", moves: "slews_and_luffs", beam: tail_beam)
        ]
      }
    ),
  "vessel-by-trunnion" =>
    tandem_plan(
      "Helium vessel HV-1 stood up, tail by trunnions",
      lift_at: "2026-12-22T13:00",
      load: vessel("1.00 m"),
      legs: [
        leg("W-61", length: "4.00 m"),
        leg(
          "W-65",
          "basket",
          length: "2.74 m",
          width: "0.33 m",
          round: "0.52 m",
          bend: "0.30 m",
          held: [ "collar", "R. Alder" ]
        )
      ],
      seconds: %w[W-66],
      cranes: [
        tandem_crane("sagebrush-main", "30.0 m", 6, [ "31.6 m", "10.0 m", "270°" ]),
        tandem_crane("juniper-full", "22.0 m", 6, [ "11.5 m", "15.5 m", "0°" ])
      ],
      tandem: {
        **UPRIGHT,
        handover: { "at" => "86°", "by" => "R. Alder, appointed person" },
        ends: [
          held_by("lug", moves: "stays"),
          held_by(
            "trunnion",
            slings: 2,
            second: "W-66",
            apart: "2.40 m",
            moves: "slews_and_luffs",
            beam: tail_beam,
            trunnion: { "diameter" => "0.30 m", "by" => "half_wrap", "keeper" => true }
          )
        ]
      }
    ),
  "truss-between-two" =>
    tandem_plan(
      "Gantry truss GT-4 carried level between two cranes",
      lift_at: "2026-12-22T07:00",
      load: load(
        "GT-4",
        "9 800 kg",
        "weighed",
        "two load cells, 11 November",
        [ "18.00 m", "1.50 m", "1.80 m" ],
        [ "8.80 m", "0.75 m", "0.90 m" ],
        "take_off",
        [ [ "Head", "16.50 m", "0.75 m", "1.80 m" ], [ "Tail", "1.50 m", "0.75 m", "1.80 m" ] ]
      ),
      legs: [ leg("W-63", length: "3.00 m"), leg("W-64", length: "3.00 m") ],
      cranes: [
        tandem_crane("sagebrush-main", "30.0 m", 6, [ "24.0 m", "0.0 m", "0°" ]),
        tandem_crane("juniper-full", "22.0 m", 6, [ "7.0 m", "3.0 m", "180°" ])
      ],
      tandem: {
        does: "carry",
        bearing: "90°",
        head_at: { "east" => "22.0 m", "north" => "12.0 m" },
        head_to: { "east" => "24.0 m", "north" => "10.0 m", "bearing" => "86°" },
        under: "1.20 m",
        out_of_step: "0.30 m",
        ends: [ held_by("lug", moves: "slews_and_luffs"), held_by("lug", moves: "slews_and_luffs") ]
      }
    )
}.freeze
