# What is one's own and nobody else's.
class OwnPolicy < ApplicationPolicy
  let index: :all, create: :all, update: :all, destroy: :all
end
