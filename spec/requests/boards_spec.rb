# The board: kept verdicts that are never older than what they speak of, a page at a time.
RSpec.describe "The board" do
  def json = JSON.parse(response.body)

  def board(**asked)
    get "/api/board", params: asked
    json
  end

  # Every line worked out, however slow the machine is today.
  def settled = Timeout.timeout(60) { board until json_or_none["working"] == 0 }
  def json_or_none = response ? json : {}

  def loads(**asked) = board(**asked)["lines"].map { |line| line["load"] }

  let(:four) { %w[azimuth-drive feed-horn cable-girder counterweight-block].to_h { |name| [ name, demo_plan(name) ] } }

  it "lists plans by day with verdict, governing rung and what they wait for" do
    four
    settled
    expect(board["lines"].map { |plan| plan.values_at("load", "verdict", "governs") }).to eq(
      [
        [ "FH-2", "holds", [ "level" ] ],
        [ "CW-4", "tight", [ "crane" ] ],
        [ "GD-12", "stop", %w[angle] ],
        [ "AD-1", "not_known", [ "load" ] ]
      ]
    )
    first, last = json["lines"].values_at(0, 3)
    expect(first["headline"]["metric"]).to match(/\AHolds: level/)
    expect(last["needs"]).to include("the weight is not given")
    expect(json["counts"]).to eq("stop" => 1, "not_known" => 1, "tight" => 1, "holds" => 1)
    expect(json.values_at("plans", "asked", "page", "pages", "working")).to eq([ 4, 4, 1, 1, 0 ])
  end

  it "shows the weakest first, by verdict, crane, day and words" do
    four
    settled
    expect(loads(order: "weakest")).to eq(%w[GD-12 AD-1 CW-4 FH-2])
    expect(loads(verdict: "tight")).to eq([ "CW-4" ])
    expect(loads(verdict: "fine").size).to eq(4)
    expect(loads(words: "girder")).to eq([ "GD-12" ])
    expect(loads(words: "cw-4")).to eq([ "CW-4" ])
    expect(loads(words: "%")).to eq([])
    day = four["feed-horn"].lift_at.first(10)
    expect(loads(day: day)).to eq(%w[FH-2 CW-4])
    expect(loads(day: "someday").size).to eq(4)
    expect(board["cranes"]).to all(be_a(String))
    expect(loads(crane: json["cranes"].first)).not_to be_empty
    expect(loads(crane: "no such crane")).to eq([])
  end

  it "answers in pages, the last one for any beyond" do
    stub_const("Api::BoardsController::PAGE", 3)
    four
    expect(loads(page: 2)).to eq([ "AD-1" ])
    expect(json.values_at("page", "pages", "asked")).to eq([ 2, 2, 4 ])
    expect(loads(page: 99)).to eq([ "AD-1" ])
    [ "x", "-5", "9" * 30, [ "2" ] ].each { |odd| expect(loads(page: odd)).not_to be_empty, odd.to_s }
    %i[words verdict crane day order].each do |name|
      [ [ "a" ], { "a" => "b" }, "\\", "%_'\"", "x" * 5000 ].each do |odd|
        board(name => odd)
        expect(response).to have_http_status(:ok), "#{name} #{odd}"
      end
    end
  end

  it "climbs a plan once, and again when it was saved, its gear changed, or the core is another" do
    load_store
    plan = demo_plan("counterweight-block")
    allow(DustLadder).to receive(:check).and_call_original
    verdict = -> { board["lines"].first["verdict"] }
    3.times { expect(verdict.()).to eq("tight") }
    expect(DustLadder).to have_received(:check).once

    document = plan.document.deep_dup
    document["load"]["weight"]["bare"] = "90 t"
    plan.revise(document, lock_version: plan.lock_version, note: "heavier")
    expect(verdict.()).to eq("stop")
    expect(board["lines"].first["revision"]).to eq(2)

    document["load"]["weight"]["bare"] = demo_document("counterweight-block").dig("load", "weight", "bare")
    plan.revise(document, lock_version: plan.lock_version, note: "as it was")
    expect(verdict.()).to eq("tight")
    number = plan.document.dig("rigging", "legs", 0, "sling")
    piece = Piece.find_by!(number: number)
    piece.update!(fields: piece.fields.merge("state" => "quarantined"))
    expect(verdict.()).to eq("stop")
    BoardLine.update_all(core: "an older core")
    expect(BoardLine.fresh).to be_empty
    expect(verdict.()).to eq("stop")
  end

  it "says that it is working where it has no time, shows no old verdict, and hides nothing meanwhile" do
    stub_const("Api::BoardsController::PATIENCE_S", -1)
    four
    lines = board(verdict: "holds")["lines"]
    expect(lines.map { |line| line.slice("working", "verdict") }.uniq).to eq([ { "working" => true } ])
    expect(lines.map { |line| line["title"] }).to match_array(four.values.map(&:title))
    expect(json["working"]).to eq(4)
    expect(json["counts"].values.sum).to eq(0)
    expect(BoardJob).to have_been_enqueued.at_least(:once)
    BoardJob.perform_now
    expect(loads(verdict: "holds")).to eq([ "FH-2" ])
    expect(json["working"]).to eq(0)
  end

  it "does not take a verdict for fresh that was worked out of what has changed meanwhile" do
    plan = demo_plan("counterweight-block")
    allow(DustLadder).to receive(:check).and_wrap_original do |check, *arguments, **more|
      check.call(*arguments, **more).tap { BoardLine.outdate(plan, 1, plan.document) }
    end
    expect(plan.board_line.tap(&:work_out)).not_to be_fresh
  end

  it "lists the others where one plan cannot be climbed, and says so of that one" do
    four
    allow(DustLadder).to receive(:check).and_wrap_original do |check, document, **more|
      raise "odd" if document["load"]["name"] == "CW-4"

      check.call(document, **more)
    end
    odd = board["lines"].find { |line| line["title"] == four["counterweight-block"].title }
    expect(odd.values_at("verdict", "needs")).to eq([ "not_known", [ "it could not be worked out: open it" ] ])
    expect(json["counts"].values).to all(eq(1).or(eq(2)).or(eq(0)))
    expect(json["lines"].size).to eq(4)
  end
end
