# Gear, cranes and hands that two lifts want at the same hours: said while it is planned, barred from being issued.
RSpec.describe "Bookings" do
  before { load_store }

  let(:first) { demo_plan("cabin-on-salt") }
  let(:second) { demo_plan("cabin-on-gravel") }

  def life(plan) = get("/api/plans/#{plan.id}/life").then { response.parsed_body }
  def bars(plan) = life(plan)["bars"].filter_map { |bar| bar["words"]["metric"] if bar["way"].key?("lift") }

  def change(plan, changes)
    document = DustLadder::PlanFile::Pointer.with_values(plan.reload.document, changes)
    plan.revise(DustLadder::PlanFile.accept(document), lock_version: plan.lock_version, note: "")
  end

  def checked(plan)
    post "/api/checks",
      params: JSON.generate(document: plan.document, plan: plan.id),
      headers: { "Content-Type" => "application/json" }
    response.parsed_body["rungs"]
  end

  def gear(plan) = checked(plan).find { |rung| rung["id"] == "gear" }["cautions"].map { |one| one["text"]["metric"] }

  it "are none of lifts one after the other" do
    first
    expect([ bars(second), gear(second) ]).to eq([ [], [] ])
  end

  it "are told beside the gear, and bar the issue, with the other lift's name and hours" do
    first
    change(second, "/lift_at" => "2026-12-23T08:00")
    expect(bars(second)).to match_array(
      %w[C-22 Juniper].map { |what|
        "#{what} is also taken by #{first.title}, 2026-12-23 08:00 to 2026-12-23 08:30"
      }
    )
    expect(gear(second).join).to include("Juniper is also taken by #{first.title}")
    expect(gear(first).join).to include("Juniper is also taken by #{second.title}")
  end

  it "are of one machine whatever sheet of its binder, and of hands by who they are" do
    first
    other = demo_plan("transformer")
    change(other, "/lift_at" => "2026-12-23T08:00", "/lift_until" => "2026-12-23T09:00")
    expect(bars(other)).to match([ include("Juniper") ])
    crew = first.document.slice("crew")["crew"]
    people = first.document.dig("snapshots", "people")
    change(other, "/crew" => crew, "/snapshots/people" => people)
    expect(
      bars(other).map { |words|
        words[/\A[\w ]+(?= is)/]
      }
    ).to match_array([ "Juniper", "Bram Yucca", "Teo Vance", "Mara Tarn" ])
  end

  it "take the rest of the day where nobody says until when" do
    change(first, "/lift_until" => nil)
    expect(bars(second).join).to include("Juniper")
    change(first, "/lift_at" => nil)
    expect(bars(second)).to eq([])
  end

  it "are none of a lift that is over, withdrawn, put away or of the plan itself" do
    change(second, "/lift_at" => "2026-12-23T08:00")
    line = BoardLine.find_by!(plan: first)
    %w[closed withdrawn].each do |state|
      line.update!(state: state)
      expect([ state, bars(second) ]).to eq([ state, [] ])
    end
    line.update!(state: "draft", archived: true)
    expect(bars(second)).to eq([])
    line.update!(archived: false)
    expect(bars(second).size).to eq(2)
  end

  it "let one of two be issued, though both were looked at before" do
    change(second, "/lift_at" => "2026-12-23T08:00")
    record = DustLadder::Life::Record.new("act" => "issued", "number" => 1, "digest" => "sha256:0")
    longer = instance_double(DustLadder::Life::Chain, records: [ record ])
    expect { second.life.send(:keep, longer, Time.current) }.to raise_error(Plan::Life::Overtaken) if first
    expect(LifeRecord.count).to eq(0)
  end

  # A second way: every line gone through. Hours from a minute to weeks, in any order, some of them on the stroke.
  it "are found of any hours, of lifts of a minute and of weeks, as by going through all of them" do
    random = Random.new(20_261_202)
    hour = -> { (Time.utc(2026, 12, 1) + random.rand(20 * 48) * 1800).strftime("%Y-%m-%dT%H:%M") }
    taken = first.board_line.attributes.slice("taken", "state")
    60.times do |at|
      from, till = [ hour.call, hour.call ].sort
      till = [ from[0, 10] + "T23:59", till ].min if at.odd?
      plan = Plan.create!(title: "Lift #{at}")
      BoardLine.create!(plan: plan, revision: 1, lift_at: from, ends: till, **taken)
    end
    all = BoardLine.includes(:plan).map { |line| [ line.plan_id, line.as_taken ] }
    found =
      all.map do |id, own|
        own = own.dup.tap { |one| one.until = nil } if id % 7 == 0
        others = all.reject { |other, _| other == id }.map(&:last)
        by_hand = DustLadder::Life::Bookings.of(own, others).map(&:to_h)
        expect(BoardLine.overlaps_of(own, except: id).map(&:to_h)).to match_array(by_hand)
        by_hand.size
      end
    expect(found.sum).to be > 100
  end

  it "ask of a document that is of no plan nothing" do
    first
    change(second, "/lift_at" => "2026-12-23T08:00")
    expect(DustLadder.check(second.document, **OwnHouse.of(second.document)).lift.overlaps).to eq([])
  end

  it "know what lifts take that were planned before anybody kept that, once they are looked at again" do
    change(second, "/lift_at" => "2026-12-23T08:00")
    BoardLine.find_by!(plan: first).update!(taken: {}, ends: nil, stale: true)
    BoardJob.perform_now
    expect(bars(second).size).to eq(2)
  end

  it "tell of signatures at the top of the ladder, and nothing of them in its verdict" do
    rungs = checked(first)
    expect(rungs.last).to include("id" => "signatures", "verdict" => "not_known")
    expect(rungs.last["note"]["metric"]).to eq("needs somebody to write it down")
    expect(response.parsed_body).to include("verdict" => DustLadder.check(first.document).verdict)
    expect(response.parsed_body["then"]).to include("Not signed: somebody to write it down")
  end
end
