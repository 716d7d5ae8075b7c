# What may be done with a piece, from which state, by whom, and what it asks for.
RSpec.describe DustLadder::Gear::Acts do
  rules = DustLadder::RuleSet.shipped("strict")
  everything = { "with" => "T. Alder", "why" => "cut near the label" }
  roles = %w[reader rigger planner keeper appointed engineer admin]
  sound = { "kind" => "hook", "examined" => "2026-09-14", "use" => "normal" }

  define_method(:refusals) do |act, state, given: everything, by: %w[keeper], sound_since: true, **more|
    piece = sound.merge("state" => state, **more.transform_keys(&:to_s))
    described_class.refusals(act, piece, given, roles: by, sound_since: sound_since, on: "2026-11-30", rules: rules)
  end

  # From each state, what a keeper may do; anything else is refused.
  {
    "ready" => %w[hand_out quarantine lose scrap],
    "out" => %w[give_back quarantine lose scrap],
    "quarantined" => %w[release lose scrap],
    "lost" => %w[find scrap],
    "scrapped" => []
  }.each do |state, acts|
    described_class::ALL.each_key do |act|
      it "#{acts.include?(act) ? "lets" : "does not let"} what is #{state} be #{described_class::ALL[act].words}" do
        expect(refusals(act, state).map(&:field)).to eq(acts.include?(act) ? [] : [ "act" ])
        expect(described_class.open(state, %w[keeper]).map(&:name).include?(act)).to be(acts.include?(act))
      end
    end
  end

  {
    "hand_out" => %w[keeper rigger],
    "give_back" => %w[keeper rigger],
    "quarantine" => %w[keeper rigger planner appointed engineer],
    "release" => %w[keeper],
    "lose" => %w[keeper rigger],
    "find" => %w[keeper rigger],
    "scrap" => %w[keeper]
  }.each do |act, who|
    it "#{act} is for #{who.join(", ")}" do
      may = roles.select { |role| refusals(act, described_class::ALL[act].from.first, by: [ role ]).empty? }
      expect(may).to match_array(who)
      expect(refusals(act, described_class::ALL[act].from.first, by: []).map(&:expected)).to eq([ who.join(" or ") ])
    end
  end

  it "brings nothing scrapped back, by whatever order of acts" do
    random = Random.new(3)
    200.times do
      state, been = "ready", []
      12.times do
        act = described_class::ALL.keys.sample(random: random)
        next if refusals(act, state).any?

        expect(been).not_to include("scrapped")
        been << (state = described_class::ALL[act].to)
      end
    end
  end

  it "asks for a name to hand out to, and for a reason of letters" do
    expect(refusals("hand_out", "ready", given: {}).map(&:field)).to eq([ "with" ])
    expect(refusals("quarantine", "ready", given: { "why" => " ... " }).map(&:field)).to eq([ "why" ])
    expect(refusals("scrap", "ready", given: { "why" => nil }).map(&:expected)).to eq([ "a reason in words" ])
    expect(refusals("give_back", "out", given: {})).to eq([])
  end

  it "lets nothing back in use that nobody found sound since" do
    expect(
      refusals(
        "release",
        "quarantined",
        sound_since: false
      ).map(&:message)
    ).to eq([ "nobody found it sound since" ])
  end

  it "lets nothing back in use that is past its limit by what was measured last" do
    worn = { throat_m: 0.04, measured: { "hook_throat" => 0.043 } }
    expect(refusals("release", "quarantined", **worn).map(&:message)).to match([ /throat opened to 43.00.mm/ ])
    expect(refusals("release", "quarantined", **worn, measured: { "hook_throat" => 0.041 })).to eq([])
  end

  # What was changed of a sound hook, and why it is not handed out.
  [
    [ { examined: "2026-05-29" }, /runs out on 2026-11-29/ ],
    [ { examined: "2026-05-30" }, nil ],
    [ { examined: nil }, /not known/ ],
    [ { use: "hard", examined: "2026-08-01" }, /runs out on 2026-11-01/ ],
    [ { measured: { "hook_throat" => 0.0421 }, throat_m: 0.04 }, /throat opened to 42.10.mm/ ],
    [ { measured: { "hook_throat" => 0.0419 }, throat_m: 0.04 }, nil ],
    [ { measured: { "hook_throat" => 0.0419 } }, /not written down/ ]
  ].each do |changes, words|
    it "with #{changes} it is #{words ? "not handed out" : "handed out"}" do
      found = refusals("hand_out", "ready", **changes)
      words ? expect(found.map(&:message)).to(match([ words ])) : expect(found).to(eq([]))
    end
  end

  it "knows no other act" do
    [ "steal", nil, "", 7, "x" * 1000 ].each do |act|
      expect(refusals(act, "ready").map(&:expected)).to eq([ described_class::ALL.keys.join(", ") ])
    end
  end
end
