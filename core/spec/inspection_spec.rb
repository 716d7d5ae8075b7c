# Before-use inspections: what is seen and measured, and what the rules make of it.
RSpec.describe DustLadder::Gear::Inspection do
  strict = DustLadder::RuleSet.shipped("strict")
  # Sizes new of one piece of each kind that is measured.
  sizes = {
    "wire_rope" => { "diameter_m" => 0.016, "outer_wire_m" => 0.0009, "eye_m" => 0.16, "reach_m" => 4.0 },
    "alloy_chain" => { "diameter_m" => 0.010, "reach_m" => 6.0, "throat_m" => 0.030 },
    "mesh" => { "strand_wire_m" => 0.002, "reach_m" => 3.0 },
    "hook" => { "throat_m" => 0.040, "section_m" => 0.030 },
    "shackle" => { "section_m" => 0.032, "pin_m" => 0.035 },
    "master_link" => { "section_m" => 0.026 },
    "fixed_hoist" => { "throat_m" => 0.028 }
  }

  # A rule set as the shipped one, with other values.
  def self.rules(**values)
    data = JSON.parse(JSON.generate(DustLadder::RuleSet.shipped("strict").data))
    values.each { |name, value| data["values"][name.to_s]["value"] = value }
    DustLadder::RuleSet.new(data)
  end

  define_method(:look) do |kind, id, measured, rules = strict, data = sizes[kind]|
    described_class.new(kind, data, { id => { "measured" => measured } }, rules).looks.find { |one| one.look.id == id }
  end

  # Kind, look, what was typed, and what becomes of it: verdict, share of what is allowed.
  [
    [ "wire_rope", "lay_wires", "0", "stays", 0.0 ],
    [ "wire_rope", "lay_wires", "9", "stays", 0.9 ],
    [ "wire_rope", "lay_wires", "10", "out", 1.0 ],
    [ "wire_rope", "strand_wires", "4", "stays", 0.8 ],
    [ "wire_rope", "strand_wires", "5", "out", 1.0 ],
    [ "wire_rope", "strand_wires", "6", "out", 1.2 ],
    [ "wire_rope", "crown", "15.58 mm", "stays", 0.7 ],
    [ "wire_rope", "crown", "15.4 mm", "out", 1.0 ],
    [ "wire_rope", "crown", "15.41 mm", "stays", 0.9833333 ],
    [ "wire_rope", "crown", "16.2 mm", "stays", 0.0 ],
    [ "wire_rope", "eye_a", "20 mm", "stays", 0.375 ],
    [ "wire_rope", "eye_a", "16 mm", "stays", 0.3 ],
    [ "wire_rope", "eye_a", "15.9 mm", "out", 1.0062893 ],
    [ "wire_rope", "eye_b", "53.3 mm", "stays", 0.999375 ],
    [ "wire_rope", "eye_b", "53.4 mm", "out", 1.00125 ],
    [ "alloy_chain", "bearing", "9 mm", "stays", 1.0 ],
    [ "alloy_chain", "bearing", "8.99 mm", "out", 1.01 ],
    [ "alloy_chain", "bearing", "0.4 in", "stays", 0.0 ],
    [ "alloy_chain", "grown", "6.18 m", "stays", 1.0 ],
    [ "alloy_chain", "grown", "6.181 m", "out", 1.0055556 ],
    [ "alloy_chain", "grown", "19'8\"", "stays", 0.0 ],
    [ "alloy_chain", "hook_throat", "31.5 mm", "stays", 1.0 ],
    [ "alloy_chain", "hook_throat", "31.6 mm", "out", 1.0666667 ],
    [ "mesh", "mesh_wire", "1.51 mm", "stays", 0.98 ],
    [ "mesh", "mesh_wire", "1.5 mm", "out", 1.0 ],
    [ "hook", "hook_throat", "42 mm", "stays", 1.0 ],
    [ "hook", "hook_throat", "42.1 mm", "out", 1.05 ],
    [ "hook", "hook_twist", "10°", "stays", 1.0 ],
    [ "hook", "hook_twist", "0", "stays", 0.0 ],
    [ "hook", "hook_twist", "10.1°", "out", 1.01 ],
    [ "hook", "hook_worn", "27 mm", "stays", 1.0 ],
    [ "hook", "hook_worn", "26.9 mm", "out", 1.0333333 ],
    [ "shackle", "bow_worn", "28.8 mm", "stays", 1.0 ],
    [ "shackle", "bow_worn", "28.7 mm", "out", 1.03125 ],
    [ "shackle", "pin_worn", "31.4 mm", "out", 1.0285714 ],
    [ "master_link", "bow_worn", "23.4 mm", "stays", 1.0 ],
    [ "fixed_hoist", "hoist_pull", "30 kg", "stays", 1.0 ],
    [ "fixed_hoist", "hoist_pull", "68 lb", "out", 1.0281427 ]
  ].each do |kind, id, typed, verdict, used|
    it "#{kind}, #{id} of #{typed}: #{verdict}" do
      found = look(kind, id, typed)
      expect([ found.verdict, found.used ]).to match([ verdict, be_within(1e-6).of(used) ])
    end
  end

  # A look, a value typed, under rules of another school, tighter or looser.
  [
    [ "hook", "hook_throat", "45 mm", {}, "out" ],
    [ "hook", "hook_throat", "45 mm", { throat_school: "older" }, "stays" ],
    [ "hook", "hook_throat", "46.1 mm", { throat_school: "older" }, "out" ],
    [ "hook", "hook_twist", "6°", { hook_twist_deg: 5 }, "out" ],
    [ "wire_rope", "lay_wires", "6", { broken_wires: { "lay" => 6, "strand" => 3 } }, "out" ],
    [ "wire_rope", "strand_wires", "3", { broken_wires: { "lay" => 6, "strand" => 3 } }, "out" ],
    [ "wire_rope", "strand_wires", "2", { broken_wires: { "lay" => 6, "strand" => 3 } }, "stays" ],
    [ "alloy_chain", "bearing", "9.4 mm", { chain_worn: 0.05 }, "out" ],
    [ "alloy_chain", "grown", "6.13 m", { chain_grown: 0.02 }, "out" ],
    [ "mesh", "mesh_wire", "1.7 mm", { mesh_wire_worn: 0.15 }, "out" ],
    [ "shackle", "pin_worn", "33 mm", { hardware_worn: 0.05 }, "out" ],
    [ "fixed_hoist", "hoist_pull", "25 kg", { hoist_pull_kg: 20 }, "out" ]
  ].each do |kind, id, typed, values, verdict|
    it "#{kind}, #{id} of #{typed} is #{verdict} under #{values}" do
      expect(look(kind, id, typed, self.class.rules(**values)).verdict).to eq(verdict)
    end
  end

  it "says the rule beside the field before anything is measured, in both systems of units" do
    looks = described_class.new("wire_rope", sizes["wire_rope"], {}, strict).looks.to_h { |one|
      [ one.look.id, one.limit ]
    }
    expect(
      looks.values_at("crown", "strand_wires", "eye_a", "shape").map { |one|
        one["metric"].tr("\u00a0", " ")
      }
    ).to eq(
      [
        "new 16.00 mm, out at 15.40 mm",
        "out at 5",
        "at least 16.00 mm, at most 53.33 mm",
        "no kink, crush, bird-cage or core that shows, by hand"
      ]
    )
    expect(looks["crown"]["us"].tr("\u00a0", " ")).to eq("new 0.630 in, out at 0.607 in")
  end

  # Limits are shown against the user: what must be thicker is rounded up, what may not be wider is rounded down.
  it "never shows a limit that would let a piece stay that is out" do
    100.times do |seed|
      new = 0.005 + Random.new(seed).rand * 0.05
      data = { "section_m" => new, "throat_m" => new }
      limits = described_class.new("hook", data, {}, strict).looks.to_h { |one| [ one.look.id, one.limit["metric"] ] }
      thin = limits["hook_worn"][/out under (\S+)/, 1].to_f
      wide = limits["hook_throat"][/out over (\S+)/, 1].to_f
      expect([ thin / 1000, wide / 1000 ]).to match([ be >= new * 0.9 - 1e-12, be <= new * 1.05 + 1e-12 ])
    end
  end

  # What was typed, at which look, and what is said of it. It is never taken for a finding.
  [
    [ "wire_rope", "lay_wires", "six", /not a number of wires/ ],
    [ "wire_rope", "lay_wires", "6.5", /not a number of wires/ ],
    [ "wire_rope", "lay_wires", "-1", /not a number of wires/ ],
    [ "wire_rope", "lay_wires", "1e3", /not a number of wires/ ],
    [ "wire_rope", "lay_wires", "99999999999999999999", /not a number of wires/ ],
    [ "wire_rope", "crown", "15.58", /unit/ ],
    [ "wire_rope", "crown", "0 mm", /more than nothing/ ],
    [ "wire_rope", "crown", "-3 mm", /more than nothing/ ],
    [ "wire_rope", "crown", "158 mm", /more than its size new/ ],
    [ "wire_rope", "crown", "15 kg", /./ ],
    [ "alloy_chain", "bearing", "90 mm", /more than its size new/ ],
    [ "alloy_chain", "grown", "0.6 m", /less than its size new/ ],
    [ "hook", "hook_throat", "4 mm", /less than its size new/ ],
    [ "hook", "hook_twist", "-5°", /more than nothing/ ],
    [ "hook", "hook_twist", "crooked", /./ ]
  ].each do |kind, id, typed, words|
    it "#{kind}, #{id} of #{typed.inspect} is asked again" do
      one = described_class.new(kind, sizes[kind], { id => { "measured" => typed } }, strict)
      found = one.looks.find { |other| other.look.id == id }
      expect([ found.verdict, one.result, one.measured ]).to eq([ "not_looked", "not_whole", {} ])
      expect(one.problems.map { |problem| [ problem.field, problem.typed ] }).to eq([ [ id, typed ] ])
      expect("#{one.problems[0].message} #{one.problems[0].expected}").to match(words)
    end
  end

  it "refuses looks of another kind, and words for what was seen that are none" do
    one = described_class.new(
      "shackle",
      {},
      { "lay_wires" => { "measured" => "3" }, "bow" => { "seen" => "ok" } },
      strict
    )
    one.looks
    expect(one.problems.map(&:field)).to match_array(%w[lay_wires bow])
    expect(one.problems.map(&:expected)).to match_array(
      [ "tag, bow, bow_worn, pin_worn, pin_thread",
        "fine, bad, doubt" ]
    )
    expect { described_class.new("rope ladder", {}, {}, strict) }.to raise_error(KeyError, /rope ladder/)
  end

  it "asks again when one strand has more broken wires than its whole lay" do
    findings = { "lay_wires" => { "measured" => "3" }, "strand_wires" => { "measured" => "4" } }
    one = described_class.new("wire_rope", sizes["wire_rope"], findings, strict)
    expect([ one.result, one.problems.map(&:field) ]).to eq([ "not_whole", [ "strand_wires" ] ])
  end

  # Every look of a kind, looked at and fine.
  def all_fine(kind, data)
    DustLadder::Gear::Kinds.of(kind).looks.to_h do |look|
      fine = measured_fine(look, data)
      [ look.id, fine ? { "measured" => fine } : { "seen" => "fine" } ]
    end
  end

  # What a look would measure of a piece as good as new; nil where nothing is measured.
  def measured_fine(look, data)
    new = { "reach" => "reach_m", "diameter" => "diameter_m", "strand_wire" => "strand_wire_m" }
    size = data[new.fetch(look.of) { "#{look.of}_m" }].to_f
    case look.how
    when "worn", "grown", "crown" then "#{(size * 1000).round(3)} mm"
    when "count" then "0"
    when "between" then "20 mm"
    when "most" then look.read == "angle" ? "0°" : "10 kg"
    end
  end

  sizes.each do |kind, data|
    describe "a #{kind.tr("_", " ")}" do
      let(:fine) { all_fine(kind, data) }

      it "stays when every look was looked at and stays" do
        one = described_class.new(kind, data, fine, strict)
        expect([ one.result, one.problems, one.left, one.out ]).to eq([ "stays", [], [], [] ])
        expect(one.headline["metric"]).to eq("Stays: #{one.looks.size} looks")
      end

      it "is not known while one look is left, whichever" do
        fine.each_key do |left|
          one = described_class.new(kind, data, fine.except(left), strict)
          expect([ left, one.result, one.left.map { |found| found.look.id } ]).to eq([ left, "not_whole", [ left ] ])
        end
      end

      it "is out by one look that is bad or in doubt, whichever, whatever else" do
        fine.keys.product(%w[bad doubt]) do |id, seen|
          one = described_class.new(kind, data, fine.merge(id => { "seen" => seen, "words" => "a nick" }), strict)
          expect([ id, one.result, one.out.map { |found| found.look.id } ]).to eq([ id, "out", [ id ] ])
          expect(one.headline["metric"]).to match(/\AOut: .*a nick/)
          expect(described_class.new(kind, data, { id => { "seen" => seen } }, strict).result).to eq("out")
        end
      end

      it "takes no measured look for looked at because somebody says that it is fine" do
        measured = DustLadder::Gear::Kinds.of(kind).looks.select(&:measured?).map(&:id)
        measured.each do |id|
          one = described_class.new(kind, data, fine.merge(id => { "seen" => "fine" }), strict)
          expect([ id, one.result ]).to eq([ id, "not_whole" ])
        end
      end

      it "knows nothing where its sizes new are not written down" do
        one = described_class.new(kind, {}, fine, strict)
        expect(one.result).to eq("not_whole")
        unknown = one.looks.select { |found| found.look.of && found.look.measured? }
        expect(unknown.map(&:verdict).uniq).to eq([ "not_known" ])
        expect(unknown.map { |found| found.told["metric"] }).to all(match(/when new is not written down/))
      end
    end
  end

  it "keeps what was measured of the piece in SI, and not the pin that goes in its eye" do
    findings = {
      "crown" => { "measured" => "15.58 mm" },
      "lay_wires" => { "measured" => "8" },
      "eye_a" => { "measured" => "20 mm" }
    }
    one = described_class.new("wire_rope", sizes["wire_rope"], findings, strict)
    expect(one.measured).to eq("crown" => 0.01558, "lay_wires" => 8.0)
  end

  it "tells the worst first" do
    findings = {
      "lay_wires" => { "measured" => "11" },
      "strand_wires" => { "measured" => "9" },
      "tag" => { "seen" => "fine" }
    }
    one = described_class.new("wire_rope", sizes["wire_rope"], findings, strict)
    expect(one.reasons.map { |words| words["metric"] }).to eq(
      [ "9 broken wires in one strand, out at 5", "11 broken wires in one lay, out at 10" ]
    )
    expect(one.as_json["headline"]["us"]).to eq("Out: 9 broken wires in one strand, out at 5")
  end

  it "has a title, words, a place and, where it measures, a rule for every look of every kind" do
    names = DustLadder::RuleSet.shipped("strict").data["values"].keys
    DustLadder::Gear::Kinds::ALL.each_value do |kind|
      expect(kind.looks.size).to be >= 1
      kind.looks.each do |look|
        expect([ look.title, look.words, look.where ]).to all(be_a(String))
        next unless look.measured?

        expect(names).to include(look.rule)
        expect([ %w[length count mass angle].include?(look.read), look.told.include?("%s") ]).to eq([ true, true ])
        expect(look.at).to eq(look.how == "between" ? nil : look.at.to_s[/\A(?:at|over)\z/])
      end
    end
  end
end
