# A lift plan and every revision of its document. Saving through `revise` is guarded by lock_version: whoever
# saved first wins, and the second is told.
class Plan < ApplicationRecord
  has_many :revisions, -> { order(:number) }, dependent: :restrict_with_exception, inverse_of: :plan
  has_one :current, -> { order(number: :desc) }, class_name: "Revision", inverse_of: :plan, dependent: nil

  has_one :board_line, dependent: :destroy

  has_many :questions, dependent: :restrict_with_exception, inverse_of: :plan

  has_many :life_records, dependent: :restrict_with_exception, inverse_of: :plan

  has_many :sketches, -> { order(:id) }, dependent: :restrict_with_exception, inverse_of: :plan

  validates :title, presence: true

  # document: a plan document that DustLadder::PlanFile has accepted.
  def self.start(document, note: "started")
    transaction do
      create!(**header(document), writers: writing).tap { |plan| plan.keep(1, document, note) }
    end
  end

  def self.blank(title)
    DustLadder::Plan.blank(title: title, rule_set: DustLadder::RuleSet.shipped("strict"))
  end

  # A new plan after this one, in which every word of it is asked again.
  def again(title)
    document = DustLadder::PlanFile.accept(again_of(title))
    self.class.start(document, note: "after “#{self.title.truncate(80)}”, revision #{current.number}")
  end

  def again_of(title)
    DustLadder::Plan::Again.of(document, title: title, rules_now: OwnRules.data_of(document["rules"]))
  end
  private :again_of

  # Who writes now, as a Life::Record has it; nobody where it is the house itself.
  def self.writing = [ Current.person&.id&.to_s ].compact

  def self.header(document) = { title: document["title"], lift_at: document["lift_at"] }

  # It is issued, or is over: a change begins with another revision.
  Frozen = Class.new(StandardError)

  # Keeps a new revision, if nobody saved since lock_version. Raises ActiveRecord::StaleObjectError, or Frozen.
  def revise(document, lock_version:, note:)
    transaction do
      life.frozen_as&.then { |words| raise Frozen, words }
      self.lock_version = lock_version
      thins = updated_at.to_date != Date.current
      before = self.document
      # Every save counts as a change, so that the lock moves even when the header stays the same.
      update!(**self.class.header(document), writers: writers | self.class.writing, updated_at: Time.current)
      Revision.thin(self) if thins
      keep(revisions.maximum(:number) + 1, document, note, before: before)
    end
    reset_current
  end

  def keep(number, document, note, before: nil)
    Revision.keep(self, number, document, note, before: before)
    BoardLine.outdate(self, number, document)
  end

  def document = current.document
  def life = Life.new(self)

  # Of a check that somebody waits for, s of the processor.
  MOST_S = 4.0

  # The ladder of the newest revision. Raises DustLadder::PlanFile::Invalid where it was kept by an older version that
  # did not see its faults.
  def ladder
    sound = DustLadder::PlanFile.accept(document)
    DustLadder.check(sound, **OwnHouse.of(sound, plan: id), most_s: MOST_S)
  end
end
