# The tables of the trade against the arithmetic that the ladder does with the same figures.
RSpec.describe DustLadder::Trade::Tables do
  def tables = described_class.new(DustLadder::RuleSet.shipped("strict")).all.to_h { |one| [ one.id, one ] }

  it "gives the pull of a leg as a whole plan does, rounded up, and what is left of a rating rounded down" do
    tables["angles"].rows.each do |h, plumb, between, pull, left, _|
      deg = h.value
      expect([ plumb.value, between.value ]).to eq([ 90 - deg, 180 - 2 * deg ])
      exact = 1 / Math.sin(deg * Math::PI / 180)
      expect(pull.to_f).to be_between(exact - 1e-9, exact + 0.001)
      expect(left.shown.to_i / 100.0).to be_between(1 / exact - 0.0101, 1 / exact + 1e-9)
    end
    hung = check("/rigging/hook_height" => format("%.3f m", 2 + 1.5 * Math.tan(Math::PI / 3)))
    share = hung.lift.load.planned_kg / 2
    sixty = tables["angles"].rows.find { |row| row[0].value == 60 }
    expect(hung.lift.bridle.nominal.map(&:tension)).to all(be_within(share * 0.001).of(share * sixty[3].to_f))
  end

  it "marks where the rule set's floor and its attention line are" do
    marks = tables["angles"].rows.to_h { |row| [ row[0].value.round, row[5] ] }
    expect(marks.values_at(90, 45, 40, 30)).to eq([ "", "", "caution", "no less" ])
  end

  it "gives chokes and bends as slings are derated by them" do
    rules = DustLadder::RuleSet.shipped("strict")
    tables["chokes"].rows.each do |words, left|
      factor = DustLadder::Slings::Derating.choke_factor(rules, words.to_i)
      expect(left.shown.to_i).to eq((factor * 100).floor)
    end
    bends = tables["bends"].rows.to_h { |words, left| [ words.to_i, left ] }
    expect(bends[6]).to eq("none")
    expect(bends[25].value).to be_within(1e-9).of(0.9)
    known = bends.values.grep(DustLadder::Figure).map(&:value)
    expect(known).to eq(known.sort)
  end

  it "ends where there is no figure, and says so" do
    expect(tables["eyebolt_shouldered"].rows.last).to eq([ "over 45°", "none" ])
    expect(tables["shackle_angle"].rows.map(&:last)).not_to include("none")
    expect(tables["hooks"].rows.last).to eq(%w[farther none])
  end

  it "weighs plates and bars as the take-off does, never less" do
    plate = tables["plates"].rows.find { |row| row[0].value == 20.0 }
    sheet = take_off(part("plate", "1 m x 1 m x 20 mm", "steel"))
    expect(plate[1].value).to be_within(1e-6).of(sheet.rows[0].kg)
    bar = tables["bars"].rows.find { |row| row[0].value == 50.0 }
    expect(bar[1].value).to be_within(0.01).of(15.413)
    expect(tables["materials"].rows.map { |row| row[2].value >= row[1].value }).to all(be(true))
  end

  it "differs where the rule sets do, and says which it is of" do
    told = DustLadder::RuleSet::SHIPPED.map { |id| described_class.new(DustLadder::RuleSet.shipped(id)).as_json }
    expect(told.map { |one| one["rules"]["id"] }).to eq(DustLadder::RuleSet::SHIPPED)
    expect(told.map { |one| one["planning"] }.uniq).to match([ /planning only: the tag/ ])
    uneven = told.flat_map { |one| one["tables"] }.reject do |table|
      table["rows"].all? { |row| row.size == table["heads"].size }
    end
    expect(uneven).to eq([])
  end

  it "leaves out what an older rule set does not know" do
    data = JSON.parse(JSON.generate(DustLadder::RuleSet.shipped("strict").data))
    %w[bending shackle_angle].each { |key| data["values"].delete(key) }
    ids = described_class.new(DustLadder::RuleSet.new(data)).all.map(&:id)
    expect(ids).to include("angles", "chokes")
    expect(ids).not_to include("bends", "shackle_angle")
  end
end
