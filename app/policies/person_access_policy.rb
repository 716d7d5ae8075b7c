# How somebody comes in: links to a password, and what they have open.
class PersonAccessPolicy < ApplicationPolicy
  let create: %w[admin], destroy: %w[admin]
end
