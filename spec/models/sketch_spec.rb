# Each photo is a record of its own, with its file or not at all.
RSpec.describe Sketch do
  include ActiveSupport::Testing::TimeHelpers

  let(:plan) { demo_plan("dish-panel") }
  let(:png) { Rails.root.join("docs/screenshots/board.png").binread.first(20_000) }
  def upload(bytes, name = "a.png")
    file = Tempfile.new.tap { |one| one.binmode.write(bytes) }
    file.rewind
    ActionDispatch::Http::UploadedFile.new(tempfile: file, filename: name)
  end
  def files = Pathname(ActiveStorage::Blob.service.root).glob("??/??/*")

  after { described_class.find_each(&:destroy_with_file!) }

  it "leaves no file behind when its record cannot be kept" do
    allow(described_class).to receive(:create!).and_raise(ActiveRecord::StatementInvalid)
    before = files
    expect { described_class.add(plan, upload(png)) }.to raise_error(ActiveRecord::StatementInvalid)
    expect(files).to match_array(before)
    expect(ActiveStorage::Blob.unattached.count).to eq(0)
  end

  it "takes no more than a plan may have" do
    stub_const("Sketch::MOST", 2)
    2.times { described_class.add(plan, upload(png)) }
    expect { described_class.add(plan, upload(png)) }.to raise_error(KeptFile::Unfit, /2 already/)
    expect(plan.sketches.count).to eq(2)
  end

  it "sweeps up what never got its record, and nothing else" do
    kept = described_class.add(plan, upload(png))
    half = described_class.store(upload(png))
    stray = Pathname(ActiveStorage::Blob.service.path_for("zz#{"a" * 26}")).tap { |path| path.dirname.mkpath }
    stray.write("x")
    expect(KeptFile.sweep).to eq(0)
    expect(KeptFile.sweep(now: 2.hours.from_now)).to eq(1)
    expect(ActiveStorage::Blob.exists?(half.id)).to be(false)
    expect(stray).to exist
    expect { KeptFile.sweep(now: 31.days.from_now) }.to change(stray, :exist?).to(false)
    expect(kept.reload.file.download).to eq(png)
  end
end

RSpec.describe Sketch, "added by many at once" do
  self.use_transactional_tests = false

  let(:png) { Rails.root.join("docs/screenshots/board.png").binread.first(20_000) }
  let!(:plan) { demo_plan("dish-panel") }

  after do
    described_class.find_each(&:destroy_with_file!)
    [ BoardLine, Revision, Plan, Snapshot, Person ].each(&:delete_all)
  end

  it "loses none of eight, and answers each with its own" do
    person
    answers =
      Array
        .new(8) do |at|
          Thread.new do
            session = ActionDispatch::Integration::Session.new(Rails.application)
            session.post "/api/session", params: { login: "quill.thorne", password: PeopleHelp::PASSWORD }, as: :json
            file = Tempfile.new.tap { |one| one.binmode.write(png + "photo #{at}") }
            file.rewind
            session.post "/api/plans/#{plan.id}/sketches",
              params: {
                file: Rack::Test::UploadedFile.new(file.path, "image/png", original_filename: "photo #{at}.png")
              }
            [ at, session.response.status, JSON.parse(session.response.body) ]
          end
        end
        .map(&:value)
    expect(answers.map { |_, status, _| status }.uniq).to eq([ 201 ])
    expect(answers.map { |at, _, said| said["name"] == "photo #{at}.png" }).to all(be(true))
    expect(answers.map { |_, _, said| said["id"] }.uniq.size).to eq(8)
    answers.each do |at, _, said|
      expect(described_class.find(said["id"]).file.download).to eq(png + "photo #{at}".b)
    end
  end
end
