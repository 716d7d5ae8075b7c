# A chart is read against its paper by a second person.
class ChartPaperPolicy < ApplicationPolicy
  let show: :all, update: %w[planner appointed engineer]
end
