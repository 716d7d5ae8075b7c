# What another site could make a browser do, and what a script's name is good for: held with forgery protection on, as
# it is outside the specs.
RSpec.describe "Forged requests", :signed_out do
  around do |example|
    before = ActionController::Base.allow_forgery_protection
    ActionController::Base.allow_forgery_protection = true
    example.run
  ensure
    ActionController::Base.allow_forgery_protection = before
  end

  let!(:jun) { person("Jun Kovar", roles: Person::ROLES) }
  let(:text) { ApiToken.give(jun, "list").last }

  def post_plan(headers = {})
    post "/api/plans", params: JSON.generate(title: "X"), headers: { "Content-Type" => "application/json", **headers }
    response.status
  end

  it "are refused in a session that does not carry the page's token, and change nothing" do
    login_as(jun, scope: :person)
    writes = [
      [ :post, "/api/plans" ], [ :post, "/api/people" ], [ :patch, "/api/people/#{jun.id}" ], [ :post, "/api/tokens" ],
      [ :post, "/api/people/#{jun.id}/link" ], [ :delete, "/api/people/#{jun.id}/sessions" ],
      [ :patch, "/api/session" ], [ :delete, "/api/session" ],
      [ :post, "/api/rule_sets" ], [ :post, "/api/session" ], [ :post, "/api/password" ]
    ]
    before = [ Plan.count, Person.count, ApiToken.count, OwnRules.count, jun.reload.sessions_version ]
    writes.each do |verb, path|
      public_send(verb, path, params: "{}", headers: { "Content-Type" => "application/json" })
      expect([ verb, path, response.status ]).to eq([ verb, path, 422 ])
    end
    expect([ Plan.count, Person.count, ApiToken.count, OwnRules.count, jun.reload.sessions_version ]).to eq(before)
  end

  it "are not made of a script's: it proves who it is each time, and a wrong name is nobody even in an open session" do
    expect(post_plan("Authorization" => "Bearer #{text}")).to eq(201)
    login_as(jun, scope: :person)
    expect(post_plan("Authorization" => "Bearer #{text}x")).to eq(401)
    expect(post_plan("Authorization" => "Bearer ")).to eq(401)
    # Of another kind is no script's: the session counts, and with it the page's token.
    expect(post_plan("Authorization" => "Basic #{text}")).to eq(422)
    expect(post_plan("Authorization" => "bearer #{text}")).to eq(422)
    expect(Plan.count).to eq(1)
  end

  it "leave no session behind: what a script asks opens none" do
    get "/api/board", headers: { "Authorization" => "Bearer #{text}" }
    expect(response.status).to eq(200)
    get "/api/board"
    expect(response.status).to eq(401)
  end
end

RSpec.describe "A check of a plan that is named beside it" do
  before { load_store }

  let!(:plan) { demo_plan("feed-horn") }

  def check(named)
    body = { document: plan.document, plan: named }
    post "/api/checks", params: JSON.generate(body), headers: { "Content-Type" => "application/json" }
    response.parsed_body["rungs"].map { |rung| rung["id"] }
  end

  it "tells who has signed that plan, and of none that there is not" do
    expect(check(plan.id)).to include("signatures")
    [ nil, 0, -1, plan.id + 1, 2**70, "1", [ plan.id ], { "id" => plan.id }, 1.5, true ].each do |odd|
      expect([ odd, response.status, check(odd).include?("signatures") ]).to eq([ odd, 200, false ])
    end
  end

  it "follows the records as they come, though it keeps what it read of them" do
    wanted = -> {
      check(plan.id)
      response.parsed_body["rungs"].last["note"]["metric"]
    }
    expect(wanted.call).to eq("needs somebody to write it down")
    act = lambda do |who, name, **about|
      life = plan.reload.life
      life.act(who, name, seen: life.seen, about: about.transform_keys(&:to_s))
    end
    act.(person("Jun", roles: %w[planner]), "wrote")
    expect(wanted.call).to include("a second person for every flight")
    act.(person("Mara", roles: %w[rigger]), "flight", flight: "load")
    expect(wanted.call).to include("a signature for Rigging, Crane, Ground and site, Gear and people")
  end

  it "is not known where its records do not agree" do
    life = plan.life
    life.act(person("Jun", roles: %w[planner]), "wrote", seen: life.seen)
    record = LifeRecord.last
    changed = record.data.merge("words" => "something else", "digest" => "sha256:#{"0" * 64}")
    LifeRecord.where(id: record.id).update_all(data: changed)
    check(plan.id)
    expect(response.parsed_body["rungs"].last["note"]["metric"]).to eq("needs records that agree")
  end
end
