# Who is named in a crew, and what is said of whoever may be.
RSpec.describe "Naming a crew" do
  crew = [ { "role" => "operator", "name" => "Wren", "person" => "wren" },
    { "role" => "slinger", "name" => "B.", "person" => nil } ]

  define_method(:renamed) { |role, one| front("rungs/crew/naming.ts", "renamed", crew, role, one) }

  it "puts another one in a role, adds one, or takes one away, and leaves the others as they are" do
    tam = { "role" => "operator", "name" => "Tam", "person" => "tam" }
    expect(renamed("operator", tam)).to eq([ tam, crew[1] ])
    ruth = { "role" => "supervisor", "name" => "Ruth", "person" => "ruth" }
    expect(renamed("supervisor", ruth)).to eq([ *crew, ruth ])
    expect(renamed("operator", nil)).to eq([ crew[1] ])
    expect(renamed("signaller", nil)).to eq(crew)
  end

  # Competences and what is said of them for an operator.
  {
    [] => "no competence as operator",
    [ %w[slinger 2027-01-01] ] => "no competence as operator",
    [ %w[operator 2027-01-01] ] => "operator until 2027-01-01",
    [ %w[Operator 2027-01-01], %w[operator 2026-01-01] ] => "operator until 2027-01-01"
  }.each do |able, words|
    it "says #{words.inspect} of #{able.inspect}" do
      competences = able.map { |kind, last| { "kind" => kind, "by" => "Y", "until" => last } }
      expect(front("rungs/crew/naming.ts", "able", { "competences" => competences }, "operator")).to eq(words)
    end
  end
end

# How near the end of something is.
RSpec.describe "What ends soon" do
  # Until, and what is said of it on 2026-11-30.
  {
    "2026-11-29" => [ true, true, "over" ],
    "2026-11-30" => [ false, true, "ends today" ],
    "2026-12-20" => [ false, true, "20 days left" ],
    "2027-01-29" => [ false, true, "60 days left" ],
    "2027-01-30" => [ false, false, "" ]
  }.each do |last, told|
    it "is #{told.inspect} of #{last}" do
      expect(front("rooms/people/due.ts", "dueIn", last, "2026-11-30").values_at("over", "soon", "words")).to eq(told)
    end
  end

  it "finds people by name, role and competence, every word of them" do
    able = [ { "kind" => "operator" } ]
    people = [ { "name" => "Wren Ash", "login" => "wren", "roles" => %w[rigger], "competences" => able },
      { "name" => "Tam Reed", "login" => "tam", "competences" => [] } ]
    find = ->(words) { front("rooms/people/due.ts", "found", people, words).map { |one| one["login"] } }
    expect(
      [ find.(""), find.("ash OPER"), find.("reed operator"),
        find.("rigger") ]
    ).to eq([ %w[wren tam], %w[wren], [], %w[wren] ])
  end
end
