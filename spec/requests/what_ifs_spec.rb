# What if, over HTTP: limits, strips and maps line by line, and what is wrong with a question told by its place.
RSpec.describe "What if" do
  let(:document) { demo_document("counterweight-block") }

  def ask(**asked)
    body = { document: document, **asked }
    post "/api/what_ifs", params: JSON.generate(body), headers: { "Content-Type" => "application/json" }
  end

  def told(**asked)
    ask(**asked)
    response.body.lines.map { |line| JSON.parse(line) }
  end

  it "tells how far each figure may go, and what ends it" do
    lines = told
    expect(response).to have_http_status(:ok)
    limits = lines.filter_map { |line| line["limit"] }
    expect(limits.size).to eq(2 * lines.first["inputs"].size)
    up = limits.find { |one| one["input"]["id"] == "weight" && one["way"] == "up" }
    heavier = document.deep_dup
    heavier["load"]["weight"]["bare"] = "#{up["past"]["value"].to_i} kg"
    ladder = DustLadder.check(DustLadder::PlanFile.accept(heavier))
    expect([ ladder.verdict, ladder.rung(up["rung"]).verdict ]).to eq(%w[stop stop])
    expect(lines.last["done"]).to be(true)
  end

  it "tells a strip of one figure and a map of two, in whatever units they were typed" do
    strip = told(input: "weight", from: "2 t", to: "20,000 lb").filter_map { |line| line["strip"] }.first
    expect(strip["bands"].first["from_value"]).to eq(2000)
    expect(strip["bands"].last["to_value"]).to eq(9072)
    rows = told(input: "weight", from: "2 t", to: "8 t", other: "radius-1", other_from: "5 m", other_to: "12 m")
      .filter_map { |line| line["row"] }
    expect(rows.map { |row| row["cells"].size }).to eq([ 24 ] * 14)
  end

  {
    "no such figure" => [ { input: "colour", from: "1 t", to: "2 t" }, "/input" ],
    "a figure that is no word" => [ { input: [ 3 ], from: "1 t", to: "2 t" }, "/input" ],
    "no range" => [ { input: "weight" }, "/from" ],
    "half a number" => [ { input: "weight", from: "2 t", to: "8" }, "/to" ],
    "the wrong way round" => [ { input: "weight", from: "8 t", to: "2 t" }, "/to" ],
    "the same figure twice" => [
      { input: "weight", from: "2 t", to: "8 t", other: "weight", other_from: "2 t", other_to: "8 t" },
      "/other"
    ],
    "a reversed range of the other" => [
      { input: "weight", from: "2 t", to: "8 t", other: "hook", other_from: "9 m", other_to: "3 m" },
      "/other_to"
    ],
    "a lump" => [ { input: "weight", from: { "a" => 1 }, to: "8 t" }, "/from" ]
  }.each do |name, (asked, place)|
    it "refuses #{name} with its place and what was expected" do
      ask(**asked)
      expect(response).to have_http_status(:unprocessable_content)
      fault = JSON.parse(response.body)["errors"].first
      expect([ fault["pointer"], fault["expected"].present? ]).to eq([ place, true ])
    end
  end

  it "says that it was cut short, and is then not done" do
    stub_const("Api::WhatIfsController::MOST_S", -1.0)
    expect(told.last).to include("done" => false, "cut" => "this took too long to work out")
  end

  it "says in its last line that it broke, whatever was told before, and tells no more of it than the log" do
    allow_any_instance_of(DustLadder::Advice::Limits).to receive(:each) do |_, &take|
      take.call(
        DustLadder::Advice::Limits.new(DustLadder::Advice::Base.new(document)).limit(
          DustLadder::Advice::Input.all(DustLadder::Lift.new(document)).first,
          "up"
        )
      )
      raise "secret of the house"
    end
    lines = told
    expect(lines.filter_map { |line| line["limit"] }.size).to eq(1)
    expect(lines.last).to include("done" => false, "cut" => LineByLine::FAULT)
    expect(response.body).not_to include("secret")
  end
end
