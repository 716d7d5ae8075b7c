# What changes nothing that is kept: reading, checking, comparing.
class LookPolicy < ApplicationPolicy
  let index: :all, show: :all, create: :all
end
