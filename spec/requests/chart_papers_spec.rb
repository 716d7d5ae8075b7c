# A chart as its page has it: typed as a draft that many may go on with, with pictures of the paper, taken as it was
# written, and read block by block by a second person.
RSpec.describe "Charts and their paper" do
  before { load_store }

  def json = JSON.parse(response.body)
  def send_json(method, path, body)
    public_send(method, path, params: JSON.generate(body), headers: { "Content-Type" => "application/json" })
  end
  def picture(name = "page.png", bytes = Rails.root.join("docs/screenshots/board.png").binread)
    Rack::Test::UploadedFile.new(StringIO.new(bytes), "image/png", original_filename: name)
  end

  page = <<~CSV
    chart,"Switchgrass, full"
    source,"binder 5, page 3"
    machine model,RT 45
    machine serial,SW-0301
    machine counterweight,"15,000 lb"
    machine boom,main
    machine jib,none
    machine outriggers,full
    machine rope,3/4 in
    machine duty,hook
    deduct stowed jib,600 lb
    note,Starred loads are limited by strength.
    capacity in,klb
    mark,*,strength
    sector,all round,0,360
    radius (ft) / boom (ft),36,54
    10,90.2*,80.1*
    15,70.0,65.3
    20,50.4,45.5
  CSV
  after { ChartPicture.find_each(&:destroy_with_file!) }

  describe "taken as a page" do
    def enter(text, **rest)
      send_json(:post, "/api/charts", { charts: [ nil ], printed: [ text ], entered_by: "M. Okafor", **rest })
    end

    it "keeps what was typed, and has its figures from there, whatever else is sent" do
      other = Chart.find_by!(identifier: "acacia-full").data
      send_json(:post, "/api/charts", charts: [ other ], printed: [ page ], entered_by: "M. Okafor")
      expect(response).to have_http_status(:created)
      chart = Chart.find(json.first["id"])
      expect([ chart.data["title"], chart.printed ]).to eq([ "Switchgrass, full", page ])
      expect(chart.data["tables"]["all round"][0][0]).to be_within(0.01).of(90_200 * 0.45359237)
      expect(chart.data["notes"]).to eq([ "Starred loads are limited by strength." ])
    end

    it "is refused by the line of the page, and nothing is kept" do
      expect { enter(page.sub("70.0", "7O.0")) }.not_to change(Chart, :count)
      expect([ response.status, json["errors"].first["pointer"] ]).to eq([ 422, "/charts/0: line 18, column 2" ])
      [ "{}", "", "\x00", "chart,\"x", "a" * 200_000 ].each do |text|
        enter(text)
        expect(response).to have_http_status(:unprocessable_content)
      end
    end

    it "asks its doubts in the page's own words, and keeps the answers to them" do
      slip = page.sub("70.0", "700.0")
      enter(slip)
      doubt = json["errors"].find { |one| one["message"].include?("700.0 thousand lb") }
      expect(doubt["message"]).to start_with("all round, 15 ft, boom 36 ft: 700.0 thousand lb, more than")
      asked = json["errors"].map { |one| one["message"] }
      enter(slip, answers: [ asked.index_with { "as printed" } ])
      expect(response).to have_http_status(:created)
      get "/api/charts/#{json.first["id"]}"
      expect(json["warnings"].map { |one| one["text"] }).to include(*asked)
      expect(json["record"]["answers"].map { |one| one["what"] }).to match_array(asked)
    end
  end

  describe "read by a second person" do
    let(:chart) do
      send_json(:post, "/api/charts", charts: [ nil ], printed: [ page ], entered_by: "M. Okafor")
      Chart.find(json.first["id"])
    end
    let(:paper) { "/api/charts/#{chart.id}/paper" }

    def sign(by) = send_json(:patch, "/api/charts/#{chart.id}", checked_by: by)
    def tick(block, by: "S. Oyelaran", **rest) = send_json(:patch, paper, { block: block["id"], by: by, **rest })

    it "is signed only when that person has read every block of it" do
      get paper
      expect(json["printed"]).to be(true)
      blocks = json["blocks"]
      expect(blocks.flat_map { |one| one["rows"] }).to include([ "stowed jib", "600 lb" ], [ "10", "90.2* | 80.1*" ])
      sign("S. Oyelaran")
      expect(
        [ response.status,
          json["errors"].first["message"] ]
      ).to match([ 422, /#{blocks.size} of #{blocks.size} blocks not read/ ])
      blocks.drop(1).each { |block| tick(block) }
      tick(blocks.first, by: "N. Adeyemi")
      sign("S. Oyelaran")
      words = "1 of #{blocks.size} blocks not read by S. Oyelaran: #{blocks.first["title"]}"
      expect(json["errors"].first["message"]).to include(words)
      tick(blocks.first, by: "Oyelaran S")
      expect(json["blocks"].map { |one| one["said"]["by"] }.uniq).to contain_exactly("Oyelaran S", "S. Oyelaran")
      sign("S. Oyelaran")
      expect([ response.status, json["doubt"] ]).to eq([ 200, nil ])
      tick(blocks.first)
      expect(response).to have_http_status(:unprocessable_content)
    end

    it "is not signed where the paper says otherwise, until that is taken back or mended" do
      read_against_paper(chart, "S. Oyelaran")
      get paper
      block = json["blocks"].last
      tick(block, differs: "20 ft, 54 ft is 44.5")
      sign("S. Oyelaran")
      expect(json["errors"].first["message"]).to match(/the paper says otherwise: .*44.5/)
      # Whoever entered it sees so in the library.
      get "/api/charts"
      line = json.find { |one| one["id"] == chart.id }
      expect(line["doubt"]).to end_with("S. Oyelaran found on the paper: 20 ft, 54 ft is 44.5")
      tick(block, read: false)
      sign("S. Oyelaran")
      expect(response).to have_http_status(:unprocessable_content)
      tick(block)
      sign("S. Oyelaran")
      expect(response).to have_http_status(:ok)
    end

    {
      "whoever entered it" => { by: "Okafor, M" },
      "nobody" => { by: " " },
      "a block that is not there" => { block: "x" },
      "no block" => { block: nil },
      "a list for a block" => { block: [ 1 ] }
    }.each do |words, change|
      it "is not read by or for #{words}" do
        get paper
        send_json(:patch, paper, { block: json["blocks"].first["id"], by: "S. Oyelaran" }.merge(change))
        expect(response).to have_http_status(:unprocessable_content)
        expect(chart.reload.readings).to eq({})
      end
    end

    it "begins anew with a new version, and two readers at once lose nothing of each other" do
      read_against_paper(chart, "S. Oyelaran")
      send_json(
        :post,
        "/api/charts",
        charts: [ nil ],
        printed: [ page.sub("45.5", "44.5") ],
        entered_by: "M. Okafor",
        why: "a cell mended"
      )
      expect(Chart.find(json.first["id"]).readings).to eq({})
      Chart.find(chart.id).update!(readings: {})
      one, other = [ Chart.find(chart.id), Chart.find(chart.id) ]
      one.read_block(one.paper.blocks[0].id, by: "S. Oyelaran", at: Time.current)
      other.read_block(other.paper.blocks[1].id, by: "N. Adeyemi", at: Time.current)
      expect(chart.reload.readings.size).to eq(2)
    end
  end

  describe "typed as a draft" do
    let(:draft) do
      send_json(:post, "/api/chart_drafts", sheet: { family: "mobile", title: "Page 3" }, saved_by: "M. Okafor")
      json
    end
    let(:place) { "/api/chart_drafts/#{draft["id"]}" }

    define_method(:take_draft) do |by, version|
      send_json(
        :post,
        "/api/charts",
        charts: [ nil ],
        printed: [ page ],
        entered_by: by,
        draft: draft["id"],
        lock_version: version
      )
    end

    it "is kept and listed, and an older sheet never overwrites a newer one" do
      send_json(:patch, place, sheet: { title: "Page 3, half" }, saved_by: "M. Okafor", lock_version: 0)
      expect(json).to include("lock_version" => 1, "title" => "Page 3, half")
      send_json(:patch, place, sheet: { title: "old" }, saved_by: "S. Oyelaran", lock_version: 0)
      expect([ response.status, json["now"]["sheet"] ]).to eq([ 409, { "title" => "Page 3, half" } ])
      get "/api/chart_drafts"
      expect(json.map { |one| one.values_at("title", "saved_by") }).to eq([ [ "Page 3, half", "M. Okafor" ] ])
      send_json(:delete, place, lock_version: 0)
      expect(response).to have_http_status(:conflict)
      send_json(:delete, place, lock_version: 1)
      expect([ response.status, ChartDraft.count ]).to eq([ 204, 0 ])
    end

    [ nil, [], "x", 3, { "title" => "a" * 600_000 } ].each do |odd|
      it "does not take #{odd.inspect.first(20)} for a sheet" do
        send_json(:post, "/api/chart_drafts", sheet: odd, saved_by: "M. Okafor")
        expect(response.status).to be_in([ 413, 422 ])
        expect(ChartDraft.count).to eq(0)
      end
    end

    it "brings its pictures along when it is taken, as it was seen" do
      post "#{place}/pictures", params: { file: picture }
      expect([ response.status, json["name"] ]).to eq([ 201, "page.png" ])
      take = ->(version) do
        take_draft("M. Okafor", version)
      end
      send_json(:patch, place, sheet: { title: "Page 3, half" }, saved_by: "S. Oyelaran", lock_version: 0)
      expect { take.(0) }.not_to change(Chart, :count)
      expect(response).to have_http_status(:conflict)
      take.(1)
      expect(response).to have_http_status(:created)
      chart = Chart.find(json.first["id"])
      get "/api/charts/#{chart.id}/pictures"
      expect(json.map { |one| one["name"] }).to eq([ "page.png" ])
      get json.first["address"]
      expect(response.body.bytes.first(4)).to eq([ 0x89, 0x50, 0x4e, 0x47 ])
      expect(ChartDraft.count).to eq(0)
    end

    it "makes all who typed in it stand for the chart: none of them is its second reader" do
      [ "S. Oyelaran", "Okafor M.", "" ].each_with_index do |name, version|
        send_json(:patch, place, sheet: { title: "Page 3, #{version}" }, saved_by: name, lock_version: version)
        expect(response).to have_http_status(:ok)
      end
      take_draft("N. Adeyemi", 3)
      chart = Chart.find(json.first["id"])
      expect(chart.record.entered_by).to eq("M. Okafor and S. Oyelaran and N. Adeyemi")
      block = chart.paper.blocks.first.id
      [ "Oyelaran, S.", "m okafor", "N Adeyemi" ].each do |name|
        send_json(:patch, "/api/charts/#{chart.id}/paper", block: block, by: name)
        expect([ response.status, json["errors"].first["message"] ]).to match([ 422, /entered this chart/ ])
      end
      send_json(:patch, "/api/charts/#{chart.id}/paper", block: block, by: "I. Brandt")
      expect(response).to have_http_status(:ok)
    end

    it "is not taken where there is no room for the names of all who typed in it" do
      4.times do |version|
        send_json(
          :patch,
          place,
          sheet: { title: "x#{version}" },
          saved_by: "#{version} #{"long " * 30}",
          lock_version: version
        )
      end
      expect {
        take_draft("N. Adeyemi", 4)
      }.not_to change(Chart, :count)
      expect(json["errors"].first["message"]).to match(/6 people typed it/)
    end

    it "of a chart to be mended has its pictures too, and leaving it takes none from the chart" do
      chart = Chart.find_by!(identifier: "acacia-full")
      post "/api/charts/#{chart.id}/pictures", params: { file: picture }
      send_json(:post, "/api/chart_drafts", sheet: {}, saved_by: "M. Okafor", of: chart.id)
      get "/api/chart_drafts/#{json["id"]}/pictures"
      expect(json.size).to eq(1)
      copy = json.first["address"]
      send_json(:delete, "/api/chart_drafts/#{ChartDraft.last.id}", lock_version: 0)
      get copy
      expect(response).to have_http_status(:not_found)
      get "/api/charts/#{chart.id}/pictures"
      get json.first["address"]
      expect(response).to have_http_status(:ok)
    end

    it "may be a PDF, shown inside our own pages and in nobody else's" do
      post "#{place}/pictures", params: { file: picture("page 4.pdf", "%PDF-1.4\n1 0 obj<</Type/Catalog>>endobj\n") }
      expect(json).to include("kind" => "application/pdf", "name" => "page 4.pdf")
      get json["address"]
      expect(response.headers["Content-Disposition"]).to start_with("inline")
      expect(response.headers["X-Frame-Options"]).to eq("SAMEORIGIN")
      expect(response.headers["Content-Security-Policy"]).to include("frame-ancestors 'self'", "script-src 'self'")
      get "/cranes"
      expect(response.headers["Content-Security-Policy"]).to include("frame-ancestors 'none'")
    end

    it "takes nothing for a picture that is none, and keeps those of a checked chart" do
      post "#{place}/pictures", params: { file: picture("a.png", "no picture") }
      expect(response).to have_http_status(:unprocessable_content)
      post "#{place}/pictures"
      expect(response).to have_http_status(:bad_request)
      chart = Chart.find_by!(identifier: "acacia-full")
      post "/api/charts/#{chart.id}/pictures", params: { file: picture }
      delete json["address"]
      expect([ response.status, chart.pictures.count ]).to eq([ 422, 1 ])
    end
  end

  it "gives a blank page of each family, in either system" do
    get "/api/chart_blanks/mobile", params: { units: "us" }
    expect(response.body).to include("radius (ft) / boom (ft)", "capacity in,lb", "machine serial,")
    %w[tower platform_jib fixed_hoist].each do |family|
      get "/api/chart_blanks/#{family}"
      expect([ response.status, response.media_type ]).to eq([ 200, "text/csv" ])
    end
    get "/api/chart_blanks/boat"
    expect(response).to have_http_status(:not_found)
  end
end
