# One kept state of a plan's document. Never changed once made.
class Revision < ApplicationRecord
  belongs_to :plan

  # The newest of each plan, and of no other revision its document.
  scope :newest, -> { where(id: group(:plan_id).select("MAX(revisions.id)")) }

  validates :number, presence: true, uniqueness: { scope: :plan_id }

  def readonly? = persisted?
end
