# A new plan after a past one: nothing holds on an old word.
RSpec.describe DustLadder::Plan::Again do
  include PlanHelp

  let(:past) { plan("/lift_at" => "2026-12-14T10:00", "/load/weight/source" => "the tag") }
  let(:again) { DustLadder::PlanFile.accept(described_class.of(past, title: "The next")) }

  it "keeps what was drawn and measured, and asks again what was a word" do
    expect(DustLadder.check(past).verdict).not_to eq("not_known")
    expect(again["title"]).to eq("The next")
    expect(again["load"]["points"]).to eq(past["load"]["points"])
    expect(again["load"]["weight"]).to include(
      "bare" => past["load"]["weight"]["bare"], "basis" => "unknown", "source" => ""
    )
    expect(again.values_at("lift_at", "by_word", "scope")).to eq([ nil, nil, nil ])
    expect(again["cranes"].first["chart"]).to be_nil
    expect(again["snapshots"]["charts"]).to eq({})
  end

  it "is not known wherever somebody's word, a look or a chart is wanted" do
    rungs = DustLadder.check(again).rungs.to_h { |rung| [ rung.id, rung.verdict ] }
    expect(rungs.values_at("load", "chart", "ground", "power_lines", "obstacles", "crew", "surroundings").uniq).to eq(
      [ "not_known" ]
    )
  end

  it "keeps where the crane stood, and asks again who watches the line" do
    past = on_site(stand: { watcher: "T. Varga" })
    again = DustLadder::PlanFile.accept(described_class.of(past, title: "The next"))
    expect(again["cranes"][0]["stand"]).to eq(past["cranes"][0]["stand"].merge("watcher" => ""))
    expect(again["site_document"]).to eq("pan")
    rungs = DustLadder.check(again).rungs.select { |rung| rung.flight == "ground_and_site" }
    expect(rungs.map(&:verdict).uniq).to eq([ "not_known" ])
  end

  it "starts after every demo plan, and holds after none" do
    Dir[File.expand_path("../../demo/plans/*.json", __dir__)].each do |path|
      old = DustLadder::PlanFile.read(File.read(path))
      new = DustLadder::PlanFile.accept(described_class.of(old, title: "The next"))
      ladder = DustLadder.check(new)
      expect(%w[stop not_known]).to include(ladder.verdict)
      expect(ladder.rungs.select(&:word)).to eq([])
      expect(JSON.generate(new["cranes"])).not_to match(/"(platform|hook|wind|level)":/)
    end
  end

  it "goes by the newest version of its rules" do
    old = past["snapshots"]["rule_sets"]["strict"]["data"].merge("version" => 1)
    sets = { "strict" => DustLadder::PlanFile::Digest.snapshot(old) }
    aged = past.merge("snapshots" => past["snapshots"].merge("rule_sets" => sets))
    newest = DustLadder::RuleSet.shipped("strict").version
    expect(
      described_class.of(aged, title: "x").dig(
        "snapshots",
        "rule_sets",
        "strict",
        "data",
        "version"
      )
    ).to eq(newest)
  end

  it "changes nothing in the plan that it comes from" do
    before = JSON.generate(past)
    again
    expect(JSON.generate(past)).to eq(before)
  end
end
