# The site's own rule sets: copied, tightened, loosened by whoever may, and what becomes of the plans under them.
RSpec.describe "A site's own rules" do
  before { load_store }

  def in_words(life) = life.bars.all.map { |bar| bar.words["metric"] }
  def ask(verb, path, body = {})
    public_send(verb, path, params: JSON.generate(body), headers: { "Content-Type" => "application/json" })
    response.parsed_body
  end

  def faults = response.parsed_body["errors"].map { |one| one["pointer"] }

  let(:copied) { ask(:post, "/api/rule_sets", of: "strict", title: "Saltpan yard") }

  def change(changes, version: 1, why: "agreed on site", password: PeopleHelp::PASSWORD)
    reasons = changes.keys.to_h { |place| [ place, why ] }
    ask(:patch, "/api/rule_sets/saltpan-yard", changes: changes, why: reasons, version: version, password: password)
  end

  def under_own(plan)
    snapshot = OwnRules.newest.find_by!(identifier: "saltpan-yard").snapshot
    sets = { "saltpan-yard" => snapshot }
    document = plan.document.merge(
      "rules" => "saltpan-yard",
      "snapshots" => plan.document["snapshots"].merge("rule_sets" => sets)
    )
    plan.revise(DustLadder::PlanFile.accept(document), lock_version: plan.lock_version, note: "")
  end

  it "are copied under a name, listed among the others, and chosen for a plan" do
    expect(copied).to include("own" => true, "differs" => [], "base" => include("id" => "strict"))
    expect(
      ask(:get, "/api/rule_sets").map { |set|
        set["data"]["id"]
      }
    ).to eq(%w[strict level-side plumb-side saltpan-yard])
    plan = demo_plan("receiver-cabin")
    under_own(plan)
    expect(plan.reload.ladder.verdict).to eq("holds")
    expect(plan.ladder.rung("load").cautions.map(&:id)).not_to include("rules_from_outside")
  end

  # What is copied, and the place that is refused.
  {
    { of: "nothing", title: "A" } => "/of",
    { of: "strict", title: "" } => "/title",
    { of: "strict", title: "Strict" } => "/title",
    { of: "strict", title: "Saltpan  Yard" } => "/title",
    { title: "A" } => "/of"
  }.each do |wrong, place|
    it "are not copied from #{wrong.inspect}" do
      copied
      ask(:post, "/api/rule_sets", wrong)
      expect([ response.status, faults ]).to eq([ 422, [ place ] ])
    end
  end

  it "are made stricter with a reason, by who plans, version by version" do
    copied
    signed_in_as("planner", name: "Jun Kovar")
    told = change({ "tilt_limit_deg" => 4 }, password: nil)
    expect(told["data"]["version"]).to eq(2)
    expect(told["differs"].map { |leaf| leaf.values_at("place", "way", "by", "why") }).to eq(
      [ [ "tilt_limit_deg", "stricter", "Jun Kovar", "agreed on site" ] ]
    )
    expect(told["versions"].map { |one| [ one["version"], one["changes"].size ] }).to eq([ [ 2, 1 ], [ 1, 0 ] ])
    change({ "tilt_limit_deg" => 3 }, version: 2, why: " ")
    expect([ response.status, faults ]).to eq([ 422, [ "/why/tilt_limit_deg" ] ])
    change({ "tilt_limit_deg" => 3 }, version: 1)
    expect([ response.status, OwnRules.count ]).to eq([ 409, 2 ])
  end

  it "are made looser by an appointed person alone, by their own hand" do
    copied
    jun = signed_in_as("planner", name: "Jun Kovar")
    change({ "tilt_limit_deg" => 6 })
    expect([ response.status, faults ]).to eq([ 422, [ "/values/tilt_limit_deg" ] ])
    ines = signed_in_as("appointed", name: "Ines Rook")
    change({ "tilt_limit_deg" => 6 }, password: "wrong")
    expect([ response.status, OwnRules.count ]).to eq([ 422, 1 ])
    change({ "tilt_limit_deg" => 6 })
    expect([ response.status, OwnRules.count ]).to eq([ 200, 2 ])
    # What was loosened before is nobody else's to answer for; taking it back is stricter.
    login_as(jun, scope: :person)
    change({ "obstacle_clearance_m" => 0.8 }, version: 2)
    expect(response.status).to eq(200)
    change({ "tilt_limit_deg" => 5 }, version: 3)
    expect([ response.status, ines.name ]).to eq([ 200, "Ines Rook" ])
  end

  it "tell the plans under them of a newer version at once, and mark those under a looser one" do
    copied
    plan = demo_plan("receiver-cabin")
    under_own(plan)
    BoardJob.perform_now
    expect(ask(:get, "/api/rule_sets/saltpan-yard")["plans"].map { |one| one["id"] }).to eq([ plan.id ])
    change({ "tilt_limit_deg" => 5.5 })
    expect(plan.reload.board_line.stale).to be(true)
    load = plan.ladder.rung("load")
    expect(
      [ load.verdict,
        load.note["metric"] ]
    ).to match(
      [ "not_known",
        include("Saltpan yard of version 2 is newer than version 1", "tilt limit deg 5.0 → 5.5") ]
    )
    under_own(plan)
    life = plan.reload.life
    expect(life.deviations.map { |one| [ one.id, one.value ] }).to include([ "rule tilt_limit_deg", "5.5" ])
    expect(in_words(life)).to include(
      "no name under a deviation: a rule is looser here: tilt limit deg 5.0 → 5.5, by Quill Thorne: agreed on site"
    )
    expect(in_words(life).join).not_to include("without a name and a reason")
  end

  it "bar a plan whose set loosens in nobody's name, whatever it says of itself" do
    copied
    change({ "tilt_limit_deg" => 6 })
    plan = demo_plan("receiver-cabin")
    data = OwnRules.newest.last.data.deep_dup
    data["changes"].clear
    data["id"] = "elsewhere"
    sets = { "elsewhere" => DustLadder::PlanFile::Digest.snapshot(data) }
    document = plan.document.merge(
      "rules" => "elsewhere",
      "snapshots" => plan.document["snapshots"].merge("rule_sets" => sets)
    )
    plan.revise(DustLadder::PlanFile.accept(document), lock_version: plan.lock_version, note: "")
    expect(in_words(plan.reload.life)).to include(
      "tilt limit deg 5.0 → 6 loosens a rule without a name " \
        "and a reason"
    )
  end

  it "show what a newer version does to a plan before it is taken, and are new in a plan made again" do
    copied
    plan = demo_plan("receiver-cabin")
    under_own(plan)
    change({ "attention/hook" => 0.3 })
    told = ask(:post, "/api/rule_changes", document: plan.reload.document)
    expect(
      [ told["newer"], told["versions"],
        told["values"].keys ]
    ).to eq([ true, { "before" => 1, "after" => 2 }, [ "attention" ] ])
    again = plan.again("Another")
    expect(again.document.dig("snapshots", "rule_sets", "saltpan-yard", "data", "version")).to eq(2)
  end

  it "keep nothing of what is unsound, and name every place" do
    copied
    {
      { "tilt_limit_deg" => "5" } => "/values/tilt_limit_deg",
      { "nothing" => 1 } => "/values/nothing",
      { "side_pull_deg/stop" => 0.5 } => "/values/side_pull_deg/value",
      {} => "/changes"
    }.each do |changes, place|
      change(changes)
      expect([ response.status, faults ]).to match([ 422, include(place) ])
    end
    ask(:patch, "/api/rule_sets/strict", changes: { "tilt_limit_deg" => 4 }, why: {}, version: 4)
    expect([ response.status, OwnRules.count ]).to eq([ 404, 1 ])
    ask(:get, "/api/rule_sets/nowhere")
    expect(response.status).to eq(404)
  end
end
