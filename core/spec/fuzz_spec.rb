require_relative "support/fuzz_run"

# Hundreds of odd files of each kind: refused at a place or answered, never a crash, a hang or a figure that is no
# number. bin/fuzz makes thousands of them, from any seed.
RSpec.describe Fuzz do
  { "plans" => 500, "snapshots" => 200, "charts" => 800, "tables" => 400 }.each do |kind, count|
    it "finds nothing that goes wrong in #{count} odd #{kind}" do
      expect(FuzzRun.trouble(kind, 14, (1..count))).to eq({})
    end
  end

  it "tells a crash, a hang, a refusal without its place and a figure that is no number" do
    expect(described_class.trouble { nil.upcase }).to start_with("NoMethodError")
    expect(described_class.trouble { JSON.generate(Float::NAN) }).to start_with("JSON::GeneratorError")
    expect(
      described_class.trouble {
        raise DustLadder::PlanFile::Invalid, [ { "pointer" => "", "message" => "no", "expected" => nil } ]
      }
    ).to match(/place/)
    expect(described_class.trouble { 0 }).to be_nil
    stub_const("Fuzz::MOST_S", -1.0)
    expect(described_class.trouble { 0 }).to start_with("it took")
  end

  it "makes files that are refused and files that are answered, the same for one seed" do
    made = (1..60).map { |index| described_class.plan(FuzzRun.all_plans.first, described_class.random(1, index)) }
    again = (1..60).map { |index| described_class.plan(FuzzRun.all_plans.first, described_class.random(1, index)) }
    expect(made.map(&:inspect)).to eq(again.map(&:inspect))
    accepted =
      made.count do |plan|
        DustLadder::PlanFile.accept(plan)
      rescue DustLadder::PlanFile::Invalid
        nil
      end
    expect(accepted).to be_between(10, 50)
  end
end
