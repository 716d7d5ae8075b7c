# What the ladder says over a range of one figure, and how far each may go: against whole checks made one by one.
RSpec.describe DustLadder::Advice::WhatIf do
  def base(document) = DustLadder::Advice::Base.new(document)
  def input(base, id) = DustLadder::Advice::Input.all(base.lift).find { |one| one.id == id }
  def checked(document, pointer, text) =
    DustLadder.check(DustLadder::PlanFile::Pointer.with_values(document, { pointer => text }))

  let(:document) { plan("/load/weight/bare" => "3 t") }
  let(:weight) { input(base(document), "weight") }

  it "turns at the very kilogram: a whole check says so on either side of each band's end" do
    bands = described_class.new(base(document), weight, 1000.0, 12_000.0).bands
    expect(bands.map(&:verdict)).to include("holds", "stop")
    expect(bands.each_cons(2).map { |one, other| other.from - one.to }).to all(eq(1.0))
    expect([ bands.first.from, bands.last.to ]).to eq([ 1000.0, 12_000.0 ])
    bands.each do |band|
      [ band.from, band.to ].each do |kg|
        ladder = checked(document, "/load/weight/bare", "#{kg.to_i} kg")
        expect([ kg, ladder.verdict ]).to eq([ kg, band.verdict ])
        expect(ladder.governing.map(&:id)).to include(band.rung)
      end
    end
  end

  it "says the same at every look as a whole check of that plan" do
    radius = input(base(document), "radius-1")
    looks = []
    described_class.new(base(document), radius, 5.0, 12.0).each_look { |look| looks << look }
    looks.each_slice(5).map(&:first).each do |look|
      ladder = checked(document, "/cranes/0/stations/1/radius", format("%.2f m", look.value))
      expect([ look.value, look.verdict ]).to eq([ look.value, ladder.verdict ])
    end
    expect(looks.map(&:value)).to include(7.0)
  end

  it "draws each rung that moves over the range, and none that stays" do
    what = described_class.new(base(document), weight, 1000.0, 9000.0)
    what.bands
    ids = what.curves.map { |row| row[:id] }
    expect(ids).to include("slings", "crane")
    expect(ids).not_to include("gear", "crew")
    slings = what.curves.find { |row| row[:id] == "slings" }
    known = slings[:shares].compact
    expect(known).to eq(known.sort)
  end

  it "goes by what is known: what nobody gave is not known over the whole range, and hides nothing" do
    unknown = plan("/load/weight/bare" => "3 t", "/cranes/0/wind" => nil)
    bands = described_class.new(base(unknown), input(base(unknown), "weight"), 1000.0, 12_000.0).bands
    expect(bands.map(&:verdict)).to include("holds", "stop")
    expect(bands.map(&:verdict)).not_to include("not_known")
  end

  it "says what is left aside, and is itself not known where nothing is known" do
    unknown = plan("/load/weight/bare" => "3 t", "/cranes/0/wind" => nil)
    from = base(unknown)
    expect(described_class.new(from, input(from, "weight"), 1000.0, 3000.0).told["aside"]).to eq([ "Wind" ])
    bare = DustLadder::Plan.blank(title: "Nothing yet", rule_set: DustLadder::RuleSet.shipped("strict"))
    change(bare, "/rigging/hook_height", "4 m")
    from = base(bare)
    expect(DustLadder.check(bare).rungs.map(&:verdict).uniq).to eq([ "not_known" ])
    bands = described_class.new(from, input(from, "hook"), 2.0, 6.0).bands
    expect(bands.map { |band| [ band.verdict, band.rung ] }).to eq([ [ "not_known", nil ] ])
  end

  it "maps two figures, each cell as the plan would be" do
    radius = input(base(document), "radius-1")
    rows = []
    described_class.new(base(document), weight, 2000.0, 9000.0).each_row(radius, 5.0, 11.0) { |*row| rows << row }
    expect(rows.map { |_, columns, cells| [ columns.size, cells.size ] }.uniq).to eq([ [ 24, 24 ] ])
    rows.each_slice(4).map(&:first).each do |metres, columns, cells|
      kg = columns[13]
      there = {
        "/load/weight/bare" => "#{kg.to_i} kg",
        "/cranes/0/stations/1/radius" => format("%.2f m", metres)
      }
      ladder = DustLadder.check(DustLadder::PlanFile::Pointer.with_values(document, there))
      expect(cells[13][0]).to eq(ladder.verdict)
    end
  end

  {
    "empty" => [ "", "5 t", "/from" ],
    "a bare number" => [ "5", "8 t", "/from" ],
    "nought" => [ "0", "8 t", "/from" ],
    "less than nothing" => [ "-2 t", "8 t", "/from" ],
    "beyond belief" => [ "1 t", "9000000 t", "/to" ],
    "the wrong way round" => [ "8 t", "5 t", "/to" ],
    "of no width" => [ "5 t", "5 t", "/to" ],
    "words" => [ "light", "8 t", "/from" ]
  }.each do |name, (from, to, place)|
    it "refuses a range that is #{name}, with its place and what was expected" do
      expect { weight.range(from, to) }.to raise_error(DustLadder::Faulty) do |error|
        expect([ error.pointer, error.expected.empty? ]).to eq([ place, false ])
      end
    end
  end
end

RSpec.describe DustLadder::Advice::Limits do
  def limits(document)
    [].tap { |all| described_class.new(DustLadder::Advice::Base.new(document)).each { |limit| all << limit } }
  end

  def of(document, id, way) = limits(document).find { |limit| limit.input.id == id && limit.way == way }

  it "holds at the last value and stops at the next, for every figure that has an end" do
    document = plan("/load/weight/bare" => "3 t")
    ended = limits(document).select(&:rung)
    expect(ended.map { |limit| limit.input.id }).to include("weight", "radius-1", "hook", "cg_x")
    ended.each do |limit|
      [ limit.holds, limit.past ].zip([ false, true ]) do |value, stops|
        changed = DustLadder::PlanFile::Pointer.with_values(document, limit.input.values(value))
        verdicts = DustLadder.check(changed).rungs.map(&:verdict)
        expect([ limit.input.id, limit.way, value, verdicts.include?("stop") || verdicts.include?("not_known") ]).to eq(
          [ limit.input.id, limit.way, value, stops ]
        )
      end
      expect((limit.past - limit.holds).abs).to be_within(limit.input.step * 0.6).of(limit.input.step)
    end
  end

  it "tells what ends it, and rounds against whoever reads it, in both systems" do
    limit = of(plan("/load/weight/bare" => "3 t"), "weight", "up")
    told = limit.as_json
    pounds = told["holds"]["us"].delete(",").to_i
    expect(pounds * 0.45359237).to be_between(limit.holds - 0.4536, limit.holds)
    expect(told).to include("rung" => limit.rung, "stops_now" => false)
  end

  it "of a plan that stops says from where on it would not, and nothing where it would nowhere" do
    heavy = plan("/load/weight/bare" => "9 t")
    expect(DustLadder.check(heavy).verdict).to eq("stop")
    limit = of(heavy, "weight", "down")
    expect(limit.stops_now).to be(true)
    at = ->(kg) { DustLadder.check(plan("/load/weight/bare" => "#{kg.to_i} kg")).verdict }
    expect([ at.(limit.holds) == "stop", at.(limit.past) ]).to eq([ false, "stop" ])
    expect(of(heavy, "weight", "up").holds).to be_nil
  end

  it "has none of what the plan does not know, or what comes from the take-off" do
    ids = limits(plan("/load/weight/bare" => nil, "/cranes/0/wind" => nil)).map { |limit| limit.input.id }
    expect(ids).not_to include("weight", "wind")
  end
end
