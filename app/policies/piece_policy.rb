# The gear store: its keeper says what is in it.
class PiecePolicy < ApplicationPolicy
  let index: :all, show: :all, create: %w[keeper], update: %w[keeper]
end
