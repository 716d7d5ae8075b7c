# One page in whatever units it is printed: the same chart, the same answers, the same doubts at the same cells.
RSpec.describe DustLadder::Cranes::ChartGrid do
  kg = { "kg" => 1.0, "t" => 1000.0, "lb" => 0.45359237, "klb" => 453.59237, "short tons" => 907.18474 }
  metres = { "m" => 1.0, "ft" => 0.3048, "mm" => 0.001, "in" => 0.0254 }

  # A table that falls with radius and boom, as pages do; nil at the far end of short booms.
  define_method(:table) do |random|
    radii = Array.new(random.rand(3..9)) { |row| 3.0 + row * 1.7 }
    booms = Array.new(random.rand(2..6)) { |column| 10.0 + column * 5.5 }
    top = random.rand(8_000.0..60_000.0)
    cells =
      radii.each_with_index.map do |_, row|
        booms.each_index.map { |column| row > 3 + 2 * column ? nil : top * 0.83**row * 0.97**column }
      end
    [ radii, booms, cells ]
  end

  # As many decimals as its unit wants; what stands there is what counts.
  define_method(:written) { |value, unit, factor|
    format(unit == "kg" || unit == "lb" ? "%.0f" : "%.2f", value / factor)
  }

  define_method(:page) do |radii, booms, texts, capacity, length|
    head = [ "chart,Unit page", "machine model,U", "capacity in,#{capacity}", "sector,all round,0,360" ]
    corner = "radius (#{length}) / boom (#{length}),#{booms.map { |one| (one / metres[length]).round(9) }.join(",")}"
    rows = radii.zip(texts).map { |radius, cells|
      [ (radius / metres[length]).round(9), *cells.map { |one|
        one || "-"
      } ].join(",")
    }
    [ *head, corner, *rows ].join("\n")
  end

  def read(text) = described_class.new(text, "page.csv").read

  kg.keys.product(metres.keys).each do |capacity, length|
    it "reads #{capacity} and #{length} as what a pocket calculator makes of them" do
      random = Random.new(capacity.size * 31 + length.size)
      8.times do
        radii, booms, cells = table(random)
        texts = cells.map { |row| row.map { |one| one && written(one, capacity, kg[capacity]) } }
        reading = read(page(radii, booms, texts, capacity, length))
        expect(reading.faults).to eq([])
        data = reading.data
        data["radius_m"].zip(radii).each { |got, wanted| expect(got).to be_within(1e-6).of(wanted) }
        data["boom_length_m"].zip(booms).each { |got, wanted| expect(got).to be_within(1e-6).of(wanted) }
        data["tables"]["all round"].flatten.zip(texts.flatten).each do |got, text|
          text ? expect(got).to(be_within(1e-6 * got).of(text.to_f * kg[capacity])) : expect(got).to(be_nil)
        end
        # What it shows is what was typed, and it comes back from the grid in m and kg.
        paper = DustLadder::Cranes::ChartPaper.new(data, reading.printed)
        expect(paper.printed?).to be(true)
        expect(paper.blocks.flat_map(&:rows).map(&:last)).to include(texts.first.map { |one| one || "-" }.join(" | "))
        again = read(DustLadder::Cranes::ChartGridText.write(data))
        expect(again.faults).to eq([])
        expect(DustLadder::Cranes::ChartDifferences.between(data, again.data)).to eq([])
      end
    end
  end

  it "doubts the same cells of a page whatever its units are" do
    random = Random.new(77)
    20.times do
      radii, booms, cells = table(random)
      row, column = random.rand(radii.size), random.rand(booms.size)
      next if cells[row][column].nil?

      cells[row][column] *= [ 10, 0.1 ].sample(random: random)
      # With the same number of decimals everywhere: only the figure itself is odd.
      found =
        kg.keys.product(%w[m ft]).map do |capacity, length|
          texts = cells.map { |line| line.map { |one| one && format("%.3f", one / kg[capacity]) } }
          read(page(radii, booms, texts, capacity, length)).warnings.select { |one| one.answer && one.cell }.map(&:cell)
        end
      expect(found.uniq.size).to eq(1), found.inspect
      expect(found.first).to eq([ [ 0, row, column ] ])
    end
  end

  it "says in every doubt of a page in lb what stands on the page, and no kg" do
    random = Random.new(9)
    15.times do
      radii, booms, cells = table(random)
      cells[0][0] *= 10
      texts = cells.map { |line| line.map { |one| one && written(one, "lb", kg["lb"]) } }
      said = read(page(radii, booms, texts, "lb", "ft")).warnings.select(&:answer).map(&:text)
      expect(said).not_to eq([])
      expect(said).to all(match(/ lb/).and(satisfy { |text| text !~ /kg|\d m\b/ }))
      expect(said.join).to include(texts[0][0])
    end
  end

  it "reads feet and inches, half inches and bare numbers in the corner's unit alike" do
    rows = { "10" => 3.048, "10'" => 3.048, "10 ft 6 in" => 3.2004, "13' 6 1/2\"" => 4.1275, "5 m" => 5.0 }
    rows.each do |text, wanted|
      reading = read(
        "chart,A\nmachine model,x\ncapacity in,lb\nsector,all,0,360\nradius (ft) / boom (ft),40\n\"" \
          "#{text.gsub('"', '""')}\",5000\n"
      )
      expect(reading.faults).to eq([]), text
      expect(reading.data["radius_m"].first).to be_within(1e-9).of(wanted)
    end
  end

  {
    "5 kg" => /cannot be read as a capacity/,
    "1e3" => /cannot be read/,
    "-5" => /cannot be read/,
    "5,00" => /write the decimal with a point/,
    "½" => /cannot be read/,
    "5000?" => /cannot be read/,
    "5000 kg s" => /cannot be read/,
    "١٢" => /cannot be read/
  }
    .each do |text, words|
    it "takes no #{text.inspect} for a capacity, and says where it stands" do
      fault = read(
        "chart,A\nmachine model,x\ncapacity in,lb\nsector,all,0,360\nradius (ft) / boom (ft),40\n10,\"" \
          "#{text}\"\n"
      ).faults.first
      expect(fault["pointer"]).to eq("line 6, column 2")
      expect(fault["message"]).to match(words)
    end
  end
end
