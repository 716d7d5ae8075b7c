# What the screen offers of the store, what it keeps in the plan, and whether an answer is the one that was asked for.
RSpec.describe "Choices and answers in the front end" do
  before { load_store }

  slings_ts, asking_ts, places_ts = "rungs/shared/slings.ts", "plan/asking.ts", "rungs/shared/places.ts"
  let(:plan) { demo_document("dish-panel") }
  let(:used) { plan["snapshots"]["slings"].keys }
  let(:store) {
    Piece.slings.in_order.map { |piece| JSON.parse(JSON.generate(piece.shown(on: "2026-12-10"))) }
  }

  describe "of slings" do
    it "keep those in the plan that its legs use, as it has them, and the one taken anew as the store has it" do
      taken = used.first
      fresh = store.find { |one| one["data"]["number"] == taken }
      older = plan.tap { |one| one["snapshots"]["slings"][taken]["data"] = { "number" => taken, "older" => true } }
      kept = front(slings_ts, "keptSlings", older, [ *used, nil, used.first ], nil, store)
      expect(kept).to eq(older["snapshots"]["slings"])
      anew = front(slings_ts, "keptSlings", older, used, taken, store)
      expect(anew[taken]).to eq(fresh.slice("digest", "data"))
      expect(front(slings_ts, "keptSlings", older, [ nil ], nil, store)).to eq({})
    end

    it "are all that the legs carry, of the beam too" do
      spreader = demo_document("pipe-bundle")
      beam = spreader["rigging"]["beam"]
      expected = [ spreader["rigging"], beam ].compact.flat_map { |part| part["legs"].to_a.map { |leg| leg["sling"] } }
      expect(front(slings_ts, "usedSlings", spreader)).to eq(expected)
    end
  end

  describe "of panels" do
    places = {
      "/load/weight/bare" => "load",
      "/load/points/0/wll" => "points",
      "/load/points/0/x" => "load",
      "/cranes/0/jib_offset" => "chart",
      "/cranes/0/as_rigged/rope" => "chart",
      "/cranes/0/chart" => "chart",
      "/cranes/0/deduction_cases/ball reeved" => "hoist",
      "/cranes/0/deductions/0/mass" => "hoist",
      "/cranes/1/hook/latch" => "hook",
      "/cranes/0/stations/0/radius" => "crane",
      "/cranes/0/stations/1/support_height" => "height",
      "/rigging/legs/0/length" => "level",
      "/rigging/legs/0/sling" => "slings",
      "/rigging/surroundings/edges" => "surroundings",
      "/lift_at" => "gear",
      "/by_word/power_lines/lines" => "power_lines"
    }
    places.each do |pointer, panel|
      it("find #{pointer} on #{panel}") { expect(front(places_ts, "panelOf", pointer)).to eq(panel) }
    end

    it "find a panel for every place that a blank plan and the demo's plans are told to be missing" do
      documents = [ Plan.blank("x"), *%w[generator mast-section pipe-bundle].map { |name|
        demo_document(name)
      } ]
      pointers = documents.flat_map { |document|
        DustLadder.check(document).rungs.flat_map { |rung| rung.missing.map(&:pointer) }
      }.uniq
      rungs = DustLadder.check(documents.first).rungs.map(&:id)
      expect(pointers.size).to be > 10
      pointers.each { |pointer| expect(rungs).to include(front(places_ts, "panelOf", pointer)), pointer }
    end
  end

  describe "of questions" do
    let(:document) { { "title" => "a" } }
    def question(document, look: nil, open: nil) = { "document" => document, "look" => look, "open" => open }
    def ladder(**working) = { "rungs" => working.map { |id, lines| { "id" => id.to_s, "working" => lines } } }

    # Over the wire no two documents are one: asked through one call, both sides share what they are given.
    it "are answered by a ladder only when it was of that document and has the working that is wanted" do
      expect(front(asking_ts, "answers", nil, nil, question(document))).to be(false)
      expect(
        front(
          asking_ts,
          "answers",
          ladder(load: []),
          question(document),
          question({ "title" => "b" })
        )
      ).to be(false)
      expect(front(asking_ts, "answers", ladder(load: nil), nil, question(document, open: "load"))).to be(false)
    end
  end
end
