# What leads a new plan: who could take it, and starting after a past lift.
RSpec.describe "The first minutes of a plan" do
  def json = JSON.parse(response.body)
  def send_json(method, path, body) =
    public_send(method, path, params: JSON.generate(body), headers: { "Content-Type" => "application/json" })

  it "tells who could take a weight, the farthest reaching first" do
    load_store
    get "/api/takers", params: { planned_kg: 4000 }
    expect(response).to have_http_status(:ok)
    reaches = json["cranes"].filter_map { |crane| crane["to_m"] }
    expect(reaches).to eq(reaches.sort.reverse)
    expect(reaches).not_to be_empty
    expect(json["cranes"].size).to eq(Chart.newest.count)
  end

  it "refuses what is no weight, in words" do
    [ nil, "", "0", "-1", "1e400", "NaN", "ten", "1e9", [ "1" ], { "a" => "1" } ].each do |given|
      get "/api/takers", params: { planned_kg: given }
      expect(response).to have_http_status(:unprocessable_content)
      expect(json["errors"].first["message"]).to include("no weight")
    end
  end

  it "starts after a past lift with every word asked again, and leaves that as it is" do
    past = Plan.start(demo_document("feed-horn"))
    kept = past.document
    send_json(:post, "/api/plans", title: "The next crate", after: past.id)
    expect(response).to have_http_status(:created)
    expect(json["ladder"]["verdict"]).to eq("not_known")
    expect(json["document"]["load"]["points"]).to eq(kept["load"]["points"])
    expect(json["document"]["lift_at"]).to be_nil
    expect(Plan.find(json["id"]).current.note).to start_with("after “")
    expect(past.reload.document).to eq(kept)
  end

  it "says where there is no past lift, and starts nothing" do
    [ 0, -1, "none", 10**30, [ 1 ], { "id" => 1 } ].each do |after|
      expect { send_json(:post, "/api/plans", title: "The next", after: after) }.not_to change(Plan, :count)
      expect(response).to have_http_status(:not_found)
    end
  end
end
