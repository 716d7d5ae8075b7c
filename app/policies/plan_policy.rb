# Plans and what is typed into them.
class PlanPolicy < ApplicationPolicy
  let index: :all, show: :all, create: %w[planner], update: %w[planner]
end
