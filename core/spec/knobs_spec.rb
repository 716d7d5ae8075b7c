# What each knob of the ways out offers, on a plan that has it and on one that has not.
RSpec.describe DustLadder::Advice::Choices do
  def base(document, **stock)
    DustLadder::Advice::Base.new(document, stock: DustLadder::Advice::Base::Stock.new(**stock))
  end

  def of(knob, document, question: %w[slings], **stock)
    described_class.new(base(document, **stock), question).of(knob.to_s)
  end

  def values(...) = of(...).map(&:values)

  def verdict_with(document, change, rung, **stock)
    base(document, **stock).state(change.values).rung(rung).verdict
  end

  it "knows every knob that efforts.yml lists, and none beside" do
    both = plan
    lift = DustLadder::Advice::Base.new(both).lift
    expect(lift.tandem?).to be(false)
    DustLadder::Advice::Efforts.knobs.each do |knob|
      next if described_class::OF_TWO.include?(knob)

      expect { of(knob, both) }.not_to raise_error
      effort = DustLadder::Advice::Efforts.of(knob)
      expect(effort).to match("tried" => a_string_matching(/\w/), "act" => a_string_matching(/\w/), "minutes" => be > 0)
    end
  end

  it "pads sharp edges, and only those" do
    sharp = plan("/rigging/surroundings/edges" => "sharp")
    expect(DustLadder.check(sharp).rung("surroundings").verdict).to eq("stop")
    change = of(:edges, sharp).first
    expect(verdict_with(sharp, change, "surroundings")).to eq("holds")
    expect([ plan, plan("/rigging/surroundings" => nil) ].map { |one| of(:edges, one) }).to all(be_empty)
  end

  it "hangs the load in the bowl of the hook, where it sits off it" do
    off = plan("/cranes/0/hook/off_centre" => "50 %")
    expect(values(:centre, off)).to eq([ { "/cranes/0/hook/off_centre" => "0" } ])
    expect([ plan, plan("/cranes/0/hook" => nil) ].map { |one| of(:centre, one) }).to all(be_empty)
  end

  it "raises and lowers the hook in growing steps, never into the load" do
    document = plan("/rigging/hook_height" => "3 m")
    up, down = %i[hook lower].map { |knob| values(knob, document).map { |one| one.values.first.to_f } }
    expect(up).to eq([ 3.1, 3.2, 3.4, 3.8, 4.6, 6.2 ])
    expect(down).to eq([ 2.9, 2.8, 2.6, 2.2 ])
    expect(of(:legs, document) + of(:shorter, document)).to be_empty
  end

  it "lengthens and shortens legs that are given by their lengths" do
    lengths = { "/rigging/legs/0/length" => "3 m", "/rigging/legs/1/length" => "3 m" }
    document = plan("/rigging/set_by" => "leg_lengths", **lengths)
    expect(values(:legs, document).first.values).to eq([ "3.100 m", "3.100 m" ])
    expect(values(:shorter, document).map { |one| one.values.first.to_f }.min).to be > 0.3
    expect(of(:hook, document) + of(:lower, document)).to be_empty
  end

  it "reeves more parts and fewer, one at the least" do
    document = plan("/cranes/0/parts_of_line" => 2)
    expect(
      [ values(:parts, document), values(:fewer, document) ].map { |all|
        all.map { |one|
          one.values.first
        }
      }
    ).to eq(
      [ [ 3, 4, 5, 6 ], [ 1 ] ]
    )
    expect(of(:fewer, plan("/cranes/0/parts_of_line" => 1))).to be_empty
    expect(of(:parts, plan("/cranes/0/parts_of_line" => nil))).to be_empty
  end

  it "takes other booms of the chart for the whole way, and a station's own boom away" do
    document = plan("/cranes/0/stations/1/boom_length" => "20 m")
    found = values(:boom, document)
    expect(found.map { |one| one["/cranes/0/boom_length"] }).to contain_exactly("15.0 m", "25.0 m")
    expect(found.map { |one| one.fetch("/cranes/0/stations/1/boom_length") }).to all(be_nil)
    expect(of(:boom, plan("/cranes/0/chart" => nil))).to be_empty
  end

  it "waits for less wind than was measured, where the wind is what stops" do
    windy = plan("/cranes/0/wind" => "9.5 m/s")
    expect(of(:wind, windy, question: %w[slings])).to be_empty
    found = of(:wind, windy, question: %w[wind])
    expect(found.map { |one| one.values.values.first }).to eq((2..9).to_a.reverse.map { |speed| "#{speed} m/s" })
    expect(found.map { |one| verdict_with(windy, one, "wind") }).to include("holds")
    expect(of(:wind, plan("/cranes/0/wind" => nil), question: %w[wind])).to be_empty
  end

  it "moves grips of baskets and chokes, never off the load or past each other, and no lug" do
    chokes = [ 0, 1 ].to_h { |leg| [ "/rigging/legs/#{leg}/hitch", "choker" ] }
    found = values(:grips, plan(chokes))
    expect(found).not_to be_empty
    found.each do |one|
      first, second = one.values_at("/load/points/0/x", "/load/points/1/x").map(&:to_f)
      expect([ first, second ]).to all(be_between(0, 4))
      expect(first).to be < second
      expect(first + second).to be_within(0.011).of(4.0)
    end
    expect(of(:grips, plan)).to be_empty
  end

  it "weighs what is not weighed yet" do
    expect(values(:weigh, plan)).to eq(
      [ { "/load/weight/basis" => "weighed", "/load/weight/source" => "to be weighed before the lift" } ]
    )
    expect(of(:weigh, plan("/load/weight/basis" => "weighed"))).to be_empty
    expect(of(:weigh, plan("/load/weight/bare" => nil))).to be_empty
  end

  it "gives whole sets of alike slings, none that hangs there already" do
    four = on_points
    alike = Array.new(4) { |at| sling("Q-#{at}", kind: "polyester_round", reach_m: 5.0) }
    three = Array.new(3) { |at| sling("T-#{at}", kind: "polyester_round", reach_m: 4.0) }
    whole = sling("W-1", legs: 4, mass_kg: 90)
    found = of(:sling, four, slings: [ *alike, *three, whole, sling("S-1", kind: "polyester_round", reach_m: 3.0) ])
    expect(found.map(&:id)).to contain_exactly("sling-Q-0-Q-1-Q-2-Q-3", "sling-W-1")
    legs = found.find { |one| one.id.start_with?("sling-Q") }.values
    expect(4.times.map { |leg| legs["/rigging/legs/#{leg}/sling"] }).to eq(%w[Q-0 Q-1 Q-2 Q-3])
  end

  it "applies a sling's snapshot as one table without what hangs there no longer" do
    document = plan
    heavy = sling("H-1", legs: 2)
    change = of(:sling, document, slings: [ heavy ]).first
    applied = base(document, slings: [ heavy ]).applied(change.values)
    expect(applied.fetch("/snapshots/slings").keys).to eq([ "H-1" ])
    accepted = DustLadder::PlanFile.accept(DustLadder::PlanFile::Pointer.with_values(document, applied))
    expect(accepted["rigging"]["legs"].map { |leg| leg["sling"] }).to eq(%w[H-1 H-1])
  end

  it "gathers legs in a ring of the store that is fit on the day, where they stand too far apart for the hook" do
    flat = plan("/rigging/hook_height" => "2.9 m")
    ring = { "number" => "R-1", "kind" => "master_link", "wll_kg" => 9000.0, "state" => "ready", "due" => "2027-01-01" }
    stale = ring.merge("number" => "R-2", "wll_kg" => 12_000.0, "due" => "2026-01-01")
    found = of(:ring, flat, question: %w[hook], pieces: [ ring, stale ])
    expect(found.map(&:id)).to eq([ "ring-R-1" ])
    expect(verdict_with(flat, found.first, "hook")).not_to eq("stop")
    expect(of(:ring, flat, question: %w[slings], pieces: [ ring ])).to be_empty
  end

  it "rigs the machine as its chart says, and never makes another machine of it" do
    wrong = plan("/cranes/0/as_rigged/counterweight" => "6 t")
    found = of(:rigged, wrong, question: %w[chart])
    expect(found.map(&:values)).to eq([ { "/cranes/0/as_rigged/counterweight" => "9 t" } ])
    expect(found.first.words["metric"]).to include("counterweight 9 t, not 6 t")
    expect(verdict_with(wrong, found.first, "chart")).to eq("holds")
    other = plan("/cranes/0/as_rigged/serial" => "T-2", "/cranes/0/as_rigged/counterweight" => "6 t")
    expect(of(:rigged, other, question: %w[chart])).to be_empty
  end

  it "finds other charts of this machine as it stands, and other machines apart from them" do
    six = chart(id: "six", identity: PlanHelp::IDENTITY.merge("counterweight" => "6 t"))
    else_ = chart(id: "else", identity: PlanHelp::IDENTITY.merge("serial" => "X-9", "model" => "Other"))
    charts = [ six, else_ ].map { |data| DustLadder::PlanFile::Digest.snapshot(data) }
    wrong = plan("/cranes/0/as_rigged/counterweight" => "6 t")
    own = values(:set_up, wrong, question: %w[chart], charts: charts)
    expect(own.map { |one| one["/cranes/0/chart"] }.uniq).to eq([ "six" ])
    expect(own.map { |one| one["/cranes/0/as_rigged"]["counterweight"] }.uniq).to eq([ "6 t" ])
    machines = values(:machine, wrong, question: %w[crane], charts: charts)
    expect(machines.map { |one| one["/cranes/0/chart"] }.uniq).to eq([ "else" ])
    weak = chart(
      id: "weak",
      tables: six["tables"].transform_values { |rows|
        rows.map { |row|
          row.map { |kg|
            kg && 10
          }
        }
      }
    )
    weak["identity"] = weak["identity"].merge("serial" => "W-1")
    expect(of(:machine, wrong, charts: [ DustLadder::PlanFile::Digest.snapshot(weak) ])).to be_empty
  end

  it "hangs a beam on shorter slings and longer ones, the load where it was" do
    document = under_beam
    shorter, longer = %i[headroom above].map { |knob| values(knob, document) }
    room = ->(one) { one["/rigging/beam/headroom"].to_f }
    expect(shorter.map(&room)).to all(be < 2.75)
    expect(longer.map(&room)).to all(be > 2.75)
    [ *shorter, *longer ].each do |one|
      expect(one["/rigging/hook_height"].to_f - room.(one)).to be_within(0.011).of(8.0 - 2.75)
    end
    expect(of(:headroom, plan) + of(:above, plan)).to be_empty
  end

  it "refuses to be taken beside what it would overwrite" do
    document = plan("/cranes/0/turn" => "clockwise")
    nearer, boom = of(:nearer, document), of(:boom, document)
    expect(nearer[0].clashes?(nearer[1])).to be(true)
    expect(nearer[0].clashes?(boom[0])).to be(false)
    inner = DustLadder::Advice::Change.new(id: "x", knob: "plane", values: { "/cranes/0" => {} })
    expect([ inner.clashes?(boom[0]), boom[0].clashes?(inner) ]).to eq([ true, true ])
  end
end

RSpec.describe DustLadder::PlanFile::Pointer, ".sharing" do
  it "makes the same document as a whole copy, and leaves the one it came from alone" do
    document = plan
    kept = JSON.generate(document)
    changes = {
      "/load/weight/bare" => "4 t",
      "/cranes/0/stations/1/radius" => "8 m",
      "/snapshots/gear/M-1" => { "a" => 1 }
    }
    shared = described_class.sharing(document, changes)
    expect(shared).to eq(described_class.with_values(document, changes))
    expect(JSON.generate(document)).to eq(kept)
    expect(shared["rigging"]).to equal(document["rigging"])
  end

  it "refuses a place that there cannot be" do
    [ "/cranes/7/wind", "/title/x", "/cranes/x" ].each do |place|
      expect { described_class.sharing(plan, place => 1) }.to raise_error(KeyError)
    end
  end
end
