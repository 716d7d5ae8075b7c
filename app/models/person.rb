# Somebody who may sign in, with the roles that say what they may do (handbook, section 17).
class Person < ApplicationRecord
  devise :database_authenticatable, :lockable, :timeoutable

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

  def any_role?(wanted) = roles.intersect?(wanted)

  # Ends every session that the person has anywhere.
  def end_sessions = increment!(:sessions_version)

  # A session is of this password and of none that was ended.
  def authenticatable_salt = "#{super}#{sessions_version}"
  def active_for_authentication? = super && active

  private

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
