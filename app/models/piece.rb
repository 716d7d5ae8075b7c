# A piece of the gear store: its fields as its keeper wrote them, and what the plan format makes of them.
class Piece < ApplicationRecord
  scope :slings, -> { where(sort: "sling") }
  scope :beams, -> { where(sort: "beam") }
  scope :in_order, -> { order(:sort, :number) }

  validates :number, presence: true, uniqueness: true
  validate {
    read.problems.each { |problem|
      errors.add(:fields, :invalid, message: problem.message, problem: problem.as_json)
    }
  }

  # What can be chosen from, with state, due day and place beside.
  def self.for_choosing
    in_order.map { |piece|
      piece.data.merge("state" => piece.fields["state"], "due" => piece.read.due, "place" => piece.fields["place"])
    }
  end

  def fields=(fields)
    @read = nil
    super
    assign_attributes(number: read.fields["number"], sort: read.sort, data: read.data || data || {})
    self[:fields] = read.fields
  end

  def read = @read ||= DustLadder::Gear::Piece.new(fields)
  def snapshot = DustLadder::PlanFile::Digest.snapshot(data)

  # As a list of the store shows it.
  def shown
    tag = data["tag"]
    figure = ->(kg) { kg && DustLadder::Figure.kg(kg, :down).as_json }
    {
      id: id,
      sort: sort,
      fields: fields,
      due: read.due,
      **snapshot,
      reach: (DustLadder::Figure.m(data["reach_m"]).as_json if data["reach_m"]),
      rating: figure.(
        tag ? tag.values_at(
          "vertical_kg",
          "choker_kg",
          "basket_kg"
        ).compact.first : data["spans"]&.map { |span|
                            span["kg"]
                          }&.min
      ),
      mass: (DustLadder::Figure.kg(data["mass_kg"], :up).as_json if data["mass_kg"])
    }
  end

  # Takes rows of a file: known numbers are changed, others added. All or, when one cannot be read, none.
  def self.take(rows)
    transaction {
      rows.map { |fields|
        find_or_initialize_by(number: DustLadder::Gear::Piece.new(fields).fields["number"]).tap { |piece|
          piece.update!(fields: fields)
        }
      }
    }
  end
end
