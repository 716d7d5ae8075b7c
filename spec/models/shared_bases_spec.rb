# A hand that drags asks now one process of the service and now another: each knows what was sent to the other.
RSpec.describe SharedBases do
  include ActiveSupport::Testing::TimeHelpers

  let(:bases) { DustLadder::PlanFile::Bases }
  let(:document) { demo_document("feed-horn").merge("title" => "Shared #{SecureRandom.hex(4)}") }
  let(:moved) { { "/rigging/hook_height" => "7.10 m" } }

  # A place of its own: other specs have theirs under way.
  around { |example| Dir.mktmpdir { |place| (@place = place) && example.run } }

  before do
    stub_const("SharedBases::STORE", BoundedFiles.new(@place, most: 1.megabyte, lasts: 30.minutes))
  end

  # As another process has it, which was never sent the document.
  def elsewhere
    kept = bases.instance_variable_get(:@store)
    bases.instance_variable_set(:@store, DustLadder::Snapshots::Store.new(bytes: 1 << 26))
    yield
  ensure
    bases.instance_variable_set(:@store, kept)
  end

  it "changes in one process what was sent to another" do
    digest = described_class.keep(document)
    elsewhere do
      expect(described_class.changed(digest, moved, [])["rigging"]["hook_height"]).to eq("7.10 m")
      # From then on it has it itself.
      described_class::STORE.delete(digest)
      expect(described_class.changed(digest, moved, [])["title"]).to eq(document["title"])
    end
  end

  it "knows nothing by another name, nor after its time" do
    digest = described_class.keep(document)
    elsewhere do
      [ nil, "", "../#{digest}", "sha256:#{"0" * 64}", digest.upcase, { "a" => 1 } ].each do |odd|
        expect(described_class.changed(odd, moved, [])).to be_nil, odd.inspect
      end
      travel_to(31.minutes.from_now) do
        expect(described_class.changed(digest, moved, [])).to be_nil
      end
    end
  end

  it "takes what lies there for nothing but what its digest says" do
    digest = described_class.keep(document)
    described_class::STORE.write(digest, JSON.generate(document.merge("title" => "Another")))
    elsewhere { expect(described_class.changed(digest, moved, [])).to be_nil }
    described_class::STORE.write(digest, "half a docu")
    elsewhere { expect(described_class.changed(digest, moved, [])).to be_nil }
  end

  it "still serves the process that was sent it where the disk takes nothing" do
    allow(File).to receive(:open).and_raise(Errno::ENOSPC)
    digest = described_class.keep(document)
    expect(described_class.changed(digest, moved, [])["title"]).to eq(document["title"])
  end
end
