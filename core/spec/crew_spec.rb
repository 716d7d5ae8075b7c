# Who is named for a lift: every role that it asks for, in date on all its days, one signaller (handbook, sections 10,
# 17). The lift is on 14 December.
RSpec.describe DustLadder::People::CrewCheck do
  far = "2027-06-30"

  def person(name, *kinds, last: "2027-06-30")
    { "id" => name.downcase, "name" => name, "competences" => kinds.map { |kind| competence(kind, last) } }
  end

  def competence(kind, last) = { "kind" => kind, "by" => "Training yard", "until" => last }

  let(:people) do
    [
      person("Wren", "operator"), person("Tamsin", "slinger", "signaller"), person("Jory", "signaller"),
      person("Ruth", "supervisor", "slinger")
    ].to_h { |one| [ one["id"], one ] }
  end
  let(:named) do
    { "operator" => "wren", "slinger" => "tamsin", "signaller" => "jory", "supervisor" => "ruth" }.to_a
  end

  # named: pairs of role and id; a name that starts with a capital letter is of nobody who is kept.
  def document(named, people, **changes)
    crew =
      named.map do |role, id|
        kept = people[id]
        { "role" => role, "name" => kept ? kept["name"] : id.to_s, "person" => (id if kept) }
      end
    snapshots = people.transform_values { |one| DustLadder::PlanFile::Digest.snapshot(one) }
    DustLadder::PlanFile.accept(plan("/crew" => crew, "/snapshots/people" => snapshots, **changes))
  end

  def crew(named, people, house: nil, **changes)
    DustLadder.check(document(named, people, **changes), house: house).rung("crew")
  end

  def house(people)
    now = people.transform_values { |one| { "active" => true }.merge(one) }
    DustLadder::House.new(charts: [], people: now)
  end

  it "holds where everybody is named and in date, and tells of each" do
    rung = crew(named, people)
    expect([ rung.verdict, rung.note["metric"] ]).to eq([ "holds", "4 named, all in date on 2026-12-14" ])
    expect(rung.parts.map { |part| [ part.name, part.note["metric"] ] }).to include(
      [ "Operator Wren", "operator until #{far}" ]
    )
  end

  it "asks for each role by its name, foot of the list first, and where to give it" do
    named.each_index do |gone|
      rest = named.reject.with_index { |_, index| index == gone }
      rung = crew(rest, people)
      expect([ rung.verdict, rung.missing.first.what, rung.missing.first.pointer ]).to eq(
        [ "not_known", "no #{named[gone][0]} is named", "/crew/3" ]
      )
    end
  end

  # What is done to the people, and what comes of it. [kind, until, verdict, words]
  [
    [ "operator", "2026-12-14", "holds", "all in date" ],
    [ "OPERATOR", "2026-12-14", "holds", "all in date" ],
    [ "operator", "2026-12-13", "stop", "competence as operator ended on 2026-12-13, the lift is on 2026-12-14" ],
    [ "operator", nil, "not_known", "until when the competence as operator counts is not kept" ],
    [ "operator", "2026-02-31", "not_known", "until when the competence as operator counts is not kept" ],
    [ "slinger", "2027-06-30", "not_known", "no competence as operator is kept" ],
    [ nil, nil, "not_known", "no competence as operator is kept" ]
  ].each do |kind, last, verdict, words|
    it "an operator with #{kind.inspect} until #{last.inspect}: #{verdict}" do
      own = kind ? [ competence(kind, last) ] : []
      rung = crew(named, people.merge("wren" => people["wren"].merge("competences" => own)))
      expect([ rung.verdict, rung.note["metric"] ]).to match([ verdict, include(words) ])
    end
  end

  it "goes by the competence that lasts longest, and by the last day of the lift" do
    two = people.merge(
      "wren" => people["wren"].merge(
        "competences" => [ competence("operator", "2026-12-15"),
          competence("operator", "2026-01-01") ]
      )
    )
    expect(crew(named, two).verdict).to eq("holds")
    expect(crew(named, two, "/lift_until" => "2026-12-15T16:00").verdict).to eq("holds")
    late = crew(named, two, "/lift_until" => "2026-12-16T01:00")
    expect([ late.verdict, late.note["metric"] ]).to match([ "stop", include("the lift is on 2026-12-16") ])
    backwards = crew(named, two, "/lift_until" => "2026-12-14T01:00")
    expect([ backwards.verdict, backwards.missing.first.pointer ]).to eq([ "not_known", "/lift_until" ])
    dayless = crew(named, two, "/lift_at" => nil)
    expect([ dayless.verdict, dayless.missing.first.pointer ]).to eq([ "not_known", "/lift_at" ])
  end

  it "lets one person give the signals" do
    rung = crew([ *named, %w[signaller tamsin] ], people)
    expect([ rung.verdict, rung.note["metric"] ]).to match([ "stop", include("Jory and Tamsin", "one at a time") ])
    expect(crew([ *named, %w[signaller jory] ], people).verdict).to eq("holds")
  end

  it "lets whoever works the crane do nothing else, and others two things" do
    able = people.merge("wren" => person("Wren", "operator", "slinger"))
    both = named.map { |role, id| role == "slinger" ? [ role, "wren" ] : [ role, id ] }
    rung = crew(both, able)
    expect([ rung.verdict, rung.note["metric"] ]).to eq([ "stop", "Wren is operator and slinger" ])
    beside = named.map { |role, id| role == "signaller" ? [ role, "tamsin" ] : [ role, id ] }
    expect(crew(beside, people).verdict).to eq("holds")
  end

  it "knows nothing of somebody who is named by name alone, or by none" do
    [ "B. Yucca", "  ", "?" ].each do |name|
      strange = named.map { |role, id| role == "operator" ? [ role, name ] : [ role, id ] }
      expect(crew(strange, people).verdict).to eq("not_known")
    end
  end

  describe "in a house that keeps people" do
    it "goes by what is kept of them now, not by what the plan took" do
      lapsed = people.merge("wren" => person("Wren", "operator", last: "2026-12-01"))
      expect(crew(named, people, house: house(lapsed)).verdict).to eq("stop")
      expect(crew(named, lapsed, house: house(people)).verdict).to eq("holds")
    end

    it "lets nobody lift who is not here any more" do
      gone = people.merge("wren" => people["wren"].merge("active" => false))
      rung = crew(named, people, house: house(gone))
      expect([ rung.verdict, rung.note["metric"] ]).to eq([ "stop", "operator Wren is not here any more" ])
    end

    it "takes nobody for another one of the same id" do
      other = people.merge("wren" => person("Aster", "operator"))
      rung = crew(named, people, house: house(other))
      expect([ rung.verdict, rung.note["metric"] ]).to match([ "not_known", include("the house knows wren as Aster") ])
    end

    it "takes no plan's word for what somebody can do whom it does not know" do
      rung = crew(named, people, house: house(people.except("jory")))
      expect([ rung.verdict, rung.note["metric"], rung.missing.first.pointer ]).to eq(
        [ "not_known", "signaller Jory: nobody here keeps what they may do", "/crew/2" ]
      )
      nobody = DustLadder::House.new(charts: [], people: {})
      expect(crew(named, people, house: nobody).verdict).to eq("not_known")
      expect(crew(named, people, house: DustLadder::House.new(charts: [])).verdict).to eq("holds")
    end
  end

  it "is answered by word where nobody is named, whatever a list of nobody says" do
    expect(crew([], {}).word).to include("by" => "A. Walker")
    expect(crew(named, people).word).to be_nil
  end

  it "is carried whole: an id that leads nowhere, a role that there is not, are refused by their places" do
    sound = document(named, people)
    [
      [ { "/crew/0/person" => "nobody" }, "/crew/0/person" ],
      [ { "/crew/1/role" => "cook" }, "/crew/1/role" ],
      [ { "/crew/1/name" => 7 }, "/crew/1/name" ],
      [ { "/lift_until" => "tomorrow" }, "/lift_until" ],
      [ { "/snapshots/people/wren/data/name" => "Aster" }, "/snapshots/people/wren/digest" ]
    ].each do |changes, pointer|
      broken = DustLadder::PlanFile::Pointer.with_values(sound, changes)
      expect { DustLadder::PlanFile.accept(broken) }.to raise_error(DustLadder::PlanFile::Invalid) { |error|
        expect(error.errors.map { |one| one["pointer"] }).to include(pointer)
      }
    end
  end

  it "never holds with fewer or worse people: taken away, or out of date, any of them" do
    random = Random.new(17)
    100.times do
      worse = named.reject { random.rand(5).zero? }
      ended =
        people.transform_values { |one|
          random.rand(4).zero? ? person(one["name"], "operator", last: "2026-12-13") : one
        }
      expect(crew(worse, ended).verdict == "holds").to eq(worse == named && ended == people)
    end
  end
end
