# One event of the day of a lift, as DustLadder::Day::Event has it. Never changed once kept.
class DayEvent < ApplicationRecord
  belongs_to :plan

  validates :number, uniqueness: { scope: :plan_id }

  def readonly? = persisted?
  def event = DustLadder::Day::Event.new(data)
end
