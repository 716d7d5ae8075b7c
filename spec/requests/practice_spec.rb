# Practice over HTTP: drills, answers that belong to who gave them, tries at levelling, the crew's set of a plan.
RSpec.describe "Practice" do
  def ask(path, **asked)
    post "/api/#{path}", params: JSON.generate(asked), headers: { "Content-Type" => "application/json" }
    response.parsed_body
  end

  def drill(kind, seed) = DustLadder::Practice.drill(kind, seed)

  it "asks every kind, by its seed the same for everybody" do
    DustLadder::Practice.kinds.each_key do |kind|
      told = ask("drills", kind: kind, seed: 5)
      expect(response).to have_http_status(:ok), response.body
      expect(told["drill"]).to eq(JSON.parse(JSON.generate(drill(kind, 5).as_json)))
    end
  end

  it "never tells the answer with the question" do
    told = ask("drills", kind: "which_leg", seed: 3)["drill"]
    expect(told.keys).not_to include("answer", "right", "working")
  end

  it "judges an answer, keeps it for whoever gave it, and brings back what was wrong" do
    first = ask("drills")["drill"]
    own = drill(first["kind"], first["seed"])
    wrong = own.choices.map(&:id).find { |id| id != own.right }
    told = ask("drill_answers", kind: first["kind"], seed: first["seed"], answer: wrong)
    expect(told["judged"]).to include("right" => false, "working" => be_present)
    seeds = Array.new(4) do
      one = ask("drills")["drill"]
      right = drill(one["kind"], one["seed"]).then { |it| it.kind == "level_it" ? [ [ 0, 0 ], it.fewest ] : it.right }
      ask("drill_answers", kind: one["kind"], seed: one["seed"], answer: right)
      one.values_at("kind", "seed")
    end
    expect(seeds.last).to eq(first.values_at("kind", "seed"))
    expect(DrillAnswer.where(person: person).count).to eq(5)
    signed_in_as("rigger", name: "Somebody Else")
    expect(ask("drills")["course"].sum { |row| row["asked"] }).to eq(0)
  end

  it "hangs a try at levelling" do
    told = ask("drill_tries", seed: 3, links: drill("level_it", 3).fewest)
    expect(told["level"]).to be(true)
  end

  it "asks the crew of what its plan knows, and judges without keeping" do
    document = demo_document("cabin-on-salt")
    questions = ask("crew_questions", document: document)["questions"]
    expect(questions.map { |one| one["id"] }).to include("destination", "pad", "governs")
    right = DustLadder::Practice::OfPlan.new(DustLadder.check(document)).question("pad").right
    told = ask("crew_questions", document: document, question: "pad", answer: right)
    expect(told["judged"]).to include("right" => true)
    expect(DrillAnswer.count).to eq(0)
  end

  {
    "a kind that is none" => [ "drills", { kind: "juggle" }, "/kind" ],
    "a seed that is none" => [ "drills", { kind: "find_row", seed: "x" }, "/seed" ],
    "a seed below nothing" => [ "drills", { kind: "find_row", seed: -1 }, "/seed" ],
    "a huge seed" => [ "drills", { kind: "find_row", seed: 10**30 }, "/seed" ],
    "no answer" => [ "drill_answers", { kind: "find_row", seed: 1 }, "/answer" ],
    "an answer of another drill" => [ "drill_answers", { kind: "tag_line", seed: 1, answer: %w[loop] }, "/answer" ],
    "tries without end" => [ "drill_answers", { kind: "level_it", seed: 1, answer: [ [ 0, 0 ] ] * 99 }, "/answer" ],
    "links that are none" => [ "drill_tries", { seed: 1, links: [ "a", {} ] }, "/answer" ],
    "half links" => [ "drill_tries", { seed: 1, links: [ 0.5, 0 ] }, "/answer" ]
  }.each do |words, (path, asked, place)|
    it "refuses #{words} with its place, and keeps nothing" do
      ask(path, **asked)
      expect(response).to have_http_status(:unprocessable_content)
      expect(response.parsed_body["errors"].first["pointer"]).to eq(place)
      expect(DrillAnswer.count).to eq(0)
    end
  end

  it "is nothing for somebody who is signed out", :signed_out do
    ask("drills")
    expect(response).to have_http_status(:unauthorized)
  end
end
