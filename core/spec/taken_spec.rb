# What a plan takes for its hours, as its document says it.
RSpec.describe DustLadder::Life::Bookings do
  def taken(**changes) = described_class.taken(DustLadder::PlanFile.accept(plan(**changes)))

  def chart_with(serial, id: "test", title: "Test crane, full")
    data = chart.merge("id" => id, "title" => title, "identity" => PlanHelp::IDENTITY.merge("serial" => serial))
    { "/cranes/0/chart" => id, "/snapshots/charts" => { id => DustLadder::PlanFile::Digest.snapshot(data) } }
  end

  it "is its slings, its machine and its hours" do
    own = taken("/lift_until" => "2026-12-14T09:00")
    expect([ own.from, own.until ]).to eq([ "2026-12-14T06:30", "2026-12-14T09:00" ])
    expect(own.pieces).to match_array(plan["snapshots"]["slings"].keys)
    expect(own.cranes).to eq([ "crane t-1" ])
    expect(own.called("crane t-1")).to eq("Test crane")
    expect([ own.people, own.called("A-1") ]).to eq([ [], "A-1" ])
  end

  # Serial numbers and sheets of two plans, and whether that is one machine.
  [
    [ [ "JU-0417", "full" ], [ "JU-0417", "half" ], true ],
    [ [ "JU-0417", "full" ], [ " ju-0417 ", "half" ], true ],
    [ [ "JU-0417", "full" ], [ "SB-0091", "full" ], false ],
    [ [ "", "full" ], [ "", "full" ], true ],
    [ [ "", "full" ], [ "", "half" ], false ],
    [ [ nil, "full" ], [ "JU-0417", "full" ], false ]
  ].each do |one, other, same|
    it "is #{same ? "one machine" : "two machines"} with #{one.inspect} and #{other.inspect}" do
      own, others = [ one, other ].map { |serial, sheet|
        document = plan(**chart_with("X-1", id: sheet))
        identity = document.dig("snapshots", "charts", sheet, "data", "identity")
        serial ? identity["serial"] = serial : identity.delete("serial")
        described_class.taken(document).tap { |all| all.pieces = [] }
      }
      expect(described_class.of(own, [ others ]).any?).to eq(same)
    end
  end

  it "is whoever has the lift in hand, not who looks after it, nor anybody by name alone" do
    crew = [
      { "role" => "operator", "name" => "Wren", "person" => "wren" },
      { "role" => "slinger", "name" => "Tam", "person" => "tam" },
      { "role" => "signaller", "name" => "Tam", "person" => "tam" },
      { "role" => "slinger", "name" => "B. Yucca", "person" => nil },
      { "role" => "supervisor", "name" => "Ruth", "person" => "ruth" }
    ]
    people = %w[Wren Tam Ruth].to_h { |name|
      [ name.downcase,
        DustLadder::PlanFile::Digest.snapshot("id" => name.downcase, "name" => name, "competences" => []) ]
    }
    own = taken("/crew" => crew, "/snapshots/people" => people)
    expect(own.people).to eq([ "person wren", "person tam" ])
    other = taken("/crew" => crew.last(1), "/snapshots/people" => people).tap { |all| all.pieces, all.cranes = [], [] }
    expect(described_class.of(own, [ other ])).to eq([])
    same = own.dup.tap { |all| all.title, all.pieces, all.cranes = "MS-4", [], [] }
    expect(described_class.of(own, [ same ]).map(&:words)).to match([ /\AWren is also taken by MS-4/, /\ATam is also/ ])
  end

  it "is nothing of a plan that has no crane, no sling and nobody" do
    bare = DustLadder::Plan.blank(title: "Bare", rule_set: DustLadder::RuleSet.shipped("strict"))
    own = described_class.taken(bare)
    expect(
      [ own.all, own.from, described_class.of(own, [ taken ]),
        described_class.of(taken, [ own ]) ]
    ).to eq([ [], nil, [], [] ])
  end
end

RSpec.describe DustLadder::People::Competences do
  day = Date.new(2026, 12, 14)

  # Against a slower way of telling: the last day that any of the kind has, read as days.
  it "goes by the last day of the kind that is asked, whatever else there is" do
    random = Random.new(22)
    days = [ "2026-12-13", "2026-12-14", "2027-05-01", "2026-02-30", "", nil, "soon" ]
    300.times do
      all = Array.new(random.rand(5)) {
        {
          "kind" => %w[operator OPERATOR slinger].sample(random: random),
          "by" => "Y",
          "until" => days.sample(random: random)
        }
      }
      own = all.select { |one| one["kind"].downcase == "operator" }
      good = own.map { |one| one["until"] } & %w[2026-12-14 2027-05-01]
      past = own.any? { |one| one["until"] == "2026-12-13" }
      verdict = good.any? ? "holds" : past ? "stop" : "not_known"
      expect([ all, described_class.of(all, "operator", day).verdict ]).to eq([ all, verdict ])
    end
  end

  it "knows nothing of somebody of whom nothing is kept" do
    expect(described_class.of(nil, "operator", day)).to have_attributes(verdict: "not_known", until: nil)
    expect(described_class.of([], "operator", day).verdict).to eq("not_known")
  end
end

RSpec.describe DustLadder::House do
  let(:first) { DustLadder::OwnRules.new(DustLadder::RuleSet.shipped("strict").data).copied(id: "yard", title: "Yard") }
  let(:second) {
    DustLadder::OwnRules.new(first).changed(
      { "tilt_limit_deg" => 4 },
      by: "I. Rook",
      why: { "tilt_limit_deg" => "long" },
      on: Date.new(2026, 11, 30)
    )
  }

  def doubt(kept, carried)
    described_class.new(charts: [], rules: { "yard" => kept }).rules(DustLadder::PlanFile::Digest.snapshot(carried))
  end

  it "takes the newest version of its own rules, and tells of any other what differs" do
    expect(doubt(first, first)).to be_nil
    older = doubt(second, first)
    expect([ older.known, older.words ]).to eq(
      [ true, "Yard of version 2 is newer than version 1 in this plan: tilt limit deg 5.0 → 4" ]
    )
    newer = doubt(first, second)
    expect([ newer.known, newer.words ]).to eq([ true, "this is not Yard of version 1: tilt limit deg 4 → 5.0" ])
    forged = first.merge("values" => second["values"])
    expect(doubt(first, forged).words).to start_with("this is not Yard of version 1")
    same = first.merge("about" => "other words")
    expect(doubt(first, same).known).to be(true)
  end

  it "knows rules of elsewhere as such, and shipped ones as ever" do
    house = described_class.new(charts: [], rules: { "yard" => first })
    elsewhere = DustLadder::PlanFile::Digest.snapshot(first.merge("id" => "elsewhere"))
    expect(house.rules(elsewhere)).to have_attributes(known: false)
    expect(house.rules(DustLadder::PlanFile::Digest.snapshot(DustLadder::RuleSet.shipped("strict").data))).to be_nil
  end
end
