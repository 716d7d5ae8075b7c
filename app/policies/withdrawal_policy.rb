# A chart is withdrawn by an appointed person.
class WithdrawalPolicy < ApplicationPolicy
  let create: %w[appointed]
end
