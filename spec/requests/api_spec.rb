RSpec.describe "The API" do
  def json = JSON.parse(response.body)
  def send_json(method, path, body)
    public_send(
      method,
      path,
      params: body.is_a?(String) ? body : JSON.generate(body),
      headers: {
        "Content-Type" => "application/json"
      }
    )
  end

  it "answers a document with its ladder and keeps nothing" do
    expect { send_json(:post, "/api/checks", document: demo_document("counterweight-block")) }.not_to change(
      Revision,
      :count
    )
    expect(response).to have_http_status(:ok)
    document = demo_document("counterweight-block")
    ladder = DustLadder.check(document, **OwnHouse.of(document))
    expect(json.merge("base" => nil) == JSON.parse(JSON.generate(ladder.as_json))).to be(true)
    expect(DustLadder::PlanFile::Schema.ladder_errors(json)).to eq([])
  end

  it "keeps the empty cells of a chart on their way in" do
    send_json(:post, "/api/plans", file: demo_text("feed-horn"))
    expect(json["document"]).to eq(demo_document("feed-horn"))
    send_json(
      :patch,
      "/api/plans/#{json["id"]}",
      document: json["document"],
      lock_version: json["lock_version"],
      note: "same"
    )
    expect(Plan.last.document).to eq(demo_document("feed-horn"))
  end

  it "works out ways out with the store in view, and keeps nothing" do
    load_store
    expect { send_json(:post, "/api/ways_out", document: demo_document("counterweight-block")) }.not_to change(
      Revision,
      :count
    )
    expect(response).to have_http_status(:ok)
    lines = response.body.lines.map { |line| JSON.parse(line) }
    nearer = lines.filter_map { |line| line["way"] }.find { |way| way["id"] == "nearer-1" }
    expect(nearer).to include("verdict" => "holds", "cures" => true)
    document = demo_document("counterweight-block")
    document["cranes"][0]["stations"][1]["radius"] = nearer["changes"].fetch("/cranes/0/stations/1/radius")
    expect(DustLadder.check(DustLadder::PlanFile.accept(document)).headline).to eq(nearer["headline"]["metric"])
    expect(lines.last["told"]).to include("question" => [ "crane" ], "cut" => nil)
    expect(lines.last["told"]["tried"]).to include("a nearer radius", "weighing it first")
  end

  it "looks for ways out of the rung that is named, and of none where it holds" do
    load_store
    told = ->(rung) do
      send_json(:post, "/api/ways_out", document: demo_document("counterweight-block"), rung: rung)
      response.body.lines.map { |line| JSON.parse(line) }
    end
    expect(told.("crane").last["told"]["question"]).to eq([ "crane" ])
    none = [ "slings", "no such rung", "x" * 5000 ].map { |rung| told.(rung).map { |line| line["way"] } }
    expect(none).to all(eq([ nil ]))
  end

  it "offers no piece and no machine of the house that another lift takes at the same hours" do
    load_store
    offered = -> do
      own = Plan.find_by!(title: demo_document("transformer")["title"])
      send_json(:post, "/api/ways_out", document: own.document, plan: own.id, rung: "crane")
      response.body.lines.filter_map { |line| JSON.parse(line)["way"]&.fetch("id") }
    end
    Plan.start(demo_document("transformer"))
    expect(offered.()).to include("sling-C-31").or include(/machine-sagebrush/)
    taken = offered.().grep(/sagebrush/)
    other = demo_document("azimuth-bearing").merge(demo_document("transformer").slice("lift_at", "lift_until"))
    Plan.start(other)
    BoardLine.find_each(&:work_out)
    expect(taken).not_to be_empty
    expect(offered.().grep(/sagebrush/)).to be_empty
  end

  it "starts a blank plan, which knows nothing, and refuses one without a title" do
    send_json(:post, "/api/plans", title: "New lift")
    expect(response).to have_http_status(:created)
    expect(json["ladder"]["rungs"].map { |rung| rung["verdict"] }.uniq).to eq([ "not_known" ])
    send_json(:post, "/api/plans", {})
    expect(response).to have_http_status(:bad_request)
    send_json(:post, "/api/plans", title: "x" * 300)
    expect(response).to have_http_status(:unprocessable_content)
    expect(json["errors"].first["pointer"]).to eq("/title")
  end

  it "tells the second of two savers, with the other's whole state" do
    plan = demo_plan("feed-horn")
    send_json(
      :patch,
      "/api/plans/#{plan.id}",
      document: demo_document("feed-horn").merge("site" => "North"),
      lock_version: 0,
      note: "a"
    )
    expect(json).to include("lock_version" => 1, "revision" => 2)
    send_json(
      :patch,
      "/api/plans/#{plan.id}",
      document: demo_document("feed-horn").merge("site" => "South"),
      lock_version: 0,
      note: "b"
    )
    expect(response).to have_http_status(:conflict)
    expect(json["now"]).to include("lock_version" => 1, "document" => include("site" => "North"))
    expect(plan.revisions.count).to eq(2)
  end

  it "gives the plan back as a file that reads as the same plan" do
    plan = demo_plan("cable-girder")
    get "/api/plans/#{plan.id}/file"
    expect(response.headers["Content-Disposition"]).to include(
      "cable-tray-girder-gd-12-under-the-gantry.dust-ladder.json"
    )
    expect(DustLadder::PlanFile.read(response.body)).to eq(demo_document("cable-girder"))
  end

  it "takes a plan file in, and refuses another with every place named" do
    file = ->(text) do
      Rack::Test::UploadedFile.new(StringIO.new(text), "application/json", original_filename: "plan.json")
    end
    post "/api/plans", params: { file: file.(demo_text("feed-horn")) }
    expect(response).to have_http_status(:created)
    [
      demo_text("feed-horn")[0..500],
      demo_text("feed-horn").sub('"version": 1', '"version": 9'),
      "",
      "\xff\xfe",
      "[]"
    ].each do |text|
      expect { post "/api/plans", params: { file: file.(text) } }.not_to change(Plan, :count)
      expect(response).to have_http_status(:unprocessable_content)
      expect(json["errors"].first.keys).to eq(%w[pointer message expected])
    end
    post "/api/plans", params: { file: file.(" " * 6.megabytes) }
    expect(response).to have_http_status(:content_too_large)
    expect(json["errors"].first["expected"]).to match(/5 MB/)
  end

  it "answers every bad request with its fault and never with a crash" do
    plan = demo_plan("feed-horn")
    bad = demo_document("feed-horn").deep_merge("load" => { "weight" => { "basis" => "hearsay" } })
    requests = {
      [ :post, "/api/checks", "{\"document\":" ] => 400,
      [ :post, "/api/checks", "[]" ] => 400,
      [ :post, "/api/checks", "{}" ] => 400,
      [ :post, "/api/checks", { document: 5 } ] => 422,
      [ :post, "/api/checks", { document: nil } ] => 422,
      [ :post, "/api/checks", { document: bad } ] => 422,
      [ :patch, "/api/plans/#{plan.id}", { document: bad, lock_version: 0 } ] => 422,
      [ :patch, "/api/plans/#{plan.id}", { document: plan.document } ] => 400,
      [ :patch, "/api/plans/#{plan.id}", { document: plan.document, lock_version: "soon" } ] => 400,
      [ :patch, "/api/plans/999999", { document: plan.document, lock_version: 0 } ] => 404,
      [ :get, "/api/plans/999999", "" ] => 404,
      [ :get, "/api/plans/#{plan.id}/revisions/99", "" ] => 404
    }
    requests.each do |(method, path, body), status|
      send_json(method, path, body)
      expect([ path, body.to_s[0, 40], response.status ]).to eq([ path, body.to_s[0, 40], status ])
      expect(json["errors"]).to be_present
    end
    expect(plan.revisions.count).to eq(1)
  end

  it "lists and gives back every revision" do
    plan = demo_plan("feed-horn")
    plan.revise(plan.document.merge("site" => "North"), lock_version: 0, note: "site typed")
    get "/api/plans/#{plan.id}/revisions"
    expect(json.map { |one| one.values_at("number", "note") }).to eq([ [ 2, "site typed" ], [ 1, "started" ] ])
    get "/api/plans/#{plan.id}/revisions/1"
    expect(json["document"]["site"]).to eq("Saltpan Array")
  end

  it "offers the store, the charts and the rule sets as snapshots that a plan accepts" do
    load_store
    document = demo_document("feed-horn")
    get "/api/pieces"
    slings, beams = %w[sling beam].map { |sort| json["pieces"].select { |piece| piece["sort"] == sort } }
    document["snapshots"]["slings"], document["snapshots"]["beams"] =
      [ slings, beams ].map { |some| some.to_h { |piece| [ piece["data"]["number"], piece.slice("digest", "data") ] } }
    get "/api/charts"
    charts = json.map { |line| get("/api/charts/#{line["id"]}").then { json.slice("digest", "data") } }
    document["snapshots"]["charts"] = charts.to_h { |one| [ one["data"]["id"], one ] }
    get "/api/rule_sets"
    document["snapshots"]["rule_sets"] = json.to_h { |set| [ set["data"]["id"], set ] }
    expect(DustLadder::PlanFile.accept(document)).to eq(document)
  end
end
