RSpec.describe "The API of the crane room" do
  def json = JSON.parse(response.body)
  def lines = response.body.lines.map { |line| JSON.parse(line) }
  def send_json(method, path, body) =
    public_send(method, path, params: JSON.generate(body), headers: { "Content-Type" => "application/json" })
  def upload(text, name) = Rack::Test::UploadedFile.new(StringIO.new(text), "text/plain", original_filename: name)
  def demo_chart(id) = JSON.parse(Rails.root.join("demo/charts/#{id}.json").read)

  before { load_store }

  it "lists the newest version of each chart, and shows one with its diagram" do
    get "/api/charts"
    expect(json.map { |line| line["identifier"] }).to eq(Chart.newest.map(&:identifier))
    expect(json.find { |line| line["identifier"] == "juniper-jib" }["doubt"]).to match(
      /not checked against the paper/
    )
    get "/api/charts/#{Chart.find_by(identifier: "juniper-half").id}"
    expect(json["diagram"]["tables"].map { |table| table["name"] }).to eq(
      [ "over rear", "over right side", "over left side", "over front" ]
    )
    expect(DustLadder::PlanFile::Digest.of(json["data"])).to eq(json["digest"])
    %w[ocotillo-50 yarrow teasel].each do |id|
      get("/api/charts/#{Chart.find_by(identifier: id).id}").then { expect(response).to have_http_status(:ok) }
    end
  end

  it "takes a chart as unchecked, whoever its file says checked it, as a new version where its figures differ" do
    changed = demo_chart("acacia-full").tap { |data| data["tables"]["main"][0][0] = 24_000 }
    entered = { charts: [ demo_chart("teasel"), changed ], entered_by: " M. Okafor " }
    send_json(:post, "/api/charts", entered)
    expect(json["errors"].map { |one| one["pointer"] }).to eq(%w[/why])
    send_json(:post, "/api/charts", **entered, why: "one cell mended")
    expect(response).to have_http_status(:created)
    expect(json.map { |line| line["version"] }).to eq([ 1, 2 ])
    expect(json.last["record"]).to include(
      "entered_by" => "M. Okafor",
      "checked_by" => nil,
      "source" => "binder 1, page 31"
    )
    get "/api/charts"
    expect(json.select { |line| line["identifier"] == "acacia-full" }.map { |line| line["version"] }).to eq([ 2 ])
  end

  it "lets only a second person say that it was read against the paper" do
    chart = Chart.find_by(identifier: "juniper-jib")
    [ "i.  brandt", "I Brandt", "Brandt, I.", " " ].each do |name|
      send_json(:patch, "/api/charts/#{chart.id}", checked_by: name)
      expect([ response.status, json["errors"].first["pointer"] ]).to eq([ 422, "/checked_by" ])
    end
    read_against_paper(chart, "S. Oyelaran")
    send_json(:patch, "/api/charts/#{chart.id}", checked_by: "S. Oyelaran")
    expect([ response.status, json["doubt"], json["record"]["checked_by"] ]).to eq([ 200, nil, "S. Oyelaran" ])
    send_json(:patch, "/api/charts/#{chart.id}", checked_by: "Somebody Else")
    expect(response.status).to eq(422)
  end

  it "takes all charts or none, and says what is wrong where" do
    broken = demo_chart("acacia-full").merge("id" => "broken", "radius_m" => [ 1.0 ])
    expect {
      send_json(
        :post,
        "/api/charts",
        charts: [ demo_chart("acacia-full").merge("id" => "whole"), broken ],
        entered_by: "M. Okafor"
      )
    }.not_to change(Chart, :count)
    expect(json["errors"].map { |error| error["pointer"] }).to include("/charts/1/tables/main")
    expect {
      send_json(
        :post,
        "/api/charts",
        charts: [ demo_chart("acacia-full"), demo_chart("teasel").merge("id" => "acacia-full") ],
        entered_by: "M. Okafor"
      )
    }.not_to change(Chart, :count)
    expect(json["errors"].first).to include("pointer" => "/charts/1/id")
    send_json(:post, "/api/charts", charts: [ demo_chart("acacia-full").merge("id" => "whole") ], entered_by: " ")
    expect(json["errors"]).to eq(
      [ { "pointer" => "/entered_by", "message" => "who enters the charts is not given", "expected" => "a name" } ]
    )
  end

  describe "which chart is which" do
    def enter(*charts, **rest) = send_json(:post, "/api/charts", charts: charts, entered_by: "M. Okafor", **rest)
    let(:acacia) { demo_chart("acacia-full") }
    let(:other) { acacia.merge("identity" => acacia["identity"].merge("serial" => "AC-2000")) }

    it "is decided by the machine, never by the title" do
      enter(other.merge("id" => "another"))
      expect([ response.status, json.first.values_at("identifier", "version") ]).to eq([ 201, [ "another", 1 ] ])

      mended = JSON.parse(JSON.generate(acacia)).merge("id" => "typed-anew", "title" => "Quite another title")
      mended["identity"]["counterweight"] = "3 000 kg"
      mended["tables"]["main"][0][0] -= 100
      enter(mended, why: "one cell mended")
      expect([ response.status, json.first.values_at("identifier", "version") ]).to eq([ 201, [ "acacia-full", 2 ] ])
    end

    it "refuses the chart of another machine under a name that is taken, and one machine twice" do
      enter(other)
      expect(response).to have_http_status(:unprocessable_content)
      expect(json["errors"].first["message"]).to match(/another machine: serial differs/)
      enter(other.merge("id" => "a"), other.merge("id" => "b"))
      expect(json["errors"].first).to include("pointer" => "/charts/1/identity")
      post "/api/chart_readings",
        params: {
          files: [ upload(DustLadder::Cranes::ChartFile.write([ other ]), "other.json") ]
        }
      expect(lines.first["refused"].first["message"]).to match(/serial differs/)
    end

    it "wants an answer to each figure that does not go with those beside it, and keeps it" do
      slip = JSON.parse(JSON.generate(other)).merge("id" => "slip")
      slip["tables"]["main"][1][0] *= 10
      enter(slip)
      expect(response).to have_http_status(:unprocessable_content)
      doubts = json["errors"].map { |one| one["message"] }
      expect(json["errors"].map { |one| one["pointer"] }.uniq).to eq([ "/answers/0" ])
      expect(doubts).to include(/more than twice/)
      [ [ {} ], [ doubts.to_h { |one| [ one, "  " ] } ], "x", [ "x" ], [ { "other" => "it stands" } ] ].each do |odd|
        enter(slip, answers: odd)
        expect(response).to have_http_status(:unprocessable_content)
      end
      enter(slip, answers: [ doubts.to_h { |one| [ one, "so it stands on the page" ] } ])
      expect(response).to have_http_status(:created)
      expect(json.first["record"]["answers"]).to eq(
        doubts.map { |one| { "what" => one, "word" => "so it stands on the page" } }
      )
    end
  end

  describe "versions" do
    let(:chart) { Chart.find_by!(identifier: "acacia-full") }

    it "differ cell by cell, with who and why, and name the plans that rest on them" do
      plan = demo_plan("feed-horn")
      changed = demo_chart("acacia-full").tap { |data| data["tables"]["main"][0][0] -= 1000 }
      send_json(:post, "/api/charts", charts: [ changed ], entered_by: "M. Okafor", why: "a slip")
      get "/api/charts/#{json.first["id"]}"
      expect(json["differences"].size).to eq(1)
      expect(json["differences"].first).to include("block" => "over rear and sides", "from" => /kg/, "to" => /kg/)
      expect(json["record"]).to include("why" => "a slip", "entered_by" => "M. Okafor")
      expect(json["rests"].map { |one| one["id"] }).to eq([ plan.id ])
    end

    it "are withdrawn by name and with a reason, once, and turn the plans that carry them" do
      plan = demo_plan("feed-horn")
      expect(plan.ladder.rung("chart").verdict).to eq("holds")
      [ { why: "x" }, { withdrawn_by: "I. Brandt" }, { why: " ", withdrawn_by: "I. Brandt" } ].each do |odd|
        send_json(:post, "/api/charts/#{chart.id}/withdrawal", odd)
        expect(response).to have_http_status(:unprocessable_content)
      end
      plan.board_line.work_out
      send_json(:post, "/api/charts/#{chart.id}/withdrawal", withdrawn_by: "I. Brandt", why: "the page was replaced")
      expect([ response.status, json["withdrawn"] ]).to match([ 201, /I. Brandt on .*: the page was replaced/ ])
      expect(plan.reload.board_line).not_to be_fresh
      found = plan.ladder.rung("chart")
      expect([ found.verdict, found.note["metric"] ]).to match([ "not_known", /the page was replaced/ ])
      send_json(:post, "/api/charts/#{chart.id}/withdrawal", withdrawn_by: "I. Brandt", why: "again")
      expect(response).to have_http_status(:unprocessable_content)
      send_json(:patch, "/api/charts/#{chart.id}", checked_by: "S. Oyelaran")
      expect(response).to have_http_status(:unprocessable_content)
      send_json(:post, "/api/comparisons", document: demo_document("feed-horn"))
      expect(json.map { |row| row["id"] }).not_to include("acacia-full")
      get "/api/takers", params: { planned_kg: 500 }
      expect(json["cranes"].map { |row| row["id"] }).not_to include("acacia-full")
      # The same page, entered anew, counts again.
      send_json(:post, "/api/charts", charts: [ demo_chart("acacia-full") ], entered_by: "M. Okafor", why: "read anew")
      expect([ response.status, json.first.values_at("version", "withdrawn") ]).to eq([ 201, [ 2, nil ] ])
    end

    it "give way to the one before when they are withdrawn" do
      changed = demo_chart("acacia-full").tap { |data| data["tables"]["main"][0][0] -= 1000 }
      send_json(:post, "/api/charts", charts: [ changed ], entered_by: "M. Okafor", why: "a slip")
      send_json(:post, "/api/charts/#{json.first["id"]}/withdrawal", withdrawn_by: "I. Brandt", why: "no slip")
      get "/api/charts"
      expect(json.find { |line| line["identifier"] == "acacia-full" }).to include("version" => 1, "withdrawn" => nil)
      expect(demo_plan("feed-horn").ladder.rung("chart").verdict).to eq("holds")
    end

    it "are checked by the first of two, and the second is told" do
      jib = Chart.find_by!(identifier: "juniper-jib")
      read_against_paper(jib, "S. Oyelaran")
      late = Chart.find(jib.id)
      jib.check(by: "S. Oyelaran", on: Date.current)
      expect { late.check(by: "S Oyelaran", on: Date.current) }.to raise_error(ActiveRecord::StaleObjectError)
      expect(jib.reload.record.checked_by).to eq("S. Oyelaran")
    end
  end

  it "reads files chart by chart with progress, JSON and CSV, and keeps nothing" do
    page = "chart,Page\nmachine model,X\ncapacity in,kg\nsector,all,0,360\nradius (m),10\n3,5000\n4,4O00\n"
    expect {
      post "/api/chart_readings",
        params: {
          files: [
            upload(
              DustLadder::Cranes::ChartFile.write([ demo_chart("acacia-full"), demo_chart("teasel") ]),
              "two.json"
            ),
            upload(page, "page.csv")
          ]
        }
    }.not_to change(Chart, :count)
    expect(lines.map { |line| [ line["file"], line["share"].round(2), line["reading"]["data"].nil? ] }).to eq(
      [ [ "two.json", 0.25, false ], [ "two.json", 0.5, false ], [ "page.csv", 1.0, true ] ]
    )
    expect(lines.first["known"]).to include("version" => 1, "same" => true)
    expect(lines.last["reading"]["faults"].first["pointer"]).to eq("line 7, column 2")
    post "/api/chart_readings", params: { files: [ "text" ] }
    expect(response).to have_http_status(:bad_request)
  end

  it "takes 200 charts at once" do
    charts =
      Array.new(200) do |index|
        chart = demo_chart("juniper-full")
        machine = chart["identity"].merge("serial" => "JU-#{1000 + index}")
        chart.merge("id" => "many-#{index}", "title" => "Chart #{index}", "identity" => machine)
      end
    post "/api/chart_readings", params: { files: [ upload(DustLadder::Cranes::ChartFile.write(charts), "all.json") ] }
    expect(lines.map { |line| line["share"] }).to eq((1..200).map { |read| read / 200.0 })
    send_json(:post, "/api/charts", charts: charts, entered_by: "M. Okafor")
    expect([ response.status, json.size ]).to eq([ 201, 200 ])
  end

  it "gives a chart back as a file that it reads itself" do
    get "/api/charts/#{Chart.find_by(identifier: "ocotillo-50").id}/file"
    expect(response.headers["Content-Disposition"]).to include("ocotillo-50-v1.json")
    DustLadder::Cranes::ChartFile.read(response.body, "x") do |reading, _|
      expect(reading.data).to eq(demo_chart("ocotillo-50"))
    end
    get "/api/charts/#{Chart.find_by(identifier: "ocotillo-50").id}/file", params: { as: "grid" }
    DustLadder::Cranes::ChartFile.read(response.body, "x.csv") do |reading, _|
      expect(reading.data["tower"]["falls"].keys).to eq(%w[2 4])
    end
    get "/api/charts/#{Chart.find_by(identifier: "teasel").id}/file", params: { as: "grid" }
    expect(response.body).to include("rated load,5000 kg")
  end

  it "answers both ways round, and asks back what it cannot read" do
    id = Chart.find_by(identifier: "juniper-full").id
    get "/api/charts/#{id}/reach", params: { weight: "9 t", radius: "13 m" }
    boom = json["tables"].first["booms"].find { |one| one["boom_m"] == 27.4 }
    said = DustLadder::Cranes::CanI.new(demo_chart("juniper-full")).answers(hung: 9000.0, radius: 13.0)
    expect(boom).to eq(JSON.parse(JSON.generate(said.first["booms"].find { |one| one["boom_m"] == 27.4 })))
    expect(json["read_at"]["value"]).to be_within(1e-9).of(13.3)
    get "/api/charts/#{id}/reach", params: { weight: "9 t", radius: "13 m", boom: "25 m", parts: "4", loaded: "true" }
    expect(json["tables"].first["booms"].map { |one| one.values_at("boom_m", "parts") }).to eq([ [ 25.0, 4 ] ])
    expect(json["read_at"]["value"]).to eq(13.0)
    [ { weight: "0 kg" }, { weight: "-1 t" }, { radius: "0 m" }, { boom: "0 m" }, { parts: "0" }, { parts: "x" },
      { parts: "1e9" }, { parts: "99999999999999999999" }, { weight: "1e400 t" }, { weight: [ "1" ] } ].each do |odd|
      get "/api/charts/#{id}/reach", params: { weight: "9 t", **odd }
      expect([ odd, response.status ]).to eq([ odd, 422 ])
    end
    get "/api/charts/#{id}/reach", params: { weight: "9" }
    expect([ response.status, json["errors"].first["message"] ]).to match([ 422, /unit is missing/ ])
  end

  it "compares every chart of the library for one lift" do
    send_json(:post, "/api/comparisons", document: demo_document("transformer"))
    rows = json.to_h { |row| [ row["id"], row ] }
    expect(rows.keys).to match_array(Chart.newest.map(&:identifier))
    expect(rows["juniper-full"]["verdict"]).to eq("holds").or eq("tight")
    expect(rows["juniper-half"]).to include("current" => true, "verdict" => "stop")
    expect(rows["yarrow"]["reasons"].map { |reason| reason["note"]["metric"] }.join).to include("dry run")
    expect(rows["ocotillo-50"]["verdict"]).to eq("stop")
  end

  # What a device says once the block is content with it, or after these seconds.
  def said_by(address, seconds)
    limit = Time.current + seconds
    loop do
      get address
      return json if yield(json) || Time.current > limit

      sleep 0.05
    end
  end

  describe "the anemometer" do
    include_context "with an anemometer"

    def said(seconds = 4, &) = said_by("/api/anemometer", seconds, &)

    it "tells the gust that was heard, and nothing of a silent or a mad device, or of one that is gone" do
      send_json(:patch, "/api/anemometer", do: "set", mean: 8, gusts: 0.3, height: 30)
      expect(response).to have_http_status(:ok)
      reading = said { |one| one.dig("reading", "height", "metric") == "30.0 m" }["reading"]
      expect(reading["gust_m_s"]).to be >= reading["wind_m_s"]
      expect(reading.values_at("take", "wait")).to match([ nil, /listened to for 120 s/ ])
      %w[mad silent].each do |trouble|
        send_json(:patch, "/api/anemometer", do: "set", trouble: trouble)
        expect(said { |one| one.key?("no_reading") }.keys).to eq([ "no_reading" ])
      end
      send_json(:patch, "/api/anemometer", do: "set", trouble: nil)
      expect(said { |one| one.key?("reading") }["reading"]["heard_s"]).to be < 4
      send_json(:patch, "/api/anemometer", do: "fly")
      expect([ response.status, json["errors"][0]["message"] ]).to match([ 422, /expected set/ ])
      [ { mean: "8" }, { height: [] }, { trouble: 7 }, { gusts: -4 } ].each do |odd|
        send_json(:patch, "/api/anemometer", do: "set", **odd)
        expect(response).to have_http_status(:ok)
      end
      end_anemometer
      expect(said(9) { |one| one["no_reading"].to_s.include?("no connection") }).to eq(
        "no_reading" => "no connection to the anemometer"
      )
    end
  end

  it "says so where there is no anemometer" do
    get "/api/anemometer"
    expect(json).to eq("no_reading" => "no anemometer is connected")
    send_json(:patch, "/api/anemometer", do: "set")
    expect(response).to have_http_status(:unprocessable_content)
  end

  describe "the cab's indicator" do
    include_context "with an indicator"

    def reading(seconds = 3, &) = said_by("/api/indicator", seconds, &)

    it "follows a plan, trips where the core says, and shows nothing of a silent or a mad device" do
      send_json(:patch, "/api/indicator", do: "follow", document: demo_document("transformer"))
      send_json(:patch, "/api/indicator", do: "set", rate: 30, noise: 0)
      send_json(:patch, "/api/indicator", do: "play")
      tripped = reading { |said| said.dig("reading", "state") == "cut_out" }["reading"]
      trip = DustLadder::Cranes::Limiter.new(DustLadder::Lift.new(demo_document("transformer")).duty).trip
      expect(tripped).to include(
        "why" => "load moment",
        "slew_deg" => be_within(0.3).of(trip.at.slew),
        "radius_m" => be_within(0.05).of(trip.at.radius)
      )
      %w[mad silent].each do |trouble|
        send_json(:patch, "/api/indicator", do: "set", trouble: trouble)
        expect(reading { |said| said.key?("no_reading") }).to have_key("no_reading")
      end
      send_json(:patch, "/api/indicator", do: "set", trouble: nil)
      expect(reading { |said| said.key?("reading") }).to have_key("reading")
    end

    it "trips late where it reads too little: its limit is no reserve" do
      send_json(:patch, "/api/indicator", do: "follow", document: demo_document("transformer"))
      send_json(:patch, "/api/indicator", do: "set", rate: 50, noise: 0, offset: -0.2)
      send_json(:patch, "/api/indicator", do: "play")
      ended =
        reading(8) { |said| said["reading"] && !said["reading"]["playing"] && said["reading"]["share"].positive? }[
          "reading"
        ]
      expect(ended).to include("state" => satisfy { |state| state != "cut_out" }, "share" => 1.0)
    end

    it "refuses what it cannot follow, and says that it is gone" do
      send_json(:patch, "/api/indicator", do: "follow", document: demo_document("azimuth-drive"))
      expect([ response.status, json["errors"].first["message"] ]).to match(
        [ 422, /cannot be followed: the weight is not given/ ]
      )
      end_indicator
      expect(reading(9) { |said| said["no_reading"].to_s.include?("no connection") }).to eq(
        "no_reading" => "no connection to the indicator"
      )
      send_json(:patch, "/api/indicator", do: "play")
      expect(response).to have_http_status(:unprocessable_content)
    end
  end
end
