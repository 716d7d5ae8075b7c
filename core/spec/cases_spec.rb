RSpec.describe DustLadder::Cases do
  # Ours are worked by hand, as their notes say.
  cases = %w[worked_cases site_cases].flat_map do |name|
    JSON.parse(File.read(File.expand_path("fixtures/#{name}.json", __dir__)))["cases"]
  end
  runner = described_class::Runner.new(cases)

  runner.results.each do |result|
    it("agrees with #{result.id}") do
      expect(result).to be_right, "#{result.trouble} #{result.comparisons.reject(&:agrees)}"
    end
  end

  it "covers load, rigging and the charts of the first climb, and names the others" do
    expect(runner.results.map(&:topic).uniq).to include(
      "takeoff",
      "three_point_bridle",
      "elastic_equilibrium",
      "worst_case_envelope",
      "hitch_and_derates",
      "multi_leg_rating",
      "fittings",
      "chart_lookup",
      "deductions"
    )
    expect(runner.results.map(&:topic)).to include("hook_and_blocks", "basket_on_round", "stability_points_below")
    expect(runner.uncovered.keys & runner.results.map(&:topic)).to be_empty
  end

  def one(topic, given, expect, tolerance = {})
    described_class::Runner.new(
      [ { "id" => "x", "topic" => topic, "given" => given, "expect" => expect, "tolerance" => tolerance } ]
    )
  end

  it "finds a wrong figure, a missing figure and a case it cannot compute" do
    given = { "angle_deg_from_plumb" => 30.0 }
    expect(one("angle_conversion", given, { "deg_from_horizontal" => 60.1 })).not_to be_right
    expect(
      one(
        "angle_conversion",
        given,
        { "deg_from_horizontal" => 60.1 },
        "keys" => {
          "deg_from_horizontal" => {
            "absolute" => 0.2
          }
        }
      )
    ).to be_right
    expect(one("angle_conversion", given, { "colour" => nil })).not_to be_right
    expect(one("angle_conversion", {}, { "deg_from_horizontal" => 60 })).not_to be_right
    impossible = { "load_kg" => 1000, "legs" => 2, "leg_length_m" => 1, "height_m" => 2 }
    expect(one("leg_tension_symmetric", impossible, { "leg_tension_kg" => 500 }).results.first.trouble).to match(
      /cannot be computed/
    )
    expect(one("angle_conversion", given, {})).not_to be_right
    expect(one("weather", {}, { "x" => 1 }).uncovered).to eq({ "weather" => 1 })
  end

  # [topic, given, expect, words of the trouble]
  [
    [
      "angle_conversion",
      { "angle_from_plumb" => 30 },
      { "deg_from_plumb" => 30 },
      /unknown name angle_from_plumb in given, expected one of angle_deg_from_horizontal/
    ],
    [ "angle_conversion", { "angle_deg_from_plumb" => 30 }, { "colour" => 1 }, /unknown name colour in expect/ ],
    [
      "angle_conversion",
      { "angle_deg_from_plumb" => 30, "angle_deg_from_horizontal" => 60 },
      { "deg_from_plumb" => 30 },
      /one of/
    ],
    [ "deductions", { "load_planned_kg" => 1 }, { "rope_kg" => 1 }, /rope_hanging_m.* is missing in given/ ],
    [
      "chart_lookup",
      { "question" => "weather" },
      { "allowed" => true },
      /"weather" at given.question is not one of capacity/
    ],
    [
      "takeoff",
      { "parts" => [ { "name" => "a", "kind" => "hemisphere" } ] },
      { "bare_mass_kg" => 1 },
      /is not one of plate/
    ],
    [
      "parts_of_line",
      {
        "single_line_pull_kg" => "many",
        "parts_of_line" => 2,
        "efficiency_per_sheave" => 1,
        "lead_sheaves" => 1,
        "hook_load_kg" => 1
      },
      { "holds" => true },
      /is not number/
    ]
  ].each do |topic, given, expect, words|
    it "names what is wrong with #{topic} of #{given.keys.first(2).join(" and ")}, #{expect.keys.first}" do
      found = one(topic, given, expect)
      expect([ found.right?, found.results.first.trouble ]).to match([ false, words ])
    end
  end

  it "takes an angle in any convention, and points on plumb lines of their own" do
    [
      { "angle_deg_from_horizontal" => 45 },
      { "angle_deg_from_plumb" => 45 },
      { "angle_deg_included_symmetric_pair" => 90 }
    ].each do |given|
      expect(one("angle_conversion", given, { "load_angle_factor" => Math.sqrt(2) }, "relative" => 1e-9)).to be_right
    end
    separate = {
      "load_kg" => 1000,
      "load_held" => "two hooks, separate plumb lines",
      "cg_to_point_a_horizontal_m" => 1,
      "cg_to_point_b_horizontal_m" => 3,
      "hook_height_above_point_a_m" => 2,
      "hook_height_above_point_b_m" => 9
    }
    expect(
      one("two_point_unequal", separate, { "vertical_share_a_kg" => 750, "leg_tension_b_kg" => 250 })
    ).to be_right
  end
end
