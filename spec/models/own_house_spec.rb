# What is kept here under the numbers that a plan carries: made anew when one of them changes, and only then.
RSpec.describe OwnHouse do
  before { load_store }

  let(:document) { demo_document("feed-horn") }
  let(:chart) { Chart.find_by!(identifier: document["snapshots"]["charts"].keys.first) }
  let(:piece) { Piece.find_by!(number: document["snapshots"]["slings"].keys.first) }

  it "is the same object while nothing of it changes, and another when a chart or a piece does" do
    first = described_class.of(document)[:house]
    expect(described_class.of(document)[:house]).to equal(first)
    piece.update!(fields: piece.fields.merge("state" => "quarantined", "note" => "cut"))
    second = described_class.of(document)
    expect(second[:house]).not_to equal(first)
    expect(second[:standing][piece.number]["state"]).to eq("quarantined")
    chart.withdraw(by: "I. Brandt", why: "page replaced", on: Date.current)
    expect(described_class.of(document)[:house]).not_to equal(second[:house])
  end

  it "does not outdate the board while a chart is read block by block, and does when it is signed" do
    jib = Chart.find_by!(identifier: "juniper-jib")
    expect(BoardLine).not_to receive(:outdate_with)
    read_against_paper(jib, "S. Oyelaran")
    RSpec::Mocks.space.proxy_for(BoardLine).reset
    expect(BoardLine).to receive(:outdate_with).with(BoardLine.chart_mark("juniper-jib"))
    jib.reload.check(by: "S. Oyelaran", on: Date.current)
  end

  it "keeps no more than it may, however many plans ask" do
    stub_const("OwnHouse::MOST", 3)
    described_class::KEPT.clear
    5.times { |at| described_class.of({ "snapshots" => { "slings" => { "X-#{at}" => {}, piece.number => {} } } }) }
    Piece.where(number: piece.number).update_all(updated_at: 1.day.ago)
    described_class.of({ "snapshots" => { "slings" => { piece.number => {} } } })
    expect(described_class::KEPT.size).to be <= 3
  end
end
