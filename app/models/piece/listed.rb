# How pieces are listed: what stands in columns, what is searched by, and what a list shows of each.
module Piece::Listed
  extend ActiveSupport::Concern

  # Letters and digits that nobody takes for one another, for a code that is typed.
  LETTERS = "23456789ACDEFGHJKLMNPQRTUVWXY".chars.freeze
  CODE = 6
  COLUMNS = %w[kind state due place belongs rating due_given examined use words code alike data].freeze

  included do
    scope :slings, -> { where(sort: "sling") }
    scope :beams, -> { where(sort: "beam") }
    scope :in_order, -> { order(:sort, :number) }
    # By every word of what pieces are found by.
    scope :about,
      ->(text) {
        text.downcase.split.first(MOST_WORDS).reduce(all) do |found, word|
          found.where("pieces.words LIKE ? ESCAPE '\\'", "%#{sanitize_sql_like(word)}%")
        end
      }
    # Not to be used on a day, for its examination.
    scope :overdue, ->(on) { where("pieces.due < ?", on).where.not(state: DustLadder::Gear::Piece::GONE) }
    # To be examined until a day, the first one first.
    scope :due_until,
      ->(day) {
        where.not(state: DustLadder::Gear::Piece::GONE).where("pieces.due <= ?", day).order(:due, :number)
      }
    # To be examined on a day or after it, the first one first.
    scope :due_from,
      ->(day) {
        where.not(state: DustLadder::Gear::Piece::GONE).where("pieces.due >= ?", day).order(:due, :number)
      }
    scope :never_examined,
      -> {
        where(due: nil, kind: DustLadder::Gear::Kinds::ALL.values.select { |kind| kind.term != "none" }.map(&:name))
          .where.not(state: DustLadder::Gear::Piece::GONE)
      }
  end

  MOST_WORDS = 8

  class_methods do
    # Those that a list asks for, by words, kind, sort and state (or overdue on a day, or never examined).
    def narrowed(asked, day)
      found = asked[:words].present? ? about(asked[:words].to_s.first(200)) : all
      %i[kind sort].each { |name| found = found.where(name => asked[name].to_s) if asked[name].present? }
      case asked[:state]
      when "overdue" then found.overdue(day)
      when "never" then found.never_examined
      when *DustLadder::Gear::Piece::STATES then found.where(state: asked[:state])
      else found
      end
    end

    # A piece by its code as it is on the label, or by its number.
    def called(text)
      plain = text.to_s.strip
      find_by(code: plain.upcase.delete(" -")) || find_by(number: plain)
    end

    # The days on which pieces are due, reckoned again: the house's rules changed.
    def reckon_days
      find_each do |piece|
        day = piece.read.due
        piece.update_columns(due: day) if piece.due != day
      end
    end
  end

  # Written where it was kept before there were columns.
  def put_in_columns!
    put_in_columns
    update_columns(attributes.slice(*COLUMNS))
  end

  # As a list of the store shows it. on: the day that it is to be in date, "2026-12-14".
  def shown(on: SiteClock.today.iso8601)
    {
      id: id,
      lock_version: lock_version,
      sort: sort,
      code: code,
      fields: fields,
      due: due,
      overdue: due.present? && due < on,
      **snapshot,
      **(sort == "beam" ? DustLadder::Rigging::PlannedBeam.places(data) : {}),
      reach: (DustLadder::Figure.m(data["reach_m"]).as_json if data["reach_m"]),
      rating: rating && DustLadder::Figure.kg(rating, :down).as_json,
      mass: (DustLadder::Figure.kg(data["mass_kg"], :up).as_json if data["mass_kg"])
    }
  end

  # What it may carry, kg: as stamped or as it is held to; the least of what a beam is rated for. nil where it is not
  # known.
  def rated
    stamped = data["tag"] ? data["tag"].values_at(
      "vertical_kg",
      "choker_kg",
      "basket_kg"
    ).compact.first : data["wll_kg"]
    [ stamped || data["spans"]&.map { |span| span["kg"] }&.min, data["own_swl_kg"] ].compact.min
  end

  private

  def put_in_columns
    assign_attributes(
      kind: read.fields["kind"],
      state: read.fields["state"],
      due: read.due,
      place: read.fields["place"],
      belongs: read.fields["set"],
      rating: rated,
      **{ due_given: "due", examined: "examined", use: "use" }.transform_values { |name| read.fields[name].presence },
      alike: DustLadder::PlanFile::Digest.of(data.except(*DustLadder::Slings::Selection::Store::OWN))[-16..],
      code: code || free_code
    )
    self.words = searched
  end

  def searched
    kind = DustLadder::Gear::Kinds.of(read.fields["kind"])
    told = read.fields.values_at("number", "kind", "size", "place", "note", "ends", "maker", "serial", "set")
    [ *told, kind&.words, code ].join(" ").tr("_", " ").downcase.first(2000)
  end

  def free_code
    loop do
      code = Array.new(CODE) { LETTERS.sample(random: SecureRandom) }.join
      return code unless self.class.exists?(code: code) || self.class.exists?(number: code)
    end
  end
end
