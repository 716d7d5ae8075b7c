# A plan is held against the house's own charts, in its ladder and on the board, whenever they change.
RSpec.describe "What the house keeps" do
  def json = JSON.parse(response.body)
  def send_json(method, path, body) =
    public_send(method, path, params: JSON.generate(body), headers: { "Content-Type" => "application/json" })
  def chart_rung(id) = get("/api/plans/#{id}").then { json["ladder"]["rungs"].find { |rung| rung["id"] == "chart" } }
  def on_board(id) = 3.times { get "/api/board" }.then { json["lines"].find { |line| line["id"] == id }["verdict"] }

  before { load_store }

  it "turns a plan to not known, on ladder and board, once a newer version of its chart is entered" do
    plan = demo_plan("feed-horn")
    expect(chart_rung(plan.id)["verdict"]).to eq("holds")
    expect(on_board(plan.id)).to eq("holds")

    own = plan.document["snapshots"]["charts"].values.first["data"]
    changed = own.merge("hook_block" => own["hook_block"].merge("mass_kg" => own["hook_block"]["mass_kg"] + 10))
    send_json(:post, "/api/charts", charts: [ changed ], entered_by: "M. Okafor", why: "weighed")
    expect(response).to have_http_status(:created)
    rung = chart_rung(plan.id)
    expect([ rung["verdict"], rung["note"]["metric"] ]).to match([ "not_known", /newer than version/ ])
    expect(on_board(plan.id)).to eq("not_known")
  end

  it "does not take a plan's doubled chart for the house's" do
    document = demo_document("feed-horn")
    id, one = document["snapshots"]["charts"].first
    doubled = JSON.parse(JSON.generate(one["data"]))
    doubled["tables"].each_value { |rows| rows.map! { |row| row.map { |kg| kg && kg * 2 } } }
    document["snapshots"]["charts"][id] = DustLadder::PlanFile::Digest.snapshot(doubled)
    send_json(:post, "/api/checks", document: document)
    rung = json["rungs"].find { |one| one["id"] == "chart" }
    expect([ rung["verdict"], rung["note"]["metric"] ]).to match([ "not_known", /keeps another version/ ])
    send_json(:post, "/api/plans", file: JSON.generate(document))
    expect(json["ladder"]["verdict"]).to eq("not_known")
  end
end
