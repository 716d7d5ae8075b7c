# A piece of the gear store: its fields as its keeper wrote them, what the plan format makes of them, and what was last
# measured on it. What a list is searched and filtered by stands in columns beside.
class Piece < ApplicationRecord
  include Listed

  # What its keeper wrote before, change by change.
  has_paper_trail only: %i[fields], skip: %i[data], meta: { note: :change_note }
  attr_writer :change_note

  has_many :looks, -> { order(:id) }, class_name: "PieceLook", inverse_of: :piece, dependent: nil
  has_many :acts, -> { order(:id) }, class_name: "PieceAct", inverse_of: :piece, dependent: nil
  has_many :files, -> { order(:id) }, class_name: "PieceFile", as: :holder, dependent: nil

  validates :number, presence: true, uniqueness: true
  validate do
    read.problems.each { |problem| errors.add(:fields, :invalid, message: problem.message, problem: problem.as_json) }
    refuse_state if state_by_hand?
    refuse_code if will_save_change_to_number?
  end

  before_save :put_in_columns
  after_commit { [ number, number_previously_was ].compact.uniq.each { |one| BoardLine.outdate_with(one) } }

  # What can be chosen from, with where it is beside.
  def self.for_choosing = in_order.map(&:for_choosing)
  def for_choosing = data.merge("place" => place)

  def fields=(fields)
    @read = nil
    super
    assign_attributes(number: read.fields["number"], sort: read.sort)
    self[:fields] = read.fields.reject { |_, text| text.empty? }
    self.data = with_measures(read.data || data || {})
  end

  # What was last measured on it, { look => SI value }.
  def measured=(measured)
    super
    self.data = with_measures(data || {})
  end

  # Every field, the empty ones too.
  def whole_fields = read.fields
  def change_note = @change_note.to_s
  def read = @read ||= DustLadder::Gear::Piece.new(fields, **self.class.read_by)
  # What a piece is read by beside its fields, as of DustLadder::Gear::Piece.
  def self.read_by = { rules: StoreRules.current, today: SiteClock.today }
  def snapshot = DustLadder::PlanFile::Digest.snapshot(data)

  def kind_of_gear = DustLadder::Gear::Kinds.of(kind)

  # How it stands, as a plan is judged by it; what is not told here is not as the plan took it.
  def standing = { **NOTHING_TOLD, **data.slice(*DustLadder::House::STANDING), "state" => state }
  NOTHING_TOLD = { "due" => nil, "examined" => nil, "use" => nil, "measured" => {} }.freeze

  def fitness = DustLadder::Gear::Fitness.new(data.merge("state" => state), StoreRules.current)

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

  # Was it found sound since it last went out of use?
  def sound_since?
    gone = acts.reverse_order.find_by(after: %w[quarantined lost])
    sound = looks.reverse_order.find_by(result: PieceLook::SOUND)
    sound.present? && (gone.nil? || sound.created_at > gone.created_at)
  end

  # Writes that it is in another state, with who did it and why.
  def move(act, to:, person: nil, by: person&.name, with_whom: "", why: "", plan: nil)
    @moving = true
    before = state
    update!(fields: fields.merge("state" => to), change_note: [ act.tr("_", " "), why.presence ].compact.join(": "))
    acts.create!(
      act: act,
      before: before,
      after: to,
      by: by.to_s,
      person: person,
      with_whom: with_whom,
      why: why,
      plan: plan
    )
  ensure
    @moving = false
  end

  private

  # Whoever scans another's code must not be led to this one.
  def refuse_code
    return unless self.class.where(code: number.to_s.upcase.delete(" -")).where.not(id: id).exists?

    problem = {
      "field" => "number",
      "typed" => number,
      "message" => "that is the code of another piece",
      "expected" => "a number of its own"
    }
    errors.add(:fields, :invalid, message: problem["message"], problem: problem)
  end

  def with_measures(data) = measured.present? ? data.merge("measured" => measured) : data.except("measured")
  def state_by_hand? = persisted? && !@moving && read.fields["state"] != state

  # By the pen a piece may go out of use, and come back from whom it was with; what was found bad comes back only by a
  # look, and what is scrapped never.
  def refuse_state
    return unless %w[scrapped quarantined lost].include?(state) && read.fields["state"] != "scrapped"

    never = state == "scrapped"
    problem = {
      "field" => "state",
      "typed" => read.fields["state"],
      "message" => never ? "what is scrapped never comes back" : "it is #{state}",
      "expected" => never ? "another piece" : "a look that finds it sound, and to be put back in use"
    }
    errors.add(:fields, :invalid, message: problem["message"], problem: problem)
  end
end
