RSpec.describe DustLadder::Finding::FarPlaces do
  include PlanHelp
  include SiteHelp

  def base_of(document) = DustLadder::Advice::Base.new(DustLadder::PlanFile.accept(document))

  # The spec's crane so far north of where it holds, pick and set where they are.
  def off_by(metres, **more)
    here = base_of(on_site(**more))
    setup = here.lift.duty.setup
    there = DustLadder::Site::Standing.new(axis: [ 0.0, metres, 0.0 ], bearing: setup.standing.bearing)
    base_of(here.document_with(setup.stood_at(there)))
  end

  it "finds where the crane could stand when nothing about it does, each farther than what lies about it" do
    base = off_by(26.0)
    expect(base.now.rung("crane").verdict).not_to eq("holds")
    far = described_class.new(base)
    expect(far).not_to be_looked
    expect(far.changes.size).to be_between(1, described_class::MOST)
    expect(far).to be_looked
    expect(far.changes.map(&:id).uniq.size).to eq(far.changes.size)
    far.changes.each do |change|
      lift = DustLadder::Lift.new(DustLadder::PlanFile.accept(base.document_with(change.values)))
      expect(lift.duty.setup.standing.axis[1]).to be < 26.0 - 4.0
      expect(change.words["us"]).to include("Stand", "east")
    end
    held = far.changes.select { |change| base.state(change.values).rung("crane").verdict != "stop" }
    expect(held).not_to be_empty
  end

  it "is taken up by a search, which finds no lift without it" do
    stub_const("DustLadder::Finding::Holds::DEGREES", [ 60.0 ])
    stub_const("DustLadder::Finding::Settings::PARTS", [ 1 ])
    base = off_by(26.0)
    found = []
    DustLadder::Finding::Search.new(base).each { |lift, _| found << lift if lift }
    expect(found).not_to be_empty
    expect(found.map(&:id)).to all(include("place-"))
    stub_const("DustLadder::Finding::FarPlaces::MOST", 0)
    none = []
    DustLadder::Finding::Search.new(base).each { |lift, _| none << lift if lift }
    expect(none).to be_empty
  end

  it "has none off a site, and says so by having none where the load's way is not known" do
    expect(described_class.new(base_of(plan)).changes).to eq([])
    expect(described_class.new(base_of(on_site(stand: { carried: nil }))).changes).to eq([])
  end

  it "is no list where its time is over" do
    far = described_class.new(off_by(26.0))
    expect { DustLadder::Budget.within(0.0) { far.changes } }.to raise_error(DustLadder::Budget::Spent)
    expect(far.changes).not_to be_empty
  end
end
