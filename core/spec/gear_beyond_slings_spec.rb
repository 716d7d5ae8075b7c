# Shackles, rings, mats of the store in a plan: offered by fit and rating, held against what the plan counts, and listed
# with everything else that a lift is rigged with.
RSpec.describe "Gear beyond slings" do
  shackle = {
    "number" => "S-1",
    "kind" => "shackle",
    "size" => "bow, 22 mm",
    "wll_kg" => 4750.0,
    "mass_kg" => 2.2,
    "pin_m" => 0.025,
    "section_m" => 0.022,
    "state" => "ready",
    "examined" => "2026-09-14",
    "use" => "normal"
  }
  mat = {
    "number" => "M-1",
    "kind" => "mat",
    "size" => "oak",
    "length_m" => 1.2,
    "width_m" => 1.0,
    "mass_kg" => 90.0,
    "state" => "ready"
  }

  def fitting(**more)
    {
      "end" => "load",
      "kind" => "shackle",
      "wll" => "4.75 t",
      "mass" => "2.2 kg",
      "axis" => nil,
      "plane" => "in",
      **more.transform_keys(&:to_s)
    }
  end

  def carried(*pieces)
    pieces.to_h { |piece| [ piece["number"], DustLadder::PlanFile::Digest.snapshot(piece) ] }
  end

  def with(west, *pieces, **more)
    plan(
      {
        "/rigging/legs/0/fittings" => [ west ],
        "/snapshots/gear" => carried(*pieces),
        "/lift_at" => "2026-12-14T08:00",
        **more.transform_keys(&:to_s)
      }
    )
  end

  def gear(document) = DustLadder.check(DustLadder::PlanFile.accept(document)).rung("gear")

  describe DustLadder::Gear::PlacedGear do
    it "holds what is used as what it is, and tells when it is due" do
      found = gear(with(fitting(piece: "S-1"), shackle))
      part = found.parts.find { |one| one.name == "S-1" }
      expect([ found.verdict, part.verdict ]).to eq(%w[holds holds])
      expect(part.note["metric"]).to match(/examination due 2027-03-14/)
    end

    # How the plan's fitting or the piece differs, the verdict and words.
    {
      "counted higher than it is rated" => [ { wll: "5 t" }, {}, "stop", /counts 5.000.kg, it may carry 4.750.kg/ ],
      "held lower by its keeper" => [ {}, { "own_swl_kg" => 4000.0 }, "stop", /it may carry 4.000.kg/ ],
      "of another kind" => [ { kind: "hoist_ring" }, {}, "stop",
        /it is a shackle, and the plan has a hoist ring there/ ],
      "counted lighter than it is" => [ { mass: "1 kg" }, {}, "stop", /counts 1.0.kg for it, it weighs 2.2.kg/ ],
      "without a rating" => [ {}, { "wll_kg" => nil }, "stop", /it has no rating/ ],
      "quarantined" => [ {}, { "state" => "quarantined" }, "stop", /quarantined/ ],
      "out of date" => [ {}, { "examined" => "2026-06-13" }, "stop", /examination due 2026-12-13/ ],
      "in date on the day itself" => [ {}, { "examined" => "2026-06-14" }, "holds", /./ ],
      "used as nobody says how" => [ {}, { "use" => nil, "examined" => "2026-09-13" }, "stop", /due 2026-12-13/ ],
      "never examined" => [ {}, { "examined" => nil }, "not_known", /when it was examined/ ],
      "worn past the rule" => [ {}, { "measured" => { "bow_worn" => 0.0197 } }, "stop",
        /19.70.mm left where it bears/ ],
      "worn up to the rule" => [ {}, { "measured" => { "bow_worn" => 0.0198 } }, "holds", /./ ],
      "without a legible tag" => [ {}, { "legible" => false }, "stop", /tag cannot be read/ ]
    }.each do |what, (planned, changes, verdict, words)|
      it "#{verdict}: #{what}" do
        piece = shackle.merge(changes)
        found = gear(with(fitting(piece: "S-1", **planned), piece))
        part = found.parts.find { |one| one.name == "S-1" }
        expect([ part.verdict, part.note["metric"] ]).to match([ verdict, words ])
      end
    end

    # Mats of the store under the pads: what is counted, how the mat differs, verdict and words.
    {
      "as large as it is counted" => [ {}, {}, "holds", /looked at before use/ ],
      "counted larger than it is" => [ { "side" => "1.1 m" }, {}, "stop", /counts 1.100.m a side, it has 1.000.m/ ],
      "counted lighter than it is" => [ { "mass" => "80 kg" }, {}, "stop", /counts 80.0.kg for it, it weighs 90.0.kg/ ],
      "of no known size" => [ {}, { "length_m" => nil, "width_m" => nil }, "stop", /its size is not known/ ],
      "no mat at all" => [ {}, { "kind" => "timber" }, "stop", /it is a timber, and the plan has a mat there/ ],
      "quarantined" => [ {}, { "state" => "quarantined" }, "stop", /quarantined/ ]
    }.each do |what, (counted, changes, verdict, words)|
      it "#{verdict}: a mat #{what}" do
        under = { "side" => "1 m", "mass" => "90 kg", "pieces" => [ "M-1" ], **counted }
        stand = { "east" => nil, "north" => nil, "ground" => nil, "bearing" => nil, "mat" => under }
        document = plan({ "/cranes/0/stand" => stand, "/snapshots/gear" => carried(mat.merge(changes)) })
        part = gear(document).parts.find { |one| one.name == "M-1" }
        expect([ part.verdict, part.note["metric"] ]).to match([ verdict, words ])
      end
    end

    it "stops on one piece in two places" do
      document = with(fitting(piece: "S-1"), shackle, "/rigging/legs/1/fittings": [ fitting(piece: "S-1") ])
      expect(gear(document).note["metric"]).to eq("S-1: it is named in 2 places")
    end

    it "refuses a plan that names what it does not carry, at its place" do
      document = with(fitting(piece: "S-9"), shackle)
      expect { DustLadder::PlanFile.accept(document) }.to raise_error(DustLadder::PlanFile::Invalid) { |error|
        expect(error.errors.map { |one| one["pointer"] }).to eq([ "/rigging/legs/0/fittings/0/piece" ])
      }
    end

    it "is among what the plan takes at its hours" do
      expect(DustLadder::Life::Bookings.taken(with(fitting(piece: "S-1"), shackle)).pieces).to include("S-1")
    end
  end

  describe DustLadder::Gear::FittingPick do
    def pick(pieces, **planned)
      described_class.new(with(fitting(wll: nil, mass: nil, **planned)), pieces, leg: 0, fitting: 0)
    end

    it "offers what carries the pull in its direction, and takes it with its figures" do
      found = pick([ shackle ])
      choice = found.choices.first
      expect(choice.piece["number"]).to eq("S-1")
      document = DustLadder::PlanFile::Pointer.with_values(with(fitting(wll: nil, mass: nil)), choice.changes)
      ladder = DustLadder.check(DustLadder::PlanFile.accept(document))
      expect([ ladder.rung("fittings").verdict, ladder.rung("gear").verdict ]).to eq(%w[holds holds])
      part = ladder.rung("fittings").parts.find { |one| one.name.include?("shackle") }
      expect(choice.utilisation).to be_within(1e-6).of(part.utilisation)
    end

    # How a piece differs, and why it cannot serve.
    {
      { "wll_kg" => 500.0 } => /carries 500.kg so, .* is needed/,
      { "own_swl_kg" => 500.0 } => /carries 500.kg so/,
      { "wll_kg" => nil } => /rating is not known/,
      { "state" => "out" } => /it is out/,
      { "examined" => "2026-06-01" } => /runs out on 2026-12-01/,
      { "examined" => nil } => /last examined is not known/,
      { "legible" => false } => /tag cannot be read/,
      { "measured" => { "pin_worn" => 0.02 } } => /left of the pin/
    }.each do |changes, words|
      it "keeps back one with #{changes}" do
        found = pick([ shackle.merge(changes) ])
        expect([ found.choices, found.rejected.map { |one| one.reasons.join } ]).to match([ [], [ words ] ])
      end
    end

    it "offers none in a direction that none takes, and says so" do
      found = pick([ shackle ], plane: "across")
      expect([ found.wanted, found.choices ]).to eq([ nil, [] ])
      expect(found.rejected[0].reasons.join).to match(/across the plane of its bow/)
    end

    it "never offers what is used elsewhere in the lift" do
      document = with(fitting(wll: nil), shackle, "/rigging/legs/1/fittings": [ fitting(piece: "S-1") ])
      found = described_class.new(document, [ shackle ], leg: 0, fitting: 0)
      expect(found.rejected.map(&:reasons)).to eq([ [ "it is planned elsewhere in this lift" ] ])
    end

    it "keeps the best band first, and the lighter of two" do
      pieces = [ 4750.0, 3250.0, 25_000.0, 4750.0 ].each_with_index.map do |kg, index|
        shackle.merge("number" => "S-#{index}", "wll_kg" => kg, "mass_kg" => 5.0 - index)
      end
      numbers = pick(pieces).choices.map { |one| one.piece["number"] }
      shares = pick(pieces).choices.map(&:utilisation)
      expect(numbers.last).to eq("S-2")
      expect(shares).to all(be <= 1)
    end

    # What is offered holds, whatever is in the store; against the ladder itself.
    it "offers nothing that the fittings rung would stop" do
      random = Random.new(11)
      pieces = Array.new(12) do |index|
        shackle.merge("number" => "S-#{index}", "wll_kg" => random.rand(500..9000).to_f)
      end
      found = pick(pieces)
      offered = found.choices.map { |one| one.piece["number"] }
      pieces.each do |piece|
        document = with(fitting(piece: piece["number"], wll: "#{piece["wll_kg"]} kg"), piece)
        verdict = DustLadder.check(DustLadder::PlanFile.accept(document)).rung("fittings").verdict
        expect([ piece["wll_kg"], offered.include?(piece["number"]) ]).to eq([ piece["wll_kg"], verdict != "stop" ])
      end
    end
  end

  describe DustLadder::Gear::RiggingList do
    def list(document, store = {}) = described_class.new(DustLadder::PlanFile.accept(document), store)

    it "has everything with its mass, and what is to be done about each" do
      found = list(with(fitting(piece: "S-1"), shackle, "/rigging/legs/1/fittings": [ fitting ]))
      expect(found.lines.map { |one| [ one.number, one.count, one.kg ] }).to include(
        [ "S-1", 1, 2.2 ], [ nil, 1, be_within(1e-9).of(2.2) ]
      )
      loose = found.lines.find { |one| one.number.nil? && one.what.start_with?("shackle") }
      expect([ loose.what, loose.to_do ]).to eq([ "shackle, 4.75 t", "choose from the store, hire or buy" ])
      slings = found.lines.select { |one| one.what.include?("sling") }
      expect(found.kg).to be_within(1e-9).of(slings.sum { |one| one.kg * one.count } + 4.4)
      expect(found).to be_whole
    end

    # How a piece stands in the store, and what is to be done.
    {
      { "place" => "rack 4" } => "bring it from rack 4",
      { "place" => "" } => nil,
      { "state" => "quarantined" } => "another: it is quarantined",
      { "state" => "lost", "place" => "rack 4" } => "another: it is lost",
      { "examined" => "2026-06-01" } => "examine it again: its examination runs out on 2026-12-01",
      { "examined" => nil, "due" => nil } => "examine it again: when it was last examined is not known",
      { "measured" => { "bow_worn" => 0.01 } } => /\Alook at it: 10.00.mm left where it bears/
    }.each do |stands, to_do|
      it "says #{to_do.inspect} of one that stands as #{stands}" do
        found = list(with(fitting(piece: "S-1"), shackle), { "S-1" => stands })
        line = found.lines.find { |one| one.number == "S-1" }
        expect(line.to_do).to to_do.is_a?(Regexp) ? match(to_do) : eq(to_do)
      end
    end

    it "asks for slings, ratings and masses that nobody gave, and is not whole then" do
      bare = fitting(wll: nil, mass: nil)
      found = list(with(bare, "/rigging/legs/1/sling": nil))
      expect(found).not_to be_whole
      expect(found.lines.map(&:what)).to include(/\Aslings for the/, "shackle, of a rating that is not given")
      expect(found.as_json["to_do"]).to be >= 2
    end

    it "tells every line in both systems, rounded against whoever carries it" do
      shown = list(with(fitting(piece: "S-1"), shackle)).as_json
      line = shown["lines"].find { |one| one["number"] == "S-1" }
      expect(line["mass"]["us"]).to match(/4\.9.lb/)
      expect(shown["total"]["unit"]).to eq("kg")
    end
  end

  # Slings that stay together.
  describe DustLadder::Slings::Selection do
    rules = DustLadder::RuleSet.shipped("strict")
    need = ->(legs) { described_class::Need.new(tension: 2000.0, length: 4.0, legs: legs) }
    set = ->(count, help, **more) do
      Array.new(count) { |index| help.sling("A-#{index}", kind: "wire_rope", reach_m: 4.0, set: "SET-4", **more) }
    end

    it "takes a set whole or not at all" do
      whole = described_class.new(set.(2, self), need.(2), rules)
      expect(whole.choices.first.pieces.map { |one| one["number"] }).to eq(%w[A-0 A-1])
      one = described_class.new(set.(2, self), need.(1), rules)
      expect([ one.choices, one.rejected.map { |each| each.reasons.join }.uniq ]).to eq(
        [ [], [ "it belongs to the set SET-4 of 2: sets stay together" ] ]
      )
      broken = set.(2, self)
      broken[1]["state"] = "quarantined"
      left = described_class.new(broken, need.(1), rules)
      expect(left.rejected.first.reasons).to eq([ "another sling of the set SET-4 cannot be used" ])
    end
  end
end
