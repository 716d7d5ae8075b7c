# Certificates and photos: seen by all, added by whoever looks at gear.
class PieceFilePolicy < ApplicationPolicy
  let index: :all, show: :all, create: %w[keeper rigger]
end
