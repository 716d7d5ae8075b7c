RSpec.describe "Help of the rungs", type: :request do
  it "tells of every rung that a plan can have, to whoever is signed in" do
    get "/api/rung_help"
    expect(response).to have_http_status(:ok)
    told = response.parsed_body
    %w[cabin-on-salt crate-by-the-line mast-section vessel-by-trunnion].each do |name|
      ladder = demo_plan(name).life.signed.as_json
      expect(ladder["rungs"].map { |rung| rung["id"] } - told.keys).to eq([])
    end
  end

  it "is nothing for somebody who is signed out", :signed_out do
    get "/api/rung_help"
    expect(response).to have_http_status(:unauthorized)
  end
end
