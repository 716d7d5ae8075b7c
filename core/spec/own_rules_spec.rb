# A site's own rules: copied, tightened, loosened by name; held against what ships, whatever a file says of itself.
RSpec.describe DustLadder::OwnRules do
  on = Date.new(2026, 11, 30)
  ranks = DustLadder::Ladder::Verdict.method(:rank)

  let(:strict) { DustLadder::RuleSet.shipped("strict").data }
  let(:own) { described_class.new(described_class.new(strict).copied(id: "saltpan", title: "Saltpan")) }

  def changed(set, changes, why: "agreed on site", by: "Ines Rook")
    reasons = changes.keys.to_h { |place| [ place, why ] }
    described_class.new(set.changed(changes, by: by, why: reasons, on: Date.new(2026, 11, 30)))
  end

  it "starts as the set that it was copied from, with nothing stricter or looser" do
    expect(
      own.data.slice(
        "id",
        "version",
        "from"
      )
    ).to eq("id" => "saltpan", "version" => 1, "from" => { "id" => "strict", "version" => 6 })
    expect(
      [ own.shipped?, own.leaves, described_class.new(strict).shipped?,
        described_class.new(strict).leaves ]
    ).to eq([ false, [], true, [] ])
  end

  # Place, value, and which way that is.
  {
    [ "allowance/weighed", 0.05 ] => "stricter",
    [ "allowance/weighed", 0.01 ] => "looser",
    [ "attention/crane", 0.7 ] => "stricter",
    [ "attention/crane", 0.8 ] => "looser",
    [ "choke_angle_bands/0/1", 0.9 ] => "stricter",
    [ "eyebolt_shouldered/1/1", 0.6 ] => "looser",
    [ "power_lines/clearance_m/0/1", 4.0 ] => "stricter",
    [ "choke_angle_bands/0/0", 130.0 ] => "looser",
    [ "multi_leg_school", "uniform_load" ] => "looser",
    [ "basket_full_within_that_limit", true ] => "looser",
    [ "critical/blind", false ] => "looser",
    [ "examination_months", 3 ] => "stricter",
    [ "least_wraps", 3 ] => "looser"
  }.each do |(place, value), way|
    it "#{place} of #{value} is #{way}" do
      leaf = changed(own, { place => value }).leaves.first
      expect(leaf.to_h.slice(:place, :after, :way, :by)).to eq(place: place, after: value, way: way, by: "Ines Rook")
    end
  end

  it "goes from version to version, each with who changed what and why" do
    second = changed(own, { "tilt_limit_deg" => 4 }, why: "long loads")
    third = changed(second, { "tilt_limit_deg" => 5.5 }, why: "crane firm's word")
    expect([ third.data["version"], third.data["changes"].map { |one| one.values_at("after", "why") } ]).to eq(
      [ 3, [ [ 4, "long loads" ], [ 5.5, "crane firm's word" ] ] ]
    )
    expect(
      third.looser.map { |leaf|
        [ leaf.before, leaf.after, leaf.why ]
      }
    ).to eq([ [ 5.0, 5.5, "crane firm's word" ] ])
    back = changed(third, { "tilt_limit_deg" => 5 })
    expect([ back.leaves, back.data["changes"].size ]).to eq([ [], 3 ])
  end

  describe "one that was copied before its shipped set had some value" do
    let(:older) do
      values = own.data["values"].except("broken_wires", "examination_interval")
      described_class.new(own.data.merge("values" => values, "from" => { "id" => "strict", "version" => 4 }))
    end

    it "is not looser for it, and takes it with its next change" do
      expect([ older.leaves, older.newer.sort ]).to eq([ [], %w[broken_wires examination_interval] ])
      next_one = changed(older, { "tilt_limit_deg" => 4 })
      expect(next_one.leaves.map(&:place)).to eq([ "tilt_limit_deg" ])
      expect(next_one.data["values"]["broken_wires"]).to eq(strict["values"]["broken_wires"])
      expect(
        [ next_one.newer,
          next_one.data["from"]["version"] ]
      ).to eq([ [], DustLadder::RuleSet.shipped("strict").version ])
      expect(next_one.data["changes"].map { |one| one["place"] }).to eq([ "tilt_limit_deg" ])
    end

    it "lets nothing pass that asks for what it does not have" do
      rules = DustLadder::RuleSet.new(older.data)
      piece = {
        "kind" => "wire_rope",
        "state" => "ready",
        "examined" => "2026-11-01",
        "measured" => { "lay_wires" => 1 }
      }
      expect(DustLadder::Gear::Fitness.new(piece, rules).answer(on: nil).verdict).to eq("not_known")
    end

    it "is looser all the same where it is as new as its shipped set and lacks a value" do
      values = own.data["values"].except("broken_wires")
      lacking = described_class.new(own.data.merge("values" => values))
      expect(lacking.nameless.map(&:name).uniq).to eq([ "broken_wires" ])
    end
  end

  it "believes nothing that a file says of itself: who stands for another value stands for none" do
    looser = changed(own, { "tilt_limit_deg" => 6 })
    expect([ looser.looser.size, looser.nameless.size ]).to eq([ 1, 0 ])
    {
      "value put otherwise" => ->(data) { data["values"]["tilt_limit_deg"]["value"] = 8 },
      "changes taken away" => ->(data) { data.delete("changes") },
      "nobody's name" => ->(data) { data["changes"][0]["by"] = " " },
      "no reason" => ->(data) { data["changes"][0]["why"] = "..." },
      "no origin" => ->(data) { data.delete("from"); data.delete("changes") },
      "a shipped name" => ->(data) { data["id"] = "strict"; data.delete("changes") }
    }.each do |what, change|
      data = JSON.parse(JSON.generate(looser.data)).tap(&change)
      expect([ what, described_class.new(data).nameless.map(&:place) ]).to eq([ what, [ "tilt_limit_deg" ] ])
    end
  end

  # What is put where, and the place that is refused.
  {
    { "tilt_limit_deg" => "5" } => "/values/tilt_limit_deg",
    { "tilt_limit_deg" => nil } => "/values/tilt_limit_deg",
    { "tilt_limit_deg" => -1 } => "/values/tilt_limit_deg/value",
    { "tilt_limit_deg" => 1e300 } => "/values/tilt_limit_deg/value",
    { "allowance" => 1 } => "/values/allowance",
    { "allowance/guessed" => 1 } => "/values/allowance/guessed",
    { "nothing" => 1 } => "/values/nothing",
    { "choke_angle_bands/9/1" => 0.5 } => "/values/choke_angle_bands/9/1",
    { "choke_angle_bands/0/1/x" => 0.5 } => "/values/choke_angle_bands/0/1/x",
    { "" => 1 } => "/values/",
    { "shackle_angle/1/1" => 0.2 } => "/values/shackle_angle/value/2",
    { "side_pull_deg/stop" => 0.5 } => "/values/side_pull_deg/value",
    { "multi_leg_school" => 3 } => "/values/multi_leg_school",
    { "critical/blind" => "no" } => "/values/critical/blind",
    { "tilt_limit_deg" => 5.0 } => "/changes",
    {} => "/changes"
  }.each do |changes, place|
    it "refuses #{changes.inspect} at #{place}, and keeps what it was" do
      before = JSON.generate(own.data)
      expect { changed(own, changes) }.to raise_error(DustLadder::PlanFile::Invalid) { |error|
        expect(error.errors.map { |one| one["pointer"] }).to include(place)
      }
      expect(JSON.generate(own.data)).to eq(before)
    end
  end

  it "names nothing stricter that a shipped set has no place for" do
    places = described_class.send(
      :leaves_of,
      strict["values"].transform_values { |one|
        one["value"]
      },
      ""
    ).keys.map { |place| place.delete_prefix("/") }
    unknown = described_class::STRICTER.keys.reject { |pattern|
      places.any? { |place| described_class.send(:matches?, pattern.split("/"), place.split("/")) }
    }
    expect(unknown).to eq([])
  end

  it "makes no rung of any plan better by a value that is stricter" do
    plans = %w[feed-horn receiver-cabin-four cabin-on-salt crate-by-the-line gearbox pipe-bundle waveguide-duct
      generator].map { |name|
      DustLadder::PlanFile.read(File.read(File.expand_path("../../demo/plans/#{name}.json", __dir__)))
    }
    before = plans.map { |plan| DustLadder.check(under(plan, own.data)) }
    kinder =
      stricter_steps.flat_map do |place, value|
        set = described_class.new(own.changed({ place => value }, by: "A. Spec", why: {}, on: on)).data
        plans.zip(before).flat_map do |plan, was|
          now = DustLadder.check(under(plan, set))
          was.rungs.filter_map { |rung| [ place, plan["title"], rung.id ] if better?(now.rung(rung.id), rung, ranks) }
        end
      rescue DustLadder::PlanFile::Invalid
        []
      end
    expect(kinder).to eq([])
    expect(stricter_steps.size).to be > 90
  end

  def under(plan, set)
    rules = { set["id"] => DustLadder::PlanFile::Digest.snapshot(set) }
    plan.merge("rules" => set["id"], "snapshots" => plan["snapshots"].merge("rule_sets" => rules))
  end

  def better?(now, was, ranks)
    return true if now.nil?

    ranks.(now.verdict) > ranks.(was.verdict) ||
      now.verdict == was.verdict && now.utilisation && was.utilisation && now.utilisation < was.utilisation * (1 - 1e-4)
  end

  # Every place of which the stricter way is known, with a value a little stricter.
  def stricter_steps
    @stricter_steps ||=
      described_class.send(
        :leaves_of,
        own.data["values"].transform_values { |one|
          one["value"]
        },
        ""
      ).filter_map do |place, value|
        place = place.delete_prefix("/")
        _, way = described_class::STRICTER.find { |pattern, _|
          described_class.send(:matches?, pattern.split("/"), place.split("/"))
        }
        next if way.nil? || value == true

        step = value.is_a?(Integer) ? 1 : value * 0.05
        [ place, { "up" => -> { value + step }, "down" => -> { value - step }, "yes" => -> { true } }.fetch(way).call ]
      end
  end
end
