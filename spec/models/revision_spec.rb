RSpec.describe Revision do
  # As it was kept before the plan format had more than one crane.
  let(:older) { JSON.parse(Rails.root.join("core/spec/fixtures/of_their_day/chiller.json").read) }
  let(:plan) do
    Plan.create!(title: older["title"], lift_at: older["lift_at"]).tap do |made|
      described_class.keep(made, 1, older, "of an earlier day")
    end
  end

  it "gives a document of the first format as today's, and keeps it as it was" do
    expect(plan.document).to include("version" => 2, "cranes" => [ older["crane"] ])
    expect(plan.current.as_kept).to eq(older)
    expect(plan.ladder.rung("crane").verdict).to eq("holds")
  end

  it "can be changed by who opened it, on the board and beside the newer one" do
    changed = plan.document.merge("title" => "Chiller, again")
    plan.revise(DustLadder::PlanFile.accept(changed), lock_version: plan.lock_version, note: "title")
    expect(plan.revisions.map { |revision| revision.document["version"] }).to eq([ 2, 2 ])
    line = plan.reload.board_line
    line.work_out
    expect(line.reload).to have_attributes(verdict: "not_known", crane: /Juniper/)
  end
end
