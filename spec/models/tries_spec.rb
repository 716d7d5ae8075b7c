require "tmpdir"

# How often somebody tried is counted by all processes of the service together.
RSpec.describe Tries do
  include ActiveSupport::Testing::TimeHelpers

  around { |example| Dir.mktmpdir { |place| (@place = place) && example.run } }

  def tries = described_class.new(@place)
  def counted(store) = store.increment("door", 1, expires_in: 60)

  it "counts on where another process was" do
    one, other = tries, tries
    expect([ counted(one), counted(other), counted(one) ]).to eq([ 1, 2, 3 ])
    travel_to(2.minutes.from_now) { expect(counted(other)).to eq(1) }
  end

  it "counts for itself where the disk takes nothing, and lets nobody off" do
    store = tries
    allow(File).to receive(:open).and_raise(Errno::ENOSPC)
    allow(FileUtils).to receive(:mkdir_p).and_raise(Errno::ENOSPC)
    expect([ counted(store), counted(store) ]).to eq([ 1, 2 ])
  end

  it "counts what is done by the second in memory alone" do
    one, other = tries, tries
    said = [ one, other, one ].map { |store| store.increment("rack::attack:1:writes:10.0.0.1", 1, expires_in: 60) }
    expect([ said, Dir["#{@place}/**/*"] ]).to eq([ [ 1, 1, 2 ], [] ])
  end

  it "sweeps up those whose time is over" do
    stub_const("Tries::SWEPT_EVERY", 1)
    counted(tries)
    travel_to(2.minutes.from_now) { tries.increment("window", 1, expires_in: 60) }
    expect(Dir["#{@place}/**/*"].select { |path| File.file?(path) }.grep(/door/)).to eq([])
  end
end
