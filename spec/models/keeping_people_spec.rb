# People and the names of their scripts as they are kept.
RSpec.describe Person do
  def built(**fields)
    described_class.new({ login: "wren", name: "Wren Ash", roles: [], password: "Salt-and-gravel-7" }.merge(fields))
  end

  def competence(**fields)
    { "kind" => "operator", "by" => "Yard", "until" => "2027-01-31" }.merge(fields.stringify_keys)
  end

  # What is put in a field, and whether that is a person.
  {
    { login: " WREN " } => true,
    { login: "wr en" } => false,
    { login: "" } => false,
    { login: "w" * 81 } => false,
    { name: "  Wren   Ash " } => true,
    { name: "123" } => false,
    { name: "W" * 201 } => false,
    { roles: %w[rigger planner] } => true,
    { roles: %w[rigger rigger] } => false,
    { roles: %w[king] } => false,
    { roles: "rigger" } => false,
    { password: "short" } => false,
    { password: "wren-wren-wren" } => false,
    { password: "ababababababab" } => false,
    { password: "x" * 73 } => false,
    { password: "Ash and gravel 77" } => true
  }.each do |fields, sound|
    it "#{sound ? "takes" : "refuses"} #{fields.inspect.first(60)}" do
      expect(built(**fields).valid?).to eq(sound)
    end
  end

  it "takes competences whole, and refuses any that lacks something or has something else" do
    expect(built(competences: [ competence, competence(kind: "slinger") ])).to be_valid
    odd = [
      competence(kind: ""), competence(by: " "), competence(until: ""), competence(until: "2027-02-29"),
      competence(until: nil),
      competence(kind: "k" * 81), competence(more: "x"), competence.except("by"), "operator", nil, 7, [ competence ]
    ]
    odd.each { |one| expect([ one, built(competences: [ one ]).valid? ]).to eq([ one, false ]) }
    [ nil, "all", { "0" => competence }, Array.new(101) { competence } ].each do |all|
      expect([ all.class, built(competences: all).valid? ]).to eq([ all.class, false ])
    end
  end

  it "is what a plan takes: login, name and competences with their digest, and nothing else" do
    one = built(competences: [ competence ], roles: %w[admin])
    expect(one.snapshot).to eq(
      DustLadder::PlanFile::Digest.snapshot("id" => "wren", "name" => "Wren Ash", "competences" => [ competence ])
    )
    expect(JSON.generate(one.shown)).not_to match(/admin|encrypted|salt/i)
  end

  it "has the plans that name it looked at again when its name, end or competences change, and for nothing else" do
    one = built.tap(&:save!)
    mark = BoardLine.person_mark("wren")
    [ { competences: [ competence ] }, { name: "Wren Thorne" }, { active: false } ].each do |change|
      expect(BoardLine).to receive(:outdate_with).with(mark).once
      one.update!(change)
      RSpec::Mocks.space.proxy_for(BoardLine).reset
    end
    expect(BoardLine).not_to receive(:outdate_with)
    one.update!(roles: %w[reader])
    one.end_sessions
  end
end

RSpec.describe PlanText do
  before { load_store }

  it "goes by words of three letters and more, and by at most so many" do
    expect([ nil, "", "a", "a bc", "%%", "-- ''" ].map { |words| described_class.matching(words) }).to all(be_nil)
    _, query = described_class.matching("Cabin \"RC-7\" on: the* salt OR NOT (pad) AND pad3")
    expect(query).to eq('"cabin" "the" "salt" "not" "pad" "and" "pad3"')
    _, many = described_class.matching(Array.new(40) { |at| "word#{at}" }.join(" "))
    expect(many.scan("word").size).to eq(described_class::MOST_WORDS)
  end

  it "keeps one text a plan, however often it is kept, and no more than it may" do
    demo_plan("chiller")
    kept = -> { ActiveRecord::Base.connection.select_values("SELECT rowid FROM plan_texts").sort }
    before = kept.call
    plan = demo_plan("feed-horn")
    3.times { described_class.keep(plan, plan.document) }
    expect(kept.call - before).to eq([ plan.id ])
    long = plan.document.merge("site" => "salt " * 10_000)
    described_class.keep(plan, long)
    length = ActiveRecord::Base.connection.select_value(
      "SELECT length(words) FROM plan_texts WHERE rowid = #{plan.id}"
    )
    expect(length).to be <= described_class::MOST_CHARACTERS
  end
end
