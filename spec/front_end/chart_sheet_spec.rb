# A chart as it is typed on the screen: the grid that is made of it says to the core what was typed, and a chart that is
# here comes back onto the screen as it was.
RSpec.describe "The sheet of a chart in the front end" do
  sheet_ts, read_ts = %w[sheet readSheet].map { |name| "rooms/charts/entry/#{name}.ts" }
  define_method(:compose) { |sheet| front(sheet_ts, "compose", sheet) }
  define_method(:blank) { |family| front(sheet_ts, "blankSheet", family) }
  define_method(:sheet_of) { |lines| front(read_ts, "sheetOf", lines) }
  define_method(:sound) { |kept| front(read_ts, "soundSheet", kept) }
  def read(text) = DustLadder::Cranes::ChartGrid.new(text, "typed.csv").read
  def lines(text) = CSV.parse(text).map { |cells| cells.map(&:to_s) }

  charts = Dir[Rails.root.join("demo/charts/*.json")].sort.to_h { |path| [ File.basename(path, ".json"), path ] }

  charts.each do |name, path|
    it "has #{name} as it is here, and makes the same chart of it again" do
      data = JSON.parse(File.read(path))
      sheet = sheet_of(DustLadder::Cranes::ChartPaper.new(data).lines)
      again = read(compose(sheet)["text"])
      expect(again.faults).to eq([])
      expect(DustLadder::Cranes::ChartDifferences.between(data.except("record"), again.data.except("record"))).to eq([])
      expect(front(sheet_ts, "holes", sheet)).to eq(0)
    end
  end

  it "keeps a jib's offsets, cases, notes, signs and units of a page" do
    page = <<~CSV
      chart,"A ""full"" page, 3"
      family,mobile
      source,binder 5
      machine model,RT 45
      machine serial,"SW, 1"
      jib length,20 ft
      read between rows,yes
      line pull,5 t
      rope wll,5.5 t
      rope mass,1.5 kg/m
      efficiency per sheave,0.98
      lead sheaves,1
      drum diameter,400 mm
      drum rope,19 mm
      wraps per layer,30
      pulls by layer,5 t,4.5 t
      deduct ball,265 lb,ball reeved
      deduct box,100 lb,
      note,Do not lower the boom.
      note,"Starred: ""by strength"""
      capacity in,klb
      mark,*,strength
      foot radius,-3 ft
      foot height,8 ft

      sector,all round,0,360,,5
      boom angle (deg) / boom (ft),36,54
      70,30.5*,-
      50,20.1,15.2

      sector,over rear,90,270,54 ft,25
      sector,over side,30,90,,25
      boom angle (deg) / boom (ft),36,54
      70,28.5*,-
      50,18.1,13.2
    CSV
    sheet = sheet_of(lines(page))
    expect(sheet).to include(
      "unit" => "klb",
      "rowUnit" => "deg",
      "columnUnit" => "ft",
      "deductions" => [ [ "ball", "265 lb", "ball reeved" ], [ "box", "100 lb", "" ] ],
      "notes" => [ "Do not lower the boom.", 'Starred: "by strength"' ],
      "marks" => [ [ "*", "strength" ] ]
    )
    expect(sheet["tables"].map { |one| one["heads"] }).to eq(
      [ [ [ "all round", "0", "360", "", "5" ] ],
        [ [ "over rear", "90", "270", "54 ft", "25" ], [ "over side", "30", "90", "", "25" ] ] ]
    )
    expect(sheet["named"]).to include("pulls by layer" => "5 t; 4.5 t", "read between rows" => "yes")
    one, other = read(page), read(compose(sheet)["text"])
    expect([ one.faults, other.faults ]).to eq([ [], [] ])
    expect(other.data.except("record")).to eq(one.data.except("record"))
  end

  it "tells of every line which place of the screen it came from" do
    sheet = blank("mobile").merge(
      "title" => "A",
      "identity" => { "model" => "x" },
      "named" => { "foot radius" => "1 m", "foot height" => "" },
      "deductions" => [ [ "", "", "" ], [ "ball", "1 kg", "" ] ],
      "notes" => [ "", "b" ]
    )
    sheet["tables"][0].merge!(
      "columns" => [ "10", "", "20", "", "" ],
      "rows" => [ [ "", "", "", "", "", "" ],
        [ "5", "1", "", "x", "", "" ] ]
    )
    made = compose(sheet)
    places = made["places"].transform_keys(&:to_i)
    fault = read(made["text"]).faults.find { |one| one["message"].include?('"x"') }
    expect(places[fault["pointer"][/line (\d+)/, 1].to_i]).to eq("table/0/row/1")
    expect(places.values).to include("identity/model", "named/foot radius", "deduct/1", "note/1", "table/0/head/0")
    expect(places.values).not_to include("named/foot height", "deduct/0", "note/0", "table/0/row/0")
  end

  it "counts what was not read yet, in the rows and columns in use and nowhere else" do
    sheet = blank("mobile")
    expect(front(sheet_ts, "holes", sheet)).to eq(0)
    sheet["tables"][0].merge!(
      "columns" => [ "10", "20", "30", "", "" ],
      "rows" => [ [ "5", "1", "", "-", "", "" ],
        [ "", "", "", "", "", "" ], [ "6", "", " ", "3", "", "" ] ]
    )
    expect(front(sheet_ts, "holes", sheet)).to eq(3)
  end

  it "puts a block of a spreadsheet in from a cell on, and grows where it has to" do
    table = front(sheet_ts, "blankTable", "mobile")
    put = ->(row, column, text) { front(sheet_ts, "pasted", table, row, column, text) }
    grown = put.(6, 4, "1\t2\t3\r\n4\t5\t6\r\n7\t8\t9\r\n")
    expect(grown["rows"].map(&:size).uniq).to eq([ 7 ])
    expect(grown["columns"].size).to eq(6)
    expect(grown["rows"][6..8].map { |row| row[4..6] }).to eq([ %w[1 2 3], %w[4 5 6], %w[7 8 9] ])
    expect(put.(0, 0, "10\t 1,250 ").then { |one| one["rows"][0] }).to eq([ "10", "1,250", "", "", "", "" ])
  end

  %w[mobile tower platform_jib fixed_hoist].each do |family|
    it "of a #{family} is blank and sound as it begins, and as it comes back from where it was kept" do
      begun = blank(family)
      expect(sound(begun)).to eq(begun)
      expect(sound(JSON.parse(JSON.generate(begun)))).to eq(begun)
      expect(read(compose(begun)["text"]).data).to be_nil
    end
  end

  [ nil, 1, "x", [], {}, { "family" => "boat" }, { "tables" => "x" }, { "tables" => [ nil, 1, {} ] },
    { "tables" => [ { "heads" => [ [ 1 ] ], "columns" => [], "rows" => [] } ] },
    { "deductions" => [ [ "a" ] ], "marks" => [ [ "*" ] ], "notes" => [ 1 ], "identity" => { "a" => 1 } },
    { "title" => 5, "unit" => nil, "named" => [] } ].each do |odd|
    it "is made sound of #{odd.inspect}, which another version may have kept" do
      sheet = sound(odd)
      expect(sheet.keys).to include(*%w[family title unit identity named deductions notes marks tables])
      expect(compose(sheet)["text"]).to start_with('"chart"')
      expect(sheet["deductions"]).to all(satisfy { |one| one.size == 3 })
    end
  end

  it "keeps what somebody typed through any text: quotes, commas, leading signs, formulas" do
    random = Random.new(5)
    letters = [ *"a".."c", *"0".."9", ",", ";", '"', "'", "=", "-", "+", "@", "ö", " ", "|" ]
    60.times do
      text = Array.new(random.rand(1..12)) { letters.sample(random: random) }.join.strip
      next if text.empty? || DustLadder::Cranes::ChartGridMarks::DASHES.include?(text)

      sheet = blank("fixed_hoist").merge(
        "title" => text,
        "identity" => { "number" => text },
        "notes" => [ text ],
        "named" => { "rated load" => "2 t", "highest hook" => "5 m" }
      )
      reading = read(compose(sheet)["text"])
      expect(reading.faults).to eq([]), "#{text.inspect}: #{reading.faults.inspect}"
      meant = DustLadder::Gear::CsvText.as_meant(text.gsub(/[[:space:]]+/, " "))
      expect([ reading.data["title"], reading.data["identity"]["number"], reading.data["notes"] ]).to eq(
        [ meant, meant, [ meant ] ]
      )
    end
  end
end
