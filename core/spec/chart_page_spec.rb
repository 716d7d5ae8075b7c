# A chart as its page has it: what a second reader is shown, its notes and cases, a jib's offsets, and how its figures
# are written.
RSpec.describe DustLadder::Cranes::ChartPaper do
  def read(text) = DustLadder::Cranes::ChartFile.read(text, "page.csv") { |reading, _| break reading }

  page = <<~CSV
    chart,"Switchgrass, full"
    family,mobile
    source,"binder 5, page 3"
    machine model,RT 45
    machine serial,SW-0301
    foot radius,-3 ft 6 in
    foot height,8 ft
    hook block mass,900 lb
    hook block length,4 ft
    hook block wll,"90,000 lb"
    boom depth,-
    deduct stowed jib,600 lb
    deduct ball,265 lb,ball reeved
    wind limit,22 mph
    note,Do not lower the boom past the last row.
    capacity in,klb
    mark,*,strength
    sector,over rear,90,270,54 ft
    radius (ft) / boom (ft),36,54,72
    10,130.8*,106.7*,92.4*
    15,96.3,78.6,68.1
    20,77.6,63.3,54.8
    25,65.1,53.7,46.5
    40,-,-,26.8

    sector,over front,270,90
    radius (ft) / boom (ft),36,54,72
    10,110.0,98.1,90.0
    15,88.2,74.9,66.1
    20,70.3,60.2,53.0
    25,60.4,50.5,44.1
    40,-,-,24.2
  CSV

  describe "for the second reader" do
    let(:paper) { described_class.new(read(page).data, page) }

    it "shows all that the page says, in its own units and signs, each line in one block" do
      shown = paper.blocks.flat_map(&:rows)
      expect(shown).to include(
        [ "foot radius", "-3 ft 6 in" ],
        [ "hook block mass", "900 lb" ],
        [ "stowed jib", "600 lb" ],
        [ "ball", "265 lb; ball reeved" ],
        [ "wind limit", "22 mph" ],
        [ "note", "Do not lower the boom past the last row." ],
        [ "capacity in", "klb" ],
        [ "mark", "*; strength" ],
        [ "boom depth", "-" ],
        [ "longest boom over it", "54 ft" ],
        [ "from, clockwise", "270" ],
        [ "10", "130.8* | 106.7* | 92.4*" ],
        [ "40", "- | - | 24.2" ]
      )
      # The title is ours, and an empty line says nothing.
      lines = paper.lines.reject { |cells| cells.first.to_s.empty? || cells.first == "chart" }
      sectors = paper.blocks.sum { |block| block.rows.count { |what, _| HEADS.include?(what) } }
      expect(shown.size).to eq(lines.size + sectors)
    end
    # A sector's line is shown by its cells: these come on top of one a line.
    heads = [ "from, clockwise", "to", "longest boom over it", "offset of the jib" ]
    HEADS = heads.freeze

    it "reads tables in bands of rows, and a figure that changes changes its band alone" do
      bands = paper.blocks.select(&:table)
      expect(bands.map { |one| [ one.table, one.from, one.to ] }).to eq(
        [ [ 0, 0, 3 ], [ 0, 4, 4 ], [ 1, 0, 3 ], [ 1, 4, 4 ] ]
      )
      other = page.sub("63.3", "63.8")
      now = described_class.new(read(other).data, other).blocks.map(&:id)
      changed = paper.blocks.map(&:id).zip(now).each_index.reject { |at| paper.blocks[at].id == now[at] }
      expect(changed.map { |at| paper.blocks[at].title }).to eq([ "over rear, 10 to 25" ])
    end

    it "gives no two blocks one id, though two tables hold the same" do
      same = page.sub(/sector,over front.*\z/m) {
        page[/sector,over rear.*?\n\n/m].sub("over rear,90,270", "over front,270,90")
      }
      ids = described_class.new(read(same).data, same).blocks.map(&:id)
      expect(ids.uniq).to eq(ids)
    end

    %w[juniper-full juniper-jib ocotillo-50 yarrow teasel].each do |name|
      it "shows #{name}, which came without a page, in m and kg, and leaves nothing out" do
        data = JSON.parse(File.read(File.expand_path("../../demo/charts/#{name}.json", __dir__)))
        paper = described_class.new(data)
        shown = paper.blocks.flat_map(&:rows)
        expect(paper.reading.faults).to eq([])
        expect(shown.map(&:first)).to include(*data["identity"].keys.map { |one| one.tr("_", " ") })
        cells = DustLadder::Cranes::ChartTables.of(data).flat_map { |_, rows, _, cells| cells if rows }
        figures = shown.flat_map { |_, said| said.split(/ [|] /) }.map { |text| text.to_f }
        expect(cells.flatten.compact.map(&:to_f) - figures).to eq([])
      end
    end
  end

  describe "doubts" do
    def doubts(text) = read(text).warnings.select(&:answer).map(&:text)

    it "speak in the page's own words and units" do
      expect(doubts(page)).to eq([])
      expect(doubts(page.sub("40,-,-,26.8", "40,-,-,268"))).to eq(
        [ "the hook block carries 90,000\u00a0lb, and the chart goes to 268,000\u00a0lb: is it this block?",
          "over rear, 40 ft, boom 72 ft: 268 thousand lb, more than twice the 46.5 thousand lb at 25 ft, more than " \
            "twice the 24.2 thousand lb in over front" ]
      )
      light = doubts(page.sub("hook block mass,900 lb", "hook block mass,90 lb"))
      expect(light).to match([ /the hook block weighs 90.lb: light for one that carries 90,000.lb/ ])
    end

    it "tell a figure written with other decimals than those beside it, at its cell" do
      found = read(page.sub("15,96.3,78.6,", "15,96.3,78.635,")).warnings
      expect(found.map { |one| [ one.text, one.answer, one.cell ] }).to eq(
        [ [ "over rear, 15 ft, boom 54 ft: 78.635 thousand lb, with other decimals than 106.7 thousand lb beside it",
          true, [ 0, 1, 1 ] ] ]
      )
      # 65 for 65.0 is how some pages write it: to be looked at, no word asked.
      whole = read(page.sub("78.6,", "78,")).warnings
      expect(whole.map { |one| [ one.answer, one.cell ] }).to eq([ [ false, [ 0, 1, 1 ] ] ])
    end

    pounds = page.sub("capacity in,klb", "capacity in,lb").gsub(/\b(\d+)\.(\d)(?=[*,\n])/, '"\1,\200"').gsub('"*', '*"')

    it "tell a point where the figures beside it have a comma: 78.600 lb read as 78.6" do
      expect(doubts(pounds)).to eq([])
      expect(read(pounds).data["tables"]["over rear"][1][1]).to be_within(0.01).of(78_600 * 0.45359237)
      expect(
        doubts(
          pounds.sub(
            '"78,600"',
            "78.600"
          )
        )
      ).to match([ /over rear, 15 ft, boom 54 ft: 78.600 lb, less than half/ ])
      expect(doubts(pounds.sub('"78,600"', "78600"))).to match([ /78600 lb, with other digit groups than/ ])
    end

    it "ask of a page in lb whose every figure has three digits after a point" do
      points = pounds.gsub(/"(\d+),(\d+)(\*?)"/, '\1.\2\3')
      expect(doubts(points)).to include(
        "over rear: every figure has three digits after a point: is that point a thousands sign?",
        "over front: every figure has three digits after a point: is that point a thousands sign?"
      )
      tonnes = points.sub("capacity in,lb", "capacity in,t")
      expect(doubts(tonnes).grep(/thousands sign/)).to eq([])
    end

    it "are no more than a record keeps, however odd the page" do
      rows = Array.new(30) do |row|
        [ 10 + row, *Array.new(8) { |column|
          format("%.#{(row + column).odd? ? 3 : 1}f", 90 - row - column)
        } ].join(",")
      end
      odd = page.sub(/^radius.*\z/m, "radius (ft) / boom (ft),36,40,44,48,52,56,60,64\n#{rows.join("\n")}\n")
      expect(doubts(odd).grep(/other decimals/).size).to eq(20)
    end
  end

  it "takes a dash for what the page does not say, and never for a field of the machine" do
    data = read(page.sub("machine serial,SW-0301", "machine serial,-")).data
    expect([ data["boom_depth_m"], data["identity"] ]).to eq([ nil, { "model" => "RT 45" } ])
    expect(read(page.sub("wind limit,22 mph", "wind limit,")).faults.map { |one| one["expected"] }).to eq(
      [ "a figure with its unit, or - where the page says nothing" ]
    )
    expect(read(page.sub("stowed jib,600 lb", "stowed jib,-")).faults).not_to eq([])
  end

  { "yes" => "radius", "No" => "none", "-" => "none", "maybe" => nil, "" => nil }.each do |said, kept|
    it "#{kept ? "takes" : "refuses"} #{said.inspect} for whether it may be read between its rows" do
      reading = read(page.sub("capacity in", "read between rows,#{said}\ncapacity in"))
      expect(reading.data&.fetch("interpolation")).to eq(kept)
      expect(reading.faults.map { |one| one["message"] }).to eq(kept ? [] : [ "#{said.inspect} is neither yes nor no" ])
    end
  end

  DustLadder::Cranes::ChartFile::FAMILIES.product([ true, false ]).each do |family, us|
    it "has a blank for a #{family} page#{" in feet" if us}, of which nothing is taken until it is filled in" do
      blank = DustLadder::Cranes::ChartGridBlank.write(family, us: us)
      reading = read(blank)
      expect(reading.data).to be_nil
      expect(
        reading.faults.map { |one|
          one["message"]
        }
      ).to all(match(/\A(nothing is written|the file has no line)/)).or(
        include(/nothing is written/)
      )
      expect(reading.faults.map { |one| one["message"] }.grep(/not known here/)).to eq([])
    end
  end

  describe "of a platform machine" do
    boomed = <<~CSV
      chart,Line crew's machine
      family,platform_jib
      machine model,PJ
      capacity in,lb
      platform rating,700 lb
      jib cap,"1,000 lb",800 lb
      lower boom zone,A,-5,50
      upper boom (deg) / load radius (ft),3,5
      0 to 20,900,700
      20 to 40,800,7000
    CSV

    it "speaks of its own rows and columns" do
      expect(read(boomed).warnings.map(&:text)).to include(
        "zone A, 20 to 40°, 5 ft: 7000 lb, more than twice the 700 lb at 0 to 20°, more than twice the 800 lb with 3 ft"
      )
    end

    it "takes no zone twice, also where the first has no table yet" do
      twice = boomed.sub("lower boom zone,A,-5,50", "lower boom zone,A,-5,50\nlower boom zone,A,50,85")
      expect(read(twice).faults.map { |one| one["message"] }).to include("there are two zones called A")
    end
  end

  it "has doubts in m and kg where a page's tables are not those of the chart, and none of how it is written" do
    data = read(page).data
    other = DustLadder::Cranes::ChartPage.new(read(page).tables.first(1), [ %w[ft ft] ], "kip")
    expect(other.of(data)).to be_nil
    slip = data.merge(
      "tables" => data["tables"].merge(
        "over rear" => data["tables"]["over rear"].map { |row|
          row.map { |kg|
            kg && kg * 5
          }
        }
      )
    )
    expect(
      DustLadder::Cranes::ChartWarnings.of(
        slip,
        other
      ).map(&:text)
    ).to include(/over rear, 3.048 m, boom 10.973 m: .*kg/)
  end
end
