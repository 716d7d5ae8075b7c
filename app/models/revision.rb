# One kept state of a plan's document. Never changed once made.
class Revision < ApplicationRecord
  belongs_to :plan

  validates :number, presence: true, uniqueness: { scope: :plan_id }

  def readonly? = persisted?

  # The document as this version of the plan format has it, however old the revision is.
  def document = super.then { |kept| kept && DustLadder::PlanFile.lifted(kept) }
end
