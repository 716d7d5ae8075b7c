# The text of a CSV file as it came: bytes of any encoding, signs that part its cells, cells that a spreadsheet would
# reckon with.
RSpec.describe DustLadder::Gear::CsvText do
  def read(bytes) = described_class.new(bytes.b)

  # Bytes, the text that is read of them, and what is said of it.
  {
    "number,kind\nA,mesh\n" => [ "number,kind\nA,mesh\n", [] ],
    "\xEF\xBB\xBFnumber\n" => [ "number\n", [] ],
    "a\r\nb\rc\n" => [ "a\nb\nc\n", [] ],
    "Gr\u00f6\u00dfe\n" => [ "Größe\n", [] ],
    "Gr\xF6\xDFe\n" => [ "Größe\n", [ /Windows Western/ ] ],
    "3 \x80\n" => [ "3 €\n", [ /Windows Western/ ] ],
    "a\u0000b\n" => [ "ab\n", [] ],
    "" => [ "", [] ]
  }.each do |bytes, (text, notices)|
    it "reads #{bytes.inspect}" do
      found = read(bytes)
      expect([ found.io.string, found.notices ]).to match([ text, notices ])
    end
  end

  %w[UTF-16LE UTF-16BE].each do |name|
    it "reads #{name} by its mark" do
      expect(read("\ufeffGröße,Art\n".encode(name)).io.string).to eq("Größe,Art\n")
    end
  end

  it "reads any bytes as text, whatever they are" do
    random = Random.new(12)
    200.times do
      found = read(random.bytes(random.rand(0..300)))
      expect([ found.io.string.encoding, found.io.string.valid_encoding? ]).to eq([ Encoding::UTF_8, true ])
      expect(described_class::DELIMITERS).to include(found.delimiter)
    end
  end

  # The first line, and what parts its cells.
  {
    "a,b,c" => ",",
    "a;b;c" => ";",
    "a\tb\tc" => "\t",
    "a|b|c" => "|",
    "a" => ",",
    "" => ",",
    "\n\n a;b" => ";",
    "a,b;c;d" => ";",
    "a,b;c" => ",",
    "\"a,b,c,d\";e;f" => ";",
    "\"x;y;z\",b" => ","
  }.each do |line, sign|
    it("parts #{line.inspect} by #{sign.inspect}") { expect(read("#{line}\n1\n").delimiter).to eq(sign) }
  end

  # What stands in a cell, how it is written, and what it is when it comes back.
  {
    "=1+1" => "'=1+1",
    "@SUM(A1)" => "'@SUM(A1)",
    "+cmd" => "'+cmd",
    "-cmd|' /C calc'!A0" => "'-cmd|' /C calc'!A0",
    "-5" => "-5",
    "+3.5 t" => "+3.5 t",
    "-1.5 m; 1.5 m" => "'-1.5 m; 1.5 m",
    "-12'6\"" => "'-12'6\"",
    "−3 mm" => "−3 mm",
    "rack 1" => "rack 1",
    "'quoted" => "'quoted",
    "" => ""
  }.each do |text, written|
    it "writes #{text.inspect} as #{written.inspect}, and reads it back" do
      expect(described_class.harmless(text)).to eq(written)
      expect(described_class.as_meant(written)).to eq(text)
    end
  end

  it "writes nothing that a spreadsheet takes for a formula, whatever begins a cell" do
    random = Random.new(7)
    signs = "=+-@ abc019.;()'\"".chars
    1000.times do
      text = Array.new(random.rand(1..12)) { signs.sample(random: random) }.join
      written = described_class.harmless(text)
      next if written.match?(/\A[^=+\-@]/)

      expect(written).to match(%r{\A[+-]\d[\d.,\s/]*[a-z°'"²³%/]*\d?\z}i)
    end
  end

  it "tells of more lines, and of longer ones, than anybody reads" do
    expect(read("a\n" * 10).beyond).to be_nil
    expect(read("a\n" * 100_001).beyond).to match(/100002 lines; expected 100000 at most/)
    expect(read("a\n#{"b" * 100_002}\n").beyond).to match(/line 2 has 100003 letters/)
  end
end
