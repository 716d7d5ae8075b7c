# Pieces of the store as a keeper writes them, and the store as a CSV file.
RSpec.describe DustLadder::Gear::Piece do
  chain = {
    "number" => "C-9",
    "kind" => "alloy chain",
    "size" => "10 mm",
    "legs" => "2",
    "reach" => "6 m",
    "mass" => "32 kg",
    "vertical" => "4 t",
    "choker" => "7,050 lb",
    "bands" => "45°: 5.6 t; 60°: 4 t",
    "link_pitch" => "30 mm",
    "examined" => "2026-08-31",
    "place" => "rack 1"
  }
  spreader = {
    "number" => "B-1",
    "kind" => "spreader",
    "mass" => "180 kg",
    "depth" => "300 mm",
    "span_ratings" => "3.0 m: 6 t; 3.6 m: 5 t",
    "end_rating" => "3 t",
    "least_angle" => "45°"
  }

  def read(fields, **changes) = described_class.new(fields.merge(changes.transform_keys(&:to_s)))

  it "reads a chain and a spreader into what the plan format takes" do
    expect(read(chain).data).to include("reach_m" => 6.0, "link_pitch_m" => be_within(1e-12).of(0.03), "legs" => 2)
    expect(read(chain).data["tag"]).to include(
      "vertical_kg" => 4000.0,
      "choker_kg" => be_within(1e-6).of(7050 * 0.45359237),
      "multi_leg" => [
        { "upto_deg_from_plumb" => 45.0, "kg" => be_within(1e-9).of(5600.0) },
        { "upto_deg_from_plumb" => 60.0, "kg" => 4000.0 }
      ]
    )
    expect(read(spreader).data).to include(
      "kind" => "spreader",
      "depth_m" => be_within(1e-12).of(0.3),
      "end_kg" => 3000.0,
      "least_deg_from_horizontal" => 45.0
    )
    schema = DustLadder::PlanFile::Schema::PLAN["$defs"]
    { chain => "sling", spreader => "beam" }.each do |fields, kind|
      expect(JSONSchemer.schema(schema[kind]).valid?(JSON.parse(JSON.generate(read(fields).data)))).to be(true)
    end
  end

  it "is due by the interval from its examination, or as given" do
    expect(read(chain, use: "normal").due).to eq("2027-02-28")
    expect(read(chain, use: "heat").due).to eq("2026-11-30")
    # Nobody says how it is used: as hard as that can be.
    expect(read(chain).due).to eq("2026-11-30")
    expect(read(chain, due: "2026-12-01").due).to eq("2026-12-01")
    expect(read(chain, due: "2027-12-01").due).to eq("2027-02-28")
    expect(read(chain, examined: "").due).to be_nil
  end

  {
    { number: "" } => "number",
    { kind: "string" } => "kind",
    { legs: "7" } => "legs",
    { reach: "" } => "reach",
    { reach: "6" } => "reach",
    { mass: "many" } => "mass",
    { vertical: "4 ton" } => "vertical",
    { vertical: "-1 t" } => "vertical",
    { bands: "45: 5 t" } => "bands",
    { bands: "45° 5 t" } => "bands",
    { state: "borrowed" } => "state",
    { examined: "31.8.2026" } => "examined",
    { due: "2026-01-01" } => "due",
    { legible: "maybe" } => "legible",
    { vertical: "", choker: "" } => "vertical"
  }.each do |change, field|
    it "refuses #{change} and names the field, keeping what was typed" do
      piece = read(chain, **change)
      expect(piece.problems.map(&:field)).to eq([ field ])
      expect([ piece.data, piece.problems.first.expected ]).to match([ nil, be_a(String) ])
      expect(piece.fields.fetch(change.keys.first.to_s).downcase).to eq(change.values.first.downcase)
    end
  end

  it "goes from data to fields and back without a loss" do
    [
      read(chain).data,
      read(spreader).data,
      PlanHelp.instance_method(:sling).bind_call(Object.new, "A-1")
    ].each do |data|
      back = described_class.new(DustLadder::Gear::PieceFields.of(data)).data
      expect(DustLadder.floats(back)).to match(
        DustLadder
          .floats(data)
          .to_h { |key, value| [ key, value.is_a?(Float) ? be_within(1e-4).of(value) : value ] }
          .merge(data["tag"] ? { "tag" => be_a(Hash) } : {})
      )
    end
  end
end

RSpec.describe DustLadder::Gear::StoreSheet do
  def read(text, **rest) = described_class.new(text.b, **rest).read

  it "reads what it writes" do
    pieces = [
      {
        "number" => "C-9",
        "kind" => "alloy_chain",
        "reach" => "6 m",
        "vertical" => "4 t",
        "note" => "=1+1, \"quoted\"; é",
        "state" => "out"
      },
      { "number" => "B-1", "kind" => "spreader", "depth" => "0.3 m", "span_ratings" => "3 m: 6 t" }
    ]
    found = read(described_class.write(pieces), known: { "B-1" => pieces[1] })
    expect(found["faulty"]).to eq(0)
    expect(found["rows"].map { |row| row["fields"].reject { |_, text| text.empty? } }).to eq(
      [ pieces[0], pieces[1].merge("state" => "ready") ]
    )
    expect(found["rows"].map { |row| row["known"] }).to eq([ false, true ])
    expect(described_class.write(pieces)).to include("'=1+1")
  end

  it "leaves of a known piece what the file does not tell, and names what it changes" do
    kept =
      DustLadder::Gear::Piece.new(
        {
          "number" => "R-1",
          "kind" => "polyester_round",
          "reach" => "4 m",
          "vertical" => "3 t",
          "choker" => "2.4 t",
          "mass" => "6 kg",
          "state" => "quarantined",
          "note" => "cut"
        }
      ).fields
    row = read("number,reach,kind\nR-1,5 m,polyester round\n", known: { "R-1" => kept })["rows"].first
    expect(row["fields"]).to eq(kept.merge("reach" => "5 m"))
    expect(row["changes"]).to eq([ { "field" => "reach", "from" => "4 m", "to" => "5 m" } ])
  end

  it "takes units from headings, other delimiters, and says what of a row is wrong on which line" do
    found =
      read("No;Type;Length (m);WLL (t);Colour\nR-1;round;4;3;red\n;round;4;3;\nR-3;round;four;3;\nR-1;round;4;3;\n")
    expect(found["rows"].first["fields"]).to include(
      "number" => "R-1",
      "kind" => "polyester_round",
      "reach" => "4 m",
      "vertical" => "3 t"
    )
    expect(found["rows"].map { |row| [ row["line"], row["problems"].map { |one| one["field"] } ] }).to eq(
      [ [ 2, [ "number" ] ], [ 3, [ "number" ] ], [ 4, [ "reach" ] ], [ 5, [ "number" ] ] ]
    )
    expect(found["columns"].last).to eq({ "text" => "Colour", "field" => nil, "unit" => nil })
  end

  it "refuses what is no table of pieces, and says why" do
    {
      "" => /headings/,
      "hello\nthere" => /headings/,
      "number,kind\n" => /no rows/,
      "number,kind\n\"R-1,round\n" => /quote/
    }.each { |text, why| expect(read(text)["fault"]).to match(why) }
    expect(read("number,kind\n" + "R,round\n" * 5001)["fault"]).to include("5000")
  end
end
