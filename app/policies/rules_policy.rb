# Rule sets: everybody reads them; who plans or is appointed makes the site's own stricter. Loosening is for whoever is
# appointed, which the values tell.
class RulesPolicy < ApplicationPolicy
  let index: :all, show: :all, create: %w[planner appointed], update: %w[planner appointed]
end
