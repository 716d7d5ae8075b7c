# A piece of the gear store: its fields as its keeper wrote them, and what the plan format makes of them.
class Piece < ApplicationRecord
  # What its keeper wrote before, change by change.
  has_paper_trail only: %i[fields], skip: %i[data], meta: { note: :change_note }
  attr_writer :change_note

  scope :slings, -> { where(sort: "sling") }
  scope :beams, -> { where(sort: "beam") }
  scope :in_order, -> { order(:sort, :number) }

  validates :number, presence: true, uniqueness: true
  validate do
    read.problems.each { |problem| errors.add(:fields, :invalid, message: problem.message, problem: problem.as_json) }
  end

  after_commit { [ number, number_previously_was ].compact.uniq.each { |one| BoardLine.outdate_with(one) } }

  # What can be chosen from, with where it is beside.
  def self.for_choosing
    in_order.map { |piece| piece.read.data.merge("due" => piece.read.due, "place" => piece.fields["place"]) }
  end

  def fields=(fields)
    @read = nil
    super
    assign_attributes(number: read.fields["number"], sort: read.sort, data: read.data || data || {})
    self[:fields] = read.fields
  end

  def change_note = @change_note.to_s
  def read = @read ||= DustLadder::Gear::Piece.new(fields)
  def snapshot = DustLadder::PlanFile::Digest.snapshot(read.data || data)

  # As a list of the store shows it. on: the day that it is to be in date, "2026-12-14".
  def shown(on: Date.current.iso8601)
    tag = data["tag"]
    figure = ->(kg) { kg && DustLadder::Figure.kg(kg, :down).as_json }
    {
      id: id,
      lock_version: lock_version,
      sort: sort,
      fields: fields,
      due: read.due,
      overdue: read.overdue?(on),
      **snapshot,
      **(sort == "beam" ? DustLadder::Rigging::PlannedBeam.places(data) : {}),
      reach: (DustLadder::Figure.m(data["reach_m"]).as_json if data["reach_m"]),
      rating:
        figure.(
          (
            if tag
              tag.values_at("vertical_kg", "choker_kg", "basket_kg").compact.first
            else
              data["spans"]&.map { |span| span["kg"] }&.min
            end
          )
        ),
      mass: (DustLadder::Figure.kg(data["mass_kg"], :up).as_json if data["mass_kg"])
    }
  end

  # Some pieces are no longer as whoever takes a file has seen them.
  class Changed < StandardError
    # [index of the row, the piece as it is now, or nil where it is gone]
    attr_reader :rows

    def initialize(rows)
      @rows = rows
      super("#{rows.size} pieces changed meanwhile")
    end
  end

  # Takes rows of a file, each { "fields", "lock_version" }: known numbers are changed, as they were seen at that
  # version; others, without one, are added. All or, when one cannot be read or was changed meanwhile, none. Raises
  # Changed.
  def self.take(rows, from:)
    transaction do
      numbers = rows.map { |row| DustLadder::Gear::Piece.new(row["fields"]).fields["number"] }
      known = where(number: numbers).index_by(&:number)
      pieces = numbers.map { |number| known[number] || new(number: number) }
      times = numbers.tally
      # A known piece that stands in the file twice would be changed by its own file.
      changed =
        rows.zip(pieces).each_with_index.filter_map do |(row, piece), index|
          seen = row["lock_version"] == (piece.lock_version if piece.persisted?)
          [ index, piece ] unless seen && (piece.new_record? || times[numbers[index]] == 1)
        end
      raise Changed, changed if changed.any?

      rows.zip(pieces) { |row, piece| piece.update!(fields: row["fields"], change_note: "from #{from}") }
      pieces
    end
  end

  # Keeps what its keeper wrote, if nobody wrote since lock_version. Raises ActiveRecord::StaleObjectError.
  def rewrite(fields, lock_version:)
    raise ActiveRecord::StaleObjectError.new(self, "rewrite") if lock_version != self.lock_version

    update!(fields: fields)
  end

  # What was written before, the newest change first: [{ "at", "note", "changes" }].
  def history
    versions.reorder(id: :desc).limit(MOST_HISTORY).map do |one|
      before, after = one.object_changes["fields"]
      {
        at: one.created_at.iso8601,
        event: one.event,
        note: one.note,
        changes: DustLadder::Gear::Piece.changes(before, after)
      }
    end
  end
  MOST_HISTORY = 200
end
