RSpec.describe "The API of the load room" do
  def json = JSON.parse(response.body)
  def send_json(method, path, body) =
    public_send(method, path, params: JSON.generate(body), headers: { "Content-Type" => "application/json" })
  def upload(text, name, type = "text/csv") =
    Rack::Test::UploadedFile.new(StringIO.new(text.b), type, original_filename: name)
  def lines = response.body.lines.map { |line| JSON.parse(line) }

  it "answers with the take-off beside the ladder when it is asked for, a group's by its number" do
    document = demo_document("mast-section")
    send_json(:post, "/api/checks", document: document)
    expect(json["take_off"]).to be_nil
    send_json(:post, "/api/checks", document: document, take_off: { of: nil, row: 2 })
    expect(json["take_off"].values_at("pointer", "trouble")).to eq([ "/load/take_off/parts", nil ])
    expect(json["take_off"]["row"]["index"]).to eq(2)
    expect(DustLadder::PlanFile::Schema.ladder_errors(json)).to eq([])
    send_json(:post, "/api/checks", document: document, take_off: { of: 0, row: nil })
    expect(json["take_off"]["rows"].size).to eq(8)
    send_json(:post, "/api/checks", document: document, take_off: { of: 7 })
    expect(response).to have_http_status(:unprocessable_content)
    expect(json["errors"].first["pointer"]).to eq("/load/take_off/groups/7")
    send_json(:post, "/api/checks", document: document, take_off: { of: "x", row: -1 })
    expect(json["take_off"]["row"]).to be_nil
  end

  it "tells shapes, materials and standard parts" do
    get "/api/shapes"
    expect(json["shapes"].find { |shape| shape["id"] == "plate" }["hints"]).to eq([ "length × width × thickness" ])
    expect(json["materials"].map { |material| material["name"] }).to include("steel", "reinforced concrete")
    get "/api/standard_parts", params: { q: "grating 30" }
    expect(json["standard"].map { |part| part["size"] }).to eq([ "29 kg/m2 x … x …" ])
  end

  it "keeps groups by their title, finds them by words, and refuses what is none" do
    group = {
      "title" => "Door 100% leaf",
      "parts" => demo_document("mast-section").dig("load", "take_off", "groups", 0, "parts")
    }
    send_json(:post, "/api/kept_groups", title: "Door 100% leaf", data: group)
    expect(response).to have_http_status(:created)
    expect(KeptGroup.count).to eq(1)
    get "/api/standard_parts", params: { q: "LEAF door" }
    expect(json["kept"]).to eq(
      [ {
        "id" => KeptGroup.last.id,
        "lock_version" => 0,
        "title" => "Door 100% leaf",
        "rows" => 8
      } ]
    )
    get "/api/standard_parts", params: { q: "%" }
    expect(json["kept"].size).to eq(1)
    get "/api/standard_parts", params: { q: "_x_" }
    expect(json["kept"]).to eq([])
    get "/api/kept_groups/#{KeptGroup.last.id}"
    expect(json["data"]).to eq(group)
    [
      { title: "X", data: { "title" => "X" } },
      { title: "", data: group },
      { title: "X", data: group },
      { title: "X", data: nil }
    ].each do |body|
      send_json(:post, "/api/kept_groups", body)
      expect(response).to have_http_status(:unprocessable_content)
    end
    send_json(:delete, "/api/kept_groups/#{KeptGroup.last.id}", lock_version: 0)
    expect(KeptGroup.count).to eq(0)
  end

  it "reads a CSV line by line, keeps nothing, and writes a plan's take-off as one that reads the same" do
    plan = demo_plan("receiver-cabin-racks")
    get "/api/plans/#{plan.id}/take_off_file"
    expect(response.headers["Content-Type"]).to eq("text/csv; charset=utf-8")
    text = response.body
    expect { post "/api/take_off_readings", params: { file: upload(text, "a.csv") } }.not_to change(Revision, :count)
    done = lines.last["done"]
    expect(done).to include(
      "rows" => plan.document.dig("load", "take_off", "parts").size + 7,
      "faulty" => 0,
      "fault" => nil
    )
    masses =
      lines
        .flat_map { |line| line["rows"] || [] }
        .reject { |row| row["cells"]["group"] != "" }
        .filter_map { |row| row["mass"] }
    sheet = DustLadder::Lift.new(plan.document).load.take_off
    rack = sheet.rows.find { |row| row.name == "Rack" }.kg
    expect(masses.sum { |mass| mass["value"] }).to be_within(1e-6).of(sheet.bare_kg - 3 * rack)
    post "/api/take_off_readings", params: { file: upload("part;shape\nA;Frame", "a.csv"), groups: [ "Frame" ] }
    expect(lines.last["done"]["faulty"]).to eq(0)
    post "/api/take_off_readings"
    expect(response).to have_http_status(:bad_request)
  end

  it "weighs by the crane's indicator, and says why not" do
    send_json(
      :post,
      "/api/indicated_weights",
      document: demo_document("receiver-cabin-racks"),
      reading: "3.3 t",
      shows: "without_block",
      at: "2026-11-23T10:15"
    )
    expect(json.dig("changes", "/load/weight", "bare")).to eq("3268 kg")
    send_json(
      :post,
      "/api/indicated_weights",
      document:
        demo_document("receiver-cabin-racks").tap do |one|
          one["load"]["weight"] = { "bare" => "", "basis" => "unknown", "source" => "" }
        end,
      reading: "3.3 t",
      shows: "without_block",
      at: ""
    )
    expect(response).to have_http_status(:unprocessable_content)
    expect(json["errors"].first["message"]).to match(/only when a bounded one was known first/)
    send_json(
      :post,
      "/api/indicated_weights",
      document: demo_document("receiver-cabin-racks"),
      reading: "heavy",
      shows: "with_block"
    )
    expect(json["errors"].first["expected"]).to match(/3.2 t/)
  end

  describe "photos and sketches" do
    let(:plan) { demo_plan("dish-panel") }
    let(:png) { Rails.root.join("docs/screenshots/board.png").binread }
    after { plan.sketches.each(&:destroy_with_file!) }

    it "keeps a picture by its own bytes, whatever its name says, and gives it back" do
      post "/api/plans/#{plan.id}/sketches", params: { file: upload(png, "crate.txt", "text/plain") }
      expect(response).to have_http_status(:created)
      expect(json["kind"]).to eq("image/png")
      expect(plan.reload.lock_version).to eq(0)
      get json["address"]
      expect(response.body.b).to eq(png)
      expect(response.headers["Content-Type"]).to eq("image/png")
      expect(response.headers["X-Content-Type-Options"]).to eq("nosniff")
    end

    # [name, bytes]
    {
      "page.png" => "<html><script>alert(1)</script></html>",
      "drawing.svg" => "<svg xmlns='http://www.w3.org/2000/svg'><script/></svg>",
      "empty.png" => "",
      "big.png" => :big
    }.each do |name, bytes|
      it "refuses #{name}" do
        post "/api/plans/#{plan.id}/sketches",
          params: {
            file: upload(bytes == :big ? png + ("x" * KeptFile::LARGEST) : bytes, name, "image/png")
          }
        expect(response.status).to be_in([ 413, 422 ])
        expect(plan.sketches.count).to eq(0)
      end
    end

    it "gives no other plan's picture, and takes one out" do
      post "/api/plans/#{plan.id}/sketches", params: { file: upload(png, "crate.png") }
      other = demo_plan("feed-horn")
      get json["address"].sub("/plans/#{plan.id}/", "/plans/#{other.id}/")
      expect(response).to have_http_status(:not_found)
      delete "/api/plans/#{plan.id}/sketches/#{plan.sketches.last.id}"
      expect(response).to have_http_status(:no_content)
      expect(plan.sketches.count).to eq(0)
    end
  end
end
