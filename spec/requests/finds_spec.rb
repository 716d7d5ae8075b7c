# Find a lift, over HTTP: lifts line by line, stopped and gone on with, and what is wrong with a question told by its
# place.
RSpec.describe "Find a lift" do
  before do
    stub_const("DustLadder::Finding::Holds::DEGREES", [ 60.0 ])
    stub_const("DustLadder::Finding::Settings::PARTS", [ 1 ])
  end

  let(:document) { demo_document("counterweight-block") }

  def ask(**asked)
    body = { document: document, may: { hold: false }, **asked }
    post "/api/finds", params: JSON.generate(body), headers: { "Content-Type" => "application/json" }
  end

  def told(**asked)
    ask(**asked)
    expect(response).to have_http_status(:ok), response.body
    response.body.lines.map { |line| JSON.parse(line) }
  end

  def lifts(lines) = lines.filter_map { |line| line["lift"] }

  it "tells lifts that hold as whole changes of the plan, each with its margin and what there is to do" do
    lines = told
    found = lifts(lines)
    expect(found).not_to be_empty
    found.each do |lift|
      there = DustLadder::PlanFile.accept(DustLadder::PlanFile::Pointer.with_values(document, lift["changes"]))
      ladder = DustLadder.check(there)
      expect([ ladder.verdict, ladder.headline ]).to eq([ lift["verdict"], lift["headline"]["metric"] ])
      expect(%w[holds tight]).to include(ladder.verdict)
      expect(lift["minutes"]).to eq(lift["needs"].sum { |need| need["minutes"] })
    end
    last = lines.last
    expect(last).to include("done" => true, "cut" => nil)
    expect(last["far"]).to be_nil
    far = lines.filter_map { |line| line["far"] }.last
    expect(far["done"]).to eq(far["of"])
    expect(far["found"] + far["passed"] + far["fallen"]).to eq(far["of"])
    expect(last["few"].map { |one| one["id"] } - found.map { |lift| lift["id"] }).to be_empty
    expect(last["fallen"].sum { |row| row["count"] }).to eq(far["fallen"])
  end

  it "goes on where it was stopped, and finds then what it would have found" do
    whole = told
    half = whole.index { |line| line["lift"] }
    rest = told(from: whole[half]["position"])
    expect(lifts(whole.first(half + 1)).map { |one| one["id"] } + lifts(rest).map { |one| one["id"] })
      .to eq(lifts(whole).map { |one| one["id"] })
    expect(rest.last["position"]).to eq(whole.last["position"])
    expect(rest.first["anew"]).to be(false)
  end

  it "begins anew, and says so, where the list is another by now" do
    load_store
    position = told.last["position"]
    Piece.slings.find_each { |piece| piece.update_columns(state: "quarantined", updated_at: Time.current + 1) }
    GearRack.forget
    lines = told(from: position)
    expect(lines.first["anew"]).to be(true)
    expect(lines.last["far"] || lines.filter_map { |line| line["far"] }.last).to include("done" => be_positive)
  end

  it "keeps within what may be changed, and tells what would let more in" do
    lines = told(may: { hold: false, machines: false, move: false, hire: false, minutes: 30 })
    expect(lifts(lines).flat_map { |lift| lift["needs"] }.map { |need| need["act"] }).to all(be_in(%w[fit fetch say]))
    expect(lifts(lines).map { |lift| lift["minutes"] }).to all(be <= 30)
    expect(lines.last["wider"].map { |one| one["words"] }).to include(a_string_including("ready within 1 h"))
  end

  it "takes no machine that another lift takes at the same hours" do
    load_store
    plan = Plan.start(demo_document("transformer"))
    document.replace(plan.document)
    machines = -> { lifts(told(plan: plan.id, may: { hold: false, minutes: 300 })).map { |lift| lift["machine"] }.uniq }
    expect(machines.()).to include(/Sagebrush/)
    Plan.start(demo_document("azimuth-bearing").merge(document.slice("lift_at", "lift_until")))
    BoardLine.find_each(&:work_out)
    expect(machines.()).not_to include(/Sagebrush/)
  end

  {
    "no weight" => [ { "/load/weight/bare" => nil }, "/document/load/weight/bare" ],
    "an unknown basis" => [ { "/load/weight/basis" => "unknown" }, "/document/load/weight/basis" ]
  }.each do |words, (changes, place)|
    it "says what every lift is sought by (#{words})" do
      document.replace(DustLadder::PlanFile::Pointer.with_values(document, changes))
      ask
      expect(response).to have_http_status(:unprocessable_content)
      expect(response.parsed_body["errors"].first["pointer"]).to eq(place)
    end
  end

  it "says that a lift of two cranes is not sought" do
    document.replace(demo_document("truss-between-two"))
    ask
    expect(response).to have_http_status(:unprocessable_content)
    expect(response.parsed_body["errors"].first["message"]).to include("two cranes")
  end

  {
    "a word for what may be" => [ { may: "all" }, "/may" ],
    "neither yes nor no" => [ { may: { move: "often" } }, "/may/move" ],
    "half a minute" => [ { may: { minutes: 0.5 } }, "/may/minutes" ],
    "less than no time" => [ { may: { minutes: -1 } }, "/may/minutes" ],
    "for ever" => [ { may: { minutes: 10**12 } }, "/may/minutes" ],
    "no place of a search" => [ { from: 12 }, "/from" ],
    "a place before its begin" => [ { from: { mark: "x", at: -4, kept: [] } }, "/from" ],
    "a lift that is none" => [ { from: { mark: "x", at: 4, kept: [ { id: 3 } ] } }, "/from" ]
  }.each do |words, (asked, place)|
    it "refuses #{words} with its place" do
      ask(**asked)
      expect(response).to have_http_status(:unprocessable_content)
      expect(response.parsed_body["errors"].first["pointer"]).to eq(place)
    end
  end

  it "is nothing for somebody who is signed out", :signed_out do
    ask
    expect(response).to have_http_status(:unauthorized)
  end
end
