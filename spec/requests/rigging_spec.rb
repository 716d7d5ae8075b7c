RSpec.describe "The rigging room's API" do
  before { load_store }

  def json = JSON.parse(response.body)
  def ask(path, body) = post(path, params: JSON.generate(body), headers: { "Content-Type" => "application/json" })
  def with(document, changes)
    DustLadder::PlanFile.accept(DustLadder::PlanFile::Pointer.with_values(document, changes))
  end

  it "proposes what is accepted and judged the same when taken, from gear that is ready, and keeps nothing" do
    Piece.where(number: %w[R-11 R-12 R-21 R-22 R-23 R-24 R-71 R-72 Greasewood]).delete_all
    document = demo_document("receiver-cabin")
    expect { ask("/api/proposals", document: document) }.not_to change { [ Revision.count, Piece.count ] }
    expect(json["proposals"].map { |one| one["id"] }).to include("bridle", "spreader")
    json["proposals"].each do |one|
      expect(DustLadder.check(with(document, one["changes"])).headline).to eq(one["headline"]["metric"])
    end
    expect(json["proposals"].flat_map { |one| one["slings"] } & %w[R-03 R-04 W-07]).to be_empty

    # In haste it tells what is pending, never a verdict.
    spreader = json["proposals"].find { |one| one["id"] == "spreader" }["changes"]
    beamed = with(document, spreader.merge("/load/cg/x" => "#{2.05 + rand / 50} m"))
    ask("/api/checks", document: beamed, hasty: true)
    expect(json["rungs"].select { |rung| rung["pending"] }.map { |rung| rung["verdict"] }.uniq).to eq([ "not_known" ])
    expect(json["verdict"]).to eq("not_known")
    expect(DustLadder::PlanFile::Schema.ladder_errors(json)).to eq([])
  end

  it "selects for the legs and above a beam, and says where something is missing" do
    ask("/api/selections", document: demo_document("chiller"))
    expect(json["choices"].first["numbers"]).to eq(%w[R-21 R-22 R-23 R-24])
    expect(json["rejected"].to_h { |one| [ one["number"], one["reasons"].join ] }["R-03"]).to include(
      "runs out on 2026-11-02"
    )
    ask("/api/selections", document: demo_document("azimuth-drive"))
    expect(response).to have_http_status(:unprocessable_content)
    expect(json["errors"].first.values_at("pointer", "message")).to eq(
      [ "/load/weight/bare", "the weight is not given" ]
    )
  end

  it "advises how to level, and compares the schools" do
    ask("/api/level_advices", document: demo_document("receiver-cabin-four"))
    expect(json["options"].map { |one| one["tilt"]["value"] }).to all(be < json["tilt"]["value"])
    ask("/api/schools", document: demo_document("gearbox"))
    expect(json["schools"].map { |one| one["id"] }).to eq(%w[strict level-side plumb-side])
    expect(json["rungs"].find { |row| row["rung"] == "fittings" }["differs"]).to be(true)
  end

  it "keeps pieces as they were written, refuses what it cannot read field by field, and takes rows all or none" do
    get "/api/pieces"
    expect([ json["pieces"].size, json["total"] ]).to eq([ Piece.count ] * 2)
    listed = json["pieces"]
    expect(listed.find { |one| one["fields"]["number"] == "R-03" }).to include("due" => "2026-11-02", "overdue" => true)
    expect(listed.map { |one| one["overdue"] }).to eq(
      listed.map { |one| !one["due"].nil? && one["due"] < Date.current.iso8601 }
    )
    # As of the day of a lift, as the gear rung has it: due on the day itself is in date.
    { "2026-11-02" => false, "2026-11-03" => true, "2026-06-01" => false }.each do |day, overdue|
      get "/api/pieces", params: { on: day }
      expect(json["pieces"].find { |one| one["fields"]["number"] == "R-03" }["overdue"]).to be(overdue)
    end
    [ "2026-02-30", "9" * 500, "today", [ "2026-12-14" ], { day: "2026-12-14" } ].each do |odd|
      get "/api/pieces", params: { on: odd }
      expect([ response.status, json["errors"][0]["message"] ]).to match([ 422, /is not a day\z/ ])
    end

    post "/api/pieces",
      params: JSON.generate(fields: { number: "X-1", kind: "wire rope", reach: "4", vertical: "3 t" }),
      headers: {
        "Content-Type" => "application/json"
      }
    expect(response).to have_http_status(:unprocessable_content)
    expect(json["errors"].map { |one| one["pointer"] }).to eq([ "/fields/reach" ])
    post "/api/pieces",
      params: JSON.generate(fields: { number: "X-1", kind: "wire rope", reach: "13'", vertical: "3 t" }),
      headers: {
        "Content-Type" => "application/json"
      }
    expect(response).to have_http_status(:created)
    expect(json["fields"]["reach"]).to eq("13'")
    rows = [
      { fields: { number: "X-2", kind: "wire rope", reach: "4 m", vertical: "3 t" } },
      { fields: { number: "X-3", kind: "string", reach: "4 m", vertical: "3 t" } }
    ]
    expect { ask("/api/pieces", rows: rows) }.not_to change(Piece, :count)
    get "/api/store_file"
    expect(response.body.force_encoding("UTF-8")).to include("X-1", "13'")
    expect {
      post "/api/store_readings",
        params: {
          file:
            Rack::Test::UploadedFile.new(StringIO.new(response.body), "text/csv", original_filename: "store.csv")
        }
    }.not_to change(Piece, :count)
    expect(json.values_at("faulty", "fault")).to eq([ 0, nil ])
  end
end
