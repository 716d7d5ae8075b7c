# One record of a plan's life, as DustLadder::Life::Record has it. Never changed once made.
class LifeRecord < ApplicationRecord
  belongs_to :plan

  validates :number, uniqueness: { scope: :plan_id }

  def readonly? = persisted?
end
