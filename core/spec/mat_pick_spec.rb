# Mats of the store under a crane's pads: as many alike as there are pads, fit to be used, with the rung's own word.
RSpec.describe DustLadder::Gear::MatPick do
  def mats(count, from: 1, **more)
    Array.new(count) do |index|
      {
        "number" => "M-#{from + index}",
        "kind" => "mat",
        "size" => "oak",
        "length_m" => 1.2,
        "width_m" => 1.2,
        "mass_kg" => 110.0,
        "bears_kpa" => 600.0,
        "state" => "ready",
        "place" => "yard"
      }.merge(more.transform_keys(&:to_s))
    end
  end

  let(:document) { DustLadder::PlanFile.accept(on_site(stand: { "mat" => nil })) }

  def pick(pieces) = described_class.new(document, pieces)

  it "offers four alike, counts the lesser side, and says what the rung of the pads says" do
    one = pick(mats(5, width_m: 1.0)).choices.first
    expect([ one.pieces.map { |piece| piece["number"] }, one.side ]).to eq([ %w[M-1 M-2 M-3 M-4], 1.0 ])
    expect(one.rated).to be_within(1e-6).of(600_000 / 9.80665)
    taken = DustLadder::PlanFile.accept(DustLadder::PlanFile::Pointer.with_values(document, one.changes))
    ladder = DustLadder.check(taken)
    expect([ one.verdict, one.share ]).to eq([ ladder.rung("pads").verdict, ladder.rung("pads").utilisation ])
    expect(
      taken.dig(
        "cranes",
        0,
        "stand",
        "mat"
      )
    ).to include("side" => "1 m", "mass" => "110 kg", "rated" => "61182 kg")
    expect(ladder.rung("gear").parts.map(&:name)).to include("M-1", "M-4")
    expect(ladder.rung("gear").verdict).to eq("holds")
  end

  it "puts what holds before what stops, and takes no more of them than are looked at" do
    small = mats(4, from: 11, length_m: 0.4, width_m: 0.4)
    verdicts = pick(mats(4) + small).choices.map { |one| [ one.side, one.verdict ] }
    expect(verdicts).to eq([ [ 1.2, "holds" ], [ 0.4, "stop" ] ])
    many = (0...12).flat_map { |index| mats(4, from: index * 4, length_m: 1.0 + index / 10.0, width_m: 3.0) }
    expect(pick(many).choices.size).to eq(described_class::MOST)
  end

  # How the mats are, and why they are kept back.
  {
    { "state" => "quarantined" } => /it is quarantined/,
    { "state" => "out" } => /it is out/,
    { "mass_kg" => nil } => /mass is not known/,
    { "width_m" => nil } => /size is not known/
  }.each do |changes, words|
    it "keeps back those with #{changes}" do
      found = pick(mats(4, **changes.transform_keys(&:to_sym)))
      expect([ found.choices, found.rejected.map { |one| one.reasons.join }.uniq ]).to match([ [], [ words ] ])
    end
  end

  it "says that three are too few, and that a strength is not known" do
    expect(pick(mats(3)).rejected.map(&:reasons).uniq).to eq([ [ "there are too few of its size: 4 are wanted" ] ])
    unknown = pick(mats(4, bears_kpa: nil)).as_json["choices"].first
    expect([ unknown["rated"], unknown["changes"]["/cranes/0/stand/mat"].key?("rated") ]).to eq([ nil, false ])
  end

  it "is nothing of an empty store, and of no crane that is not there" do
    expect(pick([]).as_json).to eq("choices" => [], "rejected" => [])
    expect { described_class.new(document, [], crane: 3) }.to raise_error(IndexError)
  end
end
