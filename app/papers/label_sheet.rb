require "rqrcode"

# Labels for pieces of gear: a code that is scanned or typed, and the words that people read. One label a page, or a
# sheet of A4 to be cut.
class LabelSheet < Paper
  # A label, mm; and how many of them a sheet of A4 has.
  WIDE = 50
  HIGH = 30
  COLUMNS = 4
  ROWS = 9
  MOST = 1_000
  CODE = 22
  EDGE = 2
  # A label is scratched and dirty: nearly a third of the code may be gone.
  LEVEL = :h

  # pieces: of the store. single: one label a page. system: metric or us.
  def initialize(pieces, single: false, system: "metric")
    @pieces = pieces
    @system = SYSTEMS.include?(system) ? system.to_sym : :metric
    @single = single
    super(size: single ? [ WIDE * MM, HIGH * MM ] : "A4")
  end

  # Its code, row by row: true is dark.
  def self.squares(piece) = RQRCode::QRCode.new(piece.code, level: LEVEL).modules

  private

  def draw = @single ? singles : sheets

  def singles
    @pieces.each_with_index do |piece, index|
      pdf.start_new_page unless index.zero?
      label(piece, 0, HIGH * MM)
    end
  end

  def sheets
    left = (pdf.bounds.width - COLUMNS * WIDE * MM) / 2
    top = pdf.bounds.height - (pdf.bounds.height - ROWS * HIGH * MM) / 2
    @pieces.each_slice(COLUMNS * ROWS).with_index do |page, number|
      pdf.start_new_page unless number.zero?
      page.each_with_index do |piece, index|
        row, column = index.divmod(COLUMNS)
        x, y = left + column * WIDE * MM, top - row * HIGH * MM
        pdf.stroke_color("BBBBBB")
        pdf.stroke_rectangle([ x, y ], WIDE * MM, HIGH * MM)
        label(piece, x, y)
      end
    end
  end

  # x, y: its upper left corner.
  def label(piece, x, y)
    code(self.class.squares(piece), x + EDGE * MM, y - (HIGH - CODE) / 2 * MM)
    beside = x + (CODE + 2 * EDGE) * MM
    wide = (WIDE - CODE - 3 * EDGE) * MM
    words(piece.number, x: beside, y: y - 3 * MM, width: wide, height: 7 * MM, size: 16, style: :bold)
    words(said(piece), x: beside, y: y - 10.5 * MM, width: wide, height: 11 * MM, size: 8)
    words(spaced(piece.code), x: beside, y: y - 23 * MM, width: wide, height: 5 * MM, size: 12, style: :bold)
  end

  def said(piece)
    kind = piece.kind_of_gear&.words.to_s.delete_suffix(" sling")
    rating = piece.rating && DustLadder::Figure.kg(piece.rating, :down).shown(@system)
    reach = piece.data["reach_m"] && DustLadder::Figure.m(piece.data["reach_m"]).shown(@system)
    [ [ kind, piece.fields["size"] ].compact.join(" "), [ reach, rating ].compact.join(", ") ].join("\n")
  end

  def spaced(code) = code.scan(/.{1,3}/).join(" ")

  # A code as squares of black, x and y its upper left corner.
  def code(rows, x, y)
    side = CODE * MM / rows.size
    pdf.fill_color("000000")
    rows.each_with_index do |row, at|
      row.each_with_index do |dark, across|
        pdf.fill_rectangle([ x + across * side, y - at * side ], side, side) if dark
      end
    end
  end
end
