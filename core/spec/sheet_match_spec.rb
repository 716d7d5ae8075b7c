# Lists of gear as others write them: which column is which, and what their words mean.
RSpec.describe DustLadder::Gear::SheetMatch do
  foreign = <<~CSV
    Ident;Art;Laenge (m);Tragkraft (t);Pruefung;Zustand;Farbe
    K-1;Kette;4;3,5;14.09.2026;i.O.;rot
    K-2;Seil;4;3.5;13.09.2026;gesperrt;rot
    K-3;Tau;4;3.5;31.02.2026;i.O.;
  CSV
  columns = [ "number", "kind", "reach", "vertical", "examined", "state", "" ]
  values = {
    "kind" => { "Kette" => "alloy_chain", "SEIL" => "wire_rope" },
    "state" => { "i.O." => "ready", "gesperrt" => "quarantined" }
  }

  def read(text, match = {})
    DustLadder::Gear::StoreSheet.new(text.b, match: described_class.new(match)).read
  end

  it "asks which column is which where it knows none, and tells the columns all the same" do
    found = read(foreign)
    expect(found["fault"]).to match(/no headings that are known here/)
    expect(found["columns"].map { |one| one["text"] }).to eq(
      [ "Ident", "Art", "Laenge (m)", "Tragkraft (t)", "Pruefung", "Zustand", "Farbe" ]
    )
    expect(read("kind,length\nmesh,4\n")["fault"]).to eq("nothing says which column is the number")
    expect(read("number\nA\n")["fault"]).to match(/no headings/)
    # What kind a piece is, the store knows of those that it has.
    bare = read("number,length\nA,4 m\n")
    expect([ bare["fault"], bare["rows"][0]["problems"].map { |one| one["field"] } ]).to eq([ nil, [ "kind" ] ])
  end

  it "reads a foreign list by its match: columns, words and days" do
    found = read(foreign, { "columns" => columns, "values" => values, "days" => "dmy" })
    expect(found["fault"]).to be_nil
    first, second, third = found["rows"]
    expect(second["fields"]).to include(
      "number" => "K-2",
      "kind" => "wire_rope",
      "reach" => "4 m",
      "vertical" => "3.5 t",
      "examined" => "2026-09-13",
      "state" => "quarantined"
    )
    # A comma that could be a decimal one is asked back, a kind that nobody matched stays as it was written.
    expect(first["problems"].map { |one| one["field"] }).to eq([ "vertical" ])
    expect(third["problems"].map { |one| one["field"] }).to include("kind")
    expect(third["fields"]["examined"]).to eq("2026-02-31")
  end

  # How days are written, a day, and what becomes of it.
  [
    [ "dmy", "14.09.2026", "2026-09-14" ],
    [ "mdy", "09/14/2026", "2026-09-14" ],
    [ "dmy", "4-9-2026", "2026-09-04" ],
    [ "mdy", "4/9/2026", "2026-04-09" ],
    [ "dmy", "2026-09-14", "2026-09-14" ],
    [ nil, "14.09.2026", "14.09.2026" ],
    [ "ymd", "14.09.2026", "14.09.2026" ],
    [ "dmy", "14.9.26", "14.9.26" ],
    [ "dmy", "September", "September" ],
    [ "dmy", "", "" ]
  ].each do |days, written, day|
    it "reads #{written.inspect} as #{day.inspect}, days written as #{days.inspect}" do
      expect(described_class.new({ "days" => days }).meant({ "examined" => written })["examined"]).to eq(day)
    end
  end

  it "never takes the month for the day in silence: what cannot be is told" do
    found = read("number,kind,reach,vertical,examined\nA,mesh,4 m,3 t,09/14/2026\n", { "days" => "dmy" })
    expect(found["rows"][0]["problems"].map { |one| one["field"] }).to eq([ "examined" ])
  end

  it "fills in what holds for every row, and not over what a row says itself" do
    match = { "all" => { "kind" => "shackle", "use" => "normal", "place" => "rack 9" } }
    found = read("number,wll,place\nS-1,4.75 t,\nS-2,2 t,rack 1\n", match)
    expect(found["rows"].map { |row| row["problems"] }).to eq([ [], [] ])
    expect(found["rows"].map { |row| row["fields"].values_at("kind", "use", "place") }).to eq(
      [ %w[shackle normal] + [ "rack 9" ], %w[shackle normal] + [ "rack 1" ] ]
    )
  end

  it "leaves out of a match what it does not know, and any that is of other columns" do
    odd = [
      7, nil, [], "x",
      { "columns" => "number" },
      { "columns" => %w[number kind] },
      { "columns" => [ 1, 2, 3, 4, 5, 6, 7 ] },
      { "values" => { "kind" => "chain", "colour" => { "red" => "blue" } } },
      { "all" => { "colour" => "red", "kind" => 7 } },
      { "days" => 12 }
    ]
    odd.each { |match| expect(read(foreign, match)["rows"]).to eq([]) }
    whole = "number,kind,reach,vertical\nA,mesh,4 m,3 t\n"
    odd.each { |match| expect(read(whole, match)["rows"].size).to eq(1) if match != odd[5] && match != odd[6] }
  end

  it "goes out and comes back as the same list" do
    pieces = [
      {
        "number" => "S-1",
        "kind" => "shackle",
        "wll" => "4.75 t",
        "section" => "32 mm",
        "use" => "hard",
        "set" => "A"
      },
      { "number" => "M-1", "kind" => "mat", "lengthways" => "1.2 m", "wide" => "1 m", "state" => "lost" },
      {
        "number" => "W-1",
        "kind" => "wire_rope",
        "reach" => "4 m",
        "vertical" => "3 t",
        "own_swl" => "2 t",
        "own_swl_why" => "=heat, \"blue\""
      }
    ]
    rows = read(DustLadder::Gear::StoreSheet.write(pieces))["rows"]
    back = rows.map { |row| row["fields"].reject { |name, text| text.empty? || (name == "state" && text == "ready") } }
    expect([ back, rows.flat_map { |row| row["problems"] } ]).to eq([ pieces, [] ])
  end
end
