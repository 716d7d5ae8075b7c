# Drawn sites.
class SitePolicy < ApplicationPolicy
  let index: :all, show: :all, create: %w[planner appointed], update: %w[planner appointed]
end
