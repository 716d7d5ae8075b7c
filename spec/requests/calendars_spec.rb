# The calendar of lifts, competences and examinations, read back as any calendar would.
RSpec.describe "The calendar" do
  before { load_store }

  def events
    get "/api/calendar"
    expect(response.media_type).to eq("text/calendar")
    Icalendar::Calendar.parse(response.body).first.events
  end

  def named(start) = events.select { |event| event.uid.to_s.start_with?(start) }

  before { allow(SiteClock).to receive(:today).and_return(Date.new(2026, 12, 1)) }

  it "has every lift at its hours in the site's own time, without those that are over or put away" do
    plan = demo_plan("feed-horn")
    event = named("lift-").first
    expect([ event.summary.to_s, event.dtstart.to_s, event.dtend.to_s ]).to match(
      [ "Feed horn crate FH-2 (draft)", /2026-12-14T06:30:00/, /2026-12-14T07:30:00/ ]
    )
    expect(event.dtstart.ical_params["tzid"]).to be_nil
    line = BoardLine.find_by!(plan: plan)
    [ { state: "closed" }, { state: "withdrawn" }, { state: "issued", archived: true } ].each do |over|
      line.update!(over)
      expect([ over, named("lift-") ]).to eq([ over, [] ])
    end
  end

  it "has the day on which somebody's competence ends, and none of who is closed" do
    able = %w[slinger signaller].zip(%w[2027-01-15 2026-11-01]).map { |kind, last|
      { "kind" => kind, "by" => "Yard", "until" => last }
    }
    tam = person("Tam Reed", roles: [], competences: able)
    expect(
      named("competence-tam").map { |event|
        [ event.summary.to_s, event.dtstart.to_s ]
      }
    ).to match([ [ "Tam Reed: competence as slinger ends", /2027-01-15/ ] ])
    tam.update!(active: false)
    expect(named("competence-tam")).to eq([])
  end

  it "has the day on which each piece is due, and none of what is scrapped" do
    piece = Piece.all.find { |one| one.read.due.to_s >= "2026-12-01" && one.fields["state"] == "ready" }
    event = named("examination-#{piece.number}").first
    expect(event.dtstart.to_s).to include(piece.read.due)
    piece.update!(fields: piece.fields.merge("state" => "scrapped"))
    expect(named("examination-#{piece.number}")).to eq([])
  end

  it "leaves out what is on no day that there is, and nothing else" do
    plan = demo_plan("feed-horn")
    BoardLine.find_by!(plan: demo_plan("receiver-cabin")).update!(lift_at: "2027-02-31T06:30", ends: "2027-02-31T07:30")
    expect(named("lift-").map { |event| event.uid.to_s }).to eq([ "lift-#{plan.id}@dust-ladder" ])
  end

  it "says words as they are, whatever signs are in them" do
    plan = demo_plan("feed-horn")
    document = plan.document.merge("title" => "Crate; \"FH-2\", to\\pad: 3")
    plan.revise(DustLadder::PlanFile.accept(document), lock_version: plan.lock_version, note: "")
    expect(named("lift-").first.summary.to_s).to eq("Crate; \"FH-2\", to\\pad: 3 (draft)")
  end
end
