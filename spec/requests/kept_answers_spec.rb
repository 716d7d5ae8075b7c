# What is sent again and again is worked out once, for as long as nothing changes: never a moment longer.
RSpec.describe "Kept answers" do
  include_context "with data for good"

  # A place of its own, which nothing of another example is in.
  around { |example| Dir.mktmpdir { |place| (@place = place) && example.run } }

  before do
    stub_const("KeptAnswer::STORE", BoundedFiles.new(@place, most: 10.megabytes, lasts: 1.day))
    load_store
  end

  let(:plan) { demo_plan("feed-horn") }
  let(:address) { "/api/plans/#{plan.id}" }

  def shown(path = address, **headers)
    get path, headers: headers
    response.parsed_body
  end

  # How often a plan is climbed while the block runs.
  def climbs(&block)
    count = 0
    allow(DustLadder).to receive(:check).and_wrap_original { |check, *rest, **more|
      count += 1
      check.call(*rest, **more)
    }
    block.call
    count
  end

  it "climbs a plan once for all who open it, and sends it to nobody who has it" do
    first = shown
    expect(climbs { expect(shown).to eq(first) }).to eq(0)
    mark = response.headers["ETag"]
    shown(address, "If-None-Match" => mark)
    expect([ response.status, response.body ]).to eq([ 304, "" ])
    plan.touch
    shown(address, "If-None-Match" => mark)
    expect(response.status).to eq(200)
  end

  it "is climbed no more by whoever opens it, once the board has worked it out, whatever else others want" do
    demo_plan("feed-horn")
    plan
    Plan.all.each { |one| one.board_line.work_out }
    told = nil
    expect(climbs { told = shown }).to eq(0)
    FileUtils.rm_rf(Dir["#{@place}/*"])
    elsewhere { Person.first.touch }
    expect(climbs { expect(shown).to eq(told) }).to eq(1)
    gear = told["ladder"]["rungs"].find { |rung| rung["id"] == "gear" }
    expect(gear["cautions"].map { |one| one["text"]["metric"] }).to include(/is also taken by/)
  end

  it "leaves nothing of the board's that somebody saved anew, or that took too long, and says what it worked out" do
    line = plan.board_line
    now = Plan.find(plan.id)
    now.revise(now.document.merge("title" => "Another"), lock_version: now.lock_version, note: "")
    line.work_out
    expect(BoardLine.find_by!(plan_id: plan.id)).to be_stale
    allow_any_instance_of(DustLadder::Ladder).to receive(:cut_short?).and_return(true)
    BoardLine.find_by!(plan_id: plan.id).work_out
    expect(BoardLine.find_by!(plan_id: plan.id).shown["rungs"]).to be_present
    expect(Dir["#{@place}/**/*"].select { |path| File.file?(path) }).to eq([])
  end

  it "sends it compressed to whoever can read that, the same to the last letter" do
    plain = shown.then { response.body }
    get address, headers: { "Accept-Encoding" => "gzip" }
    expect(response.headers.values_at("Content-Encoding", "Vary")).to eq([ "gzip", "Accept-Encoding" ])
    expect(response.body.bytesize).to be < plain.bytesize / 4
    expect(ActiveSupport::Gzip.decompress(response.body).force_encoding("UTF-8")).to eq(plain)
    post "/api/checks",
      params: JSON.generate(document: plan.document),
      headers: { "Content-Type" => "application/json", "Accept-Encoding" => "gzip" }
    expect(JSON.parse(ActiveSupport::Gzip.decompress(response.body))["verdict"]).to be_present
    expect(response.headers.values_at("ETag", "Cache-Control")).to eq([ nil, "no-store" ])
  end

  it "knows at once what another hand changed of the plan, its gear, its chart, and what the day changes" do
    number = DustLadder::Plan::NamedGear.numbers(plan.document).first
    rung = ->(id) { shown["ladder"]["rungs"].find { |one| one["id"] == id } }
    expect(rung.("gear")["verdict"]).to eq("holds")
    piece = Piece.find_by!(number: number)
    gone = piece.fields.merge("state" => "quarantined")
    elsewhere { piece.rewrite(gone, lock_version: piece.lock_version) }
    expect(rung.("gear")["verdict"]).to eq("stop")
    now = Plan.find(plan.id)
    elsewhere { now.revise(now.document.merge("title" => "Another"), lock_version: now.lock_version, note: "") }
    expect(shown["document"]["title"]).to eq("Another")
    expect(shown["revision"]).to eq(2)
    expect(climbs { shown }).to eq(0)
    allow(SiteClock).to receive(:today).and_return(SiteClock.today + 1)
    expect(climbs { shown }).to eq(1)
  end

  it "climbs a plan no more while others are saved beside it, nor in another process; and what was spoiled, it does" do
    first = shown
    elsewhere { demo_plan("cable-girder") }
    expect(climbs { expect(shown).to eq(first) }).to eq(0)
    kept = Dir["#{@place}/**/*"].select { |path| File.file?(path) }
    kept.each { |path| File.binwrite(path, File.binread(path).sub(/.{9}\z/m, "spoiled..")) }
    elsewhere { Person.first.touch }
    expect(climbs { expect(shown).to eq(first) }).to eq(1)
  end

  it "names all that an answer rests on: whatever of it is changed, the plan is climbed anew" do
    load_sites
    own = OwnRules.copy("strict", title: "Saltpan yard", by: "Ines")
    document = demo_document("cabin-on-salt")
    document["rules"] = own.identifier
    document["snapshots"]["rule_sets"] = { own.identifier => DustLadder::PlanFile::Digest.snapshot(own.data) }
    salt = Plan.start(DustLadder::PlanFile.accept(document))
    address = "/api/plans/#{salt.id}"
    expect(shown(address)["ladder"]["rungs"]).to be_present
    named = OwnHouse.names(salt.document)
    expect(named).to all(be_present)
    pieces, charts, sites, people, rules = named.map(&:first)
    {
      "the plan" => -> { Plan.find(salt.id).touch },
      "a piece" => -> { Piece.find_by!(number: pieces).touch },
      "its chart" => -> { Chart.find_by!(identifier: charts).touch },
      "its site" => -> { Site.find_by!(identifier: sites).touch },
      "its person" => -> { Person.find_by!(login: people).touch },
      "its rules" => -> { OwnRules.create!(identifier: rules, version: 9, data: own.data, by: "Ines") },
      "its life" => -> { LifeRecord.create!(plan: salt, number: 1, data: { "no" => "record" }) }
    }.each do |what, change|
      expect(climbs { elsewhere(&change) && shown(address) }).to eq(1), what
    end
  end

  it "believes no board line about what a plan asks that is of another revision, another core or an older house" do
    shown
    line = plan.board_line.reload
    expect(line.asks).to eq(OwnHouse.names(plan.document))
    marks = -> { Plan::Mark.of(plan.id) }
    told = marks.call
    [ { revision: 7 }, { core: "another" }, { asks: [] }, { asks: [ [ "C-99" ] ] } ].each do |odd|
      line.update_columns(**odd)
      expect(marks.call).to eq(told)
      line.reload.update_columns(revision: 1, core: BoardLine::CORE, asks: OwnHouse.names(plan.document))
    end
    line.update_columns(asks: OwnHouse.names(plan.document).map(&:reverse).tap { |asks| asks[0] = %w[C-99] })
    expect(marks.call).not_to eq(told)
  end

  it "keeps by no name what was made while that changed on which it rests" do
    piece = Piece.find_by!(number: DustLadder::Plan::NamedGear.numbers(plan.document).first)
    times = 0
    allow(DustLadder).to receive(:check).and_wrap_original { |check, *rest, **more|
      elsewhere { piece.touch } if (times += 1) == 1
      check.call(*rest, **more)
    }
    shown
    expect(Dir["#{@place}/**/*"].select { |path| File.file?(path) }).to eq([])
    2.times { shown }
    expect(times).to eq(2)
    expect(Dir["#{@place}/**/*"].count { |path| File.file?(path) }).to eq(1)
  end

  it "keeps nothing of a check that was cut short" do
    allow_any_instance_of(DustLadder::Ladder).to receive(:cut_short?).and_return(true)
    expect(climbs { 2.times { shown } }).to eq(2)
  end

  it "keeps a page of the board and of the store until one of them changes" do
    plan
    Timeout.timeout(60) { sleep 0.1 until shown("/api/board")["working"].zero? }
    board = shown("/api/board")
    expect(shown("/api/board?order=weakest")["lines"]).to eq(board["lines"])
    store = shown("/api/pieces?sort=sling")
    expect(shown("/api/pieces?sort=beam")["pieces"]).not_to eq(store["pieces"])
    queries = 0
    counted = ->(*, payload) { queries += 1 if payload[:sql].match?(/board_lines|"pieces"/) }
    ActiveSupport::Notifications.subscribed(counted, "sql.active_record") do
      expect([ shown("/api/board"), shown("/api/pieces?sort=sling") ]).to eq([ board, store ])
    end
    expect(queries).to eq(0)
    elsewhere { Piece.slings.first.destroy! }
    expect(shown("/api/pieces?sort=sling")["asked"]).to eq(store["asked"] - 1)
    elsewhere { demo_plan("cable-girder") }
    expect(shown("/api/board")["asked"]).to eq(2)
  end
end
