# A plan from draft to closed by the hands of several people, each signed with a password.
RSpec.describe "The life of a plan", :signed_out do
  before { load_store }

  let(:people) do
    {
      jun: person("Jun Kovar", roles: %w[planner]),
      mara: person("Mara Tarn", roles: %w[rigger]),
      ines: person("Ines Rook", roles: %w[planner appointed]),
      noa: person("Noa Ekdal", roles: %w[engineer])
    }
  end
  let(:plan) { demo_plan("feed-horn") }

  def in_words(told) = told["bars"].map { |bar| bar["words"]["us"] }
  def enter(who) = login_as(people.fetch(who), scope: :person)
  def address = "/api/plans/#{plan.id}/life"
  def told = get(address).then { response.parsed_body }

  def act(who, name, seen: nil, password: PeopleHelp::PASSWORD, **more)
    enter(who)
    seen ||= told["seen"]
    body = { act: name, seen: seen, password: password, **more }
    post address, params: JSON.generate(body), headers: { "Content-Type" => "application/json" }
    response.parsed_body
  end

  def sign_all(who) = told["flights"].each { |flight| act(who, "flight", about: { flight: flight["id"] }) }
  def name_it = act(:ines, "deviation", about: { deviation: "unlike", reason: "each leg counted by itself" })
  def fault = response.parsed_body["errors"].first["message"]

  def edit(document, lock_version = plan.reload.lock_version)
    patch "/api/plans/#{plan.id}",
      params: JSON.generate(document: document, lock_version: lock_version),
      headers: { "Content-Type" => "application/json" }
  end

  def heavier(kg) = DustLadder::PlanFile::Pointer.with_values(plan.reload.document, "/load/weight/bare" => "#{kg} kg")

  it "goes from draft to closed, and tells what bars it on the way" do
    enter(:jun)
    expect(told).to include("state" => "draft", "revision" => nil, "records" => [], "acts" => %w[wrote])
    expect(in_words(told)).to match([ "nobody has written it down", /no name under a dev/ ])
    act(:jun, "wrote")
    expect(told["bars"].size).to eq(6)
    expect(told["acts"]).to eq(%w[archived])
    enter(:mara)
    expect(told["acts"]).to eq(%w[flight])
    sign_all(:mara)
    expect(told).to include("state" => "checked", "acts" => [])
    name_it
    enter(:mara)
    expect(told).to include("state" => "checked", "bars" => [], "acts" => [])
    expect(told["flights"].map { |flight| flight["by"] }.uniq).to eq([ "Mara Tarn" ])
    expect(act(:ines, "issued")["state"]).to eq("issued")
    expect(act(:mara, "began")["state"]).to eq("lifting")
    closed = act(:mara, "closed", about: { lifted: "yes", reason: "" })
    expect([ closed["state"], closed["records"].map { |one| one["act"] }.tally["flight"] ]).to eq([ "closed", 5 ])
    expect(LifeRecord.count).to eq(10)
    expect(closed["records"].last).to include("by" => "Mara Tarn", "role" => "rigger", "lapsed" => false)
  end

  it "is exported with its records, which prove the file by itself" do
    act(:jun, "wrote")
    enter(:mara)
    sign_all(:mara)
    name_it
    act(:ines, "issued")
    get "/api/plans/#{plan.id}/file"
    Tempfile.create([ "plan", ".json" ]) do |file|
      file.write(response.body.force_encoding("UTF-8"))
      file.flush
      out = StringIO.new
      expect(DustLadder::CommandLine.new([ "verify", file.path ], out: out, err: out).run).to eq(0)
      expect(out.string).to include("issued as A", "Ines Rook, appointed")
    end
  end

  it "asks for the password of whoever signs, and for no other" do
    [ "wrong", "", nil, [ PeopleHelp::PASSWORD ] ].each do |password|
      act(:jun, "wrote", password: password)
      expect([ response.status, fault ]).to eq([ 422, "the password is not the one of Jun Kovar" ])
    end
    expect(LifeRecord.count).to eq(0)
    expect(people[:jun].reload.failed_attempts).to be > 0
  end

  it "is for what was seen: an edit in between, and nothing is signed" do
    act(:jun, "wrote")
    enter(:mara)
    seen = told["seen"]
    expect(told["headline"]).to match("metric" => /\AHolds: level at 48/, "us" => /\AHolds/)
    enter(:jun)
    edit(heavier(1_100))
    expect(response.status).to eq(200)
    act(:mara, "flight", seen: seen, about: { flight: "load" })
    expect([ response.status, fault ]).to match([ 409, /not what you saw any more/ ])
    expect(in_words(told)).to include("it was changed since it was written as A")
    [ nil, {}, { document: seen["document"] }, "x", { ladder: seen["ladder"] } ].each do |odd|
      post address,
        params: JSON.generate(act: "flight", seen: odd, password: PeopleHelp::PASSWORD, about: {}),
        headers: { "Content-Type" => "application/json" }
      expect(response.status).to eq(409)
    end
  end

  it "goes back to draft with an edit, and the signatures lapse with the next revision" do
    act(:jun, "wrote")
    enter(:mara)
    sign_all(:mara)
    expect(plan.board_line.reload.state).to eq("checked")
    enter(:jun)
    edit(heavier(1_100))
    expect(plan.board_line.reload.state).to eq("draft")
    expect(told).to include("state" => "draft", "revision" => "A", "acts" => %w[wrote archived])
    anew = act(:jun, "wrote")
    expect([ anew["revision"], anew["flights"].map { |one| one["by"] }.uniq ]).to eq([ "B", [ nil ] ])
    expect(anew["records"].select { |one| one["lapsed"] }.size).to eq(5)
  end

  it "is not begun once it holds no more: its sling was taken out of use after it was issued" do
    act(:jun, "wrote")
    enter(:mara)
    sign_all(:mara)
    name_it
    expect(act(:ines, "issued")["state"]).to eq("issued")
    sling = Piece.find_by!(number: plan.document.dig("rigging", "legs", 0, "sling"))
    sling.update!(fields: sling.fields.merge("state" => "quarantined"))
    expect(plan.life.acts(people[:mara])).to eq(%w[closed])
    act(:mara, "began", seen: plan.life.seen)
    expect([ response.status, fault ]).to match([ 422, /does not hold any more: Gear: stop/ ])
    expect(told["state"]).to eq("withdrawn")
    expect(in_words(told)).to include(/Gear: stop/)
  end

  it "lets nobody check what they had a hand in, though another wrote it down" do
    enter(:jun)
    edit(heavier(1_100))
    get "/api/plans/#{plan.id}/revisions"
    expect(response.parsed_body.map { |one| one["by"] }).to eq([ "Jun Kovar", "" ])
    anew = act(:ines, "wrote")
    expect(anew["records"].last["about"]["writers"].split).to eq([ people[:jun].id.to_s ])
    %i[jun ines].each do |who|
      act(who, "flight", about: { flight: "load" })
      expect([ response.status, fault ]).to match([ 422, /nobody checks what they wrote last/ ])
      expect(told["acts"]).not_to include("flight")
    end
    expect(act(:mara, "flight", about: { flight: "load" })["flights"].first["by"]).to eq("Mara Tarn")
  end

  it "names again who wrote it, where it is written down anew as it was" do
    enter(:jun)
    edit(heavier(1_100))
    act(:jun, "wrote")
    enter(:mara)
    sign_all(:mara)
    name_it
    act(:ines, "issued")
    again = act(:ines, "wrote")
    expect([ again["revision"], again["records"].last["about"]["writers"].split ]).to match(
      [ "B", include(people[:jun].id.to_s) ]
    )
    act(:jun, "flight", about: { flight: "load" })
    expect(response.status).to eq(422)
  end

  it "stands as it was signed once it is issued; a change begins with another revision" do
    act(:jun, "wrote")
    enter(:mara)
    sign_all(:mara)
    name_it
    act(:ines, "issued")
    enter(:jun)
    edit(heavier(1_100))
    expect([ response.status, fault ]).to eq([ 423, "the plan is issued: it stands as it was signed" ])
    expect(act(:jun, "wrote")["revision"]).to eq("B")
    edit(heavier(1_100))
    expect(response.status).to eq(200)
  end

  # What is tried after it was written by Jun, by whom, and why not.
  {
    "a flight by who wrote it" => [ :jun, "flight", { about: { flight: "load" } }, /flight is for|wrote last/ ],
    "an issue before it is checked" => [ :ines, "issued", {}, /Load is not signed/ ],
    "an act that there is not" => [ :ines, "blessed", {}, /nobody knows the act/ ],
    "no act" => [ :ines, nil, {}, /nobody knows the act/ ],
    "the engineer's by a rigger" => [ :mara, "second", {}, /second is for engineer/ ],
    "a flight without its name" => [ :mara, "flight", {}, /does not tell flight/ ],
    "a flight of a list" => [ :mara, "flight", { about: { flight: [ "load" ] } }, /does not tell flight/ ],
    "a deviation that there is not" =>
      [ :ines, "deviation", { about: { deviation: "x", reason: "y" } }, /no such deviation/ ],
    "about nothing" => [ :mara, "flight", { about: "load" }, /does not tell flight/ ]
  }.each do |what, (who, name, more, words)|
    it "refuses #{what}" do
      act(:jun, "wrote")
      act(who, name, **more)
      expect([ response.status, fault ]).to match([ 422, words ])
      expect(LifeRecord.count).to eq(1)
    end
  end

  it "lets two sign at once, each once" do
    act(:jun, "wrote")
    enter(:mara)
    act(:mara, "flight", about: { flight: "load" })
    act(:mara, "flight", about: { flight: "load" })
    expect([ response.status, fault ]).to match([ 422, /Mara Tarn has signed it/ ])
  end

  it "tells of a record that was changed behind its back, and goes no further" do
    act(:jun, "wrote")
    record = LifeRecord.last
    expect { record.update!(number: 2) }.to raise_error(ActiveRecord::ReadOnlyRecord)
    LifeRecord.where(id: record.id).update_all(data: record.data.merge("words" => "nothing to see"))
    expect(told).to include("faults" => [ "record 1: it was changed: its digest is not of what it says" ], "acts" => [])
    act(:mara, "flight", about: { flight: "load" })
    expect([ response.status, fault ]).to match([ 422, /do not agree/ ])
    enter(:jun)
    edit(heavier(1_100))
    expect(response.status).to eq(423)
  end
end

RSpec.describe "What an issued plan rests on", :signed_out do
  include ActiveJob::TestHelper

  before { load_store }

  let(:jun) { person("Jun Kovar", roles: %w[planner]) }
  let(:mara) { person("Mara Tarn", roles: %w[rigger]) }
  let(:ines) { person("Ines Rook", roles: %w[appointed]) }

  # Signed by everybody whom it takes, straight through the model.
  def issued(title = "feed-horn")
    plan = demo_plan(title)
    act = ->(who, name, **about) { plan.reload.life.act(who, name, seen: plan.life.seen, about: about.stringify_keys) }
    act.(jun, "wrote")
    plan.life.ladder.flights.each { |flight| act.(mara, "flight", flight: flight["id"]) }
    plan.life.deviations.each { |one| act.(ines, "deviation", deviation: one.id, reason: "counted one by one") }
    act.(ines, "issued")
    plan.reload
  end

  def sling_of(plan) = Piece.find_by!(number: plan.document.dig("rigging", "legs", 0, "sling"))
  def quarantine(piece) = piece.update!(fields: piece.fields.merge("state" => "quarantined"))
  def last(plan) = plan.life_records.order(:number).last.data

  it "withdraws it at once, with the reason, when its sling is taken out of use" do
    plan = issued
    expect(plan.board_line.reload.state).to eq("issued")
    expect { quarantine(sling_of(plan)) }.to have_enqueued_job(BoardJob)
    perform_enqueued_jobs
    expect(plan.life.course.state).to eq("withdrawn")
    expect(last(plan)).to include("role" => "house", "by" => { "id" => "house", "name" => "Dust Ladder" })
    expect(last(plan)["about"]["reason"]).to match(/Gear: stop, C-\d+: quarantined/)
    expect(plan.board_line.reload).to have_attributes(state: "withdrawn", verdict: "stop", stale: false)
    expect(plan.life.faults).to eq([])
  end

  it "leaves alone what still holds, and what is nobody's to lift by yet" do
    plan, draft = issued, demo_plan("receiver-cabin")
    other = Piece.where.not(number: sling_of(plan).number).slings.first
    perform_enqueued_jobs { quarantine(other) }
    sling_of(plan).update!(fields: sling_of(plan).fields.merge("place" => "rack 9"))
    perform_enqueued_jobs
    expect([ plan.life.course.state, draft.life.course.state ]).to eq([ "issued", nil ])
  end

  it "withdraws it when it is opened, though nobody looked again before" do
    plan = issued
    quarantine(sling_of(plan))
    login_as(mara, scope: :person)
    2.times { get "/api/plans/#{plan.id}/life" }
    expect(response.parsed_body).to include("state" => "withdrawn")
    expect(response.parsed_body["records"].last).to include("act" => "withdrawn", "by" => "Dust Ladder")
    expect(plan.life_records.pluck(:number)).to eq((1..plan.life_records.count).to_a)
  end

  it "withdraws it when its chart is withdrawn" do
    plan = issued
    chart = Chart.find_by!(identifier: plan.document.dig("cranes", 0, "chart"))
    slip = { withdrawn_by: "S. Oyelaran", withdrawn_on: Date.current, withdrawn_why: "slip" }
    perform_enqueued_jobs { chart.update!(slip) }
    expect(plan.life.course.state).to eq("withdrawn")
    expect(last(plan)["about"]["reason"]).to match(/Chart: (stop|not known)/)
  end

  it "does not withdraw for want of time" do
    plan = issued
    quarantine(sling_of(plan))
    slow = plan.life
    allow(slow.ladder).to receive(:cut_short?).and_return(true)
    expect(slow.withdraw_broken).to be(false)
    expect(plan.life.course.state).to eq("issued")
  end

  it "looks at the others where one plan's life cannot be read" do
    broken, plan = issued("feed-horn"), issued("receiver-cabin")
    first = LifeRecord.where(plan: broken).order(:number).first
    LifeRecord.where(id: first.id).update_all(data: first.data.merge("about" => nil))
    [ broken, plan ].each { |one| quarantine(sling_of(one)) }
    perform_enqueued_jobs
    expect(plan.life.course.state).to eq("withdrawn")
    expect(BoardLine.old).to be_empty
  end

  it "loses to whoever was faster, and then looks again" do
    plan = issued
    quarantine(sling_of(plan))
    late = plan.life
    expect(late.bars.of_ladder).not_to eq([])
    plan.life.act(ines, "withdrawn", seen: plan.life.seen, about: { "reason" => "seen at the rack" })
    expect(late.withdraw_broken).to be(false)
    expect(last(plan)["about"]["reason"]).to eq("seen at the rack")
  end
end
