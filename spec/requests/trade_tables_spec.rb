# The tables of the trade over HTTP: of shipped sets and of the site's own, with who asked.
RSpec.describe "Tables of the trade" do
  def tables(id)
    get "/api/rule_sets/#{id}/tables"
    JSON.parse(response.body)
  end

  it "are those of the set that is named, for whoever asks" do
    told = tables("strict")
    expect(response).to have_http_status(:ok)
    expect(told["rules"]).to include("id" => "strict", "title" => "Strict")
    expect(told.values_at("by", "on")).to eq([ Person.find_by(name: told["by"])&.name, SiteClock.today.iso8601 ])
    expect(told["tables"].map { |table| table["id"] }).to include("angles", "chokes", "bends", "plates", "materials")
  end

  it "follow what the site made stricter" do
    own = OwnRules.copy("strict", title: "Salt rules", by: "A. Keeper")
    OwnRules.change(
      own.identifier,
      { "choke_angle_bands/1/1" => 0.8 },
      why: { "choke_angle_bands/1/1" => "tight chokes slip on salt" },
      by: "A. Keeper",
      version: own.version,
      appointed: false
    )
    left = ->(id) do
      chokes = tables(id)["tables"].find { |table| table["id"] == "chokes" }
      chokes["rows"].map { |row| row[1]["metric"].to_i }
    end
    expect([ left.("salt-rules")[1], left.("strict")[1] ]).to eq([ 80, 87 ])
  end

  it "are none of a set that nobody keeps" do
    tables("no-such-set")
    expect(response).to have_http_status(:not_found)
  end
end
