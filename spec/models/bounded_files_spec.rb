require "tmpdir"

# What the processes of the service share on the disk is bounded, and nobody falls over it.
RSpec.describe BoundedFiles do
  include ActiveSupport::Testing::TimeHelpers

  around { |example| Dir.mktmpdir { |place| (@place = place) && example.run } }

  def store(most = 1.megabyte, **more) = described_class.new(@place, most: most, lasts: 30.minutes, **more)
  def path(name) = store.send(:normalize_key, name, {})
  def aged(name, minutes) = File.utime(*[ minutes.minutes.ago.to_time ] * 2, path(name))

  it "is read by another process, until its time is over" do
    store.write("a", "words")
    expect([ store.read("a"), store.read("b") ]).to eq([ "words", nil ])
    travel_to(31.minutes.from_now) { expect(store.read("a")).to be_nil }
  end

  it "sweeps up what is past its time, and the eldest of too many" do
    %w[a b c].each_with_index { |name, at| store.write(name, "x" * 1000) && aged(name, 10 - at) }
    store(2600).sweep
    expect(%w[a b c].map { |name| File.exist?(path(name)) }).to eq([ false, true, true ])
    aged("c", 31)
    expect([ store.sweep, File.exist?(path("b")), store.sweep ]).to eq([ 1, true, 0 ])
  end

  it "leaves what others put there while it sweeps" do
    store.write("old", "x") && aged("old", 31)
    sweeping = store
    allow(sweeping).to receive(:files).and_wrap_original { |listed| listed.call.tap { store.write("new", "x") } }
    expect([ sweeping.sweep, store.read("new") ]).to eq([ 1, "x" ])
  end

  it "is swept by those who write" do
    20.times { |at| store(5000, swept_every: 1).write("no. #{at}", "x" * 1000) }
    expect(Dir["#{@place}/**/*"].count { |one| File.file?(one) }).to be_between(3, 6)
  end

  it "takes what cannot be read or written for what is not there" do
    store.write("a", "words")
    File.binwrite(path("a"), "\x04\bhalf")
    expect(store.read("a")).to be_nil
    allow(File).to receive(:open).and_raise(Errno::ENOSPC)
    expect(store.write("b", "words")).to be(false)
  end
end
