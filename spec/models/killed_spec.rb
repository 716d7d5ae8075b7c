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
end
