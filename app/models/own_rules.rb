# A version of a rule set that the site copied and made its own. Never changed once made: other values are another
# version.
class OwnRules < ApplicationRecord
  MOST_SETS = 100

  # Somebody made another version meanwhile.
  Overtaken = Class.new(StandardError)

  scope :newest,
    -> {
      where("version = (SELECT MAX(other.version) FROM own_rules other WHERE other.identifier = own_rules.identifier)")
        .order(:identifier)
    }

  # Plans that go by it are looked at again.
  after_create_commit do
    ReckonDaysJob.perform_later
    BoardLine.outdate_with(self.class.mark(identifier))
  end

  def readonly? = persisted?

  # How plans that go by it are found.
  def self.mark(identifier) = "rules #{identifier}"

  # The newest data under an id, of the site's own or shipped; nil for none.
  def self.data_of(id)
    return DustLadder::RuleSet.shipped(id).data if DustLadder::RuleSet::SHIPPED.include?(id)

    newest.find_by(identifier: id)&.data
  end

  # Copies a set under a title. Raises DustLadder::PlanFile::Invalid.
  def self.copy(of, title:, by:)
    data = data_of(of) or refuse("/of", "there is no rule set #{of.first(80)}", "one that is kept")
    id = title.parameterize.first(60)
    taken = DustLadder::RuleSet::SHIPPED.include?(id) || exists?(identifier: id)
    refuse("/title", "there is a rule set of that name", "a name of its own") if taken
    refuse("/title", "there is no name", "letters or digits") if id.empty?
    refuse("/title", "there are #{MOST_SETS} sets", "one of them changed") if newest.count >= MOST_SETS
    keep(DustLadder::OwnRules.new(data).copied(id: id, title: title.squish.first(120)), by)
  end

  # The next version, with other values at some places, where nobody made one since `version`. appointed: may whoever
  # does it loosen a rule? Raises Overtaken, DustLadder::PlanFile::Invalid.
  def self.change(id, changes, why:, by:, version:, appointed:)
    set = newest.find_by!(identifier: id)
    raise Overtaken if set.version != version

    data = DustLadder::OwnRules.new(set.data).changed(changes, by: by, why: why, on: Date.current)
    faults = changes.keys.filter_map { |place| unreasoned(place, why) } + loosened(data, set.data, appointed)
    raise DustLadder::PlanFile::Invalid, faults if faults.any?

    keep(data, by)
  rescue ActiveRecord::RecordNotUnique
    raise Overtaken
  end

  # What somebody would be the first to loosen by a change: places that are looser than what ships, and were not so.
  def self.looser(data, before)
    was = DustLadder::OwnRules.new(before).looser.to_h { |leaf| [ leaf.place, leaf.after ] }
    DustLadder::OwnRules.new(data).looser.reject { |leaf| was[leaf.place] == leaf.after }
  end

  def self.keep(data, by)
    create!(identifier: data["id"], version: data["version"], data: data, by: by)
  end

  def self.unreasoned(place, why)
    return if why[place].to_s.match?(/[[:alpha:]]/)

    { "pointer" => "/why/#{place}", "message" => "no reason is given", "expected" => "why it is so here, in words" }
  end

  def self.loosened(data, before, appointed)
    return [] if appointed

    looser(data, before).map do |leaf|
      expected = "an appointed person's hand, or a stricter value"
      { "pointer" => "/values/#{leaf.place}", "message" => "this loosens the rule", "expected" => expected }
    end
  end

  def self.refuse(pointer, message, expected)
    raise DustLadder::PlanFile::Invalid, [ { "pointer" => pointer, "message" => message, "expected" => expected } ]
  end
  private_class_method :keep, :unreasoned, :loosened, :refuse

  def snapshot = DustLadder::PlanFile::Digest.snapshot(data)
end
