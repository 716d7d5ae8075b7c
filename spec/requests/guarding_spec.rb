RSpec.describe "Guarding the API" do
  def send_json(method, path, body)
    public_send(method, path, params: JSON.generate(body), headers: { "Content-Type" => "application/json" })
  end

  it "refuses a request that another site makes in the user's name" do
    ActionController::Base.allow_forgery_protection = true
    expect { send_json(:post, "/api/plans", title: "Forged") }.not_to change(Plan, :count)
    expect(response.status).to eq(422)
  ensure
    ActionController::Base.allow_forgery_protection = false
  end

  it "lets the page ask no host but its own" do
    get "/"
    policy = response.headers["Content-Security-Policy"]
    expect(policy).to include("default-src 'self'", "script-src 'self'", "connect-src 'self'", "object-src 'none'")
    expect(policy).not_to match(/https?:/)
    expect(response.body).not_to match(%r{(src|href)="(https?:)?//})
  end

  it "keeps what was typed as text, whatever it looks like" do
    document = demo_document("feed-horn")
    document["load"]["name"] = "<script>alert(1)</script>"
    document["title"] = "\"; DROP TABLE plans; --"
    plan = Plan.start(DustLadder::PlanFile.accept(document))
    get "/api/plans/#{plan.id}"
    expect(JSON.parse(response.body)["document"]["load"]["name"]).to eq("<script>alert(1)</script>")
    get "/api/plans/#{plan.id}/file"
    expect(response.headers["Content-Disposition"]).to include("drop-table-plans.dust-ladder.json")
  end

  it "refuses a document that is too large before reading it" do
    send_json(:post, "/api/checks", document: demo_document("feed-horn").merge("site" => "x" * 6_000_000))
    expect(response.status).to eq(413)
  end

  it "answers an address that is not there as an error, in JSON" do
    [ "/api/plans/0", "/api/plans/0/file", "/api/plans/0/revisions" ].each do |path|
      get path
      expect(response.status).to eq(404)
      expect(JSON.parse(response.body)["errors"].first["message"]).to be_present
    end
  end
end

RSpec.describe "The schema of the API's answers" do
  schema = JSON.parse(Rails.root.join("app/schemas/answers.json").read)
  endpoints =
    Rails.application.routes.routes.filter_map do |route|
      controller, action = route.defaults.values_at(:controller, :action)
      "#{controller.delete_prefix("api/")}##{action}" if controller&.start_with?("api/")
    end
  # Files to keep, and what answers with no body.
  without = %w[files#show take_off_files#show chart_files#show store_files#show sketches#show sketches#destroy
    kept_groups#destroy chart_pictures#show chart_pictures#destroy chart_drafts#destroy chart_blanks#show
    site_files#show calendars#show piece_files#show
    papers#show packs#show day_files#show]

  it "has every endpoint that answers with data, and none that is not there" do
    expect(schema["properties"].keys).to match_array(endpoints.uniq - without)
  end
end
