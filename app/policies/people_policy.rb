# Who is here: everybody may see whom they work with; the admin says who they are.
class PeoplePolicy < ApplicationPolicy
  let index: :all, create: %w[admin], update: %w[admin]
end
