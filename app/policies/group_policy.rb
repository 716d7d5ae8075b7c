# Groups of parts that are kept for other take-offs.
class GroupPolicy < ApplicationPolicy
  let show: :all, create: %w[planner], destroy: %w[planner]
end
