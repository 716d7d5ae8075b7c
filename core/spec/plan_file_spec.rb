RSpec.describe DustLadder::PlanFile do
  def errors(document_or_text)
    text = document_or_text.is_a?(String) ? document_or_text : JSON.generate(document_or_text)
    described_class.read(text)
    []
  rescue described_class::Invalid => error
    error.errors
  end

  def pointers(document) = errors(document).map { |error| error["pointer"] }

  it "reads what it writes, byte for byte the same each time, and to the same ladder" do
    text = described_class.write(plan)
    expect(described_class.read(text)).to eq(plan.merge("core" => DustLadder::VERSION))
    shuffled = JSON.parse(text).to_a.reverse.to_h
    expect(described_class.write(described_class.read(JSON.generate(shuffled)))).to eq(text)
    expect(JSON.generate(DustLadder.check(described_class.read(text)).as_json)).to eq(JSON.generate(check.as_json))
  end

  it "gives the same ladder after a program that writes whole numbers without their point" do
    [
      plan,
      plan("/rigging/hook_height" => "3 m"),
      plan({ "/cranes/0/stations/1/radius" => "9 m" }, rules: "level-side")
    ].each do |document|
      whole = described_class.read(described_class.write(document).gsub(/(\d)\.0(?=[,\s\]}])/, '\1'))
      expect(JSON.generate(DustLadder.check(whole).as_json)).to eq(
        JSON.generate(DustLadder.check(described_class.read(described_class.write(document))).as_json)
      )
    end
  end

  it "keeps its digests through a program that writes whole numbers without their point" do
    text = described_class.write(plan).gsub(/(\d)\.0(?=[,\s\]}])/, '\1')
    expect(text).not_to eq(described_class.write(plan))
    expect(errors(text)).to eq([])
  end

  it "refuses what is not a whole plan, saying what it found" do
    expect(errors("")).to match([ include("message" => "the file is empty") ])
    expect(errors(described_class.write(plan)[0..-400])).to match(
      [ include("message" => /ends in the middle, after line \d+/) ]
    )
    expect(errors("[1]")).to match([ include("message" => "this is not an object") ])
    expect(errors("{\"a\": \xff}")).to match([ include("message" => /not UTF-8/) ])
    expect(errors("#{"[" * 200}#{"]" * 200}")).to match([ include("message" => /nested too deeply/) ])
    expect(errors(" " * (5 * 1024 * 1024 + 1))).to match([ include("expected" => /5 MB/) ])
    expect(errors("\ufeff#{described_class.write(plan)}")).to eq([])
  end

  it "lifts a plan of the first version, with its one crane, and names what is wrong by that version's places" do
    older = plan.except("cranes").merge("version" => 1, "crane" => plan["cranes"].first)
    expect(described_class.read(JSON.generate(older))).to eq(plan)
    expect(errors(older.merge("crane" => older["crane"].merge("turn" => "both ways")))).to match(
      [ include("pointer" => "/crane/turn") ]
    )
    expect(pointers(older.except("crane"))).to eq([ "/crane" ])
    expect(pointers(older.merge("cranes" => plan["cranes"]))).to eq([ "/cranes" ])
    expect(pointers(plan.merge("cranes" => []))).to eq([ "/cranes" ])
    expect(pointers(plan.merge("cranes" => plan["cranes"] * 2))).to eq([ "/tandem" ])
    expect(pointers(plan.merge("cranes" => plan["cranes"] * 3))).to eq([ "/cranes" ])
  end

  it "names the place of what does not fit" do
    expect(errors(plan.merge("version" => 7))).to eq(
      [
        {
          "pointer" => "/version",
          "message" => "this is version 7",
          "expected" => "version 1 or 2"
        }
      ]
    )
    {
      { "/format" => "other" } => "/format",
      { "/load/weight/basis" => "hearsay" } => "/load/weight/basis",
      { "/load/weight/bare" => 3000 } => "/load/weight/bare",
      { "/cranes/0/parts_of_line" => 2.5 } => "/cranes/0/parts_of_line",
      { "/load/colour" => "red" } => "/load/colour",
      { "/lift_at" => "tomorrow" } => "/lift_at",
      { "/rigging/legs/0/sling" => "Z-9" } => "/rigging/legs/0/sling",
      { "/cranes/0/chart" => "none" } => "/cranes/0/chart",
      { "/rules" => "house" } => "/rules"
    }.each { |change, pointer| expect(pointers(plan(change))).to eq([ pointer ]) }
    missing = plan
    missing["load"].delete("cg")
    expect(errors(missing)).to match([ include("pointer" => "/load", "message" => "cg is missing") ])
    missing = plan
    missing["rigging"]["legs"].pop
    expect(pointers(missing)).to eq([ "/rigging/legs" ])
  end

  it "refuses a snapshot that was changed since its digest was made" do
    expect(errors(plan)).to eq([])
    expect(pointers(plan("/snapshots/slings/A-1/data/tag/vertical_kg" => 9000))).to eq(
      [ "/snapshots/slings/A-1/digest" ]
    )
    expect(pointers(plan("/snapshots/slings/A-1/data/kind" => "hemp"))).to eq([ "/snapshots/slings/A-1/data/kind" ])
  end

  it "refuses a chart with a hole in its rows, at the row, and one whose radii do not rise" do
    ragged = chart
    ragged["tables"]["main"][2].pop
    expect(errors(plan({}, chart: ragged))).to eq(
      [
        {
          "pointer" => "/snapshots/charts/test/data/tables/main/2",
          "message" => "this row has 2 cells",
          "expected" => "3, one for each boom length"
        }
      ]
    )
    expect(pointers(plan({}, chart: chart(radius_m: [ 4.0, 6.0, 6.0, 10.0, 12.0 ])))).to eq(
      [ "/snapshots/charts/test/data/radius_m/2" ]
    )
    short = chart
    short["tables"]["front"].pop
    expect(pointers(plan({}, chart: short))).to eq([ "/snapshots/charts/test/data/tables/front" ])
  end

  it "has a reason for every value of every rule set it ships" do
    DustLadder::RuleSet::SHIPPED.each do |name|
      values = DustLadder::RuleSet.shipped(name).data["values"]
      expect(values.values.map { |value| value["reason"] }).to all(match(/\w{3}/))
      expect(values.keys).to eq(DustLadder::RuleSet.shipped("strict").data["values"].keys)
    end
    expect { DustLadder::RuleSet.shipped("lax") }.to raise_error(KeyError, /there are strict/)
    expect { DustLadder::RuleSet.shipped("strict")[:choker_factor, :hemp] }.to raise_error(DustLadder::NotKnown)
  end
end
