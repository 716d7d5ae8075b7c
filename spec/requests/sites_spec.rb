RSpec.describe "Sites" do
  let(:data) { JSON.parse(Rails.root.join("demo/sites.json").read).first }

  def send_json(method, path, body)
    public_send(method, path, params: JSON.generate(body), headers: { "Content-Type" => "application/json" })
    JSON.parse(response.body)
  end

  def faults(answer) = answer["errors"].map { |fault| [ fault["pointer"], fault["message"] ] }

  it "takes a site, lists it, and gives it back whole with its digest" do
    made = send_json(:post, "/api/sites", data: data.merge("version" => 7))
    expect([ response.status, made["version"], made["plans"] ]).to eq([ 201, 1, [] ])
    expect(made["snapshot"]["digest"]).to eq(DustLadder::PlanFile::Digest.of(made["snapshot"]["data"]))
    get "/api/sites"
    expect(JSON.parse(response.body).map { |site| site.values_at("title", "features") }).to eq(
      [ [ data["title"], data["features"].size ] ]
    )
    expect(faults(send_json(:post, "/api/sites", data: data))).to match([ [ "/id", /already/ ] ])
  end

  it "makes the next version of a change, only over what was seen, and keeps what it was" do
    site = Site.enter(data)
    changed = send_json(
      :patch,
      "/api/sites/#{site.id}",
      data: data.merge("id" => "other", "peg" => "bolt"),
      lock_version: 0
    )
    expect(changed.values_at("identifier", "version", "lock_version")).to eq([ "saltpan-east", 2, 1 ])
    late = send_json(:patch, "/api/sites/#{site.id}", data: data.merge("peg" => "post"), lock_version: 0)
    expect([ response.status, late["now"]["version"] ]).to eq([ 409, 2 ])
    send_json(:patch, "/api/sites/#{site.id}", data: data)
    expect(response.status).to eq(400)
    expect(site.reload.data["peg"]).to eq("bolt")
    expect(site.versions.last.reify.data["peg"]).to eq(data["peg"])
  end

  # [what is changed in the site, place of the fault]
  {
    "no title" => [ { "title" => "" }, "/title" ],
    "a boundary of two corners" => [ { "boundary_m" => [ [ 0, 0 ], [ 1, 1 ] ] }, "/boundary_m" ],
    "a boundary in degrees of somewhere else" => [ { "boundary_m" => [ [ 0, 0 ], [ 1e6, 0 ], [ 0, 1 ] ] },
      "/boundary_m/1/0" ],
    "a field of its own" => [ { "colour" => "red" }, "/colour" ],
    "a feature of no kind" => [ { "features" => [ { "kind" => "moat", "name" => "m" } ] }, "/features/0/kind" ],
    "ground that bears nothing" => [
      {
        "features" => [ {
          "kind" => "ground",
          "name" => "g",
          "outline_m" => [ [ 0, 0 ], [ 1, 0 ], [ 1, 1 ] ],
          "allowable_kpa" => 0
        } ]
      },
      "/features/0/allowable_kpa"
    ],
    "who looked on no day" => [ { "looked" => { "lines" => { "by" => "a", "on" => "soon" } } }, "/looked/lines/on" ]
  }.each do |words, (change, place)|
    it "refuses #{words}, and says where" do
      answer = send_json(:post, "/api/sites", data: data.merge(change))
      expect([ response.status, faults(answer).map(&:first) ]).to match([ 422, include(place) ])
      expect(Site.count).to eq(0)
    end
  end

  it "refuses what is no site at all" do
    [ nil, [], "site", 7, {} ].each do |odd|
      send_json(:post, "/api/sites", data: odd)
      expect(response.status).to eq(422)
    end
  end

  it "goes out as GeoJSON and comes back the same" do
    site = Site.enter(data)
    get "/api/sites/#{site.id}/file"
    expect(response.headers["Content-Disposition"]).to include("saltpan-east-v1.geojson")
    file = Tempfile.new("site")
    file.write(response.body)
    file.close
    upload = Rack::Test::UploadedFile.new(file.path, "application/geo+json", original_filename: "s.geojson")
    post "/api/site_readings", params: { file: upload }
    reading = JSON.parse(response.body)
    expect(reading["faults"]).to eq([])
    expect(reading.values_at("boundary", "features")).to eq(site.data.values_at("boundary_m", "features"))
    expect(reading["whole"]).to eq(site.data.slice("id", "title", "peg", "version", "looked"))
  end

  it "tells plans that stand on it of a newer version, and lists them" do
    site = Site.enter(data)
    plan = demo_plan("cabin-on-gravel")
    get "/api/sites/#{site.id}"
    expect(JSON.parse(response.body)["plans"].map { |one| one["id"] }).to eq([ plan.id ])
    line = BoardLine.find_by!(plan: plan)
    line.work_out
    expect(line.reload).to have_attributes(stale: false, verdict: "holds")
    site.change(data.merge("peg" => "another"), 0)
    expect(line.reload).to be_stale
    line.reload.work_out
    expect(line.reload.verdict).to eq("not_known")
  end

  describe "the best place" do
    def lines(document)
      post "/api/best_places",
        params: JSON.generate(document: document),
        headers: { "Content-Type" => "application/json" }
      response.body.lines.map { |line| JSON.parse(line) }
    end

    it "is told row by row, and at the end the best of them as they would stand" do
      document = demo_document("cabin-on-salt")
      *rows, last = lines(document)
      expect(rows.map { |row| row["share"] }).to eq(rows.map { |row| row["share"] }.sort)
      expect(rows.flat_map { |row| row["places"] }.map { |place| place["governs"] }).to include("crane", "ground")
      expect(last["best"].map { |place| place["verdict"] }).to include("holds")
      expect(last["refused"]).to be_nil
      best = last["best"].first
      there = DustLadder::PlanFile.accept(DustLadder::PlanFile::Pointer.with_values(document, best["changes"]))
      expect(DustLadder.check(there).headlines).to eq(best["headline"])
    end

    it "says what stops where nothing of what looked well holds when it is climbed" do
      document = demo_document("cabin-on-salt")
      key, chart = document["snapshots"]["charts"].first
      hoist = chart["data"]["hoist"].merge("rope_wll_kg" => 50)
      weak = chart["data"].merge("hoist" => hoist)
      document["snapshots"]["charts"][key] = DustLadder::PlanFile::Digest.snapshot(weak)
      last = lines(document).last
      expect(last["best"]).to eq([])
      expect(last["refused"]).to match("tried" => (be > 0), "headline" => include("metric" => /\AStop: gross load/))
    end

    it "says what it needs, and refuses a plan that is none" do
      expect(lines(demo_document("receiver-cabin")).last["missing"]["what"]).to eq("the plan stands on no site")
      high = demo_document("drum-by-the-trench")
      expect(lines(high)).to match([ include("missing" => include("pointer" => "/cranes/0/stand/carried")) ])
      expect(lines({ "format" => "nothing" }).first["errors"].first["pointer"]).to eq("/format")
      expect(response.status).to eq(422)
    end
  end
end
