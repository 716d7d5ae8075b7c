# All that a screen shows of one piece, by what it is, how it stands and who looks.
RSpec.describe "The sheet of a piece" do
  include ActiveSupport::Testing::TimeHelpers

  before { load_store }

  def piece(number) = Piece.find_by!(number: number)
  def sheet(number) = get("/api/pieces/#{piece(number).id}").then { JSON.parse(response.body) }

  # What each role may do with a piece that is ready, and with one in quarantine.
  {
    %w[keeper] => [ %w[hand_out quarantine lose scrap], %w[release lose scrap] ],
    %w[rigger] => [ %w[hand_out quarantine lose], %w[lose] ],
    %w[planner] => [ %w[quarantine], [] ],
    %w[appointed] => [ %w[quarantine], [] ],
    %w[engineer] => [ %w[quarantine], [] ],
    %w[reader] => [ [], [] ],
    %w[admin] => [ [], [] ],
    %w[reader rigger] => [ %w[hand_out quarantine lose], %w[lose] ]
  }.each do |roles, (ready, quarantined)|
    it "offers #{roles.join(" and ")} what they may do" do
      signed_in_as(*roles)
      offered = %w[R-11 R-04].map { |number| sheet(number)["may"].map { |one| one["act"] } }
      expect(offered).to eq([ ready, quarantined ])
    end
  end

  it "says of each act what it asks for" do
    needs = sheet("R-11")["may"].to_h { |one| [ one["act"], one["needs"] ] }
    expect(needs).to eq("hand_out" => [ "with" ], "quarantine" => [ "why" ], "lose" => [ "why" ], "scrap" => [ "why" ])
    expect(sheet("R-04")["may"].find { |one| one["act"] == "release" }["looked"]).to be(true)
  end

  # A piece, whether it may be used today, and why.
  {
    "R-11" => [ "holds", /due 2027-03-14, 6 months after 2026-09-14/ ],
    "R-03" => [ "stop", /its examination runs out on 2026-11-02/ ],
    "R-04" => [ "stop", /it is quarantined/ ],
    "W-07" => [ "stop", /it is out/ ],
    "M-1" => [ "holds", /looked at before use/ ],
    "Sagebrush" => [ "holds", /12 months after 2026-01-20/ ]
  }.each do |number, (verdict, words)|
    it "says of #{number}: #{verdict}" do
      told = travel_to(Time.iso8601("2026-11-30T12:00:00Z")) { sheet(number)["stands"] }
      expect([ told["verdict"], told["words"]["metric"] ]).to match([ verdict, words ])
      expect(told["words"].keys).to eq(%w[metric us])
    end
  end

  it "has the looks of its kind in order, each with its rule in both systems" do
    looks = sheet("W-08")["inspection"]["looks"]
    expect(looks.map { |one| one["id"] }).to eq(
      %w[tag eye_a sleeve_a crown lay_wires strand_wires shape heat_rust sleeve_b eye_b]
    )
    expect(looks.map { |one| one["verdict"] }.uniq).to eq([ "not_looked" ])
    crown = looks.find { |one| one["id"] == "crown" }
    expect(crown["limit"].transform_values { |words| words.tr("\u00a0", " ") }).to eq(
      "metric" => "new 16.00 mm, out at 15.40 mm",
      "us" => "new 0.630 in, out at 0.607 in"
    )
    expect(sheet("M-1")["inspection"]["looks"].map { |one| one["id"] }).to eq(%w[split rot])
  end

  it "says which size new is not written down, before anybody measures in vain" do
    bare = Piece.create!(fields: { "number" => "B-1", "kind" => "hook", "wll" => "2 t" })
    looks = sheet(bare.number)["inspection"]["looks"].to_h { |one| [ one["id"], one["limit"]["metric"] ] }
    expect(looks["hook_throat"]).to eq("its throat opening when new is not written down")
    expect(looks["hook_twist"].tr("\u00a0", " ")).to eq("out over 10.0°")
  end

  it "tells whether it is examined at all, and when next" do
    expect(sheet("M-1")["examination"]).to eq(
      "wanted" => false,
      "day" => nil,
      "words" => "not examined: looked at before use"
    )
    expect(sheet("R-11")["examination"]).to include("wanted" => true, "day" => piece("R-11").due)
    bare = Piece.create!(fields: { "number" => "B-1", "kind" => "hook", "wll" => "2 t" })
    expect(sheet(bare.number)["examination"]).to include("day" => nil, "words" => "when it was examined is not known")
  end

  it "draws the code that its label has" do
    rows = sheet("R-11")["squares"]
    expect([ rows.size, rows.map(&:size).uniq ]).to eq([ rows.size, [ rows.size ] ])
    expect(rows.join.count("1")).to eq(RQRCode::QRCode.new(piece("R-11").code, level: :h).modules.flatten.count(true))
  end

  it "names the plans that rest on it, the next one first, and how they stand" do
    first, second = demo_plan("cabin-on-salt"), demo_plan("cabin-on-gravel")
    number = (first.document["snapshots"]["slings"].keys & second.document["snapshots"]["slings"].keys).first
    BoardJob.perform_now
    told = sheet(number)["plans"]
    expect(told.map { |one| one["id"] }).to eq([ first, second ].sort_by { |plan| [ plan.lift_at, plan.id ] }.map(&:id))
    expect(told.map { |one| one["verdict"] } - %w[holds tight stop not_known]).to eq([])
  end

  it "is none of a piece that is not there" do
    get "/api/pieces/0"
    expect(response).to have_http_status(:not_found)
  end
end
