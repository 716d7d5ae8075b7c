# Many pieces changed at once, in the same fields: told piece by piece before anything is kept, and kept all or none.
class Piece::Together
  MOST = 2_000
  FIELDS = %w[place use set maker in_service note].freeze
  SHOWN = 200

  # Some were changed since they were shown.
  Overtaken = Class.new(StandardError)

  # pieces: a relation. fields: { name => text }, of FIELDS alone; others are left out.
  def initialize(pieces, fields)
    @pieces = pieces.in_order.limit(MOST + 1).to_a
    @fields = fields.slice(*FIELDS).transform_values(&:to_s)
  end

  def count = @pieces.size
  def too_many? = count > MOST
  def nothing? = @fields.empty?

  # What it would change: { "count", "changing", "faulty", "seen", "rows": [{ "number", "changes", "problems" }] }; of
  # the rows those that cannot be read first, SHOWN at most.
  def preview
    rows = @pieces.map { |piece| row(piece) }
    faulty, fine = rows.partition { |one| one["problems"].any? }
    changing = fine.select { |one| one["changes"].any? }
    {
      "count" => count,
      "changing" => changing.size,
      "faulty" => faulty.size,
      "seen" => seen,
      "rows" => [ *faulty, *changing ].first(SHOWN)
    }
  end

  # Keeps it, if all pieces are still as they were shown. Raises Overtaken, and ActiveRecord::RecordInvalid where one
  # cannot be read: then none is changed. Returns how many were.
  def take(shown)
    Piece.transaction do
      raise Overtaken unless shown == seen

      @pieces.count { |piece| change(piece) }
    end
  end

  private

  # A mark of what is changed, and from where.
  def seen = DustLadder::PlanFile::Digest.of([ @fields, *@pieces.map { |piece| [ piece.id, piece.lock_version ] } ])

  def change(piece)
    piece.fields = piece.fields.merge(@fields)
    return false unless piece.changed?

    piece.change_note = "with #{count - 1} others"
    piece.save!
  end

  def row(piece)
    read = DustLadder::Gear::Piece.new(piece.fields.merge(@fields), **Piece.read_by)
    {
      "number" => piece.number,
      "changes" => DustLadder::Gear::Piece.changes(piece.fields, read.fields),
      "problems" => read.problems.map(&:as_json)
    }
  end
end
