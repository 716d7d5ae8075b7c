# A site that lifts take place on, as the plan format describes one. Every change makes its next version: plans carry
# the version that they were made with, and are told of a newer one.
class Site < ApplicationRecord
  Invalid = DustLadder::PlanFile::Invalid
  MOST = 500

  # What it said before.
  has_paper_trail only: %i[data]

  after_commit { BoardLine.outdate_with(self.class.mark(identifier)) }

  # How a site is named among what a plan rests on.
  def self.mark(identifier) = "site #{identifier}"

  # Takes a new one. Raises Invalid.
  def self.enter(data)
    raise Invalid, [ fault("", "there are #{MOST} sites already", "no more") ] if count >= MOST

    data = data.merge("version" => 1) if data.is_a?(Hash)
    faults!(data)
    id = data["id"]
    raise Invalid, [ fault("/id", "there is a site #{id.inspect} already", "another id") ] if exists?(identifier: id)

    create!(identifier: id, data: data)
  end

  # Its next version. seen: the state that whoever changes it has seen. Raises Invalid, ActiveRecord::StaleObjectError.
  def change(data, seen)
    raise ActiveRecord::StaleObjectError.new(self, "change") unless seen == lock_version

    data = data.merge("id" => identifier, "version" => self.data["version"] + 1) if data.is_a?(Hash)
    self.class.faults!(data)
    update!(data: data)
  end

  # Raises Invalid where data is no site document.
  def self.faults!(data)
    faults = DustLadder::PlanFile::Schema.site_errors(data)
    faults = DustLadder::Site::Faults.of(data) if faults.empty?
    raise Invalid, faults if faults.any?
  end

  def self.fault(pointer, message, expected) = { "pointer" => pointer, "message" => message, "expected" => expected }
  private_class_method :fault

  def snapshot = DustLadder::PlanFile::Digest.snapshot(data)

  # A line of the list.
  def line
    {
      id: id,
      identifier: identifier,
      title: data["title"],
      version: data["version"],
      features: data["features"].size,
      lock_version: lock_version,
      changed_at: updated_at.iso8601
    }
  end

  # snapshot: for a plan that takes it. plans: that rest on it.
  def whole = { **line, snapshot: snapshot, plans: BoardLine.resting_on_mark(self.class.mark(identifier)) }
end
