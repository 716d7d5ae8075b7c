# What waits for each of several people, and the days that the board shows.
RSpec.describe "What waits for people", :signed_out do
  before { load_store }

  let(:people) do
    {
      jun: person("Jun Kovar", roles: %w[planner]),
      mara: person("Mara Tarn", roles: %w[rigger]),
      ines: person("Ines Rook", roles: %w[planner appointed]),
      noa: person("Noa Ekdal", roles: %w[engineer]),
      ria: person("Ria Lund", roles: %w[reader])
    }
  end
  let(:plan) { demo_plan("feed-horn") }

  before do
    # Before the lifts of the demo.
    allow(Waits).to receive(:new).and_wrap_original { |made, **| made.call(at: Time.utc(2026, 12, 1, 8)) }
    Chart.find_each { |chart|
      chart.update_columns(data: chart.data.deep_merge("record" => { "checked_by" => "A. Reader" }))
    }
  end

  def enter(who) = login_as(people.fetch(who), scope: :person)

  def send_it(verb, path, body = {})
    public_send(verb, path, params: JSON.generate(body), headers: { "Content-Type" => "application/json" })
    response.parsed_body
  end

  def waits(who, **of)
    enter(who)
    get("/api/waits", params: of)
    response.parsed_body
  end

  def acts(who) = waits(who)["waits"].map { |one| one["act"] }

  def act(who, name, of: plan, **more)
    enter(who)
    seen = get("/api/plans/#{of.id}/life").then { response.parsed_body["seen"] }
    send_it(:post, "/api/plans/#{of.id}/life", { act: name, seen: seen, password: PeopleHelp::PASSWORD, **more })
  end

  def sign_all(who)
    enter(who)
    get "/api/plans/#{plan.id}/life"
    response.parsed_body["flights"].each { |flight| act(who, "flight", about: { flight: flight["id"] }) }
  end

  it "goes from hand to hand with the plan's life" do
    plan
    expect(people.keys.to_h { |who| [ who, acts(who) ] }.values.flatten).to eq([])
    act(:jun, "wrote")
    expect(%i[jun mara ines noa ria].to_h { |who| [ who, acts(who) ] }).to eq(
      jun: [], mara: %w[flight], ines: %w[flight deviation], noa: %w[flight], ria: []
    )
    expect(waits(:ria)["others"].map { |one| one.values_at("name", "count") }).to match_array(
      [ [ "Ines Rook", 2 ], [ "Mara Tarn", 1 ], [ "Noa Ekdal", 1 ] ]
    )
    sign_all(:mara)
    act(:ines, "deviation", about: { deviation: "unlike", reason: "each by itself" })
    expect(%i[jun mara ines].to_h { |who| [ who, acts(who) ] }).to eq(jun: [], mara: [], ines: %w[issued])
    act(:ines, "issued")
    expect(acts(:ines)).to eq([])
    # Once its time is over somebody closes it.
    allow(Waits).to receive(:new).and_wrap_original { |made, **| made.call(at: Time.utc(2027, 1, 15, 8)) }
    expect(acts(:mara)).to eq(%w[close])
  end

  it "shows another one's list to whoever asks, and none of nobody" do
    act(:jun, "wrote")
    theirs = waits(:ria, person: people[:mara].id)
    expect([ theirs["person"]["name"], theirs["waits"].map { |one| one["act"] } ]).to eq([ "Mara Tarn", %w[flight] ])
    waits(:ria, person: "0")
    expect(response.status).to eq(404)
  end

  it "tells of a plan that was withdrawn to its planners, with the reason" do
    act(:jun, "wrote")
    sign_all(:mara)
    act(:ines, "deviation", about: { deviation: "unlike", reason: "each by itself" })
    act(:ines, "issued")
    sling = Piece.find_by!(number: plan.document["snapshots"]["slings"].keys.first)
    sling.update!(fields: sling.fields.merge("state" => "quarantined"))
    BoardJob.perform_now
    told = waits(:jun)["waits"]
    expect(told.map { |one| one["act"] }).to eq(%w[write])
    expect(told.first["words"]["us"]).to include("withdrawn: Gear: stop", sling.number, "quarantined")
    expect([ acts(:ines), acts(:mara) ]).to eq([ %w[write], [] ])
  end

  it "tells who has to say which of two lifts has the crane, once, and lets neither be issued" do
    first, second = demo_plan("cabin-on-salt"), demo_plan("cabin-on-gravel")
    changed = DustLadder::PlanFile::Pointer.with_values(second.document, "/lift_at" => "2026-12-23T08:00")
    second.revise(DustLadder::PlanFile.accept(changed), lock_version: second.lock_version, note: "")
    told = waits(:jun)["waits"]
    expect(told.map { |one| one.values_at("act", "plan") }).to eq([ [ "overlap", first.id ] ])
    expect(told.first["words"]["us"]).to include("both want C-22 and Juniper", "08:30")
    expect([ acts(:ines), acts(:mara) ]).to eq([ %w[overlap], [] ])
  end

  it "reads what was kept of a plan before there were two systems of units" do
    line = plan.board_line
    kept = { "act" => "flight", "words" => "climb and sign: Load", "roles" => %w[rigger], "except" => [], "only" => [] }
    line.update_columns(waits: [ kept ], waiting: true)
    told = waits(:mara)["waits"].map { |one| one["words"] }
    expect(told).to eq([ { "metric" => "climb and sign: Load", "us" => "climb and sign: Load" } ])
  end

  it "tells of charts that nobody read against their paper, but not to whoever typed them" do
    chart = Chart.first
    record = chart.data["record"].merge("checked_by" => nil, "entered_by" => "Jun Kovar")
    chart.update_columns(data: chart.data.merge("record" => record))
    expect(
      %i[jun ines noa mara].to_h { |who|
        [ who, acts(who) ]
      }
    ).to eq(jun: [], ines: %w[read], noa: %w[read], mara: [])
  end

  describe "questions" do
    def ask(who, **more)
      enter(who)
      send_it(:post, "/api/plans/#{plan.id}/questions", { rung: "ground", words: "who measured this?", **more })
    end

    it "wait for whom they are put to until they are answered, once" do
      asked = ask(:mara, asked: people[:ines].login)
      expect([ acts(:jun), acts(:ines), acts(:mara) ]).to eq([ [], %w[answer], [] ])
      expect(waits(:ines)["waits"].first).to include(
        "words" => include("us" => "Mara Tarn asks: who measured this?"),
        "rung" => "ground"
      )
      path = "/api/plans/#{plan.id}/questions/#{asked["id"]}"
      [ nil, "", "  " ].each do |empty|
        send_it(:patch, path, { answer: empty, lock_version: asked["lock_version"] })
        expect([ empty, response.status, acts(:ines) ]).to eq([ empty, 422, %w[answer] ])
      end
      done = send_it(:patch, path, { answer: "M. Quell, report 14", lock_version: asked["lock_version"] })
      expect(done).to include("answer" => "M. Quell, report 14", "answered_by" => "Ines Rook")
      expect(acts(:ines)).to eq([])
      send_it(:patch, path, { answer: "another", lock_version: asked["lock_version"] })
      expect([ response.status, Question.last.answer ]).to eq([ 409, "M. Quell, report 14" ])
    end

    it "wait for every planner where they are put to nobody, or to somebody who is gone, but not for who asks" do
      ask(:ines)
      expect([ acts(:jun), acts(:ines), acts(:mara) ]).to eq([ %w[answer], [], [] ])
      ask(:ines, asked: people[:mara].login)
      people[:mara].update!(active: false)
      expect(acts(:jun)).to eq(%w[answer answer])
    end

    it "are refused of no rung, in no words, in too many, of nobody's name and by a reader" do
      {
        { rung: "signatures" } => 422,
        { rung: "" } => 422,
        { words: " " } => 422,
        { words: "x" * 401 } => 422,
        { asked: "nobody" } => 404
      }.each do |wrong, status|
        ask(:mara, **wrong)
        expect([ wrong.keys, response.status ]).to eq([ wrong.keys, status ])
      end
      ask(:ria)
      expect([ response.status, Question.count ]).to eq([ 403, 0 ])
    end

    it "are asked of a plan whatever it stands as, and change nothing of it" do
      act(:jun, "wrote")
      before = [ plan.reload.lock_version, plan.revisions.count ]
      ask(:mara)
      expect([ plan.reload.lock_version, plan.revisions.count ]).to eq(before)
      enter(:ria)
      get "/api/plans/#{plan.id}/questions"
      expect(
        response.parsed_body.map { |one|
          one.values_at("by", "rung", "answer")
        }
      ).to eq([ [ "Mara Tarn", "ground", nil ] ])
    end
  end

  describe "days" do
    def days(**params)
      enter(:ria)
      get("/api/days", params: params)
      response.parsed_body
    end

    it "say what a first lift rests on until one has a day, while any of it is missing" do
      [ Piece, Chart, Site ].each(&:delete_all)
      expect(days["begun"]).to include("pieces" => 0, "checked" => 0, "sites" => 0)
      undated = Plan.start(DustLadder::PlanFile.accept(Plan.blank("Pump skid")))
      expect(days).to include("plans" => 1, "undated" => 1, "begun" => include("pieces" => 0))
      load_store
      load_sites
      expect(days["begun"]).to be_nil
      Site.delete_all
      expect(days["begun"]).to include("sites" => 0)
      dated = undated.document.merge("lift_at" => "2026-12-14T07:00")
      undated.revise(dated, lock_version: undated.lock_version, note: "")
      expect(days["begun"]).to be_nil
    end

    it "show four days from the next lift on, with what was worked out, and the way on" do
      plan
      demo_plan("cabin-on-salt")
      BoardJob.perform_now
      found = days
      expect(found["days"]).to eq(%w[2026-12-14 2026-12-15 2026-12-16 2026-12-17])
      expect(found).to include("before" => nil, "after" => "2026-12-23", "undated" => 0, "plans" => 2)
      lift = found["lifts"].first
      expect(lift).to include("id" => plan.id, "state" => "draft", "working" => false)
      expect(lift["rungs"].map { |rung| rung["id"] }).to include("crew", "gear")
      expect(days(from: "2026-12-22")["lifts"].first["cranes"]).to eq(
        [ {
          "id" => "crane ju-0417",
          "name" => "Juniper"
        } ]
      )
    end

    # The other's hours, state and crane beside Juniper's lift from 13:00 to 16:00, and the hours that both have it.
    [
      [ %w[15:30 17:00], {}, %w[15:30 16:00] ],
      [ %w[16:00 17:00], {}, nil ],
      [ %w[12:00 13:00], {}, nil ],
      [ %w[12:00 20:00], {}, %w[13:00 16:00] ],
      [ %w[14:00 15:00], { state: "closed" }, nil ],
      [ %w[14:00 15:00], { state: "withdrawn" }, nil ],
      [ %w[14:00 15:00], { state: "issued" }, %w[14:00 15:00] ],
      [ %w[14:00 15:00], { crane: "crane ac-1180" }, nil ]
    ].each do |hours, other, both|
      it "tell of #{hours.join("-")} #{other} that two want one crane: #{both.inspect}" do
        own, beside = demo_plan("counterweight-block"), demo_plan("chiller")
        line = BoardLine.find_by!(plan: beside)
        taken = other[:crane] ? line.taken.merge("cranes" => [ other[:crane] ]) : line.taken
        at, ends = hours.map { |hour| "2026-12-14T#{hour}" }
        line.update!(lift_at: at, ends: ends, taken: taken, state: other.fetch(:state, "draft"))
        told = days(from: "2026-12-14")["lifts"].to_h { |lift| [ lift["id"], lift["twice"] ] }
        expect(told[own.id].map { |one| [ one["crane"], one["from"][11..], one["until"][11..] ] }).to eq(
          both ? [ [ "Juniper", *both ] ] : []
        )
        expect(told[beside.id].size).to eq(told[own.id].size)
      end
    end

    it "show a lift on every day that it takes, and none that was put away" do
      changed = DustLadder::PlanFile::Pointer.with_values(plan.document, "/lift_until" => "2026-12-16T04:00")
      plan.revise(DustLadder::PlanFile.accept(changed), lock_version: plan.lock_version, note: "")
      expect(days(from: "2026-12-16")["lifts"].map { |lift| lift["id"] }).to eq([ plan.id ])
      expect(days(from: "2026-12-17")["lifts"]).to eq([])
      BoardLine.update_all(archived: true)
      expect(days(from: "2026-12-14")["lifts"]).to eq([])
    end

    it "refuse what is no day, and count what has none" do
      [ "tomorrow", "2026-02-31", "2026-12", "'; DROP" ].each do |no_day|
        days(from: no_day)
        expect([ no_day, response.status ]).to eq([ no_day, 422 ])
      end
      plan.revise(
        DustLadder::PlanFile.accept(plan.document.merge("lift_at" => nil)),
        lock_version: plan.lock_version,
        note: ""
      )
      expect(days).to include("undated" => 1, "lifts" => [])
    end
  end
end
