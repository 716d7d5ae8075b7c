# Every day the plans by which somebody may lift are looked at again.
RSpec.describe Nightly do
  include ActiveJob::TestHelper

  before { load_store }

  let(:plan) { demo_plan("feed-horn") }
  let(:line) { plan.board_line }

  def worked_out(state, on)
    BoardJob.perform_now
    line.reload.update!(state: state, looked_on: on, stale: false)
  end

  it "looks once a day at what was issued or is being lifted, and at nothing else" do
    plan
    today = Date.new(2026, 12, 14)
    %w[issued lifting].each do |state|
      worked_out(state, today - 1)
      expect([ state, described_class.look(today), line.reload.stale ]).to eq([ state, 1, true ])
      worked_out(state, today)
      expect([ state, described_class.look(today), line.reload.stale ]).to eq([ state, 0, false ])
    end
    %w[draft checked closed withdrawn].each do |state|
      worked_out(state, today - 9)
      expect([ state, described_class.look(today) ]).to eq([ state, 0 ])
    end
  end

  it "asks for the work where there is some" do
    plan
    worked_out("issued", nil)
    expect(BoardLine).to receive(:look_again).once
    described_class.look
    worked_out("issued", SiteClock.today)
    described_class.look
  end

  # Now, and how long until ten past midnight.
  {
    "2026-12-14 23:59:30" => 630,
    "2026-12-14 00:05:00" => 24 * 3600 + 300,
    "2026-12-14 12:00:00" => 12 * 3600 + 600
  }.each do |at, seconds|
    it "waits #{seconds} s at #{at}" do
      expect(described_class.seconds_until(Time.zone.parse(at))).to eq(seconds)
    end
  end

  it "withdraws what no longer holds, tells why, and leaves what does; a second look changes nothing" do
    life = plan.life
    jun, mara, ines = person("Jun", roles: %w[planner]), person("Mara", roles: %w[rigger]),
person("Ines", roles: %w[appointed])
    act = ->(who, name, **about) {
      life = plan.reload.life
      life.act(who, name, seen: life.seen, about: about.transform_keys(&:to_s))
    }
    act.(jun, "wrote")
    life.ladder.flights.each { |flight| act.(mara, "flight", flight: flight["id"]) }
    act.(ines, "deviation", deviation: "unlike", reason: "each by itself")
    act.(ines, "issued")
    BoardJob.perform_now
    expect(line.reload.state).to eq("issued")
    piece = Piece.find_by!(number: plan.document["snapshots"]["slings"].keys.first)
    old = { "examined" => "2020-01-01" }
    piece.update_columns(fields: piece.fields.merge(old), data: piece.data.merge(old), updated_at: Time.current)
    line.update!(looked_on: SiteClock.today - 1)
    described_class.look
    BoardJob.perform_now
    expect(line.reload.state).to eq("withdrawn")
    expect(plan.life.course.reason).to include("Gear: stop", "examination due")
    expect { BoardJob.perform_now }.not_to change(LifeRecord, :count)
    expect(line.waits.first).to include("act" => "write")
  end
end
