# The days on which pieces are due are reckoned again: the house's rules changed.
class ReckonDaysJob < ActiveJob::Base
  def perform = Piece.reckon_days
end
