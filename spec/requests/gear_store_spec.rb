# The gear store over its API: looks that decide, examinations, what is done with pieces, and how they are found.
RSpec.describe "The gear store" do
  before { load_store }

  def json = JSON.parse(response.body)
  def send_json(method, path, body = {})
    public_send(method, path, params: JSON.generate(body), headers: { "Content-Type" => "application/json" })
  end
  def piece(number) = Piece.find_by!(number: number)
  # In date, whenever this is run.
  def examined_lately(*numbers)
    numbers.each do |number|
      one = piece(number)
      one.update!(fields: one.fields.merge("examined" => (SiteClock.today - 10).iso8601))
    end
  end
  def look(number, findings, **more)
    send_json(:post, "/api/pieces/#{piece(number).id}/looks", sort: "before_use", findings: findings, **more)
  end
  def examine(number, **given)
    given = { sort: "thorough", day: "2026-11-20", by: "Ocotillo Test House", result: "passed", **given }
    send_json(:post, "/api/pieces/#{piece(number).id}/looks", given)
  end
  def act(number, act, version: piece(number).lock_version, **given)
    send_json(:post, "/api/pieces/#{piece(number).id}/acts", act: act, lock_version: version, **given)
  end
  def faults = json["errors"].map { |one| [ one["pointer"], one["message"] ] }
  def today = SiteClock.today
  def read_csv(text)
    file = Rack::Test::UploadedFile.new(StringIO.new(text), "text/csv", original_filename: "store.csv")
    post "/api/store_readings", params: { file: file }
    json
  end

  # What is measured, verdict of that look, and how the piece stands after.
  describe "a look before use" do
    fine = { "seen" => "fine" }
    {
      { "strand_wires" => "6" } => "quarantined",
      { "strand_wires" => "5" } => "quarantined",
      { "strand_wires" => "4" } => "ready",
      { "lay_wires" => "10" } => "quarantined",
      { "lay_wires" => "9" } => "ready",
      { "crown" => "15.3 mm" } => "quarantined",
      { "crown" => "15.9 mm" } => "ready"
    }.each do |measured, state|
      it "with #{measured} leaves a wire rope #{state}" do
        look("W-08", measured.transform_values { |text| { "measured" => text } })
        expect([ response.status, json["piece"]["fields"]["state"] ]).to eq([ 201, state ])
        expect(json["look"]["result"]).to eq(state == "ready" ? "not_whole" : "out")
        expect(piece("W-08").measured.keys).to eq(measured.keys)
        expect(piece("W-08").acts.map(&:after)).to eq(state == "ready" ? [] : [ "quarantined" ])
      end
    end

    it "takes a piece out for a doubt, and says who, when and why" do
      signed_in_as("rigger")
      look("R-11", { "cuts" => { "seen" => "doubt", "words" => "a snag near the eye" } }, words: "set aside")
      expect(json["look"]).to include("result" => "out", "by" => "rigger Thorne", "words" => "set aside")
      send_json(:get, "/api/pieces/#{piece("R-11").id}")
      expect(json["acts"].first).to include(
        "after" => "quarantined",
        "by" => "rigger Thorne",
        "why" => "Out: cuts and snags: in doubt, a snag near the eye"
      )
      expect(json["stands"]).to eq(
        "verdict" => "stop",
        "words" => { "metric" => "it is quarantined", "us" => "it is quarantined" }
      )
    end

    it "keeps nothing of what cannot be read, and says at which look" do
      {
        { "lay_wires" => { "measured" => "ten" } } => "/findings/lay_wires",
        { "crown" => { "measured" => "15.4" } } => "/findings/crown",
        { "crown" => { "measured" => "160 mm" } } => "/findings/crown",
        { "cuts" => fine } => "/findings/cuts",
        { "tag" => { "seen" => "ok" } } => "/findings/tag",
        {} => "/"
      }.each do |findings, pointer|
        look("W-08", findings)
        expect([ response.status, json["errors"].map { |one| one["pointer"] } ]).to eq([ 422, [ pointer ] ])
      end
      [ "x", [], { "tag" => "fine" }, nil ].each do |odd|
        look("W-08", odd)
        expect(response).to have_http_status(:bad_request)
      end
      expect([ piece("W-08").looks.count, piece("W-08").state ]).to eq([ 0, "ready" ])
    end

    it "judges while it is typed, and keeps nothing of it" do
      send_json(:post, "/api/pieces/#{piece("W-08").id}/tries", findings: { "strand_wires" => { "measured" => "6" } })
      expect(json["headline"]["metric"]).to eq("Out: 6 broken wires in one strand, out at 5")
      expect(json["looks"].find { |one| one["id"] == "strand_wires" }["used"]["value"]).to be_within(1e-9).of(1.2)
      send_json(:post, "/api/pieces/#{piece("W-08").id}/tries", findings: { "strand_wires" => { "measured" => "six" } })
      expect(json["problems"].map { |one| one["field"] }).to eq([ "strand_wires" ])
      expect(PieceLook.count).to eq(0)
    end

    it "is told with what was measured before, newest first, and none is ever changed" do
      look("W-08", { "lay_wires" => { "measured" => "2" } })
      look("W-08", { "lay_wires" => { "measured" => "3" } })
      send_json(:get, "/api/pieces/#{piece("W-08").id}")
      expect(json["looks"].map { |one| one["measured"]["lay_wires"] }).to eq([ 3, 2 ])
      expect(piece("W-08").looks.first.update(result: "stays")).to be(false)
      expect { piece("W-08").looks.first.destroy! }.to raise_error(ActiveRecord::RecordNotDestroyed)
    end
  end

  describe "what is done with a piece" do
    before { examined_lately("C-14", "R-11") }

    it "goes out to somebody for a lift, and comes back" do
      plan = demo_plan("feed-horn")
      act("C-14", "hand_out", with: "B. Yucca", plan: plan.id)
      expect([ response.status, json["fields"]["state"] ]).to eq([ 201, "out" ])
      send_json(:get, "/api/pieces/#{piece("C-14").id}")
      expect(json["acts"].first).to include("with" => "B. Yucca", "plan" => { "id" => plan.id, "title" => plan.title })
      expect(json["may"].map { |one| one["act"] }).to eq(%w[give_back quarantine lose scrap])
      act("C-14", "give_back")
      expect(json["fields"]["state"]).to eq("ready")
    end

    it "is refused where its state, its date, its findings or the role is against it" do
      act("C-14", "hand_out")
      expect(faults).to eq([ [ "/with", "to whom it goes is not given" ] ])
      act("R-03", "hand_out", with: "B. Yucca")
      expect(faults).to eq([ [ "/act", "its examination runs out on 2026-11-02" ] ])
      act("R-04", "hand_out", with: "B. Yucca")
      expect(faults).to eq([ [ "/act", "it is quarantined" ] ])
      act("C-14", "release", why: "it is fine")
      expect(faults.map(&:first).uniq).to eq([ "/act" ])
      act("C-14", "steal")
      expect(faults[0][1]).to include("no act")
      signed_in_as("rigger")
      act("C-14", "scrap", why: "worn")
      expect(faults).to eq([ [ "/act", "this is not for rigger" ] ])
      expect(piece("C-14").acts.count).to eq(0)
    end

    it "comes out of quarantine by a look that found it sound since, and by nothing else" do
      act("R-11", "quarantine", why: "dropped")
      act("R-11", "release", why: "looked at")
      expect(faults).to eq([ [ "/act", "nobody found it sound since" ] ])
      some = DustLadder::Gear::Kinds.of("polyester_round").looks.to_h { |one| [ one.id, { "seen" => "fine" } ] }
      look("R-11", some.except("knots"))
      act("R-11", "release", why: "looked at")
      expect(response).to have_http_status(:unprocessable_content)
      look("R-11", some)
      act("R-11", "release", why: "looked at by two")
      expect([ response.status, json["fields"]["state"] ]).to eq([ 201, "ready" ])
      act("R-11", "quarantine", why: "again")
      act("R-11", "release", why: "that look was before")
      expect(faults).to eq([ [ "/act", "nobody found it sound since" ] ])
    end

    it "never comes back once it is scrapped, by no act, no form and no file" do
      act("R-11", "scrap", why: "cut through")
      DustLadder::Gear::Acts::ALL.each_key do |name|
        act("R-11", name, with: "B. Yucca", why: "again")
        expect(response).to have_http_status(:unprocessable_content)
      end
      gone = piece("R-11")
      send_json(
        :patch,
        "/api/pieces/#{gone.id}",
        fields: gone.fields.merge("state" => "ready"),
        lock_version: gone.lock_version
      )
      expect(faults).to eq([ [ "/fields/state", "what is scrapped never comes back" ] ])
      row = { fields: gone.fields.merge("state" => "ready"), lock_version: gone.lock_version }
      send_json(:post, "/api/pieces", rows: [ row ])
      expect(response).to have_http_status(:unprocessable_content)
      expect(faults).to eq([ [ "/fields/state", "R-11: what is scrapped never comes back" ] ])
      expect(piece("R-11").state).to eq("scrapped")
    end

    it "tells already when a file is read what would be refused when it is taken" do
      act("R-11", "scrap", why: "cut through")
      said = ->(told) { told["rows"].map { |row| row["problems"].map { |one| one["message"] } } }
      told = read_csv("number,state\nR-11,ready\nR-04,ready\nW-07,out\n")
      expect(said.(told)).to eq([ [ "what is scrapped never comes back" ], [ "it is quarantined" ], [] ])
      expect(told["faulty"]).to eq(2)
      told = read_csv("number,kind,wll,examined\nN-1,hook,2 t,#{today + 1}\nN-2,hook of tin,,\nN-3,hook,2 t,#{today}\n")
      expect(said.(told)).to eq([ [ "#{today + 1} is not yet" ], [ "“hook of tin” is not a kind" ], [] ])
      expect(told["rows"][1]["problems"].first["expected"]).to include("alloy chain sling, wire rope sling")
    end

    it "does not come out of quarantine by the pen" do
      kept = piece("R-04")
      send_json(
        :patch,
        "/api/pieces/#{kept.id}",
        fields: kept.fields.merge("state" => "ready"),
        lock_version: kept.lock_version
      )
      expect(faults).to eq([ [ "/fields/state", "it is quarantined" ] ])
      expect(piece("R-04").state).to eq("quarantined")
    end

    it "is done once where two do it at once" do
      version = piece("C-14").lock_version
      act("C-14", "hand_out", with: "B. Yucca", version: version)
      act("C-14", "hand_out", with: "T. Alder", version: version)
      expect([ response.status, json["now"]["fields"]["state"] ]).to eq([ 409, "out" ])
      expect(piece("C-14").acts.map(&:with_whom)).to eq([ "B. Yucca" ])
    end
  end

  describe "a thorough examination" do
    it "moves the day that a piece is due, by its use, or sooner as its examiner says" do
      examine("R-03")
      expect([ response.status, json["piece"]["due"] ]).to eq([ 201, "2027-05-20" ])
      examine("R-03", due: "2027-01-15", day: "2026-11-21")
      expect(json["piece"]["due"]).to eq("2027-01-15")
      examine("R-03", due: "2028-01-15", day: "2026-11-22")
      expect(json["piece"]["due"]).to eq("2027-05-22")
      # Written down late: no later one is moved back by it.
      examine("R-03", day: "2026-06-01")
      expect(json["piece"]["due"]).to eq("2027-05-22")
    end

    it "that failed takes the piece out and moves no day" do
      before = piece("C-14").due
      examine("C-14", result: "failed", words: "link 12 bent", remedy: "to the workshop")
      expect(json["piece"]).to include("due" => before, "fields" => include("state" => "quarantined"))
      examine("C-14", sort: "retest", day: today.iso8601, words: "link changed, proof tested")
      act("C-14", "release", why: "retested")
      expect(json["fields"]["state"]).to eq("ready")
    end

    it "asks again for what it cannot be" do
      {
        { day: "" } => "/day",
        { day: "2026-02-30" } => "/day",
        { day: "20.11.2026" } => "/day",
        { day: (SiteClock.today + 1).iso8601 } => "/day",
        { due: "2026-11-20" } => "/due",
        { due: "soon" } => "/due",
        { by: " .. " } => "/by",
        { result: "fine" } => "/result",
        { result: "failed", words: "" } => "/words",
        { sort: "glance" } => "/sort",
        { findings: { "bearing" => { "measured" => "7.1 mm" } } } => "/result",
        { findings: { "bearing" => { "measured" => "7.1" } } } => "/findings/bearing"
      }.each do |given, pointer|
        examine("C-14", **given)
        expect(
          [ given, response.status, json["errors"].map { |one|
            one["pointer"]
          } ]
        ).to eq([ given, 422, [ pointer ] ])
      end
      expect(piece("C-14").looks.count).to eq(0)
    end

    it "is the keeper's to write down" do
      signed_in_as("rigger")
      examine("C-14")
      expect(response).to have_http_status(:forbidden)
    end
  end

  # Eight ropes with findings, judged today, on the day of the lift, under a tighter and under an older rule.
  describe "eight pieces with findings" do
    before do
      8.times do |index|
        fields = piece("W-08").fields.merge("number" => "T-#{index}", "examined" => "2026-06-30")
        one = Piece.create!(fields: fields)
        one.update!(measured: { "lay_wires" => index + 3, "strand_wires" => [ index, 3 ].min })
      end
    end

    define_method(:fit) do |rules, on|
      (0..7).select do |index|
        data = piece("T-#{index}").data
        DustLadder::Gear::Fitness.new(data, rules).answer(on: on).holds?
      end
    end

    it "are as the rules of each have them" do
      strict = DustLadder::RuleSet.shipped("strict")
      own = DustLadder::OwnRules.new(DustLadder::OwnRules.new(strict.data).copied(id: "saltpan", title: "Saltpan"))
      change = ->(set, changes) do
        why = changes.transform_values { "agreed on site" }
        DustLadder::OwnRules.new(set.changed(changes, by: "Ines Rook", why: why, on: today))
      end
      tighter = DustLadder::RuleSet.new(change.(own, { "broken_wires/lay" => 6 }).data)
      sooner = DustLadder::RuleSet.new(change.(own, { "examination_interval/accessory/normal" => 4 }).data)
      looser = DustLadder::RuleSet.new(change.(own, { "broken_wires/lay" => 12 }).data)
      expect(fit(strict, "2026-11-30")).to eq([ 0, 1, 2, 3, 4, 5, 6 ])
      expect(fit(strict, "2026-12-30")).to eq([ 0, 1, 2, 3, 4, 5, 6 ])
      expect(fit(strict, "2026-12-31")).to eq([])
      expect(fit(tighter, "2026-11-30")).to eq([ 0, 1, 2 ])
      expect(fit(sooner, "2026-11-30")).to eq([])
      expect(fit(sooner, "2026-10-30")).to eq([ 0, 1, 2, 3, 4, 5, 6 ])
      expect(fit(looser, "2026-11-30")).to eq([ 0, 1, 2, 3, 4, 5, 6, 7 ])
      older = DustLadder::RuleSet.new(strict.data.merge("values" => strict.data["values"].except("broken_wires")))
      expect(fit(older, "2026-11-30")).to eq([])
    end

    it "the store itself goes by the strictest that the house has" do
      strict = DustLadder::RuleSet.shipped("strict").data
      own = DustLadder::OwnRules.new(DustLadder::OwnRules.new(strict).copied(id: "saltpan", title: "Saltpan"))
      changes = { "broken_wires/lay" => 6, "examination_interval/accessory/normal" => 4, "chain_worn" => 0.2 }
      why = changes.transform_values { "agreed on site" }
      data = own.changed(changes, by: "Ines Rook", why: why, on: today)
      OwnRules.create!(identifier: "saltpan", version: 2, data: data, by: "Ines Rook")
      rules = StoreRules.current
      expect(
        [ rules[:broken_wires, "lay"], rules[:chain_worn],
          rules[:examination_interval, "accessory"]["normal"] ]
      ).to eq(
        [ 6.0, 0.1, 4.0 ]
      )
      ReckonDaysJob.perform_now
      expect(piece("T-0").due).to eq("2026-10-30")
      look("W-08", { "lay_wires" => { "measured" => "6" } })
      expect(json["piece"]["fields"]["state"]).to eq("quarantined")
      expect(json["look"]["rules"]).to match(/Strict 6, Saltpan 2/)
    end
  end

  it "turns an issued plan to stop when a piece of it is found bad" do
    plan = demo_plan("cabin-on-salt")
    number = plan.document["rigging"]["legs"][0]["sling"]
    gear = -> { DustLadder.check(plan.document, **OwnHouse.of(plan.document)).rung("gear") }
    expect(gear.call.verdict).to eq("holds")
    kept = piece(number).tap { |one| one.update!(fields: one.fields.merge("throat" => "0.03 m")) }
    send_json(:get, "/api/pieces/#{kept.id}")
    expect(json["plans"].map { |one| one["id"] }).to eq([ plan.id ])
    look(number, { "stiff" => { "seen" => "bad", "words" => "two links seized" } })
    expect(gear.call.verdict).to eq("stop")
    expect(gear.call.note["metric"]).to eq("#{number}: quarantined in the store now")
    expect(BoardLine.find_by!(plan: plan).stale).to be(true)
  end

  it "tells a plan's gear rung of a measure past the plan's own limit, whatever the store thinks" do
    plan = demo_plan("cabin-on-salt")
    number = plan.document["rigging"]["legs"][0]["sling"]
    thin = piece(number).data["diameter_m"] * 0.93
    piece(number).update!(measured: { "bearing" => thin })
    gear = ->(document) { DustLadder.check(document, **OwnHouse.of(document)).rung("gear") }
    expect(gear.(plan.document).verdict).to eq("holds")
    document = JSON.parse(JSON.generate(plan.document))
    rules = document["snapshots"]["rule_sets"][document["rules"]]
    rules["data"]["values"]["chain_worn"]["value"] = 0.05
    rules["digest"] = DustLadder::PlanFile::Digest.of(rules["data"])
    found = gear.(DustLadder::PlanFile.accept(document))
    expect([ found.verdict, found.note["metric"] ]).to match([ "stop", /#{number}: .* left where links bear/ ])
    expect(found.note["us"]).to match(/.in left where links bear/)
  end

  describe "finding" do
    it "leads to a piece by its code however it is typed, or by its number" do
      code = piece("C-14").code
      expect(code).to match(/\A[#{Piece::Listed::LETTERS.join}]{6}\z/)
      [ code, code.downcase, code.scan(/.../).join(" "), " #{code} ", "C-14" ].each do |typed|
        send_json(:get, "/api/piece_codes/#{ERB::Util.url_encode(typed)}")
        expect([ typed, json.dig("fields", "number") ]).to eq([ typed, "C-14" ])
      end
      [ "XXXXXX", "%", "'", "c14" ].each do |typed|
        send_json(:get, "/api/piece_codes/#{ERB::Util.url_encode(typed)}")
        expect(response).to have_http_status(:not_found)
      end
      expect(Piece.distinct.count(:code)).to eq(Piece.count)
    end

    it "gives no piece the code of another for its number" do
      code = piece("C-14").code
      fields = { "number" => code.downcase, "kind" => "hook", "wll" => "2 t" }
      send_json(:post, "/api/pieces", fields: fields)
      expect(faults).to eq([ [ "/fields/number", "that is the code of another piece" ] ])
    end

    # What is asked, and which pieces are found.
    {
      { words: "C-14" } => %w[C-14],
      { words: "c-14 CHAIN" } => %w[C-14],
      { words: "chain rack 1", kind: "wire_rope" } => [],
      { words: "100%" } => [],
      { words: "_" } => [],
      { state: "quarantined" } => %w[R-04],
      { state: "overdue" } => %w[R-03],
      { state: "overdue", on: "2026-11-02" } => [],
      { sort: "beam" } => %w[Greasewood Ironwood Saltbush],
      { kind: "no such kind" } => [],
      { words: "no such piece", numbers: "C-14|R-03" } => %w[C-14 R-03]
    }.each do |asked, numbers|
      it "finds #{numbers} by #{asked}" do
        get "/api/pieces", params: asked
        expect(json["pieces"].map { |one| one["fields"]["number"] }).to match_array(numbers)
      end
    end

    it "comes page by page, each piece once" do
      pages = (1..6).map do |page|
        get "/api/pieces", params: { page: page, limit: 10 }
        json["pieces"].map { |one| one["id"] }
      end
      expect([ pages.flatten.size, pages.flatten.uniq.size, json["pages"] ]).to eq([ Piece.count, Piece.count, 6 ])
      [ "0", "-3", "x", "999999999999" ].each do |odd|
        get "/api/pieces", params: { page: odd, limit: odd }
        expect(response.status).to be < 500
      end
    end

    it "tells what is due in the days ahead, overdue first, and what nobody examined" do
      Piece.create!(fields: { "number" => "N-1", "kind" => "hook", "wll" => "2 t" })
      Piece.create!(fields: { "number" => "M-9", "kind" => "mat", "lengthways" => "1 m", "wide" => "1 m" })
      get "/api/due_pieces", params: { within: 400 }
      days = json["due"].map { |one| one["due"] }
      expect([ days, json["due"][0]["fields"]["number"] ]).to eq([ days.sort, "R-03" ])
      expect(json["never"].map { |one| one["fields"]["number"] }).to eq([ "N-1" ])
      get "/api/due_pieces", params: { within: 0 }
      expect(json["due"].map { |one| one["fields"]["number"] }).to eq([ "R-03" ])
      get "/api/due_pieces", params: { within: "-5" }
      expect(json["until"]).to eq(today.iso8601)
    end

    it "tells of every kind what forms and looks are made of" do
      get "/api/gear_kinds"
      names = json["fields"].map { |one| one["name"] }
      expect(json["kinds"].flat_map { |kind| kind["fields"] } - names).to eq([])
      expect(json["kinds"].map { |kind| kind["name"] }).to include("wire_rope", "shackle", "mat", "crane", "load_cell")
    end

    it "names what is just like a piece, ready and in date" do
      examined_lately("W-08")
      twin = Piece.create!(fields: piece("W-08").fields.merge("number" => "W-99"))
      late = Piece.create!(fields: piece("W-08").fields.merge("number" => "W-98", "examined" => "2026-01-05"))
      send_json(:get, "/api/pieces/#{piece("W-08").id}")
      expect(json["twins"].map { |one| one["id"] }).to include(twin.id)
      expect(json["twins"].map { |one| one["id"] }).not_to include(late.id)
    end
  end

  describe "several like pieces at once" do
    let(:fields) { { "kind" => "shackle", "wll" => "3.25 t", "mass" => "1.2 kg" } }

    it "are entered all, each with a code of its own" do
      send_json(:post, "/api/pieces", fields: fields, numbers: "Q-08 to Q-11, Q-20")
      expect(
        [ response.status, json.map { |one|
          one["fields"]["number"]
        } ]
      ).to eq([ 201, %w[Q-08 Q-09 Q-10 Q-11 Q-20] ])
      expect(json.map { |one| one["code"] }.uniq.size).to eq(5)
    end

    it "are entered none where one is there already or cannot be read" do
      send_json(:post, "/api/pieces", fields: fields, numbers: "S-10 to S-12")
      expect(faults).to eq([ [ "/fields/number", "a piece of this number is in the store already: S-11" ] ])
      send_json(:post, "/api/pieces", fields: fields.except("wll"), numbers: "Q-1, Q-2")
      expect(faults.map(&:first)).to eq([ "/fields/wll" ])
      { "Q-9 to Q-1" => /backwards/, "" => /no number/, "Q-1 to Q-9999" => /9999 numbers/ }.each do |numbers, words|
        send_json(:post, "/api/pieces", fields: fields, numbers: numbers)
        expect(faults).to match([ [ "/fields/number", words ] ])
      end
      expect(Piece.where("number LIKE 'Q-%' OR number = 'S-10'").count).to eq(0)
    end
  end

  # A day that has begun at the site may not have begun elsewhere.
  describe "at midnight" do
    include ActiveSupport::Testing::TimeHelpers

    around do |example|
      before = ENV.fetch("TZ", nil)
      example.run
    ensure
      ENV["TZ"] = before
    end

    # The site's zone, a moment, and whether what is due on 20 November may still go out.
    [
      [ "UTC", "2026-11-20T23:59:30Z", 201 ],
      [ "UTC", "2026-11-21T00:00:30Z", 422 ],
      [ "Asia/Tokyo", "2026-11-20T14:59:30Z", 201 ],
      [ "Asia/Tokyo", "2026-11-20T15:00:30Z", 422 ],
      [ "America/Lima", "2026-11-21T04:59:30Z", 201 ],
      [ "America/Lima", "2026-11-21T05:00:30Z", 422 ]
    ].each do |zone, at, status|
      it "#{status == 201 ? "lets" : "does not let"} it go out at #{at} in #{zone}" do
        ENV["TZ"] = zone
        piece("R-11").then { |one| one.update!(fields: one.fields.merge("examined" => "2026-05-20")) }
        travel_to(Time.iso8601(at)) { act("R-11", "hand_out", with: "B. Yucca") }
        expect([ response.status, piece("R-11").due ]).to eq([ status, "2026-11-20" ])
      end
    end
  end

  it "has every examination ahead in the calendar, and none of what is gone" do
    piece("C-14").then { |one| act("C-14", "scrap", why: "bent", version: one.lock_version) }
    get "/api/calendar"
    events = Icalendar::Calendar.parse(response.body).first.events.select { |one|
      one.uid.to_s.start_with?("examination")
    }
    ahead = Piece.where("due >= ?", today.iso8601).where.not(state: "scrapped")
    told = events.to_h { |one| [ one.uid.to_s[/examination-(.+)@/, 1], one.dtstart.strftime("%Y-%m-%d") ] }
    expect(told).to eq(ahead.to_h { |one| [ one.number, one.due ] })
  end

  it "keeps a certificate beside its piece, and refuses what is none" do
    png = Rack::Test::UploadedFile.new(
      StringIO.new("\x89PNG\r\n\x1a\n#{"0" * 60}"),
      "image/png",
      original_filename: "a.png"
    )
    id = piece("C-14").id
    post "/api/pieces/#{id}/files", params: { file: png }
    expect(response).to have_http_status(:created)
    get "/api/pieces/#{id}/files"
    expect(json.map { |one| one["name"] }).to eq([ "a.png" ])
    get json[0]["address"]
    expect([ response.status, response.media_type ]).to eq([ 200, "image/png" ])
    text = Rack::Test::UploadedFile.new(StringIO.new("hello"), "image/png", original_filename: "b.png")
    post "/api/pieces/#{id}/files", params: { file: text }
    expect(response).to have_http_status(:unprocessable_content)
  end
end

# The same field of many pieces at once.
RSpec.describe "Pieces changed together" do
  before { load_store }

  def json = JSON.parse(response.body)
  def ask(asked, fields, **more)
    body = JSON.generate(asked: asked, fields: fields, **more)
    post "/api/piece_changes", params: body, headers: { "Content-Type" => "application/json" }
  end

  let(:shackles) { Piece.where(kind: "shackle") }

  it "are shown first, and kept as they were shown" do
    ask({ kind: "shackle" }, { "place" => "bin 7" })
    expect(json).to include("count" => shackles.count, "changing" => shackles.count, "faulty" => 0)
    expect(json["rows"][0]["changes"]).to eq([ { "field" => "place", "from" => "bin 1, shackles", "to" => "bin 7" } ])
    expect(shackles.pluck(:place).uniq).to eq([ "bin 1, shackles" ])
    ask({ kind: "shackle" }, { "place" => "bin 7" }, seen: json["seen"])
    expect(json).to eq("kept" => shackles.count)
    expect(shackles.pluck(:place).uniq).to eq([ "bin 7" ])
    expect(Piece.where(place: "bin 7").count).to eq(shackles.count)
  end

  it "are none where one changed meanwhile, where other fields are meant, or one cannot be read" do
    ask({ kind: "shackle" }, { "use" => "hard" })
    seen = json["seen"]
    ask({ kind: "shackle" }, { "use" => "heat" }, seen: seen)
    expect(response).to have_http_status(:conflict)
    shackles.first.then { |piece| piece.update!(fields: piece.fields.merge("note" => "bent")) }
    ask({ kind: "shackle" }, { "use" => "hard" }, seen: seen)
    expect([ response.status, shackles.pluck(:use).uniq ]).to eq([ 409, [ "normal" ] ])
    ask({ kind: "shackle" }, { "in_service" => "2030-01-01" })
    expect(json).to include("faulty" => shackles.count, "changing" => 0)
    ask({ kind: "shackle" }, { "in_service" => "2030-01-01" }, seen: json["seen"])
    expect(response).to have_http_status(:unprocessable_content)
    expect(shackles.map { |piece| piece.fields["in_service"] }.uniq).to eq([ nil ])
  end

  it "are never changed in what is each piece's own" do
    [ { "state" => "ready" }, { "examined" => "2026-11-01" }, { "wll" => "9 t" }, { "number" => "X" },
      {} ].each do |fields|
      ask({ kind: "shackle" }, fields)
      expect([ response.status, json["errors"][0]["message"] ]).to eq([ 422, "nothing is to be changed" ])
    end
    stub_const("Piece::Together::MOST", 2)
    ask({ kind: "shackle" }, { "place" => "bin 7" })
    expect(json["errors"][0]["message"]).to eq("these are more than 2 pieces")
    ask("all", { "place" => "bin 7" })
    expect(response).to have_http_status(:bad_request)
  end
end
