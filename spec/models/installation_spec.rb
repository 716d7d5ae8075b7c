# A house begun, served, backed up and restored as its admin would, in production, from nothing.
RSpec.describe OwnInstallation do
  self.use_transactional_tests = false

  around do |example|
    Dir.mktmpdir("house") do |place|
      @own = described_class.new(place)
      example.run
    end
  end

  attr_reader :own

  def mode(path) = format("%o", File.stat(path).mode & 0o777)

  def ask(port, path, **headers)
    Net::HTTP.start("127.0.0.1", port) { |http| http.get(path, { "Host" => described_class::HOST, **headers }) }
  end

  # Plans, a life with signatures, a photo: what a backup must bring back.
  WORK = <<~RUBY.freeze
    raise "made up" if Plan.any? || Chart.any? || Piece.any? || Person.any?
    text = Rails.root.join("demo/plans/feed-horn.json").read
    plan = Plan.start(DustLadder::PlanFile.read(text))
    hands = %w[planner rigger appointed].to_h do |role|
      [ role, Person.create!(login: role, name: "The " + role, roles: [ role ], password: "Saltpan-ladder-9") ]
    end
    plan.life.act(hands["planner"], "wrote", seen: plan.life.seen, about: {})
    upload = Rack::Test::UploadedFile.new(Rails.root.join("docs/screenshots/practice.png"), "image/png")
    Sketch.keep(upload, among: plan.sketches, plan: plan)
    document = plan.reload.document.deep_dup
    document["site"] = "Mesa"
    plan.revise(document, lock_version: plan.lock_version, note: "moved")
    print Digest::SHA256.hexdigest([ plan.revisions.map(&:document), plan.life_records.map(&:data) ].to_json)
  RUBY

  SAME = <<~RUBY.freeze
    plan = Plan.first
    print Digest::SHA256.hexdigest([ plan.revisions.map(&:document), plan.life_records.map(&:data) ].to_json)
  RUBY

  it "serves nothing before it was begun, and begins empty, for the service's eyes alone" do
    said, well = own.house("serve")
    expect([ said, well ]).to match([ /there are no data yet in .*: bin\/house begin/, false ])
    expect(own.data.exist?).to be(false)

    expect(own.house("begin")).to match([ /the data are in/, true ])
    expect([ mode(own.data), mode(own.data.join("house.sqlite3")) ]).to eq(%w[700 600])
    made = own.run("print [ Plan, Chart, Piece, Person, Site ].sum(&:count)")
    expect(made).to eq("0")
    expect(own.house("begin").last).to be(true)

    twice = "Saltpan-ladder-9\n" * 2
    expect(own.house("admin", input: "boss\nThe Boss\n#{twice}")).to match([ /manages the people/, true ])
    expect(own.house("admin", input: "other\nOther\n#{twice}")).to match([ /there is somebody already/, false ])
    expect(own.house("serve", DUST_LADDER_HOSTS: "")).to match([ /names no host/, false ])
  end

  it "asks for TLS and its own name, keeps the session to itself, and tells a watchman how it is" do
    own.house("begin")
    own.serve do |port|
      expect(ask(port, "/").then { |answer| [ answer.code, answer["Location"] ] }).to eq(
        [ "301", "https://#{described_class::HOST}/" ]
      )
      page = ask(port, "/", "X-Forwarded-Proto" => "https")
      expect(page.code).to eq("200")
      expect(page["Strict-Transport-Security"]).to match(/max-age=31\d{6}/)
      expect(page["Set-Cookie"]).to include("secure").and include("httponly").and include("samesite=lax")
      expect(ask(port, "/", "Host" => "other.example", "X-Forwarded-Proto" => "https").code).to eq("403")
      well = ask(port, "/up", "Host" => "127.0.0.1")
      told = { "database" => "ok", "disk" => "ok", "jobs" => "ok" }
      expect([ well.code, JSON.parse(well.body) ]).to eq([ "200", told ])
      expect(own.data.children.map { |file| mode(file) }.uniq - [ "700" ]).to eq([ "600" ])
    end
  end

  it "restores into an empty place what was backed up while it served, with every plan, signature and photo" do
    own.house("begin")
    work = own.run(WORK)
    own.serve { expect(own.house("backup")).to match([ /1 plans, 2 revisions, 1 life_records/, true ]) }
    backup = own.backups.children.first
    expect(backup.glob("files/**/*").count(&:file?)).to eq(1)
    expect(own.house("restore", backup.to_s)).to match([ /is not empty/, false ])

    second = described_class.new(own.place.join("second"))
    expect(second.house("restore", backup.to_s)).to match([ /restored/, true ])
    expect(second.house("prove")).to match([ /1 database, 2 revisions, 1 lives, 1 records, 1 files/, true ])
    expect(second.run(SAME)).to eq(work)
    number = second.run("Person.first.then { print Plan.start(Plan.first.document).id }")
    expect(Integer(number)).to be > HouseRestore::LEFT_OUT
    # A page that was open before started from a state that is not there any more.
    states = [ own, second ].map { |house| Integer(house.run("print Plan.first.lock_version")) }
    expect(states.last - states.first).to be > HouseRestore::LEFT_OUT

    second.data.glob("sketches/**/*").find(&:file?).binwrite("other")
    expect(second.house("prove")).to match([ /practice.png .*it was changed/, false ])
    second.run(<<~RUBY)
      record = LifeRecord.first
      LifeRecord.where(id: record.id).update_all(data: record.data.merge("words" => "not said"))
    RUBY
    expect(second.house("prove")).to match([ /record 1: it was changed/, false ])
  end

  it "restores nothing of a backup that was changed, is not whole, or is of a newer version" do
    own.house("begin")
    own.house("backup")
    good = own.backups.children.first
    spoiled = lambda do |name, &change|
      own.place.join(name).tap { |place| FileUtils.cp_r(good, place) }.tap(&change)
    end
    manifest = ->(place, &change) do
      file = place.join("manifest.json")
      file.write(JSON.generate(JSON.parse(file.read).tap(&change)))
    end
    {
      spoiled.("cut") { |place| File.truncate(place.join("house.sqlite3"), 5000) } => /house.sqlite3 was changed/,
      spoiled.("bare") { |place| place.join("manifest.json").delete } => /there is no manifest.json/,
      spoiled.("torn") { |place| place.join("manifest.json").write("{") } => /not whole/,
      spoiled.("newer") { |place| manifest.(place) { |data| data["schema"] = 2099_01_01_000000 } } => /newer version/,
      spoiled.("when") { |place| manifest.(place) { |data| data.delete("schema") } } => /of which version/,
      spoiled.("less") { |place| manifest.(place) { |data| data["files"] = {} } } => /does not name house.sqlite3/,
      spoiled.("out") { |place| manifest.(place) { |data| data["files"]["../x"] = {} } } => /lies outside/
    }.each do |place, words|
      other = described_class.new(place.join("to"))
      expect(other.house("restore", place.to_s)).to match([ words, false ])
      expect(other.data.exist? && other.data.children.any?).to be(false)
    end
  end

  it "brings data of the eldest version to this one, after a backup of them as they were" do
    own.data.mkpath
    eldest = Rails.root.glob("db/migrate/*.rb").map { |path| path.basename.to_s.to_i }.min
    own.run(<<~RUBY)
      ActiveRecord::Base.connection_pool.migration_context.migrate(#{eldest})
      ActiveRecord::Base.connection.execute("insert into plans (title, created_at, updated_at) values ('Old', 0, 0)")
    RUBY
    expect(own.house("serve")).to match([ /of an older version \(#{eldest}\): bin.house begin/, false ])
    expect(own.house("begin")).to match([ /version #{HouseData.known}/, true ])
    expect(own.run("print Plan.sole.title")).to end_with("Old")
    manifest = JSON.parse(own.backups.children.sole.join("manifest.json").read)
    counts = { "plans" => 1, "revisions" => 0, "charts" => 0 }
    expect(manifest.slice("schema", "counts")).to eq("schema" => eldest, "counts" => counts)
  end

  it "is not served by an older version, which says so and changes nothing" do
    own.house("begin")
    own.run('ActiveRecord::Base.connection.execute("insert into schema_migrations values (\'20990101000000\')")')
    before = Digest::SHA256.file(own.data.join("house.sqlite3")).hexdigest
    expect(own.house("begin")).to match([ /of a newer version \(20990101000000\) than this application/, false ])
    expect(own.house("serve")).to match([ /of a newer version/, false ])
    expect(Digest::SHA256.file(own.data.join("house.sqlite3")).hexdigest).to eq(before)
  end
end
