RSpec.describe "How it is", type: :request do
  it "is told to whoever asks, and nothing else is" do
    get "/up"
    expect(response).to have_http_status(:ok)
    expect(response.parsed_body).to eq("database" => "ok", "disk" => "ok", "jobs" => "ok")
    expect(response.headers["Cache-Control"]).to eq("no-store")
  end

  it "is told in words where something is not well" do
    allow(HouseData).to receive(:lack).and_return(HouseData::Lack.new("no data", "begin"))
    allow(HouseData).to receive(:file).and_return(Pathname("/proc/none/house.sqlite3"))
    allow(Nightly).to receive(:alive?).and_return(false)
    get "/up"
    expect(response).to have_http_status(:service_unavailable)
    expect(response.parsed_body).to match(
      "database" => "no data: begin",
      "disk" => /it cannot be written to/,
      "jobs" => "not running"
    )
  end

  it "tells of a disk that is nearly full" do
    allow(Open3).to receive(:capture2).and_return([ "Filesystem\n/dev/x 1 1 1000 1% /\n", double(success?: true) ])
    get "/up"
    expect([ response.status, response.parsed_body["disk"] ]).to eq([ 503, "0 MB left" ])
  end
end
