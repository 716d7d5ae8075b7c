# One kept state of a plan's document. Never changed once made.
class Revision < ApplicationRecord
  belongs_to :plan

  validates :number, presence: true, uniqueness: { scope: :plan_id }

  def readonly? = persisted?
end
