# Something that was done with a piece: handed out, given back, quarantined, ... Only ever added.
class PieceAct < ApplicationRecord
  belongs_to :piece, inverse_of: :acts
  belongs_to :person, optional: true
  belongs_to :plan, optional: true

  LONGEST = 400

  before_update { throw :abort }
  before_destroy { throw :abort }

  # Why something was not done.
  class Refused < StandardError
    attr_reader :refusals

    def initialize(refusals)
      @refusals = refusals
      super(refusals.map(&:message).join("; "))
    end
  end

  # Does it, if nobody changed the piece since lock_version. given: { "with", "why", "place" } as typed; place: where it
  # is put. Raises Refused and ActiveRecord::StaleObjectError.
  def self.take(piece, act, given, person:, lock_version:, plan: nil)
    piece.with_lock do
      raise ActiveRecord::StaleObjectError.new(piece, act) if lock_version != piece.lock_version

      refuse(piece, act, given, person)
      words = given.transform_values { |text| text.to_s.squish.first(LONGEST) }
      to = DustLadder::Gear::Acts::ALL.fetch(act).to
      place = words["place"].to_s
      piece.fields = piece.fields.merge("place" => place) unless place.empty?
      piece.move(act, to: to, person: person, with_whom: words["with"].to_s, why: words["why"].to_s, plan: plan)
    end
  end

  def self.refuse(piece, act, given, person)
    found =
      DustLadder::Gear::Acts.refusals(
        act,
        piece.data.merge("state" => piece.state),
        given,
        roles: person.roles,
        sound_since: piece.sound_since?,
        on: SiteClock.today.iso8601,
        rules: StoreRules.current
      )
    raise Refused, found if found.any?
  end
  private_class_method :refuse

  def shown
    {
      at: created_at.iso8601,
      act: DustLadder::Gear::Acts::ALL[act]&.words || act.tr("_", " "),
      after: after,
      by: by,
      with: with_whom,
      why: why,
      plan: plan && { id: plan_id, title: plan.title }
    }
  end
end
