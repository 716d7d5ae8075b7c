# Plans of two cranes through the whole house: board, check, ways out, papers, and the day with both hooks read.
RSpec.describe "Two cranes" do
  before { load_store }

  let(:plan) { demo_plan("vessel-by-lug") }

  def json = response.parsed_body

  def ask(address, **body)
    post address, params: JSON.generate(body), headers: { "Content-Type" => "application/json" }
  end

  it "answers a check with the whole turn, and with the tail's holds where its crane is looked at" do
    ask "/api/checks", document: plan.document, open: [ "tail_crane" ]
    expect(response).to have_http_status(:ok)
    expect(json["headline"]["metric"]).to match(/\ATight: tail crane at 91/)
    expect(json["tailing"]["steps"].size).to eq(91)
    expect(json["tailing"]["steps"].last["tail"]["share"]).to be_nil
    expect(json["beside"].map { |one| one["kind"] }).to eq(%w[upper trunnion])
    expect(json.values_at("crane", "site", "reach")).to eq([ nil, nil, nil ])
    ask "/api/checks", document: plan.document, open: [ "load" ]
    expect(json["beside"]).to be_nil
  end

  it "offers what cures, says what it tried, and stands on the board under both of its cranes" do
    ask "/api/ways_out", document: plan.document
    lines = response.body.lines.map { |line| JSON.parse(line) }
    told, ways = lines.last["told"], lines.filter_map { |line| line["way"] }
    expect(told["question"]).to eq([ "tail_crane" ])
    expect(ways.map { |way| way["id"] }).to include("weigh", "tail")
    expect(told["tried"]).to include("trunnions at the tail", "longer slings at the tail")
    get "/api/board"
    expect(response.body).to include("Sagebrush, 150 t lattice crawler, tracks out and Juniper")
  end

  it "is printed, packed and exported, and comes back the same" do
    get "/api/plans/#{plan.id}/file"
    again = DustLadder::PlanFile.read(response.body)
    expect(DustLadder.check(again).headline).to eq(plan.ladder.headline)
    %w[vessel-by-lug vessel-by-trunnion truss-between-two].each do |name|
      one = name == "vessel-by-lug" ? plan : demo_plan(name)
      get "/api/plans/#{one.id}/pack"
      expect([ name, response.status, response.body[0, 4] ]).to eq([ name, 200, "%PDF" ])
    end
  end

  # Whatever else is asked of a plan answers in words, never with a fault of the server.
  %w[
    proposals selections comparisons level_advices schools mat_picks fitting_picks rigging_lists rule_changes
    best_places indicated_weights
  ].each do |what|
    it "answers #{what} of such a plan" do
      ask "/api/#{what}", document: plan.document
      expect(response.status).to be < 500
    end
  end

  describe "on the day" do
    let(:issued_plan) { issued(plan) }
    let(:address) { "/api/plans/#{issued_plan.id}/day" }

    def day = get(address).then { json }
    def say(*events)
      ask address, events: events
      json["taken"]
    end

    def read(tilt, head:, tail:) = { at: "#{tilt}°", head: "#{head} kg", tail: "#{tail} kg", shows: "load" }

    it "shows the hold points, keeps and judges what both hooks show, and stops by itself" do
      expect(day["turning"]["points"].map { |one| one["words"] }).to eq(
        [ "at 0.0°", "at 20.0°", "at 45.0°", "at 70.0°", "at 85.0°" ]
      )
      expect(say(said("turned", "", seen: 0, read: read(0, head: 9600, tail: 12_000)))[0]["faults"]).to eq([])
      told = day["turning"]
      expect(told["readings"].map { |one| one["verdict"] }).to eq([ "holds" ])
      expect(told["open"]).not_to include("at 0.0°")
      say(said("turned", "", seen: 1, read: read(20, head: 9600, tail: 16_500)))
      expect(day["stop"]["words"]).to match(/both hooks: tail/)
    end

    it "refuses a reading that cannot be, and judges one that is still being typed" do
      faults = say(said("turned", "", seen: 0, read: read(20, head: 9600, tail: 1).merge(shows: "")))[0]["faults"]
      expect(faults.map { |one| one["pointer"] }).to eq([ "/about/read/shows" ])
      ask "/api/plans/#{issued_plan.id}/trial", read: read(20, head: 9600, tail: 11_800)
      expect(json["verdict"]).to eq("holds")
      ask "/api/plans/#{issued_plan.id}/trial", read: read(200, head: 9600, tail: 11_800)
      expect(response).to have_http_status(:unprocessable_content)
      expect(json.to_s).to include("/read/at")
    end

    it "is of no plan of one crane" do
      one = issued(demo_plan("feed-horn"))
      get "/api/plans/#{one.id}/day"
      expect(json["turning"]).to be_nil
      ask "/api/plans/#{one.id}/day", events: [ said("turned", "", seen: 0, read: read(0, head: 1, tail: 1)) ]
      expect(json["taken"][0]["faults"].to_s).to include("this plan is of one crane")
    end
  end
end
