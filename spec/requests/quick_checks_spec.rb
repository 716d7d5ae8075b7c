RSpec.describe "The API of the quick check" do
  def json = JSON.parse(response.body)
  def ask(given)
    post "/api/quick_checks", params: JSON.generate(given), headers: { "Content-Type" => "application/json" }
    json
  end
  let(:given) do
    { weight: "4 t", basis: "weighed", legs: "2", angle: "60° from horizontal", hitch: "vertical", rating: "2.5 t" }
  end

  it "gives pull, factor and verdict, and a plan that the reader accepts" do
    weight = 4000 * (1 + DustLadder::RuleSet.shipped("strict")[:allowance, "weighed"])
    pull = weight / 2 / Math.sin(Math::PI / 3)
    expect(ask(given)["tension"]["value"]).to be_between(pull, pull + 1)
    expect(json["utilisation"]["value"]).to be_within(1e-3).of(pull / 2500)
    made = StringIO.new(JSON.generate(json["plan"]))
    file = Rack::Test::UploadedFile.new(made, "application/json", original_filename: "a.json")
    post "/api/plans", params: { file: file }
    expect(response).to have_http_status(:created)
    expect(Plan.last.revisions.last.document.dig("rigging", "legs", 0, "angle")).to eq("60° from horizontal")
  end

  it "stops under the floor, and knows nothing of what is missing or cannot be read" do
    expect(ask(given.merge(angle: "20° from horizontal", rating: "20 t")).values_at("verdict", "flat")).to match(
      [ "stop", /under \d+°/ ]
    )
    expect(ask(given.except(:rating)).values_at("verdict", "missing")).to eq([ "not_known", "the rating of one leg" ])
    expect(ask(given.merge(weight: "4")).values_at("verdict", "utilisation")).to eq([ "not_known", nil ])
    expect(json["problems"].first.values_at("pointer", "typed")).to eq(%w[/weight 4])
    expect(ask({})["verdict"]).to eq("not_known")
  end

  it "refuses what is no question, and lives on" do
    [ "[]", "7", "{", '{"weight":{"a":[1]},"legs":null,"angle":[],"rating":true}' ].each do |text|
      post "/api/quick_checks", params: text, headers: { "Content-Type" => "application/json" }
      expect(response.status).to be_between(200, 422), text
      expect(json["verdict"]).to eq("not_known").or be_nil
    end
  end
end
