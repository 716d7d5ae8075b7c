# What a slip of the hand looks like in a chart: each is told once, with what it does not go with.
RSpec.describe DustLadder::Cranes::ChartWarnings do
  def chart(cells, front: nil, **rest)
    {
      "id" => "a",
      "title" => "A",
      "identity" => { "model" => "x" },
      "radius_m" => Array.new(cells.size) { |row| 4.0 + 2 * row },
      "boom_length_m" => Array.new(cells.first.size) { |column| 12.0 + 6 * column },
      "sectors" => [ { "name" => "rear", "slew_from_deg" => 0, "slew_to_deg" => 360, "table" => "rear" } ],
      "tables" => { "rear" => cells, **(front ? { "front" => front } : {}) },
      **rest.transform_keys(&:to_s)
    }
  end

  let(:page) do
    [ [ 30_000, 26_000, 22_000 ], [ 20_000, 18_000, 16_800 ], [ 14_000, 12_500, 12_000 ], [ 9_000, 8_500, 8_000 ] ]
  end

  def slips(...) = described_class.of(chart(...)).select(&:answer)
  def changed(row, column, kg) = page.map(&:dup).tap { |cells| cells[row][column] = kg }

  it "finds none on a page as pages are" do
    expect(described_class.of(chart(page))).to eq([])
  end

  # [row, column, figure typed, what is said]
  {
    "168 t for 16.8 t" => [ 1, 2, 168_000,
      /rear, 6.0 m, boom 24.0 m: 168.000.kg, more than twice the 22.000.kg at 4.0 m, / ],
    "a digit dropped" => [ 1, 1, 1_800, /boom 18.0 m: 1.800.kg, less than/ ],
    "a point for a group: 80.100 read as 80.1" => [ 0, 0, 30.1, /rear, 4.0 m, boom 12.0 m: 30.1.kg, less than half/ ],
    "a longer boom above a shorter one" => [ 2, 2, 12_600, /12.600.kg, more than the 12.500.kg with boom 18.0 m/ ],
    "two digits changed round" => [ 2, 0, 41_000,
      /8.0 m, boom 12.0 m: 41.000.kg, more than twice the 20.000.kg at 6.0 m/ ]
  }.each do |name, (row, column, kg, words)|
    it "tells #{name} once, at its cell" do
      found = slips(changed(row, column, kg))
      expect(found.size).to eq(1)
      expect(found.first.text).to match(words)
      expect(found.first.cell).to eq([ 0, row, column ])
    end
  end

  it "tells any single figure ten times too large or too small, wherever it stands" do
    page.each_index do |row|
      page.first.each_index do |column|
        [ 10, 0.1 ].each do |factor|
          found = slips(changed(row, column, page[row][column] * factor))
          expect(found.map(&:cell)).to eq([ [ 0, row, column ] ])
        end
      end
    end
  end

  it "tells one sector that gives far more than the next" do
    low = page.map { |row| row.map { |kg| kg * 0.3 } }
    expect(slips(page, front: low).size).to be >= 1
    expect(slips(page, front: low).map(&:text)).to all(include("in "))
    expect(slips(page, front: page.map { |row| row.map { |kg| kg * 0.4 } })).to eq([])
  end

  it "tells a block too light for what hangs in it, or too small" do
    expect(slips(page, hook_block: { "mass_kg" => 40, "length_m" => 1, "wll_kg" => 30_000 }).map(&:text)).to match(
      [ /weighs 40.kg: light for one that carries 30.000.kg/ ]
    )
    expect(slips(page, hook_block: { "mass_kg" => 300, "length_m" => 1, "wll_kg" => 10_000 }).map(&:text)).to match(
      [ /carries 10.000.kg, and the chart goes to 30.000.kg/ ]
    )
    expect(slips(page, hook_block: { "mass_kg" => 300, "length_m" => 1, "wll_kg" => 30_000 })).to eq([])
  end

  it "speaks of a page in feet without the noise of its numbers" do
    feet = changed(1, 1, 180_000)
    found = slips(
      feet,
      radius_m: [ 10, 12, 15, 20 ].map { |one|
        one * 0.3048
      },
      boom_length_m: [ 36, 50, 64 ].map { |one|
        one * 0.3048
      }
    )
    expect(found.map(&:text).join).not_to match(/\d\.\d{5}/)
  end

  it "comes to an end with a chart of nothing but slips" do
    random = Random.new(7)
    wild = Array.new(200) { Array.new(60) { random.rand(1..1_000_000) } }
    started = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    found = slips(wild)
    expect(found.size).to eq(described_class::MOST_SLIPS + 1)
    expect(found.last.text).to match(/\d+ more figures/)
    expect(Process.clock_gettime(Process::CLOCK_MONOTONIC) - started).to be < 20
  end
end

RSpec.describe DustLadder::Cranes::ChartDifferences do
  let(:before) do
    {
      "title" => "A",
      "identity" => { "model" => "x" },
      "radius_m" => [ 4.0, 6.0 ],
      "boom_length_m" => [ 12.0 ],
      "tables" => { "rear" => [ [ 9000 ], [ 7000 ] ] },
      "hook_block" => { "mass_kg" => 300 },
      "record" => { "version" => 1 }
    }
  end

  def said(**changes) = described_class.between(before, before.merge(changes.transform_keys(&:to_s)))

  it "names the cell, what it was and what it is, and what else of the page is different" do
    expect(said(tables: { "rear" => [ [ 9000 ], [ nil ] ] })).to eq(
      [ { "block" => "rear", "where" => "6.0 m, boom 12.0 m", "from" => "7\u202f000\u00a0kg", "to" => "not allowed" } ]
    )
    expect(said(hook_block: { "mass_kg" => 320 })).to eq(
      [ { "block" => "hook block", "where" => "mass kg", "from" => "300", "to" => "320" } ]
    )
    expect(said(marks: { "rear" => [ [ "strength" ], [ nil ] ] }).first["to"]).to end_with("kg, strength")
    expect(said(limits: { "wind_m_s" => 9 }).first).to include("from" => nil, "to" => "9")
    expect(said(record: { "version" => 2 })).to eq([])
  end

  it "tells a row that is new as cells that were not there" do
    more = before.merge("radius_m" => [ 4.0, 6.0, 8.0 ], "tables" => { "rear" => [ [ 9000 ], [ 7000 ], [ 5000 ] ] })
    expect(described_class.between(before, more)).to match([ include("where" => "8.0 m, boom 12.0 m", "from" => nil) ])
  end
end
