# A chart that has one jib's tables for several offsets, deductions by case and notes, in a plan.
RSpec.describe DustLadder::Cranes::JibOffsets do
  angles = [ 85.0, 70.0, 50.0 ]
  at5 = [ [ 9000, 8000 ], [ 8000, 7000 ], [ 7000, 6000 ] ]
  at25 = [ [ 7000, 6500 ], [ 6200, 5800 ], [ 5500, 5000 ] ]

  def of_angles(**rest)
    chart.except("radius_m", "marks").merge(
      "boom_length_m" => [ 15.0, 25.0 ],
      "jib" => { "length_m" => 6.0 },
      **rest.transform_keys(&:to_s)
    )
  end

  define_method(:several) do
    of_angles(
      boom_angle_deg: angles,
      sectors: [ 5, 25 ].map { |offset|
        {
          "name" => "all round",
          "slew_from_deg" => 0,
          "slew_to_deg" => 360,
          "table" => "at #{offset}",
          "jib_offset_deg" => offset
        }
      },
      tables: { "at 5" => at5, "at 25" => at25 }
    )
  end

  define_method(:single) do |offset|
    of_angles(
      boom_angle_deg: angles,
      jib: { "length_m" => 6.0, "offset_deg" => offset },
      sectors: [ { "name" => "all round", "slew_from_deg" => 0, "slew_to_deg" => 360, "table" => "main" } ],
      tables: { "main" => offset == 5 ? at5 : at25 }
    )
  end
  place = { "/cranes/0/boom_length" => "20 m" }
  offset = "/cranes/0/jib_offset"

  it "answers at each offset as a chart of that offset alone does, rung by rung" do
    [ 5, 25 ].each do |deg|
      whole = check(place.merge(offset => "#{deg}°"), chart: several)
      alone = check(place, chart: single(deg))
      figures = ->(ladder) do
        ladder.rungs.map { |rung| [ rung.id, rung.verdict, rung.demand&.value, rung.capacity&.value ] }
      end
      expect(figures.(whole)).to eq(figures.(alone))
      expect(whole.rung("crane").capacity).not_to be_nil
    end
  end

  {
    nil => /which offset the jib stands at is not given: 5°, 25°/,
    "10°" => /no table for a jib at 10°, only 5°, 25°/,
    "much" => /./
  }.each do |typed, words|
    it "knows nothing of crane, height and boom with the jib at #{typed.inspect}, and of its machine what it knew" do
      ladder = check(place.merge(offset => typed), chart: several)
      expect(ladder.rung("crane").verdict).to eq("not_known")
      expect(ladder.rung("crane").missing.map { |one| [ one.pointer, one.what ] }).to include([ offset, words ])
        .or include([ offset, match(words) ])
      expect(ladder.rung("chart").verdict).to eq("holds")
      expect(ladder.verdict).not_to eq("holds")
    end
  end

  it "is drawn, and answers Can I, at each of its offsets" do
    names = [ "all round, jib at 5°", "all round, jib at 25°" ]
    diagram = DustLadder::Cranes::RangeDiagram.new(several)
    expect(diagram.tables.map(&:first)).to eq(names)
    [ 5, 25 ].each_with_index do |deg, index|
      one = DustLadder::Cranes::RangeDiagram.new(single(deg))
      expect(
        diagram.as_json["tables"][index].except(
          "name",
          "cells"
        )
      ).to eq(one.as_json["tables"].first.except("name", "cells"))
      asked = ->(data) { DustLadder::Cranes::CanI.new(data).answers(hung: 3000.0, radius: 12.0) }
      expect(asked.(several)[index]["booms"]).to eq(asked.(single(deg)).first["booms"])
    end
  end

  describe "as a file" do
    def faults(data) = DustLadder::Cranes::ChartFile.errors(data).map { |one| one["pointer"] }

    it "is sound, and comes back from its grid" do
      expect(faults(several)).to eq([])
      text = DustLadder::Cranes::ChartGridText.write(several)
      back = DustLadder::Cranes::ChartFile.read(text, "x.csv") { |reading, _| break reading }
      expect(back.faults).to eq([])
      expect(DustLadder::Cranes::ChartDifferences.between(several.merge("family" => "mobile"), back.data)).to eq([])
    end

    {
      "a sector without an offset among those with" => [ ->(data) { data["sectors"][1].delete("jib_offset_deg") },
        "/sectors/1/jib_offset_deg" ],
      "one offset of the jib beside those of sectors" => [ ->(data) {
        data["jib"]["offset_deg"] = 5
      }, "/jib/offset_deg" ],
      "offsets without a jib" => [ ->(data) { data.delete("jib") }, "/jib" ],
      "a jib without any offset" => [ ->(data) {
        data["sectors"].each { |one|
          one.delete("jib_offset_deg")
        }
      }, "/jib" ],
      "an offset past upright" => [ ->(data) {
        data["sectors"][0]["jib_offset_deg"] = 91
      }, "/sectors/0/jib_offset_deg" ]
    }.each do |words, (change, pointer)|
      it("refuses #{words}") { expect(faults(JSON.parse(JSON.generate(several)).tap(&change))).to include(pointer) }
    end
  end

  describe "deductions by case" do
    with = ->(data) do
      data.merge(
        "deductions" => [ { "what" => "box", "kg" => 50 },
          { "what" => "ball", "kg" => 120, "when" => "ball reeved" } ]
      )
    end
    said = "/cranes/0/deduction_cases"

    it "count where the plan says that the case holds, and the load is not known where it says nothing" do
      gross = ->(word) { check({ said => word }, chart: with.(chart)).rung("crane").demand&.value }
      plain = check(
        {},
        chart: chart.merge("deductions" => [ { "what" => "box", "kg" => 50 } ])
      ).rung("crane").demand.value
      expect(gross.("ball reeved" => false)).to eq(plain)
      expect(gross.("ball reeved" => true)).to be_within(1.01).of(plain + 120)
      [ nil, {}, { "ball reeved" => nil }, { "another" => true } ].each do |word|
        rung = check({ said => word }, chart: with.(chart)).rung("crane")
        expect([ rung.verdict, rung.missing.map(&:pointer) ]).to eq([ "not_known", [ "#{said}/ball reeved" ] ])
      end
    end

    it "all count in Can I, which asks nobody" do
      hung = ->(data) {
        DustLadder::Cranes::CanI.new(data).answers(radius: 6.0).first["booms"].first["deducted"]["value"]
      }
      expect(hung.(with.(chart)) - hung.(chart)).to be_within(1.01).of(170)
    end
  end

  it "tells what the page notes on the chart's rung, word for word" do
    found = check({}, chart: chart.merge("notes" => [ "Over front with front jack only." ])).rung("chart")
    expect(found.verdict).to eq("holds")
    expect(
      found.cautions.map { |one|
        one.text["metric"]
      }
    ).to include("The chart's page says: Over front with front jack only.")
  end

  it "stands among the steps of the gross load with the case that it is deducted in" do
    data = chart.merge("deductions" => [ { "what" => "ball", "kg" => 120, "when" => "ball reeved" } ])
    lift = DustLadder::Lift.new(
      DustLadder::PlanFile.accept(
        plan(
          { "/cranes/0/deduction_cases" => { "ball reeved" => true } },
          chart: data
        )
      )
    )
    item = lift.duty.gross.items.find { |one| one.name == "ball" }
    expect([ item.kg, item.source, item.hangs ]).to eq([ 120.0, "the chart's own list, ball reeved", :elsewhere ])
  end

  it "keeps offset and cases through the plan file" do
    data = plan(
      { offset => "5°", "/cranes/0/deduction_cases" => { "ball reeved" => nil, "jib on" => true } },
      chart: several
    )
    back = DustLadder::PlanFile.read(DustLadder::PlanFile.write(DustLadder::PlanFile.accept(data)))
    expect(back["cranes"][0].slice("jib_offset", "deduction_cases")).to eq(
      "jib_offset" => "5°", "deduction_cases" => { "ball reeved" => nil, "jib on" => true }
    )
  end

  {
    "/cranes/0/deduction_cases" => [ "yes", [ true ], { "a" => "yes" }, { "a" * 200 => true } ],
    "/cranes/0/jib_offset" => [ 5, true, [] ]
  }.each do |pointer, odd|
    odd.each do |value|
      it "takes no #{value.inspect[0, 40]} at #{pointer}" do
        expect { DustLadder::PlanFile.accept(plan({ pointer => value }, chart: several)) }.to raise_error(
          DustLadder::PlanFile::Invalid
        )
      end
    end
  end

  it "says beside other cranes why such a chart is not known" do
    charts = [ chart, several.merge("id" => "jib") ].map { |data| DustLadder::PlanFile::Digest.snapshot(data) }
    row = DustLadder::Cranes::Comparison.new(plan({}, chart: chart), charts).as_json.find { |one| one["id"] == "jib" }
    expect(row["verdict"]).to eq("not_known")
    expect(
      row["reasons"].map { |one|
        one["note"]["metric"]
      }.join
    ).to include("which offset the jib stands at is not given")
  end
end
