# One kept state of a plan's document. Never changed once made, but for a name that somebody gives it. Its body is the
# document without its snapshots' data, compressed: whole at intervals, else as what differs from the last whole one.
class Revision < ApplicationRecord
  LEVEL = 9
  # A whole one is kept anew after this many, or where what differs has grown to this share of it.
  MOST_ON_ONE_WHOLE = 100
  MOST_SHARE = 0.25
  LONGEST_NAME = 80

  belongs_to :plan
  belongs_to :whole, class_name: "Revision", optional: true

  validates :number, presence: true, uniqueness: { scope: :plan_id }

  def readonly? = persisted?

  LONGEST_CHANGED = 400
  # What a list of revisions shows of each.
  LINE = %i[number note name by told created_at].freeze

  def line = slice(*LINE).merge("created_at" => created_at.iso8601)


  # Keeps a document as the next revision of its plan, within the transaction of the caller. before: the one before it,
  # or nil.
  def self.keep(plan, number, document, note, before: nil)
    text = JSON.generate(Snapshot.lean(document))
    of = { note: note, by: Current.person&.name.to_s, told: before ? changed(before, document) : "" }
    create!(plan: plan, number: number, **of, **body_of(text, plan.revisions.where(whole: nil).last))
  end

  # What differs between two documents, in words.
  def self.changed(before, after) = DustLadder::Plan::Changes.new(before, after).words.truncate(LONGEST_CHANGED)

  def self.body_of(text, whole)
    if whole && where(whole: whole).count < MOST_ON_ONE_WHOLE
      body = Zstd.compress(text, level: LEVEL, dict: whole.text)
      return { body: body, whole_id: whole.id } if body.bytesize <= whole.body.bytesize * MOST_SHARE
    end
    { body: Zstd.compress(text, level: LEVEL), whole_id: nil }
  end
  private_class_method :body_of

  # Takes over what was kept as whole documents, by a migration.
  def self.write_anew
    where(body: nil).find_each(batch_size: 20) do |old|
      text = JSON.generate(Snapshot.lean(JSON.parse(old.read_attribute_before_type_cast("document"))))
      whole = where(plan_id: old.plan_id, whole: nil).where.not(body: nil).order(:number).last
      where(id: old.id).update_all(body_of(text, whole))
    end
  end

  # Of a plan's revisions that nobody named, thins those made before a time: the last of each hour stays, and the first
  # of all. What others are kept as differences of stays too.
  def self.thin(plan, before: 1.day.ago)
    old = plan.revisions.where(name: nil, created_at: ...before).pluck(:id, :number, :created_at)
    kept = old.group_by { |_, _, at| at.beginning_of_hour }.map { |_, same| same.last.first }
    gone = old.map(&:first) - kept - old.select { |_, number, _| number == 1 }.map(&:first)
    gone -= where(whole_id: gone).distinct.pluck(:whole_id)
    return if gone.empty?

    told_together(plan, gone)
    where(id: gone).delete_all
  end

  # What those that go have changed, and who, is told by the next one that stays.
  def self.told_together(plan, gone)
    lost, last = [], nil
    plan.revisions.reorder(:number).each do |one|
      next lost << one.by if gone.include?(one.id)

      if lost.any?
        by = [ *lost, one.by ].flat_map { |names| names.split(", ") }.uniq.join(", ")
        where(id: one.id).update_all(by: by, told: last ? changed(last.document, one.document) : "")
      end
      lost, last = [], one
    end
  end
  private_class_method :told_together

  # name: what a person calls it; empty takes the name away.
  def name_it(name)
    self[:name] = name.strip.first(LONGEST_NAME).presence
    self.class.where(id: id).update_all(name: self[:name])
  end

  # The document as this version of the plan format has it, however old the revision is.
  def document = @document ||= DustLadder::PlanFile.lifted(as_kept)

  # The document as it was kept.
  def as_kept = Snapshot.whole(JSON.parse(text))

  # Without its snapshots' data, JSON.
  def text
    @text ||= (whole ? Zstd.decompress(body, dict: whole.text) : Zstd.decompress(body)).force_encoding(Encoding::UTF_8)
  end
end
