# Looks before use are anybody's who handles gear; examinations are the keeper's to write down.
class PieceLookPolicy < ApplicationPolicy
  EXAMINES = %w[keeper].freeze

  let create: %w[keeper rigger]
end
