# An answer that somebody gave to a drill: what comes back to them follows from these, and nobody else sees them.
class DrillAnswer < ApplicationRecord
  # So many of the last count.
  MOST = 400

  belongs_to :person

  # A DustLadder::Practice::Course of somebody.
  def self.course(person)
    last = where(person: person).order(id: :desc).limit(MOST).pluck(:kind, :seed, :right).reverse
    given = last.map { |kind, seed, right|
      DustLadder::Practice::Course::Given.new(kind: kind, seed: seed, right: right)
    }
    DustLadder::Practice::Course.new(given)
  end
end
