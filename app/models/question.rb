# A question beside a rung of a plan, such as "who measured this?", and its answer; no more than that.
class Question < ApplicationRecord
  MOST_WORDS = 400

  belongs_to :plan
  belongs_to :asker, class_name: "Person"
  # Whom it is put to; nobody: to whoever plans.
  belongs_to :asked, class_name: "Person", optional: true
  belongs_to :answerer, class_name: "Person", optional: true

  validates :rung, inclusion: { in: DustLadder::Ladder::Climb::CHECKS.map { |check| check::ID } }
  validates :words, presence: true, length: { maximum: MOST_WORDS }
  validates :answer, length: { maximum: MOST_WORDS }

  after_commit { PlanText.keep(plan, plan.document) }

  scope :open, -> { where(answer: nil) }

  # Keeps an answer, if nobody answered since lock_version. Raises ActiveRecord::StaleObjectError.
  def answer_it(words, by:, lock_version:)
    raise ActiveRecord::StaleObjectError.new(self, "answer") if lock_version != self.lock_version

    update!(answer: words.to_s.squish.presence, answerer: by, answered_at: Time.current)
  end

  # Is it somebody's to answer? Of whoever plans, where whom it was put to is not here any more.
  def for?(person)
    asked&.active ? asked_id == person.id : asker_id != person.id && person.any_role?(%w[planner])
  end

  def shown
    {
      id: id,
      rung: rung,
      revision: revision,
      words: words,
      by: asker.name,
      at: created_at.iso8601,
      asked: asked&.name,
      answer: answer,
      answered_by: answerer&.name,
      answered_at: answered_at&.iso8601,
      lock_version: lock_version
    }
  end
end
