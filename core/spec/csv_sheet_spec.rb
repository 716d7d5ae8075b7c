RSpec.describe DustLadder::Load::CsvSheet do
  def read(text, **options)
    parts = described_class.new(text.b, **options).read.to_a
    { head: parts.first["head"], rows: parts.flat_map { |one| one["rows"] || [] }, done: parts.last["done"] }
  end

  head = "part,shape,size,material,quantity,x,y,z"
  row = "Deck,plate,3.6 m x 1.5 m x 20 mm,steel,1,1.8 m,0.75 m,10 mm"

  it "reads what it wrote, groups and awkward cells too" do
    frame = [ part("angle", "100 mm x 75 mm x 8 mm x 12'6\"", "steel", name: "Post, \"north\"") ]
    sheet = {
      "parts" => [
        part("Frame", "", name: "=1+1", x: "-0.5 m", note: "+cmd|' /C calc'!A0"),
        part("plate", "1 m x 1 m x 1 cm", "steel", note: "-")
      ],
      "groups" => [ { "title" => "Frame", "parts" => frame } ]
    }
    text = described_class.write(sheet)
    CSV
      .parse(text.delete_prefix("\ufeff"))
      .drop(1)
      .flatten
      .compact
      .each { |cell| expect(cell).not_to match(/\A[=+@\t\r]|\A-\D/) }
    back = read(text)
    expect(back[:done]).to include("rows" => 3, "faulty" => 0, "fault" => nil)
    in_groups, plain = back[:rows].map { |one| one["cells"] }.partition { |cells| cells["group"] == "Frame" }
    expect(in_groups.map { |cells| cells.except("group") }).to eq(frame)
    expect(plain.map { |cells| cells.except("group") }).to eq(sheet["parts"])
  end

  # [what, bytes]
  {
    "commas" => "#{head}\n#{row}\n",
    "semicolons" => "#{head}\n#{row}\n".tr(",", ";"),
    "tabs" => "#{head}\n#{row}\n".tr(",", "\t"),
    "a byte order mark" => "\ufeff#{head}\n#{row}",
    "line ends of another system" => "#{head}\r\n#{row}\r\n",
    "empty lines" => "\n\n#{head}\n\n#{row}\n,,,,,,,\n",
    "UTF-16" => "\ufeff#{head}\n#{row}\n".encode("UTF-16LE"),
    "quotes round every cell" => "#{head}\n#{row}".gsub(/[^,\n]+/) { |cell| "\"#{cell}\"" }
  }.each do |what, text|
    it "reads a file with #{what}" do
      found = read(text)
      expect(found[:done]).to include("rows" => 1, "faulty" => 0, "fault" => nil)
      expect(found[:rows].first.dig("mass", "value")).to be_within(1e-9).of(847.8)
    end
  end

  it "takes units from headings, sizes from columns of their own, and a mass as a known item" do
    text =
      "Item;Type;Length (mm);Width (mm);Thickness_mm;Grade;Qty;x [m];y " \
        "(m);Colour\nDeck;plate;3600;1500;20;steel;2.0;1.8;0.75;red\n"
    found = read(text)
    expect(found[:rows].first["cells"]).to include(
      "size" => "3600 mm x 1500 mm x 20 mm",
      "x" => "1.8 m",
      "material" => "steel"
    )
    expect(found[:rows].first.dig("mass", "value")).to be_within(1e-9).of(847.8 * 2)
    expect(found[:head]["columns"].reject { |column| column["field"] }.map { |column| column["text"] }).to eq(
      [ "Colour" ]
    )
    expect(read("name,mass (kg),x (mm)\nGearbox,980,1200\n")[:rows].first["cells"]).to include(
      "shape" => "known item",
      "size" => "980 kg",
      "x" => "1200 mm"
    )
  end

  it "asks about commas between digits, and reads them as told" do
    text = "part;shape;size;material;x\nA;plate;1 m x 1 m x 10 mm;steel;1,5 m\n"
    expect(read(text)[:done]).to include("commas" => 1, "faulty" => 1)
    expect(read(text, decimal_comma: true)[:rows].first["cells"]["x"]).to eq("1.5 m")
  end

  it "takes the columns by their order where there are no headings, and says so" do
    found = read("Deck,plate,1 m x 1 m x 10 mm,,steel\n")
    expect(found[:head]["notices"].join).to match(/no line of headings/)
    expect(found[:rows].first.dig("mass", "value")).to be_within(1e-9).of(78.5)
  end

  # [what, text, words]
  {
    "nothing in it" => [ "", /no rows/ ],
    "headings alone" => [ "#{head}\n", /no rows/ ],
    "a quote that is never closed" => [ "#{head}\n#{row}\n\"Deck,plate\n#{row}\n", /line 3: a quote is opened/ ],
    "one cell of a novel" => [ "#{head}\n\"#{"a" * 9000}\",plate\n", /a quote is opened/ ]
  }.each do |what, (text, words)|
    it("refuses a file with #{what}") { expect(read(text)[:done]["fault"]).to match(words) }
  end

  it "refuses a file with too many rows" do
    expect(DustLadder::Load::TakeOff::MOST_ROWS).to eq(10_000)
    stub_const("DustLadder::Load::TakeOff::MOST_ROWS", 300)
    expect(read("part,shape\n#{"a,b\n" * 301}")[:done]["fault"]).to match(/301 rows, and a take-off holds 300 at most/)
    expect(read("part,shape\n#{"a,b\n" * 300}")[:done]["fault"]).to be_nil
  end

  it "shows rows that cannot be read with what is wrong, line by line, and the bytes of pictures without a crash" do
    found = read("#{head}\nDeck,platte,1 m,steel,1,1 m,,\n#{row}\n")
    expect(found[:rows].map { |one| [ one["line"], one["problems"].map { |problem| problem["field"] } ] }).to eq(
      [ [ 2, %w[shape] ], [ 3, [] ] ]
    )
    noise = Random.new(7).bytes(4000)
    expect(read(noise)[:done]).to have_key("fault")
  end

  it "tells how far it is as it goes" do
    shares = described_class.new("#{head}\n#{"#{row}\n" * 1600}".b).read.filter_map { |one| one["share"] }
    expect(shares.each_cons(2)).to all(satisfy { |before, after| before < after })
    expect(shares.size).to eq(4)
    expect(shares.last).to eq(1.0)
  end
end
