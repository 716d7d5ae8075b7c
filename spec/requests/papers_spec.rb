require "pdf/reader"

# What is printed of the gear store: labels, cards and the register, read back from the PDF.
RSpec.describe "Papers of the gear store" do
  before { load_store }

  def piece(number) = Piece.find_by!(number: number)
  def pages = PDF::Reader.new(StringIO.new(response.body)).pages
  def text = pages.map(&:text).join("\n").tr("\u00a0", " ")
  def faults = JSON.parse(response.body)["errors"].map { |one| one["message"] }

  describe "labels" do
    it "are single, each with number, size, rating and code" do
      get "/api/papers/labels", params: { pieces: [ piece("C-14"), piece("R-11") ].map(&:id).join(","), form: "single" }
      expect([ response.media_type, pages.size ]).to eq([ "application/pdf", 2 ])
      expect(pages[0].text).to include("C-14", piece("C-14").code.scan(/.../).join(" "), "alloy chain")
      expect(pages[0].text.tr("\u00a0", " ")).to include("3.000 m, 2 000 kg")
      box = pages[0].attributes[:MediaBox].map { |side| (side / 72.0 * 25.4).round }
      expect(box).to eq([ 0, 0, 50, 30 ])
    end

    it "come as a sheet of all that a list is narrowed to, page by page" do
      40.times { |index| Piece.create!(fields: piece("R-11").fields.merge("number" => "LBL-#{index}")) }
      get "/api/papers/labels", params: { words: "LBL-" }
      expect(pages.size).to eq(2)
      expect(text.scan(/LBL-\d+/).size).to eq(40)
    end

    it "are none of nothing, and no more than can be cut" do
      get "/api/papers/labels", params: { pieces: "0" }
      expect([ response.status, faults ]).to eq([ 422, [ "there is no such piece" ] ])
      stub_const("LabelSheet::MOST", 5)
      get "/api/papers/labels"
      expect([ response.status, faults ]).to eq([ 422, [ "these are #{Piece.count} pieces" ] ])
    end

    it "come in US units" do
      get "/api/papers/labels", params: { pieces: piece("C-14").id, form: "single", units: "us" }
      expect(pages[0].text.tr("\u00a0", " ")).to include("4,409 lb")
    end

    it "hold words of any length and any letters" do
      long = { "number" => "Ω-#{"長" * 70}", "size" => "=“x” " * 60, "kind" => "hook", "wll" => "2 t" }
      odd = Piece.create!(fields: long)
      get "/api/papers/labels", params: { pieces: odd.id, form: "single" }
      expect([ response.status, pages.size ]).to eq([ 200, 1 ])
    end

    # The squares as they are printed are the code, module by module.
    it "print the squares of the piece's code" do
      get "/api/papers/labels", params: { pieces: piece("C-14").id, form: "single" }
      drawn = pages[0].raw_content.scan(/([\d.]+) ([\d.]+) ([\d.]+) -?([\d.]+) re/).size
      dark = RQRCode::QRCode.new(piece("C-14").code, level: :h).modules.flatten.count(true)
      expect(drawn).to eq(dark)
    end
  end

  describe "a card" do
    it "says what a sling carries at four angles, each in three conventions" do
      get "/api/papers/card", params: { piece: piece("R-11").id, rules: "level-side" }
      expect(pages.size).to eq(1)
      expect(
        text.gsub(
          /\s+/,
          " "
        )
      ).to include("R-11", "60° from horizontal", "30° from plumb, 60° included", "3 000 kg", "2 598 kg")
      expect(text).to include("basket", "the tag governs", "Level-side")
    end

    it "is of the whole set where a piece belongs to one, under its link" do
      set = { "set" => "SET-4" }
      [ "R-11", "R-12" ].each do |number|
        one = Piece.find_by(number: number) || Piece.new(fields: piece("R-11").fields.merge("number" => number))
        one.update!(fields: one.fields.merge(set))
      end
      Piece.create!(fields: { "number" => "ML-1", "kind" => "master_link", "wll" => "4 t", **set })
      get "/api/papers/card", params: { piece: piece("R-11").id, rules: "level-side" }
      expect(text.gsub(/\s+/, " ")).to include("ML-1, R-11, R-12", "2 legs", "4 000 kg")
    end

    it "comes in US units" do
      get "/api/papers/card", params: { piece: piece("R-11").id, units: "us" }
      expect(text).to match(/6,613 lb/)
    end

    it "is none where the tag cannot be read, or there is no sling" do
      unread = Piece.create!(fields: piece("R-11").fields.merge("number" => "X-1", "legible" => "no"))
      get "/api/papers/card", params: { piece: unread.id }
      expect(faults).to eq([ "the tag of X-1 cannot be read" ])
      hook = Piece.create!(fields: { "number" => "H-1", "kind" => "hook", "wll" => "2 t" })
      get "/api/papers/card", params: { piece: hook.id }
      expect(faults).to eq([ "there is no sling in it" ])
    end
  end

  it "the register has every piece, with its examinations, defects and remedies" do
    one = piece("C-14")
    given = {
      "sort" => "thorough",
      "day" => "2026-11-20",
      "by" => "Ocotillo Test House",
      "result" => "failed",
      "words" => "link 12 bent",
      "remedy" => "link changed"
    }
    PieceLook.examine(one, given, person: person)
    get "/api/papers/register"
    plain = text.gsub(/\s+/, " ")
    expect(plain).to include("Register of gear", "#{Piece.count} pieces", "Ocotillo Test House", "link 12 bent", "C-14")
    expect(plain).to match(/page 1 of \d/)
    get "/api/papers/register", params: { state: "quarantined" }
    expect(text).to include("R-04").and include("C-14")
    expect(text).not_to include("R-11")
  end

  it "the register as a table has a line for each record, and one for a piece without any" do
    one = piece("C-14")
    PieceAct.take(one, "quarantine", { "why" => "=cut" }, person: person("Ines Rook"), lock_version: one.lock_version)
    get "/api/papers/records", params: { words: "rack 1, chain" }
    rows = CSV.parse(response.body.force_encoding("UTF-8").delete_prefix("\ufeff"), headers: true)
    expect(rows.map { |row| row["number"] }).to eq(Piece.where(place: "rack 1, chain").in_order.pluck(:number))
    row = rows.find { |line| line["number"] == "C-14" }
    expect(row.to_h).to include(
      "state" => "quarantined",
      "what" => "quarantined",
      "by" => "Ines Rook",
      "words" => "'=cut",
      "rating" => "2 000 kg"
    )
    get "/api/papers/records", params: { words: "W-08" }
    expect(response.body).to include("W-08")
  end

  it "is nothing else" do
    get "/api/papers/sonnets"
    expect(response).to have_http_status(:not_found)
  end
end
