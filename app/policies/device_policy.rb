# Stand-ins for outside devices: who tells them what to show.
class DevicePolicy < ApplicationPolicy
  let show: :all, update: %w[planner rigger appointed]
end
