# The register of gear as a CSV table: a line for each examination, finding or act of each piece; one without any has
# one line all the same.
class RegisterSheet
  OF_PIECE = %w[number kind size certificate in_service examined].freeze
  HEADS = [ *OF_PIECE, "due", "state", "rating", "day", "what", "by", "result", "found", "words", "remedy" ].freeze

  # pieces: of the store, in order, with looks and acts read.
  def initialize(pieces)
    @pieces = pieces
  end

  # CSV text, UTF-8 with its mark.
  def render
    text =
      CSV.generate do |csv|
        csv << HEADS
        @pieces.each { |piece| lines(piece).each { |line| csv << line.map { |cell| harmless(cell) } } }
      end
    "\ufeff#{text}"
  end

  private

  def harmless(cell) = DustLadder::Gear::CsvText.harmless(cell.to_s.tr("\u202f\u00a0", "  "))

  def lines(piece)
    rating = piece.rating && DustLadder::Figure.kg(piece.rating, :down).shown
    of = [ *piece.fields.values_at(*OF_PIECE), piece.due, piece.state, rating ]
    records = [ *piece.looks.map { |look| look(look) }, *piece.acts.map { |act| act(act) } ].sort_by(&:first)
    records.empty? ? [ of ] : records.map { |record| of + record }
  end

  def look(look)
    found = look.told.map { |words| words["metric"] }.join("; ")
    [ look.day, look.sort.tr("_", " "), look.by, look.result, found, look.words, look.remedy ]
  end

  def act(act)
    words = DustLadder::Gear::Acts::ALL[act.act]&.words || act.act.tr("_", " ")
    [ act.created_at.to_date.iso8601, words, act.by, act.after, act.with_whom, act.why, "" ]
  end
end
