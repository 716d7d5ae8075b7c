# Charts from files: the open JSON format and the CSV grid that is typed from a binder page.
RSpec.describe DustLadder::Cranes::ChartFile do
  read = ->(text, name = "page.csv") do
    [].tap { |found| described_class.read(text, name) { |reading, _| found << reading } }
  end
  page = <<~CSV
    chart,"Test boom, outriggers half"
    machine model,T 1
    machine counterweight,9 t
    source,binder 2 page 14
    capacity in,t
    foot radius,-1.0 m
    foot height,2 m
    line pull,"9,000 lb"
    rope wll,4.2 t
    rope mass,1.5 kg/m
    efficiency per sheave,0.98
    lead sheaves,1
    hook block mass,250 kg
    hook block length,1 m
    hook block wll,20 t
    block to tip,1 m
    deduct stowed jib,260 kg
    wind limit,9.8 m/s
    level limit,1 %
    boom depth,0.9 m
    sector,over rear,90,270
    radius (m) / boom (m),10,15,20

    sector,over front,270,90,15 m
    radius (ft),32.8084,49.2126,65.6168
    10,10,9,
    20,8,8,7
  CSV
  whole = page.sub("20\n\n", "20\n3.048,20,18.5s,-\n6.096,15,\"13.2\",12 r\n\n")

  it "reads a page in the units of its headings, with marks, empty cells and both sectors" do
    reading = read.(whole).first
    expect(reading.faults).to eq([])
    data = reading.data
    expect(data["tables"]).to eq(
      "over rear" => [ [ 20_000, 18_500, nil ], [ 15_000, 13_200, 12_000 ] ],
      "over front" => [ [ 10_000, 9000, nil ], [ 8000, 8000, 7000 ] ]
    )
    expect(data["marks"]).to eq("over rear" => [ [ nil, "strength", nil ], [ nil, nil, "rearward" ] ])
    expect(data.slice("boom_length_m", "radius_m").values.flatten).to match(
      [ 10.0, 15.0, 20.0, be_within(1e-9).of(3.048), be_within(1e-9).of(6.096) ]
    )
    expect(data["hoist"]["line_pull_kg"]).to be_within(1e-6).of(9000 * 0.45359237)
    expect(data.values_at("deductions", "limits", "identity")).to eq(
      [
        [ { "what" => "stowed jib", "kg" => 260.0 } ],
        { "wind_m_s" => 9.8, "level_percent" => 1.0 },
        { "model" => "T 1", "counterweight" => "9 t" }
      ]
    )
    expect(data["sectors"][1]).to include("longest_boom_m" => 15.0, "slew_from_deg" => 270.0)
  end

  it "makes a chart that a plan can be checked with, once two people stand for it" do
    data = read.(whole).first.data.merge("identity" => PlanHelp::IDENTITY, "record" => PlanHelp::RECORD)
    document =
      DustLadder::PlanFile.accept(
        plan(
          {
            "/cranes/0/boom_length" => "15 m",
            "/cranes/0/chart" => data["id"],
            "/cranes/0/level" => "0 %",
            "/cranes/0/side_pull" => "0°",
            "/cranes/0/wind" => "1 m/s"
          }
        ).tap { |one| one["snapshots"]["charts"] = { data["id"] => DustLadder::PlanFile::Digest.snapshot(data) } }
      )
    expect(DustLadder.check(document).rung("crane")).to have_attributes(verdict: "stop")
    document["cranes"][0]["stations"][1]["radius"] = "5.5 m"
    expect(DustLadder.check(document).rung("crane").capacity.value).to eq(13_200)
    expect(DustLadder.check(document).rung("boom")).not_to be_nil
  end

  {
    "a letter in a number" => [ "20,18.5s", "2O,18.5s", "line 23, column 2", /"2O" cannot be read as a capacity/ ],
    "a unit in a cell" => [ "20,18.5s", "20 t,18.5s", "line 23, column 2", /"20 t" cannot be read as a capacity/ ],
    "a decimal comma" => [ "20,18.5s", "20,\"18,5\"", "line 23, column 3", /comma groups thousands/ ],
    "a row twice" => [ "6.096,15", "3.048,15", "line 24, column 1", /stands in line 23 already/ ],
    "a cell too many" => [ "20,18.5s,-", "20,18.5s,-,7", "line 23", /has 4 cells/ ],
    "a row's radius" => [ "6.096,15", "six,15", "line 24, column 1", /cannot be read/ ],
    "no unit of capacity" => [ "capacity in,t\n", "", "line 20", /no unit of capacity/ ],
    "another unit of capacity" => [ "capacity in,t", "capacity in,stone", "line 5, column 2", /no unit of capacity/ ],
    "a figure without its unit" => [ "foot height,2 m", "foot height,2", "line 7, column 2", /unit is missing/ ],
    "an unknown line" => [ "boom depth,0.9 m", "boom colour,red", "line 20, column 1", /not known here/ ],
    "no title" => [ /\Achart,.*\n/, "", "", /no line that says chart/ ],
    "no machine" => [ /^machine .*\n/, "", "", /what the machine must be/ ],
    "other rows in the second sector" => [ "\n20,8,8,7", "\n21,8,8,7", "table over front", /rows differ/ ],
    "other booms in the second sector" => [ "49.2126", "50", "line 27", /differ from those of the first/ ],
    "a table without its sector" => [ /^sector,over rear.*\n/, "", "line 21, column 1", /without its sector/ ],
    "a slew past the circle" => [ "90,270", "90,400", "line 21, column 4", /400 is no slew/ ],
    "rows that do not rise" => [ "10,10,9,\n20,8,8,7", "20,8,8,7\n10,10,9,", "table over front", /rows differ/ ],
    "a quote left open" => [ "20,8,8,7", "20,8,8,\"7", "", /quote/ ]
  }.each do |words, (from, to, place, message)|
    it "takes nothing of a page with #{words}, and says where" do
      text = from.is_a?(Regexp) ? whole.gsub(from, to) : whole.sub(from, to)
      expect(text).not_to eq(whole)
      reading = read.(text).first
      expect(reading.data).to be_nil
      expect(reading.faults).to include(a_hash_including("pointer" => place, "message" => message))
      expect(reading.faults).to all(satisfy { |fault| !fault["expected"].empty? })
    end
  end

  it "shows every cell as it was read, the bad one with what is wrong" do
    reading = read.(whole.sub("20,18.5s", "20,I8.5")).first
    cells = reading.tables.first["rows"].first["cells"]
    expect(cells.map { |cell| cell["kg"] }).to eq([ 20_000, nil, nil ])
    expect(cells.map { |cell| cell["problem"].nil? }).to eq([ true, false, true ])
  end

  it "reads boom-angle rows and a tower's falls" do
    jib =
      whole
        .gsub(/^radius \(m\).*$/, "boom angle (deg) / boom (m),10,15,20")
        .gsub(/^radius \(ft\).*$/, "boom angle / boom (m),10,15,20")
        .gsub(/^(3.048|10),(\d)/, "75,\\2")
        .gsub(/^(6.096|20),(\d)/, "60,\\2")
    expect(read.(jib + "jib length,8 m\njib offset,15 deg\n").first.data).to include(
      "boom_angle_deg" => [ 75.0, 60.0 ],
      "jib" => {
        "length_m" => 8.0,
        "offset_deg" => 15.0
      }
    )
    tower =
      "chart,Tower\nfamily,tower\nmachine model,X\ntrolley height,38 m\ntower jib,45 m\ncapacity in,kg\nfalls,2,4000 " \
        "kg,no\nradius (m),capacity\n3,4000\n20,3500\n\nfalls,4,8000 kg,yes\nradius (m),capacity\n3,8000\n20,3300\n"
    expect(read.(tower).first.faults).to eq([])
    expect(read.(tower).first.data["tower"]).to eq(
      "trolley_height_m" => 38.0,
      "jib_length_m" => 45.0,
      "falls" => {
        "2" => {
          "max_kg" => 4000.0,
          "radius_m" => [ 3.0, 20.0 ],
          "capacity_kg" => [ 4000.0, 3500.0 ],
          "needs_second_trolley" => false
        },
        "4" => {
          "max_kg" => 8000.0,
          "radius_m" => [ 3.0, 20.0 ],
          "capacity_kg" => [ 8000.0, 3300.0 ],
          "needs_second_trolley" => true
        }
      }
    )
    expect(read.(tower.sub("8000 kg,yes", "8000 kg")).first.faults.first["message"]).to include("second trolley")
  end

  it "warns of capacity that rises, of holes and of rows that say the same, and still takes the chart" do
    odd =
      chart(
        tables: {
          "main" => [
            [ 30_000, 28_000, nil ],
            [ 22_000, nil, 18_000 ],
            [ 15_000, 14_000, 13_000 ],
            [ 15_500, 9500, 9200 ],
            [ 15_500, 9500, 9200 ]
          ],
          "front" => chart["tables"]["front"]
        }
      )
    reading = read.(described_class.write([ odd ]), "a.json").first
    expect(reading.data).to eq(JSON.parse(JSON.generate(odd)))
    expect(reading.warnings.map(&:text)).to include(
      /10.0 m, boom 15.0 m: 15.500.kg, more than the 15.000.kg at 8.0 m/,
      /a hole at 6.0 m/,
      /rows 10.0 m and 12.0 m say the same/
    )
    expect(
      read
        .(
          described_class.write(
            [
              chart(
                tables: {
                  "main" => Array.new(5) { |row| Array.new(3) { |boom| 9000 - 1000 * row - boom } },
                  "front" => Array.new(5) { |row| Array.new(3) { |boom| 8000 - 1000 * row - boom } }
                }
              )
            ]
          ),
          "a.json"
        )
        .first
        .warnings
    ).to eq([])
  end

  it "refuses rows at which the jib would point below level, since a radius has two angles there" do
    jib =
      chart.except("radius_m").merge(
        "boom_angle_deg" => [ 75, 60, 45, 30, 20 ],
        "jib" => {
          "length_m" => 20.0,
          "offset_deg" => 45.0
        }
      )
    expect(described_class.judge(jib)).to have_attributes(
      data: nil,
      faults:
        include(a_hash_including("pointer" => "/boom_angle_deg/4", "message" => /no higher than the boom's foot/))
    )
    expect(described_class.judge(jib.merge("boom_angle_deg" => [ 75, 60, 50, 40, 30 ])).faults).to eq([])
  end

  it "warns of what a slip of the unit or of a column would give" do
    expect(read.(whole.sub("20,18.5s", "20000,18.5s")).first.warnings.map(&:text)).to include(/a capacity of 20000 t/)
    heavy =
      chart(
        tables: {
          "main" => chart["tables"]["main"].map { |row| row.map { |kg| kg && kg * 600 } },
          "front" => chart["tables"]["front"]
        }
      )
    expect(described_class.judge(heavy).warnings.map(&:text)).to include(
      /a capacity of 18000 t: is the unit of capacity right/
    )
    far = chart(radius_m: [ 4.0, 6.0, 8.0, 10.0, 22.0 ])
    expect(described_class.judge(far).warnings.map(&:text)).to include(/boom 20.0 m: something is allowed at 22.0 m/)
  end

  it "takes a grid without units as faulty, not as something else" do
    expect(read.(whole.sub("radius (m) / boom (m)", "radius / boom (m)")).first.faults).to include(
      a_hash_including("message" => "the rows have no unit")
    )
  end

  it "writes what it reads, several charts in one file, and judges each by itself" do
    file = described_class.write([ chart, chart(id: "two", radius_m: [ 4.0, 3.0, 8.0, 10.0, 12.0 ]) ])
    good, bad = read.(file, "all.json")
    expect([ good.data, bad.data ]).to eq([ JSON.parse(JSON.generate(chart)), nil ])
    expect(bad.faults.first).to include("pointer" => "/charts/1/radius_m/1", "message" => /3.0 comes after 4.0/)
    expect(described_class.write([ good.data ])).to eq(described_class.write([ chart ]))
  end

  {
    "{" => /not whole JSON/,
    "{}" => /its format is nil/,
    "{\"format\":\"dust-ladder-chart\",\"version\":2}" => /version/,
    "{\"format\":\"dust-ladder-chart\",\"version\":1,\"charts\":[]}" => /no list of charts/,
    "{\"format\":\"dust-ladder-chart\",\"version\":1,\"charts\":[7]}" => /not an object/,
    "\xFF\xFE\x00\x01".b => /no line that says chart/,
    "" => /no line that says chart/
  }.each do |text, message|
    it("refuses #{text.inspect}") do
      expect(read.(text, "x")).to match(
        [ have_attributes(data: nil, faults: include(a_hash_including("message" => message))) ]
      )
    end
  end

  {
    "a mobile chart without tables" => [
      chart = { "id" => "a", "title" => "A", "identity" => { "m" => "x" } },
      /needs boom_length_m, sectors, tables, radius_m or boom_angle_deg/
    ],
    "a tower without falls" => [ chart.merge("family" => "tower"), /needs tower/ ],
    "a platform machine with a short table" => [
      chart.merge(
        "family" => "platform_jib",
        "platform_jib" => {
          "zones" => [ { "name" => "A", "lower_boom_from_deg" => 0, "lower_boom_to_deg" => 40 } ],
          "upper_boom_bands_deg" => [ [ 0, 20 ], [ 20, 40 ] ],
          "load_radius_m" => [ 1 ],
          "jib_cap_kg" => [ 300 ],
          "jib_kg" => {
            "A" => [ [ 200 ] ]
          },
          "platform_rated_kg" => 300,
          "credit_share" => 0
        }
      ),
      /has 1 rows/
    ],
    "a hoist whose reach ends before it begins" => [
      chart.merge(
        "family" => "fixed_hoist",
        "fixed_hoist" => {
          "wll_kg" => 1,
          "highest_hook_m" => 3,
          "reach_from_m" => 4,
          "reach_to_m" => 3
        }
      ),
      /ends before/
    ],
    "a field that does not belong" => [ chart.merge("colour" => "red"), /colour does not belong/ ]
  }.each do |words, (data, message)|
    it("refuses #{words}") do
      expect(described_class.judge(data)).to have_attributes(
        data: nil,
        faults: include(a_hash_including("message" => message))
      )
    end
  end

  Dir[File.expand_path("../../demo/charts/*.json", __dir__)].sort.each do |path|
    data = JSON.parse(File.read(path))
    next unless %w[mobile tower].include?(data["family"] || "mobile")

    it "writes #{data["id"]} as a grid that reads as the same figures" do
      back = read.(DustLadder::Cranes::ChartGridText.write(data)).first
      expect(back.faults).to eq([])
      expect(back.data["identity"]).to eq(data["identity"])
      tables = ->(chart) do
        if chart["tower"]
          chart["tower"]
        else
          chart["sectors"].to_h do |sector|
            [
              sector["name"],
              [
                sector.except("table"),
                chart["tables"][sector["table"]],
                (chart.dig("marks", sector["table"]) || []).flatten.any? ? chart["marks"][sector["table"]] : nil
              ]
            ]
          end
        end
      end
      expect(DustLadder.floats(tables.(back.data))).to eq(DustLadder.floats(tables.(data)))
      kept = %w[
        boom_length_m
        radius_m
        boom_angle_deg
        boom_foot
        boom_depth_m
        boom_head_m
        hook_block
        least_block_to_tip_m
        deductions
        jib
        limits
      ]
      expect(DustLadder.floats(back.data.slice(*kept).reject { |_, value| value == [] })).to eq(
        DustLadder.floats(data.slice(*kept).reject { |_, value| value == [] })
      )
    end
  end

  describe "as a grid and back" do
    demo = Dir[File.expand_path("../../demo/charts/*.json", __dir__)].to_h { |path|
      [ File.basename(path, ".json"), path ]
    }
    tables = %w[identity tables sectors marks tower platform_jib fixed_hoist boom_length_m radius_m boom_angle_deg
      hoist]

    demo.each do |name, path|
      it "keeps every figure of #{name}" do
        data = JSON.parse(File.read(path))
        back = described_class.read(DustLadder::Cranes::ChartGridText.write(data), "x.csv") { |one, _| break one }
        expect(back.faults).to eq([])
        by_sector = ->(one) {
          one["sectors"].to_a.to_h do |sector|
            [ sector["name"],
              [ one["tables"][sector["table"]],
                one.dig("marks", sector["table"])&.flatten.to_a.compact.any? && one["marks"][sector["table"]] ] ]
          end
        }
        expect(DustLadder.floats(by_sector.(back.data))).to eq(DustLadder.floats(by_sector.(data)))
        rest = tables - %w[tables marks sectors]
        expect(DustLadder.floats(back.data.slice(*rest))).to eq(DustLadder.floats(data.slice(*rest)))
        expect(back.data["sectors"].to_a.map { |one| one.except("table") }).to eq(
          DustLadder.floats(data["sectors"].to_a.map { |one| one.except("table") })
        )
      end
    end
  end

  it "reads sectors that share a table" do
    shared = whole.sub("sector,over rear,90,270\n", "sector,over rear,135,225\nsector,over right side,45,135\n")
    data = read.(shared).first.data
    expect(data["sectors"].map { |one| one.values_at("name", "table") }).to eq(
      [ [ "over rear", "over rear" ], [ "over right side", "over rear" ], [ "over front", "over front" ] ]
    )
    expect(data["tables"].keys).to eq([ "over rear", "over front" ])
  end

  it "reads pages in thousands of pounds and short tons, and the paper's own signs by its legend" do
    %w[klb].push("thousands of lb").each do |unit|
      data = read.(whole.sub("capacity in,t", "capacity in,#{unit}")).first.data
      expect(data["tables"]["over rear"][0][0]).to be_within(1e-6).of(20_000 * 0.45359237)
    end
    data = read.(whole.sub("capacity in,t", "capacity in,short tons")).first.data
    expect(data["tables"]["over rear"][0][0]).to be_within(1e-6).of(20 * 907.18474)

    starred = whole.sub("20,18.5s,-", "20*,18.5 B,-").sub(
      "capacity in,t",
      "mark,*,strength\nmark,B,rearward\ncapacity in,t"
    )
    expect(read.(starred).first.data["marks"]["over rear"][0]).to eq([ "strength", "rearward", nil ])
    found = read.(starred.sub("mark,*,strength\n", "")).first
    expect([ found.data, found.faults.map { |one| one["message"] } ]).to match([ nil, [ /20\*.* cannot be read/ ] ])
    found = read.(starred.sub("*,strength", "*,heavy")).first
    expect(found.faults.first).to include("message" => /"heavy" is not what a mark can stand for/)
  end

  describe "of a platform machine" do
    yarrow = <<~CSV
      chart,Line crew's machine
      family,platform jib
      machine model,PJ
      machine serial,1
      machine unit,truck 7
      machine jib,fitted
      machine duty,both
      capacity in,lb
      platform rating,700 lb
      jib cap,1000 lb,800 lb
      lower boom zone,A,-5,50
      upper boom (deg) / load radius (ft),3,5
      0 to 20,900,700
      20 to 40,850,-
    CSV

    it "reads its rows as the paper prints them" do
      data = read.(yarrow).first.data
      machine = data["platform_jib"]
      expect(machine["upper_boom_bands_deg"]).to eq([ [ 0.0, 20.0 ], [ 20.0, 40.0 ] ])
      expect(machine["jib_kg"]["A"][1]).to match([ be_within(1e-6).of(850 * 0.45359237), nil ])
      expect(machine["load_radius_m"]).to match([ be_within(1e-9).of(3 * 0.3048), be_within(1e-9).of(5 * 0.3048) ])
      expect(machine["zones"]).to eq([ { "name" => "A", "lower_boom_from_deg" => -5.0, "lower_boom_to_deg" => 50.0 } ])
      expect([ data["family"], machine["credit_share"] ]).to eq([ "platform_jib", 0 ])
    end

    # [what is typed otherwise, what is said of it]
    {
      "a row that is no range" => [ "20 to 40", "20", /no range of the upper boom/ ],
      "a zone without a name" => [ "lower boom zone,A", "lower boom zone,", /no name/ ],
      "an angle past plumb" => [ "-5,50", "-5,150", /150 is no angle/ ],
      "load radii without a unit" => [ "radius (ft)", "radius", /no unit/ ],
      "a cap that is no mass" => [ "1000 lb,", "1000,", /unit is missing/ ],
      "a table without its zone" => [ "lower boom zone,A,-5,50\n", "", /without its zone/ ],
      "a cap too few" => [ "1000 lb,800 lb", "1000 lb", /1 caps/ ]
    }.each do |words, (from, to, message)|
      it "takes nothing with #{words}, and says where" do
        expect(yarrow).to include(from)
        found = read.(yarrow.sub(from, to)).first
        expect(found.data).to be_nil
        expect(found.faults.map { |one| one["message"] }).to include(message)
      end
    end
  end

  it "reads a workshop hoist by its plate" do
    data = read.(
      "chart,Teasel\nfamily,fixed hoist\nmachine number,3\nmachine rating,5 t\nmachine falls,1\nrated " \
        "load,5 t\nhighest hook,21'\n"
    ).first.data
    expect(data["fixed_hoist"]).to match("wll_kg" => 5000.0, "highest_hook_m" => be_within(1e-9).of(21 * 0.3048))
  end

  it "is described by the schema that ships with it" do
    folder = File.expand_path("../lib/dust_ladder/plan_file/schemas", __dir__)
    schemer = JSONSchemer.schema(DustLadder::PlanFile::Bundle.read(File.join(folder, "chart-1.json")))
    expect(schemer.valid?(JSON.parse(described_class.write([ read.(whole).first.data ])))).to be(true)
    expect(schemer.valid?(JSON.parse(described_class.write([ { "id" => "x" } ])))).to be(false)
  end
end
