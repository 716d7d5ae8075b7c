# Which machine a chart is of: what it must say, and when two say the same.
RSpec.describe DustLadder::Cranes::Identity do
  include PlanHelp

  full = {
    "model" => "RT 60",
    "serial" => "J-1",
    "counterweight" => "9.0 t",
    "boom" => "main",
    "jib" => "none",
    "outriggers" => "full",
    "rope" => "19 mm",
    "duty" => "hook"
  }

  def identity(fields, family = nil) = described_class.of({ "identity" => fields, "family" => family })

  it "compares quantities as quantities, and words as words" do
    {
      "9 000 kg" => "holds",
      "9000.0kg" => "holds",
      "9.1 t" => "stop",
      "9" => "stop",
      "  9.0   T " => "holds",
      "" => "not_known"
    }.each do |own, verdict|
      field = identity(full).against(full.merge("counterweight" => own)).find { |one| one.name == "counterweight" }
      expect([ own, field.verdict ]).to eq([ own, verdict ])
    end
    expect(identity(full).against(full.merge("jib" => "NONE")).map(&:verdict).uniq).to eq([ "holds" ])
    expect(identity(full.merge("serial" => "5 t")).same_as?(full.merge("serial" => "5000 kg"))).to be(true)
    expect(identity(full.merge("serial" => "AC-5 t")).same_as?(full.merge("serial" => "AC-5000 kg"))).to be(false)
  end

  # [family, what it must say]
  {
    nil => full.keys,
    "tower" => %w[model serial jib mast counterweight falls duty],
    "platform_jib" => %w[model serial unit jib duty],
    "fixed_hoist" => %w[number rating falls]
  }.each do |family, names|
    it "knows what a chart of #{family || "mobile"} must say, one field at a time" do
      whole = names.to_h { |name| [ name, "x" ] }
      expect(identity(whole, family).lacking).to eq([])
      names.each do |name|
        [ whole.except(name), whole.merge(name => " ") ].each do |thin|
          expect(identity(thin, family).lacking).to match([ /\b#{name}\b/ ])
        end
      end
    end
  end

  it "takes tracks for outriggers, and a height for a mast" do
    expect(identity(full.except("outriggers").merge("tracks" => "out")).lacking).to eq([])
    expect(identity({ "height" => "40 m" }, "tower").lacking).not_to include(/mast/)
  end

  it "calls charts by their machine, never by their title, unless they do not say which machine" do
    expect(identity(full).handle("One")).to eq(identity(full).handle("Another"))
    expect(identity(full).handle("One")).to start_with("rt-60-j-1-")
    expect(identity(full.merge("duty" => "grab")).handle("One")).not_to eq(identity(full).handle("One"))
    thin = full.slice("model")
    expect(identity(thin).handle("One")).not_to eq(identity(thin).handle("Another"))
  end

  describe "in a plan" do
    def with_chart(**identity)
      document = plan
      id, chart = document["snapshots"]["charts"].first
      data = chart["data"].merge("identity" => identity.transform_keys(&:to_s))
      document["snapshots"]["charts"] = { id => DustLadder::PlanFile::Digest.snapshot(data) }
      document["cranes"][0]["as_rigged"] = data["identity"]
      DustLadder::PlanFile.accept(document)
    end

    it "is not known where the chart is thin, and nothing that rests on it holds" do
      ladder = DustLadder.check(with_chart(model: "Test crane"))
      expect(ladder.rung("chart").verdict).to eq("not_known")
      expect(ladder.rung("chart").note["metric"]).to match(/incomplete: it does not say serial/)
      expect(ladder.rung("crane").verdict).to eq("not_known")
      expect(ladder.verdict).not_to eq("holds")
    end

    it "keeps who saw a field on the machine, for as long as it is that value" do
      document = plan
      seen = { "model" => { "value" => "Test crane", "by" => "N. Adeyemi", "at" => "2026-11-29T06:20" } }
      document["cranes"][0]["seen"] = seen
      note = DustLadder.check(DustLadder::PlanFile.accept(document)).rung("chart").parts.find { |one|
        one.name == "model"
      }
      expect(note.note["metric"]).to eq("both Test crane, seen by N. Adeyemi on 2026-11-29 06:20")
      seen["model"]["value"] = "Other crane"
      note = DustLadder.check(DustLadder::PlanFile.accept(document)).rung("chart").parts.find { |one|
        one.name == "model"
      }
      expect(note.note["metric"]).to eq("both Test crane")
      [ { "value" => "x", "by" => "", "at" => "2026-11-29T06:20" },
        { "value" => "x", "by" => "N", "at" => "today" } ].each do |odd|
        document["cranes"][0]["seen"] = { "model" => odd }
        expect { DustLadder::PlanFile.accept(document) }.to raise_error(DustLadder::PlanFile::Invalid)
      end
    end
  end
end
