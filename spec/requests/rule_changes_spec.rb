RSpec.describe "What newer rules change" do
  def ask(document)
    post "/api/rule_changes",
      params: JSON.generate(document: document),
      headers: {
        "Content-Type" => "application/json"
      }
    JSON.parse(response.body)
  end

  let(:old) do
    JSON.parse(Rails.root.join("core/spec/fixtures/of_their_day/receiver-cabin.json").read)
  end

  it "is told of an older plan, value by value and rung by rung, and nothing is kept" do
    expect { ask(old) }.not_to change(Revision, :count)
    found = ask(old)
    expect(found.values_at("newer", "versions")).to eq([ true, { "before" => 1, "after" => 6 } ])
    expect(found["rungs"].map { |row| row["rung"] }).to include("ground", "crew")
    expect(found["snapshot"]).to eq(DustLadder::PlanFile::Digest.snapshot(DustLadder::RuleSet.shipped("strict").data))
  end

  it "is nothing for a plan of today, and a plain word for a set that does not ship" do
    expect(ask(demo_document("chiller"))).to include("newer" => false, "rungs" => [], "values" => {})
    own = old["snapshots"]["rule_sets"].delete("strict")["data"].merge("id" => "ours")
    old["rules"] = "ours"
    old["snapshots"]["rule_sets"]["ours"] = DustLadder::PlanFile::Digest.snapshot(own)
    expect(ask(old)["errors"].first["message"]).to include("no rule set called ours")
    expect(response).to have_http_status(:unprocessable_content)
  end
end
