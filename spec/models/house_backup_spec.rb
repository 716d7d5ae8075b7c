# Which backups are kept, and what is told of the data; restoring is shown with a whole installation.
RSpec.describe HouseBackup do
  around { |example| Dir.mktmpdir { |place| (@place = Pathname(place)) && example.run } }

  attr_reader :place

  def made(time)
    folder = place.join(time.strftime(described_class::NAME)).tap(&:mkpath)
    manifest = { "format" => described_class::FORMAT, "version" => 1, "made_at" => time.utc.iso8601 }
    folder.join("manifest.json").write(JSON.generate(manifest))
    folder
  end

  it "keeps the newest, and one of each of the last days, weeks and months" do
    from = Time.utc(2026, 1, 1, 1)
    hours = (0...(300 * 8)).map { |step| from + step * 3.hours }
    hours.each { |time| made(time) }
    torn = place.join("dust-ladder-20250101-000000").tap(&:mkpath)
    torn.join("manifest.json").write("{")
    left = place.join("dust-ladder-20250102-000000.part").tap(&:mkpath)
    File.utime(2.days.ago.to_time, 2.days.ago.to_time, left)
    described_class.thin(place)
    kept = described_class.all(place).map(&:made_at)
    expect(kept.last(3)).to eq(hours.last(3))
    days = kept.map(&:to_date).uniq
    expect(days.last(14)).to eq((0...14).map { |back| hours.last.to_date - back }.reverse)
    expect(kept.map { |time| time.strftime("%Y-%m") }.uniq.size).to eq(10)
    expect(kept.size).to be_between(14 + 2, 14 + 2 + 8 + 10)
    expect(torn).to exist
    expect(left).not_to exist
    expect { described_class.thin(place) }.not_to(change { described_class.all(place).size })
  end

  it "is not made over another of the same moment, and leaves nothing of what failed" do
    now = Time.now
    place.join(now.strftime(described_class::NAME)).mkpath
    expect { described_class.make(place, now: now) }.to raise_error(described_class::Unfit, /there already/)
    allow(SQLite3::Database).to receive(:new).and_raise(SQLite3::FullException)
    ActiveRecord::Base.connection.commit_db_transaction
    expect { described_class.make(place, now: now + 60) }.to raise_error(SQLite3::FullException)
    expect(place.glob("*.part")).to eq([])
    other = place.join((now + 120).strftime(described_class::NAME)).sub_ext(".part").tap(&:mkdir)
    expect { described_class.make(place, now: now + 120) }.to raise_error(Errno::EEXIST)
    expect(other).to exist
  ensure
    ActiveRecord::Base.connection.begin_db_transaction
  end

  it "tells what is lacking of data that are none, older or newer" do
    expect(HouseData.lack).to be_nil
    allow(HouseData).to receive(:now).and_return(20_200_101_000_000)
    expect(HouseData.lack.to_s).to match(/older version \(20200101000000\): .*makes a backup first/)
    allow(HouseData).to receive(:now).and_return(20_990_101_000_000)
    expect(HouseData.lack.to_s).to match(/newer version/)
    allow(HouseData).to receive(:begun?).and_return(false)
    expect(HouseData.lack.to_s).to match(/there are no data yet/)
  end

  describe "its files" do
    include_context "with data for good"

    before { keep(blob("a photo of a hook " * 40)) }
    after { ActiveStorage::Blob.all.each { |one| one.service.delete(one.key) } }

    def blob(bytes) = ActiveStorage::Blob.create_and_upload!(io: StringIO.new(bytes), filename: "hook.jpg")

    # As a sketch of a plan.
    def keep(blob)
      plan = demo_plan("feed-horn")
      sketch = Sketch.new(plan: plan).tap { |one| one.save!(validate: false) }
      ActiveStorage::Attachment.create!(name: "file", record: sketch, blob: blob)
    end

    let(:morning) { Time.utc(2026, 11, 30, 6) }

    def at(hours) = described_class.make(place, now: morning + hours.hours)
    def photo(backup) = backup.folder.glob("files/??/??/*").first

    it "are kept once for as many backups as have them, and stay when the eldest goes" do
      first, second = at(0), at(1)
      expect(photo(second).stat.ino).to eq(photo(first).stat.ino)
      expect(second.manifest["files"]).to include(first.manifest["files"].except("house.sqlite3"))
      first.folder.rmtree
      expect(second.faults).to eq([])
      expect(photo(at(2)).read).to start_with("a photo of a hook")
    end

    it "are those that a record names: what was on its way when a process ended is not missed" do
      blob("half a photo").then { |one| one.service.delete(one.key) }
      whole = blob("a photo that nothing names yet")
      backup = at(0)
      expect([ backup.manifest["missing"], backup.folder.glob("files/??/??/*").size ]).to eq([ [], 1 ])
      expect(HouseProof.new.call.last).to eq([])
      whole.service.delete(ActiveStorage::Blob.first.key)
      expect(HouseProof.new.call.last).to match([ /hook.jpg .*not there/ ])
      expect(at(1).manifest["missing"]).to eq([ ActiveStorage::Blob.first.key ])
    end

    it "are copied anew where the one before lost them, has another length of them, or was damaged until that day" do
      first = at(0)
      photo(first).write("x" * photo(first).size)
      later = at(1)
      expect([ first.faults, later.faults ]).to all(include(/was changed/))
      next_day = at(24)
      expect(next_day.faults).to eq([])
      photo(next_day).write("short")
      cut = at(25)
      expect(cut.faults).to eq([])
      photo(cut).delete
      expect(at(26).faults).to eq([])
      manifest = at(26.5).folder.join("manifest.json")
      manifest.write(manifest.read.sub('"files": {', '"files": [], "were": {'))
      expect(at(27).faults).to eq([])
    end
  end
end
