# What a trial taught is taken into the plan by whoever plans.
class TakingPolicy < ApplicationPolicy
  let create: %w[planner]
end
