# The register of gear: every piece with its certificate, examinations, defects, remedies and retests, page by page.
class GearRegister < Paper
  MOST = 2_000
  HEADS = [ "number", "kind and size", "rating", "state", "certificate", "in service", "examined", "due",
    "examinations, defects, remedies, retests" ].freeze
  WIDTHS = [ 62, 130, 56, 58, 72, 54, 54, 54, 230 ].freeze

  # pieces: of the store, in order.
  def initialize(pieces)
    @pieces = pieces
    super(size: "A4", margin: 12, layout: :landscape)
  end

  private

  def draw
    pdf.text("Register of gear, #{SiteClock.today.iso8601}", size: 14, style: :bold)
    pdf.text("#{@pieces.size} pieces. Rules of the store: #{printable(StoreRules.current.title)}.", size: 9)
    pdf.move_down(8)
    pdf.table(
      [ HEADS, *@pieces.map { |piece| row(piece) } ],
      header: true,
      column_widths: WIDTHS,
      cell_style: { size: 7.5, padding: 2.5, border_width: 0.5 }
    ) { |table| table.row(0).font_style = :bold }
    pdf.number_pages("page <page> of <total>", at: [ 0, -4 ], size: 8, align: :right)
  end

  def row(piece)
    rating = piece.rating && DustLadder::Figure.kg(piece.rating, :down).shown
    kind = [ piece.kind_of_gear&.words, piece.fields["size"] ].compact.join(", ")
    told = piece.fields.values_at("certificate", "in_service", "examined")
    [ piece.number, kind, rating, piece.state, *told, piece.due, records(piece) ].map { |text| printable(text) }
  end

  def records(piece)
    piece.looks.reject { |look|
      look.sort == "before_use" && look.result != "out"
    }.map { |look| record(look) }.join("\n")
  end

  def record(look)
    told = [ *look.told.map { |words| words["metric"] }, look.words, look.remedy ].reject(&:empty?)
    "#{look.day} #{look.sort.tr("_", " ")} by #{look.by}: #{[ look.result, *told ].join("; ")}".first(400)
  end
end
