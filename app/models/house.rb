# This database, told from every other by its mark. Numbers of plans, sites and charts begin at 1 in each of them: what
# a browser keeps of one house is never taken for another's.
class House < ApplicationRecord
  # The mark, made when it is first asked for; where two ask at once, the first made counts.
  def self.mark
    first&.mark || create!(mark: SecureRandom.uuid).then { first.mark }
  end
end
