# When a piece is due, and whether it may be used on a day: by kind, use, rules, findings; at the borders of days.
RSpec.describe DustLadder::Gear::Due do
  strict = DustLadder::RuleSet.shipped("strict")
  older = JSON.parse(File.read(File.expand_path("fixtures/of_their_day/rules_4/generator.json", __dir__)))
  older = DustLadder::RuleSet.new(older.dig("snapshots", "rule_sets", "strict", "data"))
  tighter =
    JSON.parse(JSON.generate(strict.data)).tap do |data|
      data["values"]["examination_interval"]["value"]["accessory"]["normal"] = 4
    end
  tighter = DustLadder::RuleSet.new(tighter)

  # Kind, use, examined, due as its examiner gave it, rules: the day.
  [
    [ "wire_rope", "normal", "2026-05-20", nil, strict, "2026-11-20" ],
    [ "wire_rope", "hard", "2026-05-20", nil, strict, "2026-08-20" ],
    [ "wire_rope", "heat", "2026-05-20", nil, strict, "2026-08-20" ],
    [ "polyester_web", "sun", "2026-05-20", nil, strict, "2026-08-20" ],
    [ "polyester_web", "chemicals", "2026-05-20", nil, strict, "2026-08-20" ],
    [ "wire_rope", nil, "2026-05-20", nil, strict, "2026-08-20" ],
    [ "wire_rope", "now and then", "2026-05-20", nil, strict, "2026-08-20" ],
    [ "crane", "normal", "2026-05-20", nil, strict, "2027-05-20" ],
    [ "crane", "hard", "2026-05-20", nil, strict, "2026-11-20" ],
    [ "fixed_hoist", "normal", "2026-05-20", nil, strict, "2027-05-20" ],
    [ "lifting", "normal", "2026-05-20", nil, strict, "2026-11-20" ],
    [ "spreader", "normal", "2026-05-20", nil, strict, "2026-11-20" ],
    [ "mat", "normal", "2026-05-20", nil, strict, nil ],
    [ "timber", nil, nil, nil, strict, nil ],
    # Sooner by its examiner counts, later does not.
    [ "wire_rope", "normal", "2026-05-20", "2026-07-01", strict, "2026-07-01" ],
    [ "wire_rope", "normal", "2026-05-20", "2027-05-20", strict, "2026-11-20" ],
    # Who examined it knew how it is used.
    [ "wire_rope", nil, "2026-05-20", "2026-10-01", strict, "2026-10-01" ],
    [ "wire_rope", nil, "2026-05-20", "2027-10-01", strict, "2026-11-20" ],
    [ "wire_rope", "normal", nil, "2026-10-01", strict, "2026-10-01" ],
    [ "wire_rope", "normal", nil, nil, strict, nil ],
    [ "wire_rope", "normal", "2026-05-20", nil, tighter, "2026-09-20" ],
    [ "wire_rope", "normal", "2026-05-20", "2026-11-20", tighter, "2026-09-20" ],
    # Rules of before: one interval, and a day that was given stands.
    [ "wire_rope", "hard", "2026-05-20", nil, older, "2026-11-20" ],
    [ "wire_rope", "hard", "2026-05-20", "2027-05-20", older, "2027-05-20" ],
    [ "crane", "normal", "2026-05-20", nil, older, "2026-11-20" ],
    # Ends of months and leap days.
    [ "wire_rope", "normal", "2027-08-31", nil, strict, "2028-02-29" ],
    [ "wire_rope", "normal", "2026-08-31", nil, strict, "2027-02-28" ],
    [ "wire_rope", "normal", "2028-02-29", nil, strict, "2028-08-29" ],
    [ "crane", "normal", "2028-02-29", nil, strict, "2029-02-28" ],
    [ "wire_rope", "hard", "2026-11-30", nil, strict, "2027-02-28" ],
    # What is no day is not known, and is no default.
    [ "wire_rope", "normal", "2026-02-30", nil, strict, nil ],
    [ "wire_rope", "normal", "soon", nil, strict, nil ]
  ].each do |kind, use, examined, given, rules, day|
    it "#{kind}, #{use.inspect}, examined #{examined.inspect}, due #{given.inspect}, #{rules.title} #{rules.version}" do
      piece = { "kind" => kind, "use" => use, "examined" => examined, "due" => given }
      expect(described_class.new(piece, rules).day).to eq(day)
    end
  end

  it "says why that day" do
    words = ->(**piece) { described_class.new({ "kind" => "mesh", **piece.transform_keys(&:to_s) }, strict).words }
    expect(words.(use: "hard", examined: "2026-05-20")).to eq("due 2026-08-20, 3 months after 2026-05-20")
    expect(words.(examined: "2026-05-20")).to match(/3 months after 2026-05-20, as nobody says how it is used/)
    expect(words.(use: "normal", examined: "2026-05-20", due: "2026-06-01")).to eq("due 2026-06-01 by its examiner")
    expect(words.(use: "normal")).to eq("when it was examined is not known")
    expect(words.(kind: "mat")).to match(/looked at before use/)
  end

  # Any interval, any day: never later than what was given, than its use allows, or than normal use allows.
  it "is never kinder for harder use, for being unknown, or for what somebody wrote" do
    random = Random.new(17)
    uses = described_class::USES
    500.times do
      examined = Date.new(2026, 1, 1) + random.rand(1500)
      given = random.rand < 0.5 ? nil : (examined + random.rand(1..600)).iso8601
      kind = %w[wire_rope crane hook spreader].sample(random: random)
      day = ->(use) do
        described_class.new(
          { "kind" => kind, "use" => use, "examined" => examined.iso8601, "due" => given },
          strict
        ).day
      end
      normal = day.("normal")
      expect(uses.map(&day)).to all(be <= normal)
      expect(day.(nil)).to be <= normal
      expect(normal).to be <= given if given
      expect(Date.iso8601(normal)).to be >= [ examined + 1, given && Date.iso8601(given) ].compact.min
    end
  end
end

RSpec.describe DustLadder::Gear::Fitness do
  strict = DustLadder::RuleSet.shipped("strict")
  sound = {
    "kind" => "wire_rope",
    "state" => "ready",
    "use" => "normal",
    "examined" => "2026-05-20",
    "diameter_m" => 0.016,
    "outer_wire_m" => 0.0009,
    "measured" => { "lay_wires" => 8, "strand_wires" => 4, "crown" => 0.01558 }
  }

  define_method(:answer) { |changes, on| described_class.new(sound.merge(changes), strict).answer(on: on) }

  # What is changed, the day of the lift, verdict and words.
  [
    [ {}, "2026-11-20", "holds", /due 2026-11-20, 6 months after/ ],
    [ {}, "2026-11-19", "holds", /due/ ],
    [ {}, "2026-11-21", "stop", /runs out on 2026-11-20/ ],
    [ {}, nil, "holds", /due/ ],
    [ { "state" => "out" }, "2026-06-01", "stop", /it is out/ ],
    [ { "state" => "quarantined" }, nil, "stop", /it is quarantined/ ],
    [ { "state" => "scrapped" }, nil, "stop", /it is scrapped/ ],
    [ { "state" => "lost" }, nil, "stop", /it is lost/ ],
    [ { "examined" => nil }, "2026-06-01", "not_known", /last examined is not known/ ],
    [ { "measured" => { "strand_wires" => 5 } }, "2026-06-01", "stop", /5 broken wires in one strand, out at 5/ ],
    [ { "measured" => { "lay_wires" => 10 } }, nil, "stop", /10 broken wires in one lay/ ],
    [ { "measured" => { "crown" => 0.0154 } }, nil, "stop", /15.40.mm across the crowns/ ],
    [ { "outer_wire_m" => nil }, nil, "not_known", /one outer wire when new is not written down/ ],
    [ { "measured" => { "sparkle" => 3 } }, nil, "not_known", /sparkle was measured, which is not known here/ ],
    [ { "measured" => { "shape" => 3 } }, nil, "not_known", /shape was measured/ ],
    # A stop is told before what is not known.
    [ { "outer_wire_m" => nil, "measured" => { "crown" => 0.01, "lay_wires" => 12 } }, nil, "stop", /12 broken wires/ ],
    [ { "examined" => nil, "measured" => { "lay_wires" => 12 } }, "2026-06-01", "stop", /12 broken wires/ ]
  ].each do |changes, on, verdict, words|
    it "#{changes} on #{on.inspect}: #{verdict}" do
      found = answer(changes, on)
      expect([ found.verdict, found.words ]).to match([ verdict, words ])
    end
  end

  it "does not know what was measured where the rules are of before there were limits" do
    older = JSON.parse(File.read(File.expand_path("fixtures/of_their_day/rules_4/generator.json", __dir__)))
    older = DustLadder::RuleSet.new(older.dig("snapshots", "rule_sets", "strict", "data"))
    found = described_class.new(sound, older).answer(on: "2026-11-20")
    expect(
      [ found.verdict,
        found.words ]
    ).to match([ "not_known", /rule set strict has no figure for outer wire worn|broken/ ])
    expect(described_class.new(sound.merge("measured" => {}), older).answer(on: "2026-11-20").verdict).to eq("holds")
  end

  # No finding beyond a limit leaves a piece that may be used, whatever rules are tightened, and tightening never helps.
  it "stops on every finding past its limit, and no tighter rule lets one pass that a looser one stopped" do
    random = Random.new(5)
    400.times do
      lay, strand = random.rand(0..14), random.rand(0..8)
      crown = 0.0148 + random.rand * 0.0014
      share = 0.1 + random.rand * 0.5
      most = random.rand(1..12)
      data = JSON.parse(JSON.generate(strict.data))
      data["values"]["outer_wire_worn"]["value"] = share
      data["values"]["broken_wires"]["value"] = { "lay" => most, "strand" => most }
      measured = { "lay_wires" => lay, "strand_wires" => strand, "crown" => crown }
      holds = ->(rules) { described_class.new(sound.merge("measured" => measured), rules).answer(on: nil).holds? }
      past = lay >= most || strand >= most || 0.016 - crown >= 2 * share * 0.0009
      expect(holds.(DustLadder::RuleSet.new(data))).to be(!past)
      both = JSON.parse(JSON.generate(data))
      both["values"]["outer_wire_worn"]["value"] = share / 2
      both["values"]["broken_wires"]["value"] = { "lay" => [ most - 1, 1 ].max, "strand" => most }
      expect(holds.(DustLadder::RuleSet.new(both))).to be(false) if past
    end
  end
end
