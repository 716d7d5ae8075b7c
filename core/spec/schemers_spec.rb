require "spec_helper"

RSpec.describe DustLadder::PlanFile::Schemers do
  let(:schemers) { described_class.new }
  let(:plan) { DustLadder::PlanFile::Schema::PLAN }
  let!(:document) { DustLadder::PlanFile.read(File.read(File.join(__dir__, "fixtures/of_their_day/isolator.json"))) }

  # How often a reference stands in a schema.
  def references(part)
    case part
    when Hash then (part.key?("$ref") ? 1 : 0) + part.values.sum { |one| references(one) }
    when Array then part.sum { |one| references(one) }
    else 0
    end
  end

  it "has looked up every reference before it hands a schemer out, so that no two threads can lead each other astray" do
    asked = 0
    allow_any_instance_of(JSONSchemer::Schema).to receive(:resolve_ref).and_wrap_original do |original, *given|
      asked += 1
      original.call(*given)
    end
    schemer = schemers.of("a plan") { plan }
    expect(asked).to be >= references(plan)
    expect(references(plan)).to be > 100
    before = asked
    expect(schemer.validate(document).to_a).to be_empty
    expect(asked).to eq(before)
  end

  it "makes each once, however many ask for it at the same time" do
    made = Queue.new
    got = Array.new(8) {
      Thread.new {
        schemers.of("a plan") {
          made << 1
          sleep 0.05
          plan
        }
      }
    }.map(&:value)
    expect(made.size).to eq(1)
    expect(got.uniq(&:object_id).size).to eq(1)
  end
end
