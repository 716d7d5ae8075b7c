# The store is its keeper's to change.
class PieceChangePolicy < ApplicationPolicy
  let create: %w[keeper]
end
