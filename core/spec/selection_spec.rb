RSpec.describe DustLadder::Slings::Selection do
  rules = DustLadder::RuleSet.shipped("strict")
  need = ->(**given) { described_class::Need.new(tension: 2000.0, length: 4.0, **given) }
  def pick(pieces, need, rules = DustLadder::RuleSet.shipped("strict")) = described_class.new(pieces, need, rules)
  def reasons(piece, need) = pick([ piece ], need).rejected.flat_map(&:reasons)

  # [what is wrong, the piece, the need, words]
  {
    "too weak" => [ { tag: { "vertical_kg" => 1900 } }, {}, /carries 1.900.kg here, 2.000.kg is needed/ ],
    "too short" => [ { reach_m: 3.9 }, {}, /0\.100.m too short/ ],
    "too long for what cannot be shortened" => [ { kind: "wire_rope", reach_m: 4.2 }, {}, /too long/ ],
    "in acid" => [ {}, { near: [ "acid" ] }, /acid harms alloy chain/ ],
    "over an edge" => [ { kind: "polyester_round" }, { edges: true }, /would cut it/ ],
    "among vapours" => [ {}, { no_sparks: true }, /spark/ ],
    "near a line" => [ { kind: "wire_rope" }, { no_current: true }, /conducts/ ],
    "too hot" => [ { kind: "nylon_web" }, { celsius: 95 }, /outside what this kind/ ],
    "no tag" => [ { tag: { "legible" => false } }, {}, /no legible rating/ ],
    "quarantined" => [ { state: "quarantined" }, {}, /it is quarantined/ ],
    "out of date" => [ { due: "2026-12-13" }, { on: "2026-12-14" }, /runs out on 2026-12-13/ ],
    "never examined" => [ { due: nil }, { on: "2026-12-14" }, /last examined is not known/ ],
    "two legs for one" => [ { legs: 2 }, {}, /2 legs for 1/ ],
    "of no known kind" => [ { kind: "hemp" }, {}, /nothing is known/ ],
    "a choke without its angle" => [ {}, { hitch: "choker" }, /angle of choke is not given/ ]
  }.each do |what, (piece, asked, words)|
    it("rejects a piece that is #{what}, with the reason") do
      expect(reasons(sling("X", reach_m: 4.0, **piece), need.(**asked)).join("; ")).to match(words)
    end
  end

  it "keeps every reason of a piece that has many" do
    bad =
      sling(
        "X",
        kind: "wire_rope",
        reach_m: 3.0,
        state: "out",
        due: nil,
        tag: {
          "vertical_kg" => 500,
          "choker_kg" => 375,
          "basket_kg" => 1000
        }
      )
    expect(reasons(bad, need.(near: [ "acid" ], on: "2026-12-14")).size).to eq(5)
  end

  it "takes what serves: on its day, to the kilogram, to the tolerance of its length" do
    exact =
      sling(
        "X",
        kind: "wire_rope",
        reach_m: 4.0,
        due: "2026-12-14",
        tag: {
          "vertical_kg" => 2000,
          "choker_kg" => 1500,
          "basket_kg" => 4000
        }
      )
    choices = pick([ exact ], need.(on: "2026-12-14")).choices
    expect(choices.map { |choice| [ choice.pieces, choice.utilisation, choice.in_band ] }).to eq(
      [ [ [ exact ], 1.0, false ] ]
    )
    expect(pick([ sling("X", reach_m: 3.985) ], need.()).choices.size).to eq(1)
  end

  it "puts the good band first, then what is light, and sets of legs alike together" do
    store = [
      sling("heavy", reach_m: 4.0, mass_kg: 60, tag: { "vertical_kg" => 4000 }),
      sling("light", reach_m: 4.0, mass_kg: 20, tag: { "vertical_kg" => 4000 }),
      sling("strong", reach_m: 4.0, mass_kg: 5, tag: { "vertical_kg" => 40_000, "basket_kg" => 80_000 })
    ]
    expect(pick(store, need.()).choices.map { |choice| choice.pieces.first["number"] }).to eq(%w[light heavy strong])
    pair = [
      sling("A", reach_m: 4.0),
      sling("B", reach_m: 4.0),
      sling("C", reach_m: 5.0),
      sling("D", reach_m: 4.0, legs: 2)
    ]
    sets = pick(pair, need.(legs: 2)).choices.map { |choice| choice.pieces.map { |piece| piece["number"] } }
    expect(sets).to contain_exactly(%w[A B], %w[D])
  end

  it "loses no piece: each is chosen for or rejected, and more is never asked of less" do
    generator = PropCheck::Generators
    kinds = %w[alloy_chain wire_rope polyester_round nylon_web]
    piece =
      generator.tuple(
        generator.choose(0..3),
        generator.choose(5..80),
        generator.choose(20..60),
        generator.choose(0..1)
      )
    PropCheck.forall(
      generator.tuple(generator.array(piece, min: 1, max: 12), generator.choose(500..6000))
    ) do |given, tension|
      store =
        given.each_with_index.map do |(kind, hundreds, reach, state), index|
          sling(
            "P#{index}",
            kind: kinds[kind],
            reach_m: reach / 10.0,
            state: %w[ready out][state],
            tag: {
              "vertical_kg" => hundreds * 100,
              "choker_kg" => hundreds * 75,
              "basket_kg" => hundreds * 200
            }
          )
        end
      asked = described_class::Need.new(tension: tension.to_f, length: 4.0)
      more = described_class::Need.new(tension: tension * 1.5, length: 4.0)
      first, second = pick(store, asked), pick(store, more)
      serve = store - first.rejected.map(&:piece)
      expect(first.choices.flat_map(&:pieces) - serve).to be_empty
      expect(serve).to all(satisfy { |one| one["state"] == "ready" && one["tag"]["vertical_kg"] >= tension })
      expect(second.rejected.map(&:piece)).to include(*first.rejected.map(&:piece)) if first.rejected.any?
    end
  end

  it "answers the questions the other way round" do
    reverse = DustLadder::Slings::Reverse
    expect(reverse.flattest_deg(2000.0, 1000.0, rules)).to be_within(1e-9).of(30)
    expect(reverse.flattest_deg(1200.0, 1000.0, rules)).to be_within(1e-6).of(Math.asin(1 / 1.2) * 180 / Math::PI)
    expect(reverse.flattest_deg(9000.0, 1000.0, rules)).to eq(30.0)
    expect(reverse.flattest_deg(900.0, 1000.0, rules)).to be_nil
    expect(reverse.shortest_length(1.5, 60)).to be_within(1e-9).of(3.0)
    expect(reverse.longest_length(3.0, 4.0)).to be_within(1e-12).of(5.0)
    sizes = [ [ "8 mm", 2000 ], [ "10 mm", 3150 ], [ "13 mm", 5300 ] ]
    expect([ 90, 60, 45, 30 ].map { |deg| reverse.smallest_size(sizes, 2000.0, deg)&.first }).to eq(
      [ "8 mm", "10 mm", "10 mm", "13 mm" ]
    )
    expect(reverse.smallest_size(sizes, 6000.0, 90)).to be_nil
  end
end

RSpec.describe DustLadder::Slings::GenericSizes do
  rules = DustLadder::RuleSet.shipped("strict")

  it "tells what would need to be bought: the smallest that serves, marked as not in the store" do
    need = DustLadder::Slings::Selection::Need.new(tension: 2600.0, length: 4.0)
    %w[alloy_chain wire_rope polyester_round].each do |kind|
      choices =
        DustLadder::Slings::Selection
          .new(described_class.pieces(kind, 4.0, rules), need, rules)
          .choices
          .map { |choice| choice.pieces.first }
      expect(choices).to all(
        satisfy { |piece| piece["number"].start_with?("to hire or buy") && piece["tag"]["vertical_kg"] >= 2600 }
      )
      smallest = DustLadder::Slings::Reverse.smallest_size(described_class.of(kind), 2600.0, 90)
      expect(choices.map { |piece| piece["tag"]["vertical_kg"] }.min).to eq(smallest.last)
    end
  end

  it "rises with the size, for every kind" do
    described_class.kinds.each do |kind|
      expect(described_class.of(kind).map(&:last).each_cons(2)).to all(satisfy { |one, other| one < other })
    end
  end
end

RSpec.describe DustLadder::Ladder::Schools do
  it "shows one lift under every school, strict never milder than another" do
    wide = plan({ "/rigging/hook_height" => "3.2 m" })
    rows = described_class.new(wide).as_json
    expect(rows["schools"].map { |school| school["id"] }).to eq(%w[strict level-side plumb-side])
    expect(rows["rungs"].find { |rung| rung["rung"] == "slings" }["differs"]).to be(true)
    rows["rungs"].each do |rung|
      ranks = rung["said"].compact.transform_values { |said| DustLadder::Ladder::Verdict.rank(said["verdict"]) }
      expect(ranks.fetch("strict", 0)).to be <= ranks.values.min, rung["rung"]
    end
  end
end
