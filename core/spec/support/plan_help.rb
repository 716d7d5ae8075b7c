# A small plan that holds, to be changed by a spec at the places that it speaks of.
module PlanHelp
  # Whatever any family asks for.
  IDENTITY = {
    "model" => "Test crane",
    "counterweight" => "9 t",
    "serial" => "T-1",
    "boom" => "main",
    "jib" => "none",
    "outriggers" => "full",
    "rope" => "19 mm",
    "duty" => "hook",
    "mast" => "40 m",
    "falls" => "2",
    "unit" => "U-1",
    "number" => "7",
    "rating" => "5 t"
  }.freeze

  # What keeps a leg in a basket or choke where it is, and what of its sling goes round the load.
  def held(means: "lug", by: "A. Rigger", round: "1 m")
    prevented = { "means" => means, "words" => "", "by" => by }
    { "prevents" => { "along" => prevented, "round" => prevented }, "round" => round }
  end

  def sling(number, **changes)
    {
      "number" => number,
      "kind" => "alloy_chain",
      "size" => "10 mm",
      "legs" => 1,
      "reach_m" => 6.0,
      "mass_kg" => 15,
      "link_pitch_m" => 0.03,
      "grade" => "80",
      "state" => "ready",
      "due" => "2027-06-01",
      "tag" => {
        "legible" => true,
        "vertical_kg" => 4000,
        "choker_kg" => 3200,
        "basket_kg" => 8000,
        "multi_leg" => []
      }.merge(changes.delete(:tag) || {})
    }.merge(changes.transform_keys(&:to_s))
  end

  SURROUNDINGS = {
    "temperature" => "20 °C",
    "near" => [],
    "edges" => "none",
    "no_sparks" => false,
    "no_current" => false,
    "site_factor" => nil,
    "site_reason" => "",
    "surface" => "plain"
  }.freeze
  # What a named person answered in words, in time for the lift.
  SAID = { "says" => "looked at on the walk", "by" => "A. Walker", "on" => "2026-12-10", "until" => nil }.freeze
  WORDS = {
    "ground" => {},
    "power_lines" => {
      "lines" => "none",
      "looked" => "40 m"
    },
    "obstacles" => {},
    "crew" => {}
  }.freeze

  RECORD = {
    "version" => 1,
    "entered_by" => "A. Writer",
    "entered_on" => "2026-10-01",
    "checked_by" => "B. Reader",
    "checked_on" => "2026-10-02",
    "source" => "spec binder, page 1"
  }.freeze

  def chart(**changes)
    {
      "id" => "test",
      "title" => "Test crane, full",
      "record" => RECORD,
      "identity" => IDENTITY,
      "boom_length_m" => [ 15.0, 20.0, 25.0 ],
      "radius_m" => [ 4.0, 6.0, 8.0, 10.0, 12.0 ],
      "sectors" => [
        { "name" => "rear", "slew_from_deg" => 90, "slew_to_deg" => 270, "table" => "main" },
        { "name" => "front", "slew_from_deg" => 270, "slew_to_deg" => 90, "table" => "front" }
      ],
      "tables" => {
        "main" => [
          [ 30_000, 28_000, nil ],
          [ 22_000, 20_000, 18_000 ],
          [ 15_000, 14_000, 13_000 ],
          [ 9000, 9500, 9200 ],
          [ nil, 6500, 6800 ]
        ],
        "front" => [
          [ 24_000, 22_000, nil ],
          [ 17_000, 16_000, 14_000 ],
          [ 12_000, 11_000, 10_000 ],
          [ 7000, 7400, 7200 ],
          [ nil, 5000, 5200 ]
        ]
      },
      "boom_foot" => {
        "radius_m" => -1.0,
        "height_m" => 2.0
      },
      "boom_depth_m" => 0.8,
      "limits" => {
        "level_percent" => 1.0,
        "wind_m_s" => 9.8
      },
      "hoist" => {
        "line_pull_kg" => 4000,
        "rope_wll_kg" => 4200,
        "rope_kg_per_m" => 1.5,
        "efficiency_per_sheave" => 0.98,
        "lead_sheaves" => 1,
        "rope_m" => 300,
        "drum" => {
          "diameter_m" => 0.5,
          "rope_mm" => 18,
          "wraps_per_layer" => 40,
          "layer_pulls_kg" => [ 4600, 4400, 4200, 4000 ]
        }
      },
      "hook_block" => {
        "mass_kg" => 250,
        "length_m" => 1.0,
        "wll_kg" => 20_000
      },
      "least_block_to_tip_m" => 1.0,
      "deductions" => []
    }.merge(changes.transform_keys(&:to_s))
  end

  # changes: { "/load/weight/bare" => "2 t", ... }; an array of slings and a chart may be given.
  def plan(changes = {}, slings: [ sling("A-1"), sling("A-2") ], chart: self.chart, rules: "strict", **more)
    document = DustLadder::Plan.blank(title: "Spec plan", rule_set: DustLadder::RuleSet.shipped(rules))
    fill(document, slings, chart)
    changes.merge(more).each { |pointer, value| change(document, pointer, value) }
    document
  end

  def beam(number = "B-06", **changes)
    {
      "number" => number,
      "kind" => "spreader",
      "size" => "3.0 m, 6 t",
      "mass_kg" => 180,
      "depth_m" => 0.3,
      "spans" => [ { "span_m" => 3.0, "kg" => 6000 } ],
      "holes_m" => [],
      "eyes_m" => [],
      "end_kg" => 3000,
      "compression_kg" => nil,
      "bending_kg_m" => nil,
      "least_deg_from_horizontal" => 45.0,
      "state" => "ready",
      "due" => "2027-06-01"
    }.merge(changes.transform_keys(&:to_s))
  end

  CORNERS = { "NW" => [ 0.5, 0.9 ], "NE" => [ 3.5, 0.9 ], "SE" => [ 3.5, 0.1 ], "SW" => [ 0.5, 0.1 ] }.freeze

  # A plan on four round slings, or on two where two points are asked for.
  def on_points(points = CORNERS, reach: 3.0, kind: "polyester_round", **changes)
    slings = Array.new(points.size + 2) { |index| sling("S-#{index + 1}", kind: kind, reach_m: reach) }
    legs =
      points.size.times.map do |index|
        {
          "sling" => "S-#{index + 1}",
          "hitch" => "vertical",
          "length" => nil,
          "choke_angle" => nil,
          "basket_width" => nil,
          "held_by" => "",
          "load_end" => "own"
        }
      end
    plan(
      {
        "/load/points" =>
          points.map do |name, (x, y)|
            { "name" => name, "x" => "#{x} m", "y" => "#{y} m", "z" => "2 m", "wll" => "30 t" }
          end,
        "/rigging/legs" => legs,
        "/rigging/hook_height" => "8 m"
      }.merge(changes),
      slings: slings
    )
  end

  # The same under a spreader of 3 m, made up to hang level unless lengths are given.
  def under_beam(points: CORNERS, beam: self.beam, **changes)
    on_points(points).tap do |document|
      middle = points.values.sum(&:first) / points.size
      document["rigging"]["legs"].zip(points.values) { |leg, (x, _)| leg["hole"] = x < middle ? 0 : 1 }
      document["rigging"]["beam"] = {
        "beam" => beam["number"],
        "span" => "3.0 m",
        "headroom" => "2.75 m",
        "legs" => [ points.size + 1, points.size + 2 ].map { |number| { "sling" => "S-#{number}", "length" => nil } }
      }
      document["snapshots"]["beams"] = { beam["number"] => DustLadder::PlanFile::Digest.snapshot(beam) }
      changes.each { |pointer, value| change(document, pointer.to_s, value) }
    end
  end

  # A row of a take-off: part("plate", "1 m x 1 m x 10 mm", "steel", x: "0.5 m").
  def part(shape, size, material = "", **cells)
    DustLadder::Load::Row::FIELDS
      .to_h { |field| [ field, "" ] }
      .merge("shape" => shape, "size" => size, "material" => material, "x" => "0", "y" => "0", "z" => "0")
      .merge(cells.transform_keys(&:to_s))
  end

  def take_off(*parts, groups: {}, materials: [], rules: "strict")
    DustLadder::Load::TakeOff.new(
      {
        "parts" => parts,
        "groups" => groups.map { |title, rows| { "title" => title, "parts" => rows } },
        "materials" => materials
      },
      DustLadder::RuleSet.shipped(rules)
    )
  end

  # A plan whose weight, size and CG come from these parts.
  def taken_off(*parts, groups: {}, **changes)
    sheet = {
      "parts" => parts,
      "groups" => groups.map { |title, rows| { "title" => title, "parts" => rows } },
      "materials" => []
    }
    plan(
      { "/load/take_off" => sheet, **%w[weight size cg].to_h { |from| [ "/load/#{from}/by", "take_off" ] } }.merge(
        changes
      )
    )
  end

  def change(document, pointer, value)
    *path, last = pointer.split("/").drop(1).map { |key| key.match?(/\A\d+\z/) ? key.to_i : key }
    path.reduce(document) { |place, key| place[key] }[last] = value
  end

  # The WaysOut of a document, with slings (data) and charts (snapshots) of the house; more: as of WaysOut.
  def ways_out(document, slings: [], charts: [], **more)
    stock = DustLadder::Advice::Base::Stock.new(slings: slings, charts: charts)
    DustLadder::Advice::WaysOut.new(DustLadder::Advice::Base.new(document, stock: stock), **more)
  end

  def check(...) = DustLadder.check(plan(...))
  def rung(id, ...) = check(...).rung(id)

  private

  def fill(document, slings, chart)
    document["load"].merge!(
      "name" => "Box",
      "weight" => {
        "bare" => "3 t",
        "basis" => "certified",
        "source" => "plate"
      },
      "size" => {
        "length" => "4 m",
        "width" => "1 m",
        "height" => "2 m"
      },
      "cg" => {
        "x" => "2 m",
        "y" => "0.5 m",
        "z" => "0.8 m",
        "basis" => "drawing"
      }
    )
    [ "0.5 m", "3.5 m" ].each_with_index do |x, index|
      document["load"]["points"][index].merge!("x" => x, "y" => "0.5 m", "z" => "2 m", "wll" => "30 t")
    end
    document["lift_at"] = "2026-12-14T06:30"
    document["rigging"].merge!("hook_height" => "6 m")
    document["cranes"][0]["hook"] = { "off_centre" => "0", "latch" => "closes", "ring" => nil }
    document["rigging"]["legs"].zip(slings.size == 1 ? slings * 2 : slings) do |leg, piece|
      leg.merge!("sling" => piece["number"], "load_end" => "own")
    end
    document["cranes"][0].merge!(
      "chart" => "test",
      "as_rigged" => IDENTITY.dup,
      "boom_length" => "20 m",
      "parts_of_line" => 4,
      "turn" => "clockwise",
      "obstacle_height" => "0 m",
      "level" => "0.3 %",
      "side_pull" => "0°",
      "wind" => "1 m/s"
    )
    document["rigging"]["surroundings"] = SURROUNDINGS.dup
    document["by_word"] = WORDS.to_h { |id, more| [ id, SAID.merge(more) ] }
    document["cranes"][0]["stations"].zip([ "5 m", "7 m" ], %w[120° 200°]) do |station, radius, slew|
      station.merge!("radius" => radius, "slew" => slew, "support_height" => "1 m")
    end
    document["snapshots"]["slings"] = slings.to_h do |piece|
      [ piece["number"], DustLadder::PlanFile::Digest.snapshot(piece) ]
    end
    document["snapshots"]["charts"] = { "test" => DustLadder::PlanFile::Digest.snapshot(chart) }
  end
end
