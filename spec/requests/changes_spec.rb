# Who changed what in a plan, and any two of its revisions side by side.
RSpec.describe "The history of a plan" do
  before { load_store }

  let!(:plan) { demo_plan("receiver-cabin") }

  def change(changes, note: "typed", by: nil)
    Current.person = by
    document = DustLadder::PlanFile::Pointer.with_values(plan.reload.document, changes)
    plan.revise(DustLadder::PlanFile.accept(document), lock_version: plan.lock_version, note: note)
  ensure
    Current.person = nil
  end

  def revisions = get("/api/plans/#{plan.id}/revisions").then { response.parsed_body }

  def beside(from, to)
    get("/api/plans/#{plan.id}/changes", params: { from: from, to: to })
    response.parsed_body
  end

  it "tells of each revision who changed what" do
    change({ "/cranes/0/stations/1/radius" => "10.4 m" }, by: person("Ines Rook"))
    change({ "/load/weight/basis" => "estimated", "/load/weight/source" => "by eye" }, by: person("Jun Kovar"))
    expect(revisions.map { |one| one.values_at("number", "by", "told") }).to match(
      [
        [ 3, "Jun Kovar", /\Aweight basis \w+ → estimated, weight source .* → by eye\z/ ],
        [ 2, "Ines Rook", /\Aset radius .* → 10\.4 m\z/ ],
        [ 1, "", "" ]
      ]
    )
  end

  it "tells together what those that were thinned had changed" do
    change({ "/load/weight/bare" => "3 t" }, by: person("Ines Rook"))
    change({ "/rigging/hook_height" => "7 m" }, by: person("Jun Kovar"))
    plan.revisions.update_all(created_at: Time.utc(2026, 11, 1, 10, 5))
    Revision.thin(plan)
    kept = revisions
    expect(kept.map { |one| one["number"] }).to eq([ 3, 1 ])
    expect(kept.first["by"]).to eq("Ines Rook, Jun Kovar")
    expect(kept.first["told"]).to match(/weight .* → 3 t, hook height .* → 7 m/)
  end

  it "shows any two side by side: values, verdicts, and every rung with the one that differs marked" do
    change({ "/load/weight/bare" => "9 t" })
    change({ "/title" => "Other" })
    found = beside(1, 2)
    expect(found["changes"].map { |one| one["what"] }).to eq([ "weight" ])
    expect(found["verdicts"]).to eq("before" => "holds", "after" => "stop")
    rungs = found["rungs"].to_h { |row| [ row["rung"], row["differs"] ] }
    expect([ rungs["slings"], rungs["crew"], rungs.size > 20 ]).to eq([ true, false, true ])
    back = beside(2, 1)
    expect(
      back["changes"].first.values_at(
        "before",
        "after"
      )
    ).to eq(found["changes"].first.values_at("after", "before"))
    expect(beside(2, 2)["changes"]).to eq([])
    expect(beside(2, 3)["rungs"].count { |row| row["differs"] }).to eq(0)
  end

  it "knows nothing of revisions that there are not" do
    [ [ 1, 99 ], [ 0, 1 ], [ "x", 1 ], [ nil, 1 ] ].each do |from, to|
      beside(from, to)
      expect([ from, to, response.status ]).to eq([ from, to, 404 ])
    end
  end
end
