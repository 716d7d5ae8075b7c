# Charts of cranes, as they are typed from the binder.
class ChartPolicy < ApplicationPolicy
  typists = %w[planner appointed]
  let index: :all, show: :all, create: typists, update: typists, destroy: typists
end
