# A piece of the gear store: its fields as its keeper wrote them, and what the plan format makes of them.
class Piece < ApplicationRecord
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

  # How the pieces that a plan names stand now, { number => { "state", "due" } }.
  def self.standing(document)
    numbers = %w[slings beams].flat_map { |kind| document.dig("snapshots", kind).to_h.keys }
    where(number: numbers).to_h { |piece|
      [ piece.number, { "state" => piece.fields["state"], "due" => piece.read.due } ]
    }
  end

  def fields=(fields)
    @read = nil
    super
    assign_attributes(number: read.fields["number"], sort: read.sort, data: read.data || data || {})
    self[:fields] = read.fields
  end

  def read = @read ||= DustLadder::Gear::Piece.new(fields)
  def snapshot = DustLadder::PlanFile::Digest.snapshot(read.data || data)

  # As a list of the store shows it. on: the day that it is to be in date, "2026-12-14".
  def shown(on: Date.current.iso8601)
    tag = data["tag"]
    figure = ->(kg) { kg && DustLadder::Figure.kg(kg, :down).as_json }
    {
      id: id,
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

  # Takes rows of a file: known numbers are changed, others added. All or, when one cannot be read, none.
  def self.take(rows)
    transaction do
      rows.map do |fields|
        find_or_initialize_by(number: DustLadder::Gear::Piece.new(fields).fields["number"]).tap do |piece|
          piece.update!(fields: fields)
        end
      end
    end
  end
end
