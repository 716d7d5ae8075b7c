# A chart that is being typed from the paper: its sheet as the screen has it, before anything is taken.
class ChartDraft < ApplicationRecord
  LARGEST = 512.kilobytes
  MOST = 200

  has_many :pictures, class_name: "ChartPicture", as: :holder

  validate do
    errors.add(:sheet, "is not an object") unless sheet.is_a?(Hash)
    errors.add(:sheet, "has more than #{LARGEST} bytes") if JSON.generate(sheet).bytesize > LARGEST
  end
  validate(on: :create) { errors.add(:base, "there are #{MOST} drafts already") if ChartDraft.count >= MOST }

  # Begins one; of: the Chart whose paper it is, or nil.
  def self.begin(sheet, by, of: nil)
    transaction do
      create!(sheet: sheet, saved_by: by.strip.first(200)).tap do |draft|
        of&.pictures&.each { |picture| picture.copy_to(draft) if picture.file.attached? }
      end
    end
  end

  before_save { typed_by << saved_by unless saved_by.blank? || typed_by?(saved_by) }

  # All who typed in it stand for what it becomes, and whoever takes it: none of them is its second reader.
  def writers(by) = typed_by?(by) ? typed_by : [ *typed_by, by ]
  def typed_by?(name) = typed_by.any? { |one| DustLadder::Cranes::Record.one?(one, name) }

  # Its pictures become those of the chart that was made of it. seen: the state that whoever takes it has seen.
  def become(chart, seen)
    raise ActiveRecord::StaleObjectError.new(self, "take") unless seen == lock_version

    pictures.update_all(holder_type: chart.class.name, holder_id: chart.id)
    reload.destroy!
  end

  def discard! = transaction { pictures.each(&:destroy_with_file!) && reload.destroy! }

  # A line of the list.
  def line
    {
      id: id,
      title: sheet["title"].to_s.first(400),
      family: sheet["family"].to_s.first(40),
      saved_by: saved_by,
      saved_at: updated_at.iso8601,
      lock_version: lock_version
    }
  end

  def whole = { **line, sheet: sheet }
end
