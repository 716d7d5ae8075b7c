# What people do with a plan; which of it, its records say.
class LifePolicy < ApplicationPolicy
  let show: :all, create: %w[rigger planner appointed engineer]
end
