# Choosing how to hold a load and with what: from the store, whole plans judged.
module StoreHelp
  def piece(number, **changes) =
    sling(number, **{ kind: "polyester_round", link_pitch_m: nil, mass_kg: 6, **changes }).merge(
      "state" => changes.fetch(:state, "ready"),
      "due" => changes.fetch(:due, "2027-03-01"),
      "place" => "rack 2"
    )
  def fours(reach, name = "R#{reach.to_i}", **changes) =
    %w[a b c d].map { |each| piece("#{name}#{each}", reach_m: reach, **changes) }
  def accepted(document) = DustLadder::PlanFile.accept(document)
  def with(document, changes) = accepted(DustLadder::PlanFile::Pointer.with_values(document, changes))
end

RSpec.describe DustLadder::Slings::PlanSelection do
  include StoreHelp
  let(:bare) do
    accepted(
      on_points("/lift_at" => "2026-12-14T06:30").tap do |document|
        document["rigging"]["legs"].each { |leg| leg["sling"] = nil }
      end
    )
  end
  let(:store) do
    fours(3.0) + fours(6.5) + fours(6.4, "late", due: "2026-12-01") +
      fours(6.4, "weak", tag: { "vertical_kg" => 400, "choker_kg" => 300, "basket_kg" => 800 }) +
      [ piece("out", reach_m: 6.5, state: "quarantined") ]
  end

  def selection(document = bare, pieces = store, **rest) = described_class.new(document, pieces, **rest)

  it "asks for what the legs must carry though nothing is on them yet, and says that it assumes" do
    need = selection.as_json["need"]
    expect(need["assumed"]).to be(true)
    expect(need["tension"]["value"]).to be > 3090 / 4.0
    expect(need["on"]).to eq("2026-12-14")
  end

  it "takes matched sets whose plan is accepted, judged by the very ladder that the plan then has" do
    taken = selection.taken
    expect(taken.map { |one| one.choice.pieces.size }).to all(eq(4))
    taken.each { |one| expect(DustLadder.check(with(bare, one.changes)).headline).to eq(one.ladder.headline) }
  end

  it "keeps every reason against the others" do
    reasons = selection.as_json["rejected"].to_h { |one| [ one["number"], one["reasons"].join("; ") ] }
    expect(reasons["latea"]).to include("runs out on 2026-12-01")
    expect(reasons["weakb"]).to include("carries 400")
    expect(reasons["out"]).to include("quarantined")
    expect(
      reasons.keys & selection.taken.flat_map { |one| one.choice.pieces.map { |each| each["number"] } }
    ).to be_empty
  end

  it "lets a sling that cannot be shortened set the length, and says how flat that is" do
    short = selection.taken.find { |one| one.choice.pieces.first["number"] == "R3a" }
    expect(short.changes).to include("/rigging/set_by" => "leg_lengths", "/rigging/legs/3/length" => "3.000 m")
    expect(short.choice.utilisation).to be >
      selection.taken.find { |one| one.choice.pieces.first["number"] == "R6a" }.choice.utilisation
    tiny = fours(1.6)
    expect(selection(bare, tiny).as_json["rejected"].first["reasons"].join).to include("too short for this spread")
  end

  it "does not take for one tier what is planned on the other, nor a two-leg sling for two holes" do
    document = accepted(under_beam(points: { "West" => [ 0.5, 0.5 ], "East" => [ 3.5, 0.5 ] }))
    pieces = [
      *%w[S-1 S-2 S-3 S-4].map { |number| piece(number, reach_m: 3.2) },
      piece("two", legs: 2, reach_m: 3.2),
      piece("U-1", reach_m: 3.2),
      piece("U-2", reach_m: 3.2)
    ]
    above = selection(document, pieces, upper: true)
    expect(above.taken.flat_map { |one| one.choice.pieces.map { |each| each["number"] } }).to match_array(
      %w[two S-3 S-4]
    )
    expect(above.as_json["rejected"].find { |one| one["number"] == "S-1" }["reasons"]).to include(
      "it is planned elsewhere in this lift"
    )
    expect(
      selection(document, pieces).as_json["rejected"].find { |one| one["number"] == "two" }["reasons"]
    ).to include("its legs meet in one ring")
  end

  it "names what would need to be bought, larger the flatter, and the shortest reach for the spread" do
    json = selection.as_json
    chain = json["buy"].find { |one| one["kind"] == "alloy_chain" }
    rating = ->(size) { DustLadder::Slings::GenericSizes.of("alloy_chain").to_h.fetch(size["size"]) }
    expect(rating.(chain["at"]["30"])).to be >= rating.(chain["at"]["60"])
    expect(json["spread"].values_at("60", "45", "30").map { |figure| figure["value"] }).to eq(
      json["spread"].values_at("60", "45", "30").map { |figure| figure["value"] }.sort.reverse
    )
  end

  it "asks a basket for all that goes round the load, and a choke for its angle" do
    basket =
      accepted(
        plan(
          {
            "/rigging/legs/0/hitch" => "basket",
            "/rigging/legs/1/hitch" => "basket",
            **[ 0, 1 ].flat_map do |leg|
                [ [ "/rigging/legs/#{leg}/basket_width", "1 m" ], [ "/rigging/legs/#{leg}/round", "5 m" ] ]
              end
              .to_h
          }
        )
      )
    expect(selection(basket).need.length).to be > 2 * DustLadder::Lift.new(basket).bridle.lengths.max + 5
    choke =
      plan(
        {
          "/rigging/legs/0/hitch" => "choker",
          "/rigging/legs/1/hitch" => "choker",
          "/rigging/legs/0/choke_angle" => "100°",
          "/rigging/legs/1/choke_angle" => "100°",
          "/rigging/legs/0/held_by" => "lug",
          "/rigging/legs/1/held_by" => "lug"
        }
      )
    expect(selection(accepted(choke)).need.choke_deg).to eq(100.0)
  end
end

RSpec.describe DustLadder::Rigging::LevelAdvice do
  include StoreHelp
  let(:crooked) do
    accepted(
      on_points(
        "/rigging/set_by" => "leg_lengths",
        **[ "3.2 m", "3.0 m", "3.0 m", "3.2 m" ].each_with_index.to_h do |length, leg|
          [ "/rigging/legs/#{leg}/length", length ]
        end
      )
    )
  end
  let(:lopsided) do
    accepted(
      under_beam(
        "/load/cg/x": "2.4 m",
        "/rigging/set_by": "leg_lengths",
        **Array.new(4) { |leg| [ :"/rigging/legs/#{leg}/length", "3.0 m" ] }.to_h,
        "/rigging/beam/legs/0/length": "3.1 m",
        "/rigging/beam/legs/1/length": "3.1 m"
      )
    )
  end

  it "offers only what levels, each with the tilt that then really follows" do
    [ crooked, lopsided ].each do |document|
      advice = described_class.new(document, pieces: [ piece("spare", reach_m: 3.3) ])
      expect(advice.options).not_to be_empty
      advice.options.each do |option|
        after = DustLadder::Lift.new(with(document, option.changes)).bridle.pose.tilt_deg
        expect(after).to be_within(1e-9).of(option.tilt_deg)
        expect(after).to be < advice.tilt_deg
      end
    end
  end

  it "says by how much each leg is to be cut where lengths are made up" do
    chain = accepted(plan("/rigging/hook_height" => "5 m", "/load/cg/x" => "1.7 m"))
    words = described_class.new(chain).made_up.map { |one| one["metric"] }
    expect(words).to all(match(/clutch A-\d \d+ links short/))
    expect(
      described_class.new(accepted(on_points("/rigging/hook_height" => "7 m"))).made_up.map { |one| one["us"] }
    ).to all(include("too short"))
  end

  it "knows nothing of a plan whose pose is not known" do
    expect(
      described_class.new(accepted(plan("/load/cg/x" => nil, "/rigging/set_by" => "leg_lengths"))).as_json["missing"]
    ).to include("centre of gravity")
  end
end

RSpec.describe DustLadder::Rigging::Proposals do
  include StoreHelp
  let(:store) do
    [ 3.0, 4.0, 6.0, 12.0 ].flat_map { |reach| fours(reach) } +
      [ sling("C-1", legs: 2, reach_m: 6.0).merge("state" => "ready") ]
  end
  let(:beams) do
    [ beam(spans: [ 2.0, 2.4, 3.0 ].map { |span| { "span_m" => span, "kg" => 6000 } }).merge("state" => "ready") ]
  end
  # From two points: a beam over four takes its time.
  let(:bare) do
    two = { "West" => [ 0.5, 0.5 ], "East" => [ 3.5, 0.5 ] }
    accepted(on_points(two).tap { |document| document["rigging"]["legs"].each { |leg| leg["sling"] = nil } })
  end

  def proposals(document = bare, beams: self.beams) = described_class.new(document, pieces: store, beams: beams)

  it "proposes a bridle, a spreader and two baskets that hold, as plans that are accepted and judged the same" do
    found = proposals.all
    expect(found.map(&:id)).to match_array(%w[bridle spreader baskets])
    expect(found.map(&:rigging)).to all(satisfy { |verdict| %w[holds tight].include?(verdict) })
    found.each do |one|
      document = with(bare, one.changes)
      expect(DustLadder.check(document).headline).to eq(one.ladder.headline)
      # Nor is it milder in its own words than in the ladder.
      expect(DustLadder::Ladder::Verdict.rank(one.rigging)).to be >=
        DustLadder::Ladder::Verdict.rank(one.ladder.verdict)
      numbers =
        [ *document["rigging"]["legs"], *document.dig("rigging", "beam", "legs").to_a ].map { |leg| leg["sling"] }
      expect(numbers.uniq.sort).to eq(document["snapshots"]["slings"].keys.sort)
      expect(numbers.tally.values.max).to be <= 2
    end
  end

  it "says what it tried in vain, and what it needs first" do
    expect(
      proposals(beams: [ beam.merge("state" => "quarantined") ]).as_json["vain"].map { |one| one["words"] }
    ).to include("A spreader")
    missing = proposals(accepted(on_points("/load/weight/bare" => nil))).as_json
    expect([ missing["proposals"], missing["missing"]["pointer"] ]).to eq([ [], "/load/weight/bare" ])
  end

  it "proposes baskets for a load whose points are not known, and says what its points still need" do
    document =
      accepted(
        on_points("/load/points/1/x" => nil).tap { |one| one["rigging"]["legs"].each { |leg| leg["sling"] = nil } }
      )
    found = proposals(document)
    expect(found.all.map(&:id)).to eq([ "baskets" ])
    expect(found.as_json["vain"].map { |one| one["why"] }).to include("x of point NE is not given")
  end
end
