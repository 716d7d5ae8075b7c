# A group of parts kept for other plans, as the plan format describes one: { "title", "parts" }.
class KeptGroup < ApplicationRecord
  # What it said before, also when it is gone.
  has_paper_trail only: %i[title data]

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

  # Is it as somebody has seen it who is about to replace it or to take it away? Raises ActiveRecord::StaleObjectError.
  def as_seen!(lock_version)
    raise ActiveRecord::StaleObjectError.new(self, "replace") if persisted? && lock_version != self.lock_version
  end

  def summary = { id: id, lock_version: lock_version, title: title, rows: data["parts"].size }

  private

  def rows_of_a_take_off
    faults = DustLadder::PlanFile::Schema.group_errors(data)
    errors.add(:data, faults.first["message"]) if faults.any?
    errors.add(:title, "is another one in the group's own data") if faults.empty? && data["title"] != title
  end
end
