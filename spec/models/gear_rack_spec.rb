# The slings of the store as they are chosen from: the same as reading them all anew, however they change.
RSpec.describe GearRack do
  before do
    load_store
    described_class.forget
  end

  # Every sling as it is read at once.
  def anew = Piece.slings.for_choosing.sort_by { |piece| piece["number"] }

  def kept
    described_class
      .slings
      .sorts
      .flat_map { |sample, alike| alike.map { |own| sample.merge(own) } }
      .sort_by { |piece| piece["number"] }
  end

  it "keeps every sling as it is in the store, by what they have in common" do
    expect(kept).to eq(anew)
    samples = described_class.slings.sorts.map { |sample, _| sample.keys & described_class::OWN }
    expect(samples.flatten).to eq([])
  end

  it "is the same store until something changes" do
    one = described_class.slings
    expect(described_class.slings).to equal(one)
    Piece.find_by!(number: "Saltbush").touch
    expect(described_class.slings).to equal(one)
    Piece.find_by!(number: "R-11").touch
    expect(described_class.slings).not_to equal(one)
  end

  {
    "a state" => { "state" => "quarantined" },
    "a place" => { "place" => "rack 9" },
    "an examination" => { "examined" => "2026-10-10" },
    "a use" => { "use" => "hard" },
    "a rating" => { "vertical" => "2.5 t" },
    "a reach" => { "reach" => "7 m" },
    "a set" => { "set" => "SET-1" },
    "what it is held to" => { "own_swl" => "1 t", "own_swl_why" => "worn" }
  }.each do |what, change|
    it "follows #{what} that changed" do
      kept
      piece = Piece.find_by!(number: "R-11")
      piece.update!(fields: piece.fields.merge(change))
      expect(kept).to eq(anew)
    end
  end

  it "follows what is measured, what is new and what is gone" do
    kept
    Piece.find_by!(number: "W-08").update!(measured: { "lay_wires" => 11 })
    expect(kept).to eq(anew)
    Piece.create!(fields: Piece.find_by!(number: "R-11").fields.merge("number" => "R-77"))
    expect(kept).to eq(anew)
    Piece.find_by!(number: "R-77").delete
    expect(kept).to eq(anew)
    Piece.find_by!(number: "C-14").delete
    Piece.create!(fields: Piece.find_by!(number: "R-11").fields.merge("number" => "R-78"))
    expect(kept.map { |piece| piece["number"] }).to include("R-78")
  end

  it "gives a few of each sort that may be used on a day" do
    20.times { |index| Piece.create!(fields: Piece.find_by!(number: "R-11").fields.merge("number" => "Z-#{index}")) }
    few = described_class.few(on: "2026-12-14")
    expect(few.map { |piece| piece["number"] }).not_to include("R-03", "R-04")
    expect(
      few.count { |piece|
        piece["number"].start_with?("Z-") || piece["number"] == "R-11"
      }
    ).to be <= described_class::FEW
    expect(described_class.few(on: "2030-01-01")).to eq([])
  end

  it "chooses as the whole store does" do
    document = demo_document("feed-horn")
    answers =
      [ described_class.slings, Piece.slings.for_choosing ].map do |store|
        DustLadder::Slings::PlanSelection.new(document, store).as_json
      end
    expect(answers[0]["choices"]).to eq(answers[1]["choices"])
    expect(answers[0]["rejected_count"]).to eq(answers[1]["rejected_count"])
    by_number = answers.map { |one| one["rejected"].sort_by { |piece| piece["number"] } }
    expect(by_number[0]).to eq(by_number[1])
  end
end
