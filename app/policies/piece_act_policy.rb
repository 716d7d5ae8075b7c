# Who may do anything with a piece at all; which act is whose, the core's table says.
class PieceActPolicy < ApplicationPolicy
  let create: %w[keeper rigger planner appointed engineer]
end
