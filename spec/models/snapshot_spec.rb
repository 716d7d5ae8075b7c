# What plans carry of charts, slings and beams is kept once by its digest, and comes back letter for letter.
RSpec.describe Snapshot do
  # Specs that save for real leave theirs.
  before { described_class.delete_all }

  let(:document) { demo_document("dish-panel") }
  let(:digests) {
    %w[charts slings beams].flat_map { |kind| document["snapshots"][kind].to_h.values.map { |one| one["digest"] } }.uniq
  }

  it "is kept once however many plans carry it, and comes back as it was" do
    lean = described_class.lean(document)
    kept = lean["snapshots"].slice("charts", "slings", "beams").values.flat_map(&:values)
    expect(kept.map(&:keys).uniq).to eq([ [ "digest" ] ])
    expect(described_class.pluck(:digest)).to match_array(digests)
    expect { described_class.lean(document) }.not_to change(described_class, :count)
    expect(JSON.generate(described_class.whole(lean))).to eq(JSON.generate(document))
  end

  it "keeps nothing under a digest that is not its data's, which stays in the document" do
    id, chart = document["snapshots"]["charts"].first
    other = JSON.parse(JSON.generate(document))
    other["snapshots"]["charts"][id]["data"]["title"] = "another"
    lean = described_class.lean(other)
    expect(lean["snapshots"]["charts"][id]["data"]["title"]).to eq("another")
    expect(described_class.exists?(chart["digest"])).to be(false)
    expect(described_class.whole(lean)).to eq(other)
  end

  {
    "no snapshots" => {},
    "a list" => { "snapshots" => [] },
    "a word for a kind" => { "snapshots" => { "charts" => "x" } },
    "a word for one" => { "snapshots" => { "charts" => { "a" => "x", "b" => nil, "c" => {} } } }
  }.each do |words, odd|
    it "leaves #{words} as it is" do
      expect(described_class.whole(described_class.lean(odd))).to eq(odd)
      expect(described_class.count).to eq(0)
    end
  end

  it "says so where one was lost, and makes nothing up" do
    lean = described_class.lean(document)
    described_class.find(digests.first).destroy!
    expect { described_class.whole(lean) }.to raise_error(KeyError)
  end
end
