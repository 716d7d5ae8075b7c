# What of the store serves as a plan's fittings, and the list of all that a lift is rigged with.
RSpec.describe "Fittings from the store" do
  before do
    load_store
    Piece.where(kind: "shackle").delete_all
  end

  let(:document) { demo_document("feed-horn") }
  let(:day) { document["lift_at"][0, 10] }

  def json = JSON.parse(response.body)
  def ask(path, body)
    post path, params: JSON.generate(body), headers: { "Content-Type" => "application/json" }
  end
  def shackle(number, wll, **more)
    fields = {
      "number" => number,
      "kind" => "shackle",
      "size" => "bow",
      "wll" => wll,
      "mass" => "2 kg",
      "examined" => "2026-11-01",
      "use" => "normal",
      "place" => "rack 5"
    }
    Piece.create!(fields: fields.merge(more.transform_keys(&:to_s)))
  end

  # The document with a shackle of no rating yet on its first leg.
  def with_shackle(**more)
    planned = { "end" => "load", "kind" => "shackle", "wll" => nil, "mass" => nil, "axis" => nil, "plane" => "in" }
    changed = { "/rigging/legs/0/fittings" => [ planned.merge(more.transform_keys(&:to_s)) ] }
    DustLadder::PlanFile.accept(DustLadder::PlanFile::Pointer.with_values(document, changed))
  end

  it "offers what serves, and keeps what cannot with why" do
    shackle("S-2", "25 t")
    shackle("S-1", "100 kg")
    shackle("S-3", "25 t", state: "quarantined")
    ask("/api/fitting_picks", document: with_shackle, leg: 0, fitting: 0)
    expect(response).to have_http_status(:ok)
    expect(json["choices"].map { |one| one["number"] }).to eq([ "S-2" ])
    expect(json["rejected"].to_h { |one| [ one["number"], one["reasons"].join ] }).to match(
      "S-1" => /carries 100.kg so/,
      "S-3" => "it is quarantined"
    )
    expect(json.values_at("in_store", "rejected_count")).to eq([ 3, 2 ])
  end

  it "is taken into a plan that keeps its snapshot, and its house knows it" do
    taken = shackle("S-2", "25 t")
    ask("/api/fitting_picks", document: with_shackle, leg: 0, fitting: 0)
    changed = DustLadder::PlanFile::Pointer.with_values(with_shackle, json["choices"][0]["changes"])
    plan = Plan.start(DustLadder::PlanFile.accept(changed))
    gear = ->(one) { DustLadder.check(one.document, **OwnHouse.of(one.document)).rung("gear") }
    expect(plan.reload.document.dig("snapshots", "gear", "S-2", "data", "wll_kg")).to eq(25_000.0)
    expect(gear.(plan).parts.find { |one| one.name == "S-2" }.verdict).to eq("holds")
    expect(BoardLine.with_piece("S-2").pluck(:plan_id)).to eq([ plan.id ])
    PieceAct.take(taken, "quarantine", { "why" => "bent" }, person: person, lock_version: taken.lock_version)
    expect([ gear.(plan).verdict, gear.(plan).note["metric"] ]).to eq([ "stop", "S-2: quarantined in the store now" ])
    expect(BoardLine.find_by!(plan: plan).stale).to be(true)
  end

  it "asks back for what it cannot tell, and for what is not there" do
    {
      { leg: 9, fitting: 0 } => 422,
      { leg: 0, fitting: 5 } => 422,
      { leg: -1, fitting: 0 } => 400,
      { leg: "0", fitting: 0 } => 400,
      { fitting: 0 } => 400
    }.each do |asked, status|
      ask("/api/fitting_picks", document: with_shackle, **asked)
      expect([ asked, response.status ]).to eq([ asked, status ])
    end
    ask("/api/fitting_picks", document: with_shackle(kind: "eyebolt_plain"), leg: 0, fitting: 0)
    expect([ response.status, json["errors"][0]["message"] ]).to match([ 422, /points is not given/ ])
  end

  it "lists what a lift is rigged with, where it is now and what is to be done" do
    ask("/api/rigging_lists", document: document)
    slings = document["snapshots"]["slings"].keys
    lines = json["lines"].select { |one| slings.include?(one["number"]) }
    expect(lines.map { |one| one["number"] }).to match_array(slings)
    expect(lines.map { |one| one["to_do"] }).to all(start_with("bring it from rack"))
    Piece.find_by!(number: slings.first).then do |piece|
      piece.update!(fields: piece.fields.merge("examined" => "2025-01-01", "due" => ""))
    end
    ask("/api/rigging_lists", document: document)
    late = json["lines"].find { |one| one["number"] == slings.first }
    expect([ late["verdict"], late["to_do"] ]).to match([ "stop", /\Aexamine it again: its examination runs out on/ ])
  end
end

# Mats of the store under the pads of a plan's crane.
RSpec.describe "Mats from the store" do
  before { load_store }

  def ask(path, body)
    post path, params: JSON.generate(body), headers: { "Content-Type" => "application/json" }
    JSON.parse(response.body)
  end

  it "are offered with the word of the pads' rung, and are booked with the plan" do
    document = demo_document("cabin-on-salt")
    found = ask("/api/mat_picks", document: document)
    expect(found["choices"].map { |one| one["numbers"] }).to eq([ %w[M-1 M-2 M-3 M-4] ])
    changed = DustLadder::PlanFile::Pointer.with_values(document, found["choices"][0]["changes"])
    plan = Plan.start(DustLadder::PlanFile.accept(changed))
    ladder = DustLadder.check(plan.reload.document, **OwnHouse.of(plan.document))
    expect(ladder.rung("pads").verdict).to eq(found["choices"][0]["verdict"])
    expect(BoardLine.with_piece("M-3").pluck(:plan_id)).to eq([ plan.id ])
    mat = Piece.find_by!(number: "M-3")
    PieceAct.take(mat, "quarantine", { "why" => "split", "place" => "red cage" }, person: person, lock_version: 0)
    after = DustLadder.check(plan.document, **OwnHouse.of(plan.document)).rung("gear")
    expect([ after.verdict, after.note["metric"] ]).to eq([ "stop", "M-3: quarantined in the store now" ])
    expect(mat.reload.place).to eq("red cage")
    expect(ask("/api/mat_picks", document: document)["choices"]).to eq([])
    lines = ask("/api/rigging_lists", document: plan.document)["lines"]
    expect(lines.find { |one| one["number"] == "M-3" }["to_do"]).to eq("another: it is quarantined")
  end
end
