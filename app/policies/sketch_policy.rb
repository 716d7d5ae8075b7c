# Photos and sketches beside a plan.
class SketchPolicy < ApplicationPolicy
  let index: :all, show: :all, create: %w[planner rigger], destroy: %w[planner rigger]
end
