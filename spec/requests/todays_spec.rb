# The lifts of one day beside one another: how far each is, who waits for whom, where stop is called.
RSpec.describe "The lifts of the day" do
  before { load_store }

  let!(:first) { issued(demo_plan("feed-horn")) }

  def today(on = "2026-12-14") = get("/api/today", params: { on: on }).then { response.parsed_body }
  def line(plan) = today["lifts"].find { |one| one["id"] == plan.id }

  def say(plan, *events)
    Plan::Day.new(plan).keep(events.map { |one| JSON.parse(JSON.generate(one)) }, person("Quill Thorne"))
  end

  # The same lift once more, later on the same day with the same crane.
  def again_at(from, until_at)
    plan = demo_plan("feed-horn")
    values = { "/lift_at" => from, "/lift_until" => until_at, "/title" => "Feed horn crate FH-3" }
    document = DustLadder::PlanFile.accept(DustLadder::PlanFile::Pointer.with_values(plan.document, values))
    plan.revise(document, lock_version: plan.lock_version, note: "later")
    issued(plan)
  end

  it "are those that are issued for it, with phase, wind limit and signaller" do
    expect(today["lifts"].map { |one| one["id"] }).to eq([ first.id ])
    expect(line(first)).to include(
      "phase" => "Gear inspected",
      "done" => 0,
      "stop" => nil,
      "waits_for" => nil,
      "signaller" => nil
    )
    expect(line(first)["wind"]).to include("limit" => a_hash_including("unit" => "m_per_s"), "gust" => nil)
    expect(today("2026-12-15")["lifts"]).to eq([])
    demo_plan("chiller")
    expect(today["lifts"].size).to eq(1)
  end

  it "tell a stop, a no, wind over the limit and what is withdrawn" do
    say(first, said("stop", "Pia Orr", why: "radio lost"), said("wind", gust: "1 m/s"))
    expect(line(first)["stop"]).to include("words" => "radio lost", "name" => "Pia Orr")
    expect(line(first)["wind"]).to include("gust" => "1 m/s", "over" => false)
    act_of(first, person("Ines Appointed", roles: %w[appointed]), "withdrawn", "reason" => "soft ground")
    expect(line(first)).to include("state" => "withdrawn", "why" => "withdrawn: soft ground")
  end

  it "tell who waits for whom, until the one before is over" do
    second = again_at("2026-12-14T09:00", "2026-12-14T10:00")
    expect(line(second)["waits_for"]).to eq("id" => first.id, "title" => first.title)
    expect(line(first)["waits_for"]).to be_nil
    say(first, said("named", "Ines Rook", role: "supervisor"), said("closed", "Ines Rook", lifted: "no", why: "gusts"))
    expect(line(second)["waits_for"]).to be_nil
    expect(line(first)).to include("state" => "closed")
  end

  it "are of a day that there is" do
    [ "2026-13-45", "soon", "2026-02-30", "0000-00-00" ].each do |on|
      today(on)
      expect(response.status).to eq(422), on
    end
    get "/api/today"
    expect(response.parsed_body["on"]).to eq(SiteClock.today.iso8601)
  end
end
