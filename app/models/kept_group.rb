# A group of parts kept for other plans, as the plan format describes one: { "title", "parts" }.
class KeptGroup < ApplicationRecord
  validates :title, presence: true, uniqueness: true, length: { maximum: 80 }
  validate :rows_of_a_take_off

  scope :titled,
    ->(query) do
      query
        .split
        .reduce(order(:title).limit(20)) do |found, word|
          found.where("title LIKE ? ESCAPE '\\'", "%#{sanitize_sql_like(word)}%")
        end
    end

  def summary = { id: id, title: title, rows: data["parts"].size }

  private

  def rows_of_a_take_off
    faults = DustLadder::PlanFile::Schema.group_errors(data)
    errors.add(:data, faults.first["message"]) if faults.any?
    errors.add(:title, "is another one in the group's own data") if faults.empty? && data["title"] != title
  end
end
