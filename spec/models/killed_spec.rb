# What was acknowledged is still there after the process was ended by force in the middle of its work, again and again.
RSpec.describe "A server that is killed while people save" do
  self.use_transactional_tests = false

  let(:server) { KilledServer.new }
  let(:png) { Rails.root.join("docs/screenshots/board.png").binread.first(60_000) }

  after do
    server.kill
    Rails.root.glob(KilledServer::FILES).each(&:delete)
    FileUtils.rm_rf(Rails.root.join("storage/sketches", KilledServer::NAME))
  end

  # Saves a plan over and over until the server is gone. Returns what the server said that it kept: [number, words]; so
  # does its block, each time.
  def save_until_gone(plan, document)
    lock = plan["lock_version"]
    kept = []
    (1..).each do |at|
      body = { document: document.merge("site" => "words #{lock} #{at}"), lock_version: lock, note: "typed" }
      status, said = server.ask("patch", "/api/plans/#{plan["id"]}", body)
      return kept if status.nil?
      raise said.inspect unless status == 200

      lock = said["lock_version"]
      kept << [ said["revision"], body[:document]["site"] ]
      yield
    end
  end

  # Adds photos until the server is gone. Returns [address, bytes] of those that it said it kept.
  def photograph_until_gone(plan, from)
    kept = []
    (from..).each do |at|
      bytes = png + "photo #{at}"
      status, said = server.upload("/api/plans/#{plan["id"]}/sketches", bytes, "#{at}.png")
      return kept if status != 201

      kept << [ said["address"], bytes ]
    end
  end

  it "has every acknowledged edit and photo, and no half of a photo" do
    KilledServer.fresh
    server.start
    documents = %w[feed-horn cable-girder counterweight-block].map { |name| demo_document(name) }
    plans =
      documents.map do |document|
        id = server.ask("post", "/api/plans", { file: JSON.generate(document) }).last["id"]
        { "id" => id }
      end
    edits = Hash.new { |all, id| all[id] = [] }
    photos = []
    3.times do |round|
      plans.each { |plan| plan.update(server.ask("get", "/api/plans/#{plan["id"]}").last.slice("lock_version")) }
      saved = plans.to_h { |plan| [ plan["id"], 0 ] }
      savers = plans.zip(documents).map { |plan, document|
        Thread.new {
          [ plan["id"], save_until_gone(plan, document) { saved[plan["id"]] += 1 } ]
        }
      }
      photographer = Thread.new { photograph_until_gone(plans.first, round * 100) }
      Timeout.timeout(60) { sleep 0.05 until saved.values.min > 1 }
      sleep round * 0.37
      server.kill
      savers.each { |saver| saver.value.then { |id, kept| edits[id] += kept } }
      photos += photographer.value
      server.start
    end

    expect(edits.values).to all(have_attributes(size: be > 3))
    edits.each do |id, kept|
      kept.each do |number, words|
        expect(server.ask("get", "/api/plans/#{id}/revisions/#{number}").last["document"]["site"]).to eq(words)
      end
    end

    # How many depends on the machine: one a round at the least, however busy it is.
    expect(photos.size).to be >= 1
    photos.each { |address, bytes| expect(server.bytes(address).body.b).to eq(bytes.b) }
    listed = server.ask("get", "/api/plans/#{plans.first["id"]}/sketches").last
    expect(listed.map { |one| server.bytes(one["address"]).code }.uniq).to eq([ "200" ])
    expect(listed.size).to be_between(photos.size, photos.size + 3) # one a round may have been kept and not told
    whole = SQLite3::Database.new(Rails.root.join("storage/#{KilledServer::NAME}.sqlite3").to_s)
    expect(whole.get_first_value("PRAGMA integrity_check")).to eq("ok")
  end

  # A plan that was issued by the hands of others, on the server's own database.
  ISSUE = <<~RUBY
    JSON.parse(Rails.root.join("demo/store.json").read).each { |fields| Piece.create!(fields: fields) }
    Rails.root.glob("demo/charts/*.json").each do |path|
      JSON.parse(path.read).then { |data| Chart.create!(identifier: data["id"], data: data) }
    end
    plan = Plan.start(DustLadder::PlanFile.read(Rails.root.join("demo/plans/feed-horn.json").read))
    hands = %w[planner rigger appointed].to_h do |role|
      [ role, Person.create!(login: role, name: "The " + role, roles: [ role ], password: "Saltpan-ladder-9") ]
    end
    act = ->(role, name, about = {}) do
      life = plan.reload.life
      life.act(hands[role], name, seen: life.seen, about: about)
    end
    act.("planner", "wrote")
    plan.life.deviations.each { |one| act.("appointed", "deviation", "deviation" => one.id, "reason" => "taped") }
    plan.life.ladder.flights.each { |flight| act.("rigger", "flight", "flight" => flight["id"]) }
    act.("appointed", "issued")
  RUBY

  # A device: says one thing after the other, keeps each until the server has its number, and sends what it keeps again
  # and again, a few at a time.
  class Device
    attr_reader :said

    def initialize(name, many)
      @said = Array.new(many) { |at| event(name, at) }
      @kept = @said.dup
    end

    def done? = @kept.empty?

    # Sends until all is taken or the server is gone.
    def send_to(server, plan)
      until done?
        status, answer = server.ask("post", "/api/plans/#{plan}/day", { events: @kept.first(3) })
        return if status.nil?
        raise answer.inspect unless status == 201

        taken = answer["taken"].select { |one| one["number"] }.map { |one| one["uid"] }
        @kept.reject! { |one| taken.include?(one[:id]) }
      end
    end

    private

    def event(name, at)
      about = { word: "#{name} #{at}" }
      { id: SecureRandom.uuid, at: "2026-12-14T06:38:00Z", kind: "note", name: name, seen: 0, about: about }
    end
  end

  it "has every event of a day once and in its order, whatever devices send how often" do
    KilledServer.fresh
    KilledServer.run(ISSUE)
    server.start
    plan = 1
    devices = %w[Teo Mara Jun].map { |name| Device.new(name, Integer(ENV.fetch("DAY_EVENTS", 60))) }
    kills = 0
    until devices.all?(&:done?)
      senders = devices.map { |device| Thread.new { device.send_to(server, plan) } }
      if kills < 3
        sleep 0.4 + kills * 0.3
        server.kill
        kills += 1
        senders.each(&:join)
        server.start
      else
        senders.each(&:join)
      end
    end
    data =
      SQLite3::Database
        .new(Rails.root.join("storage/#{KilledServer::NAME}.sqlite3").to_s)
        .execute("select data from day_events order by number")
        .map { |(text)| JSON.parse(text) }
    expect(kills).to eq(3)
    expect(data.map { |one| one["id"] }).to match_array(
      devices.flat_map { |device|
        device.said.map { |one|
          one[:id]
        }
      }
    )
    devices.each do |device|
      own = device.said.map { |one| one[:id] }
      expect(data.map { |one| one["id"] } & own).to eq(own)
    end
    expect(DustLadder::Day::Log.new(data).faults).to eq([])
  end
end
