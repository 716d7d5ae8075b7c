# A crane's chart, as the plan format describes one.
class Chart < ApplicationRecord
  validates :identifier, presence: true, uniqueness: true

  def snapshot = DustLadder::PlanFile::Digest.snapshot(data)
end
