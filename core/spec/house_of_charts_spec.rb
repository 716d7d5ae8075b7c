# A plan does not vouch for itself: what it carries is held against what the house keeps under that number and version.
RSpec.describe DustLadder::House do
  include PlanHelp

  let(:document) { plan }
  let(:own) { document["snapshots"]["charts"].values.first["data"] }

  def copy(data, **record)
    JSON.parse(JSON.generate(data)).tap { |one| one["record"].merge!(record.transform_keys(&:to_s)) }
  end
  def rung(id, charts, of: document) = DustLadder.check(of, house: described_class.new(charts: charts)).rung(id)

  it "lets a chart be that is as the house keeps it, whoever else read it" do
    expect(rung("chart", [ own ]).verdict).to eq("holds")
    expect(rung("chart", [ own ]).cautions.map(&:id)).not_to include("chart_from_outside")
  end

  it "does not take other figures under a number and version that it keeps, and tells the first" do
    doubled = copy(own)
    doubled["tables"].each_value { |rows| rows.map! { |row| row.map { |kg| kg && kg * 2 } } }
    kind = document.merge(
      "snapshots" => document["snapshots"].merge(
        "charts" => { own["id"] => DustLadder::PlanFile::Digest.snapshot(doubled) }
      )
    )
    expect(DustLadder.check(kind).rung("chart").verdict).to eq("holds")
    found = rung("chart", [ own ], of: DustLadder::PlanFile.accept(kind))
    expect(found.verdict).to eq("not_known")
    expect(found.note["metric"]).to match(/keeps another version 1 of this chart: \d+ figures differ, first tables/)
    expect(found.missing.first.pointer).to eq("/cranes/0/chart")
  end

  it "says that a newer version stands in its place, and what is different" do
    newer = copy(own, version: 2)
    newer["hook_block"]["mass_kg"] += 50
    found = rung("chart", [ own, newer ])
    expect(
      [ found.verdict,
        found.note["metric"] ]
    ).to match([ "not_known", /version 2 .* newer than version 1 .*one figure differs, hook block mass kg/ ])
    same = rung("chart", [ own, copy(own, version: 3) ])
    expect([ same.verdict, same.note["metric"] ]).to match([ "not_known", /the same figures, read again/ ])
    expect(rung("chart", [ copy(own, version: 0), own ]).verdict).to eq("holds")
  end

  it "does not take a second reader whom the house has not on record" do
    expect(rung("chart", [ copy(own, checked_by: nil, checked_on: nil) ]).verdict).to eq("not_known")
    expect(rung("chart", [ copy(own, checked_by: own["record"]["entered_by"]) ]).verdict).to eq("not_known")
  end

  it "says of what it does not know that it is from outside" do
    [ [], [ copy(own).merge("id" => "another") ], [ copy(own, version: 7) ] ].each do |charts|
      expect(rung("chart", charts).cautions.map(&:id)).to include("chart_from_outside")
    end
    expect(DustLadder.check(document).rung("chart").cautions.map(&:id)).not_to include("chart_from_outside")
  end

  it "does not take a rule set under a shipped name with other values, and names them" do
    data = copy(document["snapshots"]["rule_sets"]["strict"]["data"].merge("record" => {})).except("record")
    data["values"]["allowance"]["value"]["estimated"] = 0.0
    kind = document.merge(
      "snapshots" => document["snapshots"].merge(
        "rule_sets" => { "strict" => DustLadder::PlanFile::Digest.snapshot(data) }
      )
    )
    found = rung("load", [ own ], of: DustLadder::PlanFile.accept(kind))
    expect(
      [ found.verdict,
        found.note["metric"] ]
    ).to match([ "not_known", /not the Strict of version \d+: allowance/ ])
    expect(rung("load", [ own ]).verdict).not_to eq("not_known")
    foreign = kind.merge(
      "snapshots" => kind["snapshots"].merge(
        "rule_sets" => { "strict" => DustLadder::PlanFile::Digest.snapshot(data.merge("version" => 99)) }
      )
    )
    expect(rung("load", [ own ], of: foreign).cautions.map(&:id)).to include("rules_from_outside")
  end

  it "says of a rule set that shipped once that a newer one is here" do
    past = JSON.parse(File.read(File.expand_path("fixtures/of_their_day/format_2/isolator.json", __dir__)))
    past = past["snapshots"]["rule_sets"]["strict"]["data"]
    sets = { "strict" => DustLadder::PlanFile::Digest.snapshot(past) }
    old = document.merge("snapshots" => document["snapshots"].merge("rule_sets" => sets))
    found = rung("load", [ own ], of: DustLadder::PlanFile.accept(old))
    expect(
      [ found.verdict,
        found.note["metric"] ]
    ).to match([ "not_known", /Strict of version 6 is newer than version 2/ ])
    expect(DustLadder.check(DustLadder::PlanFile.accept(old)).rung("load").verdict).to eq("holds")
  end

  it "knows a digest for each version of each shipped rule set but the newest" do
    past = YAML.safe_load_file(File.join(DustLadder::RuleSet::FOLDER, "past.yml"))
    DustLadder::RuleSet::SHIPPED.each do |name|
      now = DustLadder::RuleSet.shipped(name)
      expect(past.fetch(name)).to include(now.version - 1)
      expect(past.fetch(name).keys.max).to be < now.version
    end
  end

  it "says of a withdrawn version who withdrew it and why, and lets the version before stand again" do
    newer = copy(own, version: 2)
    gone = { [ own["id"], 2 ] => "withdrawn by I. Brandt on 2026-11-29: a cell was wrong" }
    house = described_class.new(charts: [ own, newer ], withdrawn: gone)
    expect(DustLadder.check(document, house: house).rung("chart").verdict).to eq("holds")
    house = described_class.new(charts: [ own ], withdrawn: gone.transform_keys { |id, _| [ id, 1 ] })
    found = DustLadder.check(document, house: house).rung("chart")
    expect(
      [ found.verdict,
        found.note["metric"] ]
    ).to match([ "not_known", /withdrawn by I. Brandt on .*: a cell was wrong/ ])
  end

  describe "gear" do
    let(:slings) { document["snapshots"]["slings"].values.map { |one| copy_of(one["data"]) } }
    def copy_of(data) = JSON.parse(JSON.generate(data))
    def gear(pieces, standing: {})
      house = described_class.new(charts: [ own ], pieces: pieces.to_h { |one| [ one["number"], one ] })
      DustLadder.check(document, house: house, standing: standing).rung("gear")
    end

    it "is let be as the store has it, whatever its day-to-day state was when the plan took it" do
      slings.each { |one| one.merge!("due" => "2031-01-01", "examined" => "2030-01-01") }
      expect(gear(slings).verdict).to eq(DustLadder.check(document).rung("gear").verdict)
      expect(gear(slings).cautions).to eq([])
    end

    it "is not known where the store has other figures for it, and the first of them is named" do
      slings.first["tag"]["vertical_kg"] = slings.first["tag"]["vertical_kg"] - 500
      found = gear(slings)
      expect(found.verdict).to eq("not_known")
      expect(found.note["metric"]).to match(/#{slings.first["number"]}: the store has other figures .* tag vertical kg/)
      expect(found.missing.first.pointer).to match(%r{/rigging/legs/\d/sling})
    end

    it "says of a piece that the store has not that it is from outside, and nothing where there is no store" do
      expect(
        gear([]).cautions.map { |one|
          one.text.as_json["metric"]
        }
      ).to contain_exactly(/From outside.*#{slings.first["number"]}/)
      expect(DustLadder.check(document, house: described_class.new(charts: [ own ])).rung("gear").cautions).to eq([])
    end

    it "stays out where it is out, however it differs" do
      slings.first["tag"]["vertical_kg"] = 1
      standing = { slings.first["number"] => { "state" => "quarantined", "due" => "2031-01-01" } }
      expect(gear(slings, standing: standing).verdict).to eq("stop")
    end
  end
end
