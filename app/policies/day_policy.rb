# The day of a lift: anybody may look, and call stop; what else they may say, the day itself asks (Plan::Day).
class DayPolicy < ApplicationPolicy
  let show: :all, create: :all
end
