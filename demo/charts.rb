# The charts of the cranes at Saltpan Array, of every family, from small physical models. All made up.
require_relative "crane_model"

RECORD = {
  "version" => 1,
  "entered_by" => "I. Brandt",
  "entered_on" => "2026-10-12",
  "checked_by" => "S. Oyelaran",
  "checked_on" => "2026-10-14"
}.freeze
UNCHECKED = { "checked_by" => nil, "checked_on" => nil }.freeze

def record(source, **more) = RECORD.merge("source" => source).merge(more.transform_keys(&:to_s))

# sides: { name => [from, to, table, metres to the tipping edge, longest boom or nil] }
def boom_chart(id, title, identity, model, radii, booms, sides, rest)
  {
    "id" => id,
    "title" => title,
    "identity" => identity,
    "boom_length_m" => booms,
    "radius_m" => radii,
    "sectors" =>
      sides.map do |name, (from, to, table, _, longest)|
        { "name" => name, "slew_from_deg" => from, "slew_to_deg" => to, "table" => table }.merge(
          longest ? { "longest_boom_m" => longest } : {}
        )
      end,
    "tables" => sides.values.to_h { |_, _, table, edge| [ table, model.table(radii, booms, edge) ] },
    "marks" => sides.values.to_h { |_, _, table, edge| [ table, model.marks(radii, booms, edge) ] }
  }.merge(rest)
end

JUNIPER =
  CraneModel.new(
    machine_kg: 41_000,
    machine_behind_m: 0.9,
    boom_kg_per_m: 230,
    strongest_kg: 60_000,
    strongest_m: 3.0,
    shortest_m: 11.0,
    foot_radius_m: -1.1
  )
JUNIPER_IDENTITY = {
  "model" => "Juniper RT 60",
  "serial" => "JU-0417",
  "counterweight" => "9.2 t",
  "boom" => "main, telescopic",
  "jib" => "stowed",
  "outriggers" => "full, wheels clear",
  "rope" => "19 mm, 8 parts at most",
  "duty" => "hook"
}.freeze
JUNIPER_RADII = [
  3.0,
  3.5,
  4.0,
  4.5,
  5.0,
  6.0,
  7.0,
  8.0,
  9.0,
  10.0,
  12.0,
  14.0,
  16.0,
  18.0,
  20.0,
  22.0,
  24.0,
  26.0,
  28.0
].freeze
JUNIPER_BOOMS = [ 11.0, 16.5, 22.0, 27.4, 33.0 ].freeze
JUNIPER_REST = {
  "boom_foot" => {
    "radius_m" => -1.1,
    "height_m" => 2.4
  },
  "boom_depth_m" => 0.85,
  "boom_head_m" => 0.6,
  "limits" => {
    "level_percent" => 1.0,
    "wind_m_s" => 9.8
  },
  "hoist" => {
    "line_pull_kg" => 5200,
    "rope_wll_kg" => 5600,
    "rope_kg_per_m" => 1.55,
    "most_parts" => 8,
    "efficiency_per_sheave" => 0.98,
    "lead_sheaves" => 1,
    "rope_m" => 210,
    "drum" => {
      "diameter_m" => 0.43,
      "rope_mm" => 19,
      "wraps_per_layer" => 30,
      "layer_pulls_kg" => [ 6300, 5800, 5500, 5200, 5000 ]
    }
  },
  "hook_block" => {
    "mass_kg" => 385,
    "length_m" => 1.25,
    "wll_kg" => 35_000
  },
  "least_block_to_tip_m" => 1.1,
  "deductions" => [ { "what" => "stowed jib", "kg" => 260 } ]
}.freeze

# How machines stand: pads, masses without the boom, the boom by its length, what swings behind.
def stand_on_pads(axis, pads, side, parts, boom_kg_per_m, booms, total_kg, tail)
  {
    "axis_m" => axis,
    "pads" => pads.map { |name, at| { "name" => name, "at_m" => at, "side_m" => side } },
    "parts" => parts.map { |what, kg, place| { "what" => what, "kg" => kg }.merge(place) },
    "booms" => booms.map { |long| { "length_m" => long, "kg" => boom_kg_per_m * long, "along_m" => long * 0.42 } },
    "total_kg" => total_kg,
    "tail" => %w[radius_m bottom_m top_m].zip(tail).to_h
  }
end

def corners(forward, back, aside) =
  { "FR" => [ forward, aside ], "RR" => [ -back, aside ], "RL" => [ -back, -aside ], "FL" => [ forward, -aside ] }

JUNIPER_STAND =
  stand_on_pads(
    [ 0.0, 0.0 ],
    corners(3.3, 3.3, 3.5),
    0.6,
    [
      [ "carrier", 21_000, { "at_m" => [ 0.3, 0.0 ] } ],
      [ "upper and counterweight", 14_900, { "toward_boom_m" => -2.6 } ]
    ],
    230,
    JUNIPER_BOOMS,
    41_000,
    [ 3.9, 1.2, 3.3 ]
  )

ACACIA =
  CraneModel.new(
    machine_kg: 24_500,
    machine_behind_m: 0.4,
    boom_kg_per_m: 145,
    strongest_kg: 25_000,
    strongest_m: 3.0,
    shortest_m: 9.5,
    foot_radius_m: -0.8
  )

# Lattice boom on tracks: three quarters of tipping is rated, the same all round.
SAGEBRUSH =
  CraneModel.new(
    machine_kg: 118_000,
    machine_behind_m: 1.6,
    boom_kg_per_m: 310,
    strongest_kg: 150_000,
    strongest_m: 5.0,
    shortest_m: 24.0,
    foot_radius_m: 1.2,
    steepest_deg: 82,
    flattest_deg: 28,
    rated_share: 0.75
  )

# A tower crane's jib holds a moment, less its own trolley, block and jib; each set of falls its own most.
def tower_row(radii, max, moment_kg_m, own_kg)
  radii
    .map { |radius| [ max, ((moment_kg_m / (radius + 1.2) - own_kg) / 10).floor * 10 ].min }
    .map { |kg| kg < 300 ? nil : kg }
end
TROLLEY_RADII = [ 3.0, 8.0, 12.0, 15.0, 18.0, 21.0, 24.0, 27.0, 30.0, 34.0, 38.0, 42.0, 46.0, 50.0 ].freeze

# What a platform machine's small jib bears: less with load radius, more as the upper boom rises, more with the lower
# boom up.
JIB_RADII = [ 0.9, 1.5, 2.1 ].freeze
def jib_rows(lower_share) =
  [ 10, 30, 50, 68 ].map do |angle|
    JIB_RADII.map { |radius| ((260 + 3.0 * angle) * lower_share / (0.35 + 0.72 * radius) / 5).floor * 5 }
  end

CHARTS =
  [
    boom_chart(
      "juniper-full",
      "Juniper, 60 t rough-terrain, outriggers full",
      JUNIPER_IDENTITY,
      JUNIPER,
      JUNIPER_RADII,
      JUNIPER_BOOMS,
      { "over rear and sides" => [ 60, 300, "main", 3.1 ], "over front" => [ 300, 60, "front", 2.6 ] },
      { "record" => record("binder 1, page 12"), "stand" => JUNIPER_STAND }.merge(JUNIPER_REST)
    ),
    boom_chart(
      "juniper-half",
      "Juniper, 60 t rough-terrain, outriggers half",
      JUNIPER_IDENTITY.merge("outriggers" => "half, wheels clear"),
      JUNIPER,
      JUNIPER_RADII.select { |radius| radius <= 18.0 },
      JUNIPER_BOOMS,
      {
        "over rear" => [ 150, 210, "rear", 2.7 ],
        "over right side" => [ 30, 150, "side", 1.6, 27.4 ],
        "over left side" => [ 210, 330, "side", 1.6, 27.4 ],
        "over front" => [ 330, 30, "front", 2.3 ]
      },
      { "record" => record("binder 1, page 14") }.merge(JUNIPER_REST)
    ),
    {
      "id" => "juniper-jib",
      "title" => "Juniper, 60 t rough-terrain, jib 9 m at 15°",
      "record" => record("binder 1, page 21", **UNCHECKED.transform_keys(&:to_sym)),
      "identity" => JUNIPER_IDENTITY.merge("jib" => "9 m erected, 15° offset", "rope" => "19 mm, one part"),
      "boom_length_m" => [ 22.0, 27.4, 33.0 ],
      "boom_angle_deg" => [ 78, 74, 70, 65, 60, 55, 50, 45 ],
      "jib" => {
        "length_m" => 9.0,
        "offset_deg" => 15.0
      },
      "sectors" => [
        { "name" => "over rear and sides", "slew_from_deg" => 60, "slew_to_deg" => 300, "table" => "jib" }
      ],
      "tables" => {
        "jib" => JUNIPER.jib_table([ 78, 74, 70, 65, 60, 55, 50, 45 ], [ 22.0, 27.4, 33.0 ], 3.1, 9.0, 15.0, 4200, 2.4)
      }
    }.merge(
      JUNIPER_REST,
      "boom_depth_m" => 0.85,
      "boom_head_m" => 0.6,
      "hook_block" => {
        "mass_kg" => 120,
        "length_m" => 0.7,
        "wll_kg" => 5000
      },
      "deductions" => []
    ),
    boom_chart(
      "acacia-full",
      "Acacia, 25 t truck-mounted, outriggers full",
      {
        "model" => "Acacia TM 25",
        "serial" => "AC-1180",
        "counterweight" => "3.0 t",
        "boom" => "main, telescopic",
        "jib" => "none",
        "outriggers" => "full, wheels clear",
        "rope" => "15 mm, 6 parts at most",
        "duty" => "hook"
      },
      ACACIA,
      [ 3.0, 3.5, 4.0, 5.0, 6.0, 7.0, 8.0, 9.0, 10.0, 12.0, 14.0, 16.0, 18.0, 20.0 ],
      [ 9.5, 14.0, 18.5, 23.0 ],
      { "over rear and sides" => [ 60, 300, "main", 2.7 ], "over front" => [ 300, 60, "front", 2.2 ] },
      "record" => record("binder 1, page 31"),
      "stand" =>
        stand_on_pads(
          [ -0.6, 0.0 ],
          corners(2.9, 3.3, 2.7),
          0.45,
          [
            [ "carrier", 14_200, { "at_m" => [ 0.5, 0.0 ] } ],
            [ "upper and counterweight", 7600, { "toward_boom_m" => -1.9 } ]
          ],
          145,
          [ 9.5, 14.0, 18.5, 23.0 ],
          24_500,
          [ 3.0, 1.1, 2.9 ]
        ),
      "boom_foot" => {
        "radius_m" => -0.8,
        "height_m" => 2.1
      },
      "boom_depth_m" => 0.65,
      "boom_head_m" => 0.5,
      "limits" => {
        "level_percent" => 1.0,
        "wind_m_s" => 9.0
      },
      "hoist" => {
        "line_pull_kg" => 3400,
        "rope_wll_kg" => 3600,
        "rope_kg_per_m" => 0.98,
        "most_parts" => 6,
        "efficiency_per_sheave" => 0.98,
        "lead_sheaves" => 1,
        "rope_m" => 150,
        "drum" => {
          "diameter_m" => 0.34,
          "rope_mm" => 15,
          "wraps_per_layer" => 28,
          "layer_pulls_kg" => [ 4000, 3700, 3500, 3400 ]
        }
      },
      "hook_block" => {
        "mass_kg" => 210,
        "length_m" => 1.05,
        "wll_kg" => 20_000
      },
      "least_block_to_tip_m" => 0.9,
      "deductions" => []
    ),
    boom_chart(
      "sagebrush-main",
      "Sagebrush, 150 t lattice crawler, tracks out",
      {
        "model" => "Sagebrush LC 150",
        "serial" => "SB-0091",
        "counterweight" => "44 t",
        "boom" => "lattice, heavy tip",
        "jib" => "none",
        "gantry" => "raised",
        "tracks" => "out, 5.2 m",
        "rope" => "26 mm, 12 parts at most",
        "duty" => "hook"
      },
      SAGEBRUSH,
      [ 5.0, 6.0, 7.0, 8.0, 9.0, 10.0, 12.0, 14.0, 16.0, 18.0, 20.0, 24.0, 28.0, 32.0, 36.0, 40.0, 44.0 ],
      [ 24.0, 30.0, 36.0, 42.0, 48.0, 54.0 ],
      { "all round" => [ 0, 360, "main", 3.0 ] },
      "record" => record("binder 2, page 4"),
      "stand" => {
        "axis_m" => [ 0.0, 0.0 ],
        "tracks" => { "length_m" => 8.2, "width_m" => 1.2, "gauge_m" => 5.2, "middle_m" => [ 0.0, 0.0 ] },
        "parts" => [
          { "what" => "undercarriage", "kg" => 46_000, "at_m" => [ 0.0, 0.0 ] },
          { "what" => "upper", "kg" => 21_000, "toward_boom_m" => -0.9 },
          { "what" => "counterweight", "kg" => 44_000, "toward_boom_m" => -4.6 }
        ],
        "booms" =>
          [ 24.0, 30.0, 36.0, 42.0, 48.0, 54.0 ].map do |long|
            { "length_m" => long, "kg" => 310 * long, "along_m" => long * 0.46 }
          end,
        "total_kg" => 118_440,
        "tail" => { "radius_m" => 5.6, "bottom_m" => 1.3, "top_m" => 3.6 }
      },
      "boom_foot" => {
        "radius_m" => 1.2,
        "height_m" => 1.9
      },
      "boom_depth_m" => 1.9,
      "boom_head_m" => 1.2,
      "limits" => {
        "level_percent" => 1.0,
        "wind_m_s" => 9.8
      },
      "hoist" => {
        "line_pull_kg" => 9800,
        "rope_wll_kg" => 10_500,
        "rope_kg_per_m" => 2.9,
        "most_parts" => 12,
        "efficiency_per_sheave" => 0.98,
        "lead_sheaves" => 2,
        "rope_m" => 520,
        "drum" => {
          "diameter_m" => 0.6,
          "rope_mm" => 26,
          "wraps_per_layer" => 40,
          "layer_pulls_kg" => [ 12_400, 11_500, 10_700, 10_100, 9800 ]
        }
      },
      "hook_block" => {
        "mass_kg" => 1450,
        "length_m" => 1.9,
        "wll_kg" => 100_000
      },
      "least_block_to_tip_m" => 2.2,
      "deductions" => []
    ),
    {
      "id" => "ocotillo-50",
      "title" => "Ocotillo, tower crane, jib 50 m",
      "family" => "tower",
      "record" => record("binder 3, page 2"),
      "identity" => {
        "model" => "Ocotillo TC 50",
        "serial" => "OC-0203",
        "jib" => "50 m",
        "mast" => "40.5 m to the trolley",
        "counterweight" => "14.6 t",
        "falls" => "2; 4 with the second trolley",
        "duty" => "hook"
      },
      "limits" => {
        "level_percent" => 1.0,
        "wind_m_s" => 14.0
      },
      "hoist" => {
        "line_pull_kg" => 2400,
        "rope_wll_kg" => 2600,
        "rope_kg_per_m" => 0.9,
        "most_parts" => 4,
        "efficiency_per_sheave" => 0.98,
        "lead_sheaves" => 3,
        "rope_m" => 300,
        "drum" => {
          "diameter_m" => 0.45,
          "rope_mm" => 14,
          "wraps_per_layer" => 44,
          "layer_pulls_kg" => [ 2950, 2750, 2550, 2400 ]
        }
      },
      "hook_block" => {
        "mass_kg" => 190,
        "length_m" => 1.0,
        "wll_kg" => 8000
      },
      "least_block_to_tip_m" => 1.5,
      "deductions" => [],
      "tower" => {
        "jib_length_m" => 50.0,
        "trolley_height_m" => 40.5,
        "falls" => {
          "2" => {
            "max_kg" => 4000,
            "radius_m" => TROLLEY_RADII,
            "capacity_kg" => tower_row(TROLLEY_RADII, 4000, 103_000.0, 260),
            "needs_second_trolley" => false
          },
          "4" => {
            "max_kg" => 8000,
            "radius_m" => TROLLEY_RADII,
            "capacity_kg" => tower_row(TROLLEY_RADII, 8000, 101_000.0, 410),
            "needs_second_trolley" => true
          }
        }
      }
    },
    {
      "id" => "yarrow",
      "title" => "Yarrow, platform and jib machine",
      "family" => "platform_jib",
      "record" => record("binder 4, page 1"),
      "identity" => {
        "model" => "Yarrow PJ 17",
        "serial" => "YA-0052",
        "unit" => "truck 7",
        "outriggers" => "down, four",
        "jib" => "fitted, insulated",
        "duty" => "platform and jib together"
      },
      "limits" => {
        "level_percent" => 2.0,
        "wind_m_s" => 11.0
      },
      "platform_jib" => {
        "zones" => [
          { "name" => "A", "lower_boom_from_deg" => -5, "lower_boom_to_deg" => 50 },
          { "name" => "B", "lower_boom_from_deg" => 50, "lower_boom_to_deg" => 85 }
        ],
        "upper_boom_bands_deg" => [ [ 0, 20 ], [ 20, 40 ], [ 40, 60 ], [ 60, 75 ] ],
        "load_radius_m" => JIB_RADII,
        "jib_cap_kg" => [ 450, 360, 270 ],
        "jib_kg" => {
          "A" => jib_rows(0.9),
          "B" => jib_rows(1.05)
        },
        "platform_rated_kg" => 315,
        "credit_share" => 0.9
      }
    },
    {
      "id" => "teasel",
      "title" => "Teasel, workshop hoist, 5 t",
      "family" => "fixed_hoist",
      "record" => record("rating plate on the beam"),
      "identity" => {
        "model" => "Teasel H 5",
        "serial" => "TE-0007",
        "number" => "hoist 3",
        "rating" => "5 t",
        "falls" => "1",
        "duty" => "hook"
      },
      "limits" => {},
      "least_block_to_tip_m" => 0.15,
      "deductions" => [],
      "fixed_hoist" => {
        "wll_kg" => 5000,
        "highest_hook_m" => 6.4,
        "reach_from_m" => 0.6,
        "reach_to_m" => 14.0
      }
    }
  ].to_h { |data| [ data["id"], data ] }
