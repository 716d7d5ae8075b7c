require Rails.root.join("core/spec/support/fuzz").to_s

# Requests that nobody means well with, or that a broken program sends: each is answered in words, none is a crash, and
# nothing is kept of it.
RSpec.describe "Odd requests" do
  def json = JSON.parse(response.body)
  def send_json(method, path, body)
    text = body.is_a?(String) ? body : JSON.generate(body)
    public_send(method, path, params: text, headers: { "Content-Type" => "application/json" })
  end

  def refused_in_words
    expect(response.status).to be_between(400, 499)
    expect(json["errors"]).to all(include("message" => match(/[a-z]/), "expected" => match(/[a-z]/)))
    expect(json["errors"]).not_to be_empty
  end

  let(:plan) { demo_plan("feed-horn") }

  it "takes no lock version that no plan can have" do
    [ 2**63, 2**200, -1, "9" * 80, 1.5e30, nil, [], {} ].each do |version|
      send_json(:patch, "/api/plans/#{plan.id}", document: plan.document, lock_version: version, note: "odd")
      refused_in_words
    end
    expect(plan.reload.current.number).to eq(1)
  end

  it "looks for no row or group beyond any take-off" do
    [ 10**30, 1e30, -1, "1", 2**63 ].each do |row|
      send_json(:post, "/api/checks", document: plan.document, take_off: { of: nil, row: row })
      expect(response).to have_http_status(:ok)
    end
    send_json(:post, "/api/checks", document: plan.document, take_off: { of: 999_999, row: 1 })
    refused_in_words
  end

  it "names the place of a number without an end" do
    send_json(:post, "/api/checks", %({"document": {"format": "dust-ladder-plan", "version": 2, "a": [1, 1e400]}}))
    refused_in_words
    expect(json["errors"].first["pointer"]).to eq("/document/a/1")
  end

  it "refuses the plans that hung or crashed, at the value" do
    {
      "hangs" => %r{radius_allowance/value/fraction}, "crashes-text-for-a-number" => %r{values/.*/value}
    }.each do |name, place|
      text = Rails.root.join("core/spec/fixtures/faults/#{name}.json").read
      send_json(:post, "/api/plans", file: text)
      refused_in_words
      expect(json["errors"].first["pointer"]).to match(place)
    end
  end

  it "opens the board beside a plan that was kept before its faults were seen, and says what is wrong with that" do
    good = plan
    odd = JSON.parse(Rails.root.join("core/spec/fixtures/faults/hangs.json").read)
    bad = Plan.start(DustLadder::PlanFile.lifted(odd))
    3.times { get "/api/board" }
    expect(response).to have_http_status(:ok)
    lines = json["lines"].to_h { |line| [ line["id"], line ] }
    expect(lines[good.id]["verdict"]).not_to be_nil
    expect(lines[bad.id]["verdict"]).to eq("not_known")
    get "/api/plans/#{bad.id}"
    refused_in_words
    get "/api/plans/#{bad.id}/file"
    expect(response).to have_http_status(:ok)
  end

  it "takes nothing into the store that is no piece" do
    [ "0", "-1 t", "1e400 t", "9" * 300, "2026-13-99" * 40, nil, [], {}, 0, 1e300, true ].each do |odd|
      %w[number kind legs reach vertical choker mass examined due diameter tag].each do |field|
        before = Piece.count
        send_json(:post, "/api/pieces", fields: { "number" => "X-1", "kind" => "alloy_chain", field => odd })
        expect(response.status).to be < 500
        Piece.where(number: "X-1").delete_all if Piece.count > before
      end
    end
  end

  it "says which sketch has lost its file" do
    file = Tempfile.new([ "sketch", ".png" ]).tap { |one| one.binmode.write("\x89PNG\r\n\x1A\n".b + "0" * 64) }
    file.rewind
    post "/api/plans/#{plan.id}/sketches", params: { file: Rack::Test::UploadedFile.new(file.path, "image/png") }
    sketch = plan.sketches.sole
    File.delete(ActiveStorage::Blob.service.path_for(sketch.file.key))
    get "/api/plans/#{plan.id}/sketches/#{sketch.id}"
    refused_in_words
    expect(json["errors"].first["message"]).to include("missing")
  end

  it "says in words that the disk is full or the data may only be read, and keeps nothing" do
    kept = plan
    {
      SQLite3::FullException => "not saved: the disk is full",
      SQLite3::ReadOnlyException => "not saved: the data may only be read here",
      SQLite3::BusyException => "not saved: others were being saved; try again"
    }.each do |cause, words|
      allow(BoardLine).to receive(:outdate) do
        raise cause, "as the database says"
      rescue StandardError
        raise ActiveRecord::StatementInvalid, "as Rails says"
      end
      send_json(:patch, "/api/plans/#{kept.id}", document: kept.document, lock_version: kept.lock_version, note: "x")
      expect(response.status).to be_between(500, 599)
      expect(json["errors"].first["message"]).to eq(words)
      expect(kept.reload.revisions.count).to eq(1)
    end
  end

  it "says of ways out that the search was cut short, and claims nothing that was tried" do
    stub_const("Api::WaysOutController::MOST_S", -1.0)
    send_json(:post, "/api/ways_out", document: demo_document("cable-girder"))
    told = JSON.parse(response.body.lines.last)["told"]
    expect(told).to include("tried" => [], "misses" => [], "cut" => "this took too long to work out")
  end

  it "gives no answer that was cut short where nothing more found would be a lie" do
    %w[MOST_S MOST_S_OF_MANY].each { |name| stub_const("Api::BaseController::#{name}", -1.0) }
    %w[proposals selections level_advices schools comparisons].each do |name|
      send_json(:post, "/api/#{name}", document: plan.document)
      expect(response).to have_http_status(:service_unavailable)
      expect(json["errors"].first["message"]).to eq("this took too long to work out")
    end
    send_json(:post, "/api/checks", document: plan.document)
    expect(response).to have_http_status(:ok)
    expect(json["verdict"]).to eq("not_known")
  end

  it "reads twenty megabytes of nothing without keeping anybody waiting" do
    began = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    %w[take_off_readings store_readings].each do |what|
      file = Rack::Test::UploadedFile.new(StringIO.new("\n" * 19_000_000), "text/csv", original_filename: "a.csv")
      post "/api/#{what}", params: { file: file }
      expect(response.body).to match(/lines|MB/)
    end
    expect(Process.clock_gettime(Process::CLOCK_MONOTONIC) - began).to be < 30
  end

  # Odd bodies for every address that takes one, the same for one seed.
  it "never crashes on what it is sent" do
    document = plan.document
    addresses =
      %w[checks ways_out level_advices schools rule_changes comparisons selections proposals indicated_weights]
        .map { |name| [ :post, "/api/#{name}", { "document" => document, "reading" => "3 t", "shows" => "gross" } ] }
    addresses << [ :post, "/api/range_diagrams", { "data" => document["snapshots"]["charts"].values.first["data"] } ]
    addresses << [ :post, "/api/quick_checks",
      { "weight" => "3 t", "legs" => "2", "angle" => "60", "rating" => "2 t" } ]
    addresses << [ :post, "/api/kept_groups", { "title" => "G", "data" => { "title" => "G", "parts" => [] } } ]
    addresses << [ :post, "/api/charts", {
      "charts" => [ document["snapshots"]["charts"].values.first["data"] ],
      "entered_by" => "A. Writer"
    } ]
    ENV.fetch("FUZZ", "120").to_i.times do |index|
      random = Fuzz.random(ENV.fetch("SEED", "14").to_i, index)
      method, path, body = addresses.sample(random: random)
      odd = Fuzz.odd(body, random, within: %w[document data charts])
      send_json(method, path, JSON.generate(odd, allow_nan: true).gsub("Infinity", "1e400"))
      expect(response.status).to be < 500, "#{path} number #{index}: #{response.body.first(300)}"
    end
  end
end
