# A piece of the gear store, as the plan format describes a sling.
class Sling < ApplicationRecord
  validates :number, presence: true, uniqueness: true

  def snapshot = DustLadder::PlanFile::Digest.snapshot(data)
end
