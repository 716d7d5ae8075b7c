# What is worked out once is kept only where it is asked for again.
RSpec.describe DustLadder::Rigging::Worked do
  before { described_class.clear }

  def worked(key)
    count = 0
    told = described_class.of(key) { "made #{count += 1}" }
    [ told, count ]
  end

  it "keeps it from the second time on, and tells the same" do
    key = [ "one", 4.6, rand ]
    expect(Array.new(4) { worked(key) }).to eq([ [ "made 1", 1 ], [ "made 1", 1 ], [ "made 1", 0 ], [ "made 1", 0 ] ])
  end

  it "keeps at once what took long" do
    key = [ "long", rand ]
    described_class.of(key) { 2_000_000.times { |at| Math.sqrt(at) } && "made" }
    expect(worked(key)).to eq([ "made", 0 ])
  end

  it "keeps nothing of what a drag asks but once" do
    100.times { |step| worked([ "drag", rand, step ]) }
    expect(described_class.size).to eq(0)
  end
end
