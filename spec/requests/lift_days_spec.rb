# The day of a lift: what several people say of it from several devices, kept once each, and what follows.
RSpec.describe "The day of a lift" do
  before { load_store }

  let(:plan) { issued(demo_plan("feed-horn")) }
  let(:address) { "/api/plans/#{plan.id}/day" }
  let(:supervisor) { "Ines Rook" }

  # The plan names nobody: they are named on the day.
  def crew
    { "operator" => "Bram Yucca", "slinger" => "Teo Vance", "signaller" => "Mara Tarn", "supervisor" => supervisor }
  end
  def name_crew = say(*crew.map { |role, name| said("named", name, role: role) })
  def day = get(address).then { response.parsed_body }

  def say(*events)
    post address, params: JSON.generate(events: events), headers: { "Content-Type" => "application/json" }
    response.parsed_body
  end

  def number = day["number"]
  def phase(id) = day["phases"].find { |one| one["id"] == id }

  # The same lift on another day, so that they do not want one crane at once.
  def later(plan)
    change(plan, "/lift_at" => "2026-12-16T06:30", "/lift_until" => "2026-12-16T08:00")
  end

  def change(plan, values)
    document = DustLadder::PlanFile.accept(DustLadder::PlanFile::Pointer.with_values(plan.document, values))
    plan.revise(document, lock_version: plan.lock_version, note: "changed")
  end

  # Everything of a phase with yes, its end too.
  def through(*ids)
    ids.each do |id|
      one = phase(id)
      seen = number
      say(
        *one["items"].map { |item| said("answered", "", seen: seen, phase: id, item: item["id"], answer: "yes") },
        *one["heard"].map { |who| said("heard", who["name"], seen: seen, role: who["role"], answer: "yes") }
      )
      say(said("tried", seen: number, try: fine_try)) if one["trial"]
      say(said("rigged", seen: number, measured: as_planned)) if one["measured"]
      say(said("held", crew.fetch(one["by"]), seen: number, phase: id, answer: "yes"))
    end
  end

  def as_planned = { lengths: plan.ladder.lift.bridle.lengths.map { |long| format("%.3f m", long) } }

  # What is read where everything is as planned.
  def fine_try
    lift = plan.ladder.lift
    gross = lift.load.planned_kg + lift.duty.gross.shown_beside_load(with_block: false).sum(&:kg)
    {
      indicator: "#{(gross * 0.99).round} kg",
      shows: "without_block",
      along: "0.2°",
      across: "-0.1°",
      tight: "yes",
      brakes: "held",
      swing: "none"
    }
  end

  ALL = %w[gear ground rigged briefing area trial lift landing unhooked].freeze

  it "goes from the gear to unhooking, begins the lift in the plan's records and closes it" do
    name_crew
    through(*ALL.first(6))
    expect(day).to include("state" => "issued", "open" => "lift", "why" => nil)
    expect(day["lines"].filter_map { |line| line["why"] }).to eq([])
    expect(day["signaller"]).to eq("Mara Tarn")
    through("lift")
    expect(day["state"]).to eq("lifting")
    through("landing", "unhooked")
    say(said("lesson", word: "tag line from the north side"), said("closed", supervisor, seen: number, lifted: "yes"))
    expect(day).to include("state" => "closed", "closed" => a_hash_including("lifted" => "yes", "name" => supervisor))
    expect(plan.reload.life.chain.records.last(2).map(&:act)).to eq(%w[began closed])
    expect(plan.life.faults).to eq([])
    # What still comes in is kept, and says that it was late.
    say(said("held", "Pia Orr", phase: "area", answer: "yes"), said("note", word: "block was parked at 11 m"))
    expect(day["lines"].last(2).map { |line| line["why"] }).to eq([ "it came after the day was closed", nil ])
    expect(DustLadder::Day::Log.new(DayEvent.where(plan: plan).order(:number).map(&:data)).faults).to eq([])
  end

  it "closes without a lift, with why" do
    say(said("stop", why: "wind"), said("closed", supervisor, seen: 1, lifted: "no", why: "gusts all day"))
    expect(plan.reload.life).to have_attributes(state: "closed")
    expect(plan.life.course.reason).to eq("gusts all day")
  end

  describe "sending" do
    it "keeps once what is sent twice, alone, in one go and at the same moment" do
      note = said("note", word: "one")
      first = say(note, note)["taken"].map { |one| one["number"] }
      expect(say(note)["taken"].map { |one| one["number"] } + first).to eq([ 1, 1, 1 ])
      expect(DayEvent.count).to eq(1)
    end

    it "keeps what is fine beside what is not, and names the place" do
      taken = say(
        said("note", word: "one"),
        said("held", "Mara", phase: "moon", answer: "yes"),
        said("note", word: "two")
      )["taken"]
      expect(taken.map { |one| one["number"] }).to eq([ 1, nil, 2 ])
      expect(taken[1]["faults"]).to match([ a_hash_including("pointer" => "/about/phase") ])
    end

    it "refuses an event that another lift has" do
      note = said("note", word: "one")
      say(note)
      other = issued(demo_plan("feed-horn").tap { |one| later(one) })
      post "/api/plans/#{other.id}/day",
        params: JSON.generate(events: [ note ]),
        headers: { "Content-Type" => "application/json" }
      expect(response.parsed_body["taken"][0]["faults"][0]).to include("pointer" => "/id")
    end

    it "looks at what was read and measured too" do
      taken =
        say(
          said("tried", try: { indicator: "twelve" }),
          said("tried", try: { brakes: "perhaps" }),
          said("rigged", measured: { lengths: [ "0 m", nil ] }),
          said("rigged", measured: {})
        )["taken"]
      expect(taken.map { |one| one["faults"][0]["pointer"] }).to eq(
        %w[/about/try/indicator /about/try/brakes /about/measured/lengths/0 /about/measured]
      )
    end

    [ nil, "x", {}, 5, [ nil ], [ 5 ], [ [] ], [ {} ], [ { id: [] } ] ].each do |events|
      it("answers in words to #{events.inspect}") do
        post address, params: JSON.generate(events: events), headers: { "Content-Type" => "application/json" }
        expect(response.status).to be_in([ 201, 422 ])
        expect(DayEvent.count).to eq(0)
      end
    end

    it "answers with nothing new where nothing happened" do
      get address
      get address, headers: { "If-None-Match" => response.headers["etag"] }
      expect(response).to have_http_status(:not_modified)
      say(said("note", word: "one"))
      get address, headers: { "If-None-Match" => response.headers["etag"] }
      expect(response.status).to eq(200)
    end
  end

  describe "who may" do
    it "lets a reader call stop and write a note, nothing else" do
      plan
      signed_in_as("reader")
      taken = say(
        said("stop", why: "a child"),
        said("note", word: "x"),
        said("held", "Me", phase: "gear", answer: "yes")
      )["taken"]
      expect(taken.map { |one| one["number"] }).to eq([ 1, 2, nil ])
      expect(taken[2]["faults"][0]["message"]).to eq("this is not for a reader")
      expect(day["stop"]).to include("words" => "a child", "by" => "reader Thorne")
    end

    it "lets the supervisor whom the plan names go on, by their own hand alone" do
      manned = demo_document("cabin-on-salt")
      people = { "/crew" => manned["crew"], "/snapshots/people" => manned["snapshots"]["people"] }
      horn = issued(demo_plan("feed-horn").tap { |one| change(one, people) })
      at = "/api/plans/#{horn.id}/day"
      tell = ->(*events) {
        post at, params: JSON.generate(events: events), headers: { "Content-Type" => "application/json" }
      }
      tell.(said("stop", why: "wind"), said("went_on", "Ines Rook", seen: 1, word: "calm"))
      expect(response.parsed_body.dig("day", "lines").last["why"]).to match(/for the supervisor, Ines Rook/)
      login_as(Person.find_by!(login: "ines").tap { |one| one.update!(roles: %w[rigger]) }, scope: :person)
      tell.(said("went_on", "Ines Rook", seen: 2, word: "calm"))
      expect(response.parsed_body.dig("day", "stop")).to be_nil
    end

    it "lets nobody go on where nobody is named as supervisor" do
      say(said("stop", why: "wind"), said("went_on", supervisor, seen: 1, word: "calm"))
      expect(day["lines"].last["why"]).to eq("nobody is named as supervisor")
      say(said("named", supervisor, role: "supervisor"), said("went_on", supervisor, seen: 3, word: "calm"))
      expect(day["stop"]).to be_nil
      say(said("named", "Somebody Else", role: "supervisor"))
      expect(day["lines"].last["why"]).to eq("the plan names Ines Rook as supervisor")
    end
  end

  it "has no day before it is issued, and stops where it is withdrawn" do
    draft = demo_plan("gearbox")
    post "/api/plans/#{draft.id}/day",
      params: JSON.generate(events: [ said("stop") ]),
      headers: { "Content-Type" => "application/json" }
    expect(response.status).to eq(422)
    expect(get("/api/plans/#{draft.id}/day").then { response.parsed_body }["why"]).to match(/nobody has issued/)
    act_of(plan, person("Ines Appointed", roles: %w[appointed]), "withdrawn", "reason" => "the ground is soft")
    expect(day).to include("state" => "withdrawn", "why" => "withdrawn: the ground is soft")
    expect(say(said("note", word: "late"))["taken"][0]["number"]).to eq(1)
  end

  it "gives its record as a file that agrees, and none of a lift that has no day" do
    say(said("note", word: "salt on the mats"), said("stop", why: "wind"))
    get("/api/plans/#{plan.id}/day_file")
    expect(response.headers["Content-Disposition"]).to include("attachment", "-day.json")
    title, log = DustLadder::Day::DayFile.read(response.body)
    expect([ title, log.events.map(&:kind), log.faults ]).to eq([ plan.title, %w[note stop], [] ])
    get("/api/plans/#{demo_plan("gearbox").id}/day_file")
    expect(DustLadder::Day::DayFile.read(response.body)[1].events).to eq([])
  end

  it "judges a try, and what was measured, while it is typed, and keeps nothing" do
    ask = ->(body) do
      post "/api/plans/#{plan.id}/trial", params: JSON.generate(body), headers: { "Content-Type" => "application/json" }
      response.parsed_body
    end
    expect(ask.(try: fine_try)).to include("tries" => [ a_hash_including("verdict" => "holds") ])
    expect(ask.(try: fine_try.merge(along: "9°"))["tries"][0]).to include("verdict" => "stop")
    expect(ask.(try: { along: "9" })["errors"][0]).to include("pointer" => "/tries/0/along")
    lengths = plan.ladder.lift.bridle.lengths.map { |long| format("%.3f m", long) }
    expect(ask.(measured: { lengths: lengths })).to include("verdict" => "holds", "beyond" => [])
    short = [ format("%.3f m", lengths[0].to_f * 0.95), *lengths.drop(1) ]
    expect(ask.(measured: { lengths: short })).to include("verdict" => "stop")
    expect(ask.(measured: { lengths: [ "1 m" ] })["errors"][0]).to include("pointer" => "/measured/lengths")
    expect(DayEvent.count).to eq(0)
  end

  it "answers odd things in words, whatever stands in whichever place, and keeps nothing that it could not read" do
    random = Random.new(7)
    odd = [ nil, "", " ", "x" * 600, 0, -1, 1e308, true, [], {}, [ [] ], { "a" => nil }, "NaN kg", "1e400 kg", "٣ kg",
      "5 kg\u0000" ]
    pick = -> { odd.sample(random: random) }
    odd_rig = -> do
      names = %w[spread uppers holes bail span].sample(3, random: random)
      names.to_h { |name| [ name, [ pick.(), [ pick.() ], [ pick.(), pick.() ] ].sample(random: random) ] }
    end
    50.times do
      event = said(
        "tried",
        try: { cells: [ pick.(), pick.() ], indicator: pick.(), along: pick.(), slack: pick.(), lengths: pick.() }
      )
      event[%i[id at kind name seen about].sample(random: random)] = pick.()
      [
        [ address, { events: [ event ] } ],
        [ "/api/plans/#{plan.id}/trial", { try: event[:about].is_a?(Hash) ? event[:about][:try] : pick.() } ],
        [ "/api/plans/#{plan.id}/trial",
          { measured: { lengths: [ pick.(), pick.() ], angles: pick.(), hook_height: pick.() } } ],
        [ "/api/plans/#{plan.id}/trial",
          { measured: odd_rig.() } ]
      ].each do |place, body|
        text = JSON.generate(body)
        post place, params: text, headers: { "Content-Type" => "application/json" }
        expect(response.status).to be_in([ 200, 201, 422 ]), text
      end
    end
    # What was kept of it can be read, and the day with it.
    expect(day["lines"].size).to eq(DayEvent.count)
    expect(response.status).to eq(200)
  end

  it "shows two who said otherwise without having seen each other" do
    items = phase("gear")["items"].map { |item| item["id"] }
    say(said("answered", "Mara", phase: "gear", item: items[0], answer: "yes"))
    signed_in_as("rigger")
    say(said("answered", "Pia", phase: "gear", item: items[0], answer: "no", word: "one is missing"))
    expect(phase("gear")["items"][0]["said"]).to include(
      "answer" => "no",
      "name" => "Pia",
      "against" => [ a_hash_including("name" => "Mara", "answer" => "yes") ]
    )
  end

  it "stops by wind over the limit, and refuses what is no wind" do
    say(said("wind", gust: "1 m/s"))
    expect(day).to include("wind" => a_hash_including("said" => a_hash_including("over" => false)), "stop" => nil)
    say(said("wind", gust: "40 m/s"))
    expect(day["wind"]["said"]).to include("over" => true)
    expect(day["stop"]).to include("words" => "wind, 40 m/s")
    wrong = say(*[ "rather calm", "-3 m/s", "900 m/s", "12" ].map { |gust| said("wind", gust: gust) })["taken"]
    expect(wrong.map { |one| one["faults"][0]["pointer"] }.uniq).to eq([ "/about/gust" ])
  end

  it "judges a try that was rigged otherwise than planned as it was rigged, and never as better than tight" do
    lengths = plan.ladder.lift.bridle.lengths
    ask = ->(by) do
      try = fine_try.merge(
        lengths: lengths.each_with_index.map { |long, at|
          format("%.3f m", at.zero? ? long + by : long)
        }
      )
      post "/api/plans/#{plan.id}/trial",
        params: JSON.generate(try: try),
        headers: { "Content-Type" => "application/json" }
      response.parsed_body["tries"][0]
    end
    expect(ask.(0.001)["findings"].map { |one| one["id"] }).not_to include("rigged")
    other = ask.(0.048)
    expect(
      other["findings"].find { |one|
        one["id"] == "rigged"
      }
    ).to include("verdict" => be_in(%w[tight stop not_known]))
    expect(other["verdict"]).not_to eq("holds")
  end

  it "leaves out tries of legs that the plan has no more, and can be tried again" do
    say(said("tried", try: fine_try.merge(cells: [ "500 kg", "500 kg" ])))
    expect(day["trial"]["tries"].size).to eq(1)
    # As after a change of the plan to other legs.
    last = DayEvent.last
    data = last.data.merge("about" => { "try" => { "cells" => [ "1 t", "1 t", "1 t" ] } })
    other = { "number" => 2, "uid" => SecureRandom.uuid, "data" => data }
    DayEvent.create!(last.attributes.except("id").merge(other))
    expect(day["trial"]["tries"].size).to eq(1)
    expect(day["trial"]["missing"]).to be_nil
  end

  it "counts nothing that was said before the revision was issued" do
    through("gear")
    expect(phase("gear")["done"]).to be(true)
    act_of(plan, person("Jun Kovar", roles: %w[planner]), "wrote")
    say(said("answered", "Mara", phase: "gear", item: "tags", answer: "yes"))
    expect(day["lines"].last["why"]).to eq("it was said of another revision")
    expect(phase("gear")["items"].filter_map { |item| item["said"] }).to eq([])
  end


  it "quarantines what was found out, in the store and for whatever is planned with it" do
    say(said("finding", piece: "C-14", word: "one latch bent", out: "no"))
    expect(Piece.find_by!(number: "C-14").state).to eq("ready")
    taken = say(
      said("finding", piece: " C-14 ", word: "link stretched", out: "yes"),
      said("finding", piece: "Q-99", word: "?", out: "yes")
    )
    expect(taken["taken"].map { |one| one["number"] }).to eq([ 2, 3 ])
    asides = taken["day"]["lines"].to_h { |one| [ one["about"]["piece"].strip, one["aside"] ] }
    expect(asides).to eq("C-14" => nil, "Q-99" => "the store knows no Q-99: nothing was taken out of use")
    piece = Piece.find_by!(number: "C-14")
    expect(piece.state).to eq("quarantined")
    expect(piece.acts.last).to have_attributes(plan: plan, why: /Feed horn crate FH-2: link stretched/)
    say(said("finding", piece: "C-14", word: "again", out: "yes"))
    expect(piece.acts.reload.size).to eq(1)
    expect(plan.reload.life.tap(&:withdraw_broken).plan.reload.life.state).to eq("withdrawn")
  end

  it "is found by what was learnt on it" do
    say(said("lesson", word: "tag line from the north side, the crate turns"))
    get "/api/board", params: { search: "crate turns" }
    expect(response.parsed_body["lines"].map { |line| line["id"] }).to eq([ plan.id ])
  end

  describe "taking what a trial taught into the plan" do
    let(:load) do
      lift = plan.ladder.lift
      truth =
        DustLadder::Trial::Simulated::Truth.new(
          weight: lift.load.planned_kg * 0.97,
          cg: lift.load.cg.zip([ 0.12, 0.0, 0.0 ]).map(&:sum),
          lengths: [ 0.0 ] * 2,
          stiff: 1.0
        )
      DustLadder::Trial::Simulated.new(lift, truth)
    end

    def take(seen: number, password: PeopleHelp::PASSWORD)
      post "/api/plans/#{plan.id}/taking",
        params: JSON.generate(seen: seen, password: password),
        headers: { "Content-Type" => "application/json" }
      response.parsed_body
    end

    before { say(said("tried", try: load.try)) }

    it "begins the next revision, with the weight and the CG that were learnt, and asks for every signature again" do
      told = day["trial"]
      expect(told["learnt"]["cg"][0]["off"]["value"]).to be_within(0.05).of(0.12)
      expect(told["taken"]["changes"].keys).to include("/load/weight", "/load/cg")
      expect(take).to include("revision" => "B")
      expect(response.status).to eq(201)
      plan.reload
      expect(plan.life).to have_attributes(state: "draft", written?: false)
      expect(plan.document.dig("load", "weight")).to include("basis" => "weighed", "source" => "trial lift")
      expect(plan.current.note).to eq("taken from the trial lift")
      expect(plan.life.course.lapsed.size).to be >= 6
      # The tries stay, for whoever tries again; none of them is of the new revision.
      expect(day["trial"]["tries"].size).to eq(1)
      expect(day["tried"]).to eq(0)
      expect(day["why"]).to match(/written anew/)
    end

    it "takes nothing without the password, of what was not seen, or of nothing" do
      expect(take(password: "x")["errors"][0]["message"]).to match(/password/)
      expect(take(seen: 0)["errors"][0]["pointer"]).to eq("/seen")
      expect(response.status).to eq(409)
      DayEvent.delete_all
      expect(take["errors"][0]["message"]).to match(/no try/)
      expect(plan.reload.life.state).to eq("issued")
    end
  end
end
