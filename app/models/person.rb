# Somebody who may sign in, with the roles that say what they may do (handbook, section 17).
class Person < ApplicationRecord
  devise :database_authenticatable, :lockable, :timeoutable, :recoverable

  has_many :api_tokens, dependent: :destroy
  has_many :drill_answers, dependent: :destroy
  has_paper_trail only: %i[login name roles active competences]

  # What the core knows of, but for what Dust Ladder does by itself.
  ROLES = (DustLadder::Life::Act::ROLES - [ "house" ]).freeze
  LEAST_PASSWORD = 12
  # bcrypt looks at no more bytes than these.
  MOST_PASSWORD_BYTES = 72

  normalizes :login, with: ->(login) { login.strip.downcase }
  normalizes :name, with: ->(name) { name.squish }

  validates :login, presence: true, uniqueness: true, length: { maximum: 80 }, format: { with: /\A[[:graph:]]+\z/ }
  validates :name, presence: true, length: { maximum: 200 }, format: { with: /\A.*[[:alpha:]].*\z/ }
  validates :password, presence: true, on: :create
  validate :password_holds, if: :password
  validate :roles_are_known
  validate :competences_hold

  # What rests on what they can do is looked at again.
  after_commit :outdate_plans

  def any_role?(wanted) = roles.intersect?(wanted)

  # A link by which they set a password themselves: a text that is told once.
  def give_link = set_reset_password_token

  # Whose link a text is; nil where it counts no more.
  def self.by_link(text)
    person = text.present? && with_reset_password_token(text)
    person if person && person.active && person.reset_password_period_valid?
  end

  # By which id plans name them.
  def snapshot
    competences = self.competences.map { |one| one.slice("kind", "by", "until") }
    DustLadder::PlanFile::Digest.snapshot("id" => login, "name" => name, "competences" => competences)
  end

  # As DustLadder::House has them.
  def standing = { "name" => name, "active" => active, "competences" => competences }

  # whole: as their admin sees them.
  def shown(whole: false)
    seen = { id: id, login: login, name: name, active: active, competences: competences, **snapshot }
    return seen unless whole

    { **seen, roles: roles, lock_version: lock_version, locked: access_locked?, scripts: api_tokens.count }
  end

  # Ends every session that the person has anywhere.
  def end_sessions = increment!(:sessions_version)

  # A session is of this password and of none that was ended.
  def authenticatable_salt = "#{super}#{sessions_version}"
  def active_for_authentication? = super && active

  MOST_COMPETENCES = 100
  COMPETENCE = { "kind" => 80, "by" => 200, "until" => 10 }.freeze

  private

  def outdate_plans
    return unless saved_changes.keys.intersect?(%w[name active competences])

    BoardLine.outdate_with(BoardLine.person_mark(login))
  end

  def competences_hold
    all = competences
    return errors.add(:competences, "are a list of at most #{MOST_COMPETENCES}") unless listed?(all)

    all.each_with_index do |one, index|
      errors.add(:"competences/#{index}/kind", "is not given") if one["kind"].blank?
      errors.add(:"competences/#{index}/by", "is not given") if one["by"].blank?
      errors.add(:"competences/#{index}/until", "is no day") unless day?(one["until"])
    end
  end

  def listed?(all)
    all.is_a?(Array) && all.size <= MOST_COMPETENCES &&
      all.all? { |one|
        one.is_a?(Hash) && one.keys.sort == COMPETENCE.keys.sort &&
          COMPETENCE.all? { |name, most| one[name].is_a?(String) && one[name].length <= most }
      }
  end

  def day?(text) = text.match?(/\A\d{4}-\d{2}-\d{2}\z/) && Date.valid_date?(*text.split("-").map(&:to_i))

  def password_holds
    return errors.add(:password, "has fewer than #{LEAST_PASSWORD} signs") if password.length < LEAST_PASSWORD
    return errors.add(:password, "is too long") if password.bytesize > MOST_PASSWORD_BYTES

    plain = password.downcase
    named = [ login, *name.to_s.downcase.split ].compact.select { |word| word.length > 3 }
    errors.add(:password, "holds the person's name") if named.any? { |word| plain.include?(word) }
    errors.add(:password, "repeats itself") if plain.chars.uniq.size < 5
  end

  def roles_are_known
    return if roles.is_a?(Array) && (roles - ROLES).empty? && roles.uniq == roles

    errors.add(:roles, "are of #{ROLES.join(", ")}")
  end
end
